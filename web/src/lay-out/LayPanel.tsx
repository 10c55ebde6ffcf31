import { Box, Field, Flex, Heading, Input, NativeSelect, Text } from '@chakra-ui/react';
import { memo, useDeferredValue, useEffect, useState } from 'react';
import type { FaceView, LayView, PotView, RunDoc } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { LengthField } from '../common/LengthField';
import { Notes } from '../common/Notes';
import { Why } from '../common/Why';
import { withLay, withRun } from '../plan/edits';
import { useLive, usePlan } from '../plan/PlanProvider';
import { OptionList } from './OptionList';

type Props = {
  readonly face: FaceView;
  readonly lay: LayView;
  readonly pots: ReadonlyArray<PotView>;
  readonly onPick: (index: number) => void;
  readonly onTakeOff: () => void;
};

const EDGES: ReadonlyArray<readonly [RunDoc['edge'], string]> = [
  ['TOP', 'top edge'],
  ['BOTTOM', 'bottom edge'],
  ['LEFT', 'left edge'],
  ['RIGHT', 'right edge'],
];

/** Everything about the chosen lay: its options, marks, what it takes, and what to look out for. */
export function LayPanel(props: Props) {
  // Figures follow a drag as fast as they can, but never hold the drag up.
  const live = useDeferredValue(useLive());
  return <Panel {...props} live={live?.id === props.lay.id ? live : props.lay} />;
}

const Panel = memo(function Panel({
  face,
  lay,
  live,
  pots,
  onPick,
  onTakeOff,
}: Props & { readonly live: LayView }) {
  const plan = usePlan();
  const doc = plan.document.lays.find((l) => l.id === lay.id);
  if (!doc) {
    return null;
  }
  const { laid } = live;
  const setRun = (run: Partial<RunDoc>, what: string) =>
    plan.change(
      (now) => withRun(now, lay.id, run),
      `${what} of ${lay.designName}`,
      `${lay.id} ${what}`,
    );
  const pot = pots.find((p) => p.id === doc.paintId);
  return (
    <Flex direction="column" gap="4" p="4">
      <Box>
        <Text fontSize="12.5px" color="soft">
          Stencil run along the {EDGES.find(([e]) => e === doc.run.edge)?.[1]}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {lay.designName}
        </Heading>
      </Box>
      {laid ? (
        <OptionList laid={laid} ground={face.ground} paint={lay.paintColour} onPick={onPick} />
      ) : (
        <Notes notes={live.notes} />
      )}
      {laid && laid.pickState !== 'FOLLOWS_BEST' && (
        <Flex gap="2" align="center" justify="space-between">
          <Text fontSize="12.5px" color={laid.pickState === 'NOT_POSSIBLE' ? 'rust' : 'soft'}>
            {laid.pickText}
          </Text>
          <Button
            size="xs"
            look="plain"
            onClick={() =>
              plan.change(
                (now) => withLay(now, lay.id, ({ pick: _, ...rest }) => rest),
                `Followed the best option of ${lay.designName}`,
              )
            }
          >
            Follow the best
          </Button>
        </Flex>
      )}

      {laid && (
        <Box>
          <SectionTitle note={laid.roundingText}>Set-out, from {laid.datumText}</SectionTitle>
          <Box
            as="ol"
            mt="1.5"
            listStyleType="none"
            columnCount={laid.marks.length > 3 ? 3 : 1}
            columnGap="3"
            data-testid="marks"
          >
            {laid.marks.map((m) => (
              <Flex as="li" key={m.number} gap="2" breakInside="avoid" py="0.5">
                <Text as="span" color="soft" minW="4">
                  {m.number}
                </Text>
                <Text as="span" whiteSpace="nowrap">
                  <Fig text={m.text} />
                </Text>
              </Flex>
            ))}
          </Box>
        </Box>
      )}

      {laid && (
        <Box>
          <SectionTitle>It takes</SectionTitle>
          <Row name="Positions">
            <Why why={laid.why.slice(2)}>{laid.positionsText}</Why>
          </Row>
          <Row name={lay.paintName} note={laid.coatsText}>
            <Why why={laid.why.slice(0, 2)}>
              {laid.paintText}
              {pot ? ` of ${pot.levelText} left` : ''}
            </Why>
          </Row>
        </Box>
      )}

      {(laid || face.notes.length > 0) && (
        <Box>
          <SectionTitle>Look out</SectionTitle>
          <Box mt="1.5">
            <Notes notes={[...(laid ? live.notes : []), ...face.notes]} />
          </Box>
        </Box>
      )}

      <Box>
        <SectionTitle>The line</SectionTitle>
        <Flex wrap="wrap" gap="3" mt="2">
          <Choice
            label="Along the"
            value={doc.run.edge}
            options={EDGES}
            onChange={(edge) =>
              setRun({ edge: edge as RunDoc['edge'], startInsetMm: 0, endInsetMm: 0 }, 'Edge')
            }
          />
          <LengthField
            width="46%"
            label="Down from it"
            name="Distance of the line"
            value={live.line.distance}
            kind="DISTANCE"
            mostMm={live.line.farthestMm}
            onLength={(mm) => setRun({ distanceMm: mm }, 'Distance')}
          />
          <LengthField
            width="46%"
            label="Gap"
            value={live.line.gap}
            kind="DISTANCE"
            onLength={(mm) => setRun({ gapMm: mm }, 'Gap')}
          />
          <LengthField
            width="46%"
            label="End margin, at least"
            name="End margin"
            value={live.line.endMargin}
            kind="DISTANCE"
            onLength={(mm) => setRun({ endMarginMm: mm }, 'End margin')}
          />
          <LengthField
            width="46%"
            label="Starts after"
            name="Start of the line"
            value={live.line.startInset}
            kind="DISTANCE"
            mostMm={live.line.edgeMm}
            onLength={(mm) => setRun({ startInsetMm: mm }, 'Start')}
          />
          <LengthField
            width="46%"
            label="Stops before"
            name="End of the line"
            value={live.line.endInset}
            kind="DISTANCE"
            mostMm={live.line.edgeMm}
            onLength={(mm) => setRun({ endInsetMm: mm }, 'End')}
          />
          <PercentField
            value={doc.run.allowedChange}
            onShare={(allowedChange) => setRun({ allowedChange }, 'Allowed change')}
          />
        </Flex>
      </Box>

      <Box>
        <SectionTitle>Paint</SectionTitle>
        <Flex wrap="wrap" gap="3" mt="2">
          <Choice
            label="Pot"
            value={doc.paintId}
            options={pots.map((p) => [p.id, p.name] as const)}
            onChange={(paintId) =>
              plan.change(
                (now) => withLay(now, lay.id, (l) => ({ ...l, paintId })),
                `Paint of ${lay.designName}`,
              )
            }
          />
          <Choice
            label="Thin coats"
            value={String(doc.coats)}
            options={[1, 2, 3, 4].map((n) => [String(n), String(n)] as const)}
            onChange={(coats) =>
              plan.change(
                (now) => withLay(now, lay.id, (l) => ({ ...l, coats: Number(coats) })),
                `Coats of ${lay.designName}`,
              )
            }
          />
        </Flex>
      </Box>
      <Box>
        <Button look="warn" onClick={onTakeOff}>
          Take this lay off
        </Button>
      </Box>
    </Flex>
  );
});

