import { Box, chakra, Flex, Textarea } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { LayDoc, LayView, RuleDoc } from '../api/client';
import { useDesignsOf } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { LengthField } from '../common/LengthField';
import { MeasureFields } from '../common/MeasureFields';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

const NO_CORNER = 'none';

/** What may sit in a corner: whatever is laid as a single piece. */
const CORNER_KINDS = [
  'STENCIL',
  'ADHESIVE_STENCIL',
  'RAISED_STENCIL',
  'CUSTOM_CUT',
  'MOULDING',
  'CASTING',
  'DOTS',
];
const TYPICAL_CLEAR_MM = 10;

/** The rule the lay follows, and its measures. */
export function RuleSection({ lay, doc }: { lay: LayView; doc: LayDoc }) {
  const plan = usePlan();
  const layId = lay.id;
  return (
    <chakra.fieldset border="0" disabled={lay.locked}>
      <SectionTitle note={lay.locked ? 'Locked: unlock it to change it.' : undefined}>
        The rule
      </SectionTitle>
      <Flex direction="column" gap="3" mt="2">
        {lay.suits.length > 1 && (
          <ChoiceField
            label="Laid as"
            value={lay.rule}
            among={lay.suits.map((s) => [s.kind, s.text] as const)}
            onChoice={(rule) =>
              plan.edit({ kind: 'OTHER_RULE', layId, rule: rule as RuleDoc['kind'] })
            }
          />
        )}
        {lay.rule === 'LETTERING' && (
          <Words
            text={doc.rule.text ?? ''}
            onText={(text) =>
              plan.edit({ kind: 'TEXT_OF_LAY', layId, text }, { gesture: `${layId} words` })
            }
          />
        )}
        <MeasureFields
          half
          fields={lay.fields}
          onNumber={(key, value) =>
            plan.edit(
              { kind: 'MEASURE_LAY', layId, measures: { [key]: value } },
              { gesture: `${layId} ${key}` },
            )
          }
          onChoice={(key, value) =>
            plan.edit(
              { kind: 'MEASURE_LAY', layId, choices: { [key]: value } },
              { gesture: `${layId} ${key}` },
            )
          }
        />
        {lay.rule === 'LINE' && <Points doc={doc} />}
        {lay.rule === 'BORDER' && <CornerPiece lay={lay} />}
        <Around lay={lay} />
      </Flex>
    </chakra.fieldset>
  );
}

/** The words, one line or several; taken over when the field is left, or with Ctrl and Enter. */
function Words({ text, onText }: { text: string; onText: (text: string) => void }) {
  const [typed, setTyped] = useState(text);
  useEffect(() => setTyped(text), [text]);
  return (
    <Box>
      <chakra.label color="soft" fontSize="13px" fontWeight="500" htmlFor="words">
        Words
      </chakra.label>
      <Textarea
        id="words"
        size="sm"
        rows={Math.min(6, Math.max(2, typed.split('\n').length))}
        bg="card"
        borderColor="hairline"
        maxLength={400}
        value={typed}
        onChange={(e) => setTyped(e.currentTarget.value)}
        onBlur={() => typed !== text && onText(typed)}
        onKeyDown={(e) => {
          // Enter begins another line of words
          if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) {
            e.preventDefault();
            onText(typed);
          }
        }}
      />
    </Box>
  );
}

/** A bend is added on the middle of the last stretch, where it can be dragged from. */
function Points({ doc }: { doc: LayDoc }) {
  const plan = usePlan();
  const set = (points: RuleDoc['points']) =>
    plan.edit({ kind: 'POINTS_OF_LAY', layId: doc.id, points });
  const points = doc.rule.points;
  const arc = doc.rule.choices.shape === 'ARC';
  const a = points.at(-2);
  const b = points.at(-1);
  const bend = () => {
    if (a && b) {
      const middle = { xMm: (a.xMm + b.xMm) / 2, yMm: (a.yMm + b.yMm) / 2 - 20 };
      set([...points.slice(0, -1), middle, b]);
    }
  };
  return (
    <Flex gap="2">
      <Button size="xs" onClick={bend} disabled={arc && points.length >= 3}>
        Add a point
      </Button>
      <Button
        size="xs"
        disabled={points.length <= (arc ? 3 : 2)}
        onClick={() => set(points.toSpliced(-2, 1))}
      >
        Take one out
      </Button>
    </Flex>
  );
}

/** What sits in the corners of a border. */
function CornerPiece({ lay }: { lay: LayView }) {
  const plan = usePlan();
  const designs = useDesignsOf(CORNER_KINDS).data ?? [];
  return (
    <ChoiceField
      label="Corner piece"
      value={lay.cornerDesignId ?? NO_CORNER}
      among={[[NO_CORNER, 'none'] as const, ...designs.map((d) => [d.id, d.name] as const)]}
      onChoice={(id) =>
        plan.edit({
          kind: 'CORNER_PIECE',
          layId: lay.id,
          ...(id !== NO_CORNER && { designId: id }),
        })
      }
    />
  );
}

const GOES_AROUND = new Set([
  'GRID',
  'SCATTER',
  'ROLLER',
  'COVER',
  'ACROSS',
  'STRIPS',
  'WHOLE_FACE',
  'COLLAGE',
]);

/** All-over work may leave out what was laid before it. */
function Around({ lay }: { lay: LayView }) {
  const plan = usePlan();
  if (!GOES_AROUND.has(lay.rule)) {
    return null;
  }
  const set = (clearMm: number | undefined) =>
    plan.edit({ kind: 'GO_AROUND', layId: lay.id, clearMm }, { gesture: `${lay.id} clear` });
  return lay.clear ? (
    <Flex gap="3" align="flex-end">
      <LengthField
        width="47%"
        label="Clear of what is there by"
        value={lay.clear}
        kind="DISTANCE"
        onLength={set}
      />
      <Button size="xs" look="plain" onClick={() => set(undefined)}>
        Lay over it instead
      </Button>
    </Flex>
  ) : (
    <Button size="xs" alignSelf="flex-start" onClick={() => set(TYPICAL_CLEAR_MM)}>
      Go around what is laid already
    </Button>
  );
}