function SectionTitle({ children, note }: { children: React.ReactNode; note?: string }) {
  return (
    <>
      <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
        {children}
      </Heading>
      {note && (
        <Text fontSize="12px" color="soft">
          <Fig text={note} />
        </Text>
      )}
    </>
  );
}

function Row({ name, note, children }: { name: string; note?: string; children: React.ReactNode }) {
  return (
    <Flex justify="space-between" align="baseline" gap="3" py="1">
      <Box>
        <Text>{name}</Text>
        {note && (
          <Text fontSize="12px" color="soft">
            {note}
          </Text>
        )}
      </Box>
      <Box whiteSpace="nowrap">{children}</Box>
    </Flex>
  );
}

function Choice({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: ReadonlyArray<readonly [string, string]>;
  onChange: (value: string) => void;
}) {
  return (
    <Field.Root width="46%">
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        {label}
      </Field.Label>
      <NativeSelect.Root size="sm">
        <NativeSelect.Field
          bg="card"
          borderColor="hairline"
          value={value}
          onChange={(e) => onChange(e.currentTarget.value)}
        >
          {options.map(([key, text]) => (
            <option key={key} value={key}>
              {text}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Field.Root>
  );
}

function PercentField({ value, onShare }: { value: number; onShare: (share: number) => void }) {
  const [text, setText] = useState<string | null>(null);
  const shown = text ?? String(Math.round(value * 1000) / 10);
  const number = Number(shown.replace(',', '.'));
  const wrong = shown.trim() === '' || !(number >= 0 && number <= 90);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a value from elsewhere shows anew
  useEffect(() => setText(null), [value]);
  const done = () => {
    if (!wrong && number / 100 !== value) {
      onShare(number / 100);
    }
  };
  return (
    <Field.Root width="46%" invalid={wrong}>
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        Gap may change by, %
      </Field.Label>
      <Input
        size="sm"
        bg="card"
        borderColor="hairline"
        inputMode="decimal"
        value={shown}
        onChange={(e) => setText(e.currentTarget.value)}
        onBlur={done}
        onKeyDown={(e) => e.key === 'Enter' && done()}
      />
      {wrong && (
        <Field.ErrorText color="rust" role="alert">
          Allowed change ({shown}) is not a share of the gap. Give a share from 0 to 90 %.
        </Field.ErrorText>
      )}
    </Field.Root>
  );
}
