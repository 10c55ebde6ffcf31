import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { api, ask } from '../api/client';
import { type useCuttable, type useCutter, useMats } from '../api/queries';
import { useJob } from '../api/useJob';
import { Button } from '../common/Button';
import { JobLine } from '../common/JobLine';
import { LengthField } from '../common/LengthField';
import { Refusal } from '../common/Refusal';
import { ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { CutPlayer } from './CutPlayer';
import { MatDrawing } from './MatDrawing';

type Props = {
  readonly lay: NonNullable<ReturnType<typeof useCuttable>['data']>[number];
  readonly cutter: NonNullable<ReturnType<typeof useCutter>['data']>;
};

/** A lay's lines on mats: what is cut in one go, its files, and sending it. */
export function MatsOfLay({ lay, cutter }: Props) {
  const { piece } = usePlan();
  const [width, setWidth] = useState(cutter.matWidth);
  const [length, setLength] = useState(cutter.matLength);
  const [weeding, setWeeding] = useState(lay.weeded);
  const [number, setNumber] = useState(1);
  const query = { matWidthMm: width.mm, matLengthMm: length.mm, weeding: weeding && lay.weeded };
  const mats = useMats(piece.id, piece.version, lay.layId, query);
  const sending = useJob((mat: number) =>
    ask(
      api.POST('/api/pieces/{id}/lays/{layId}/mats/{mat}/cuts', {
        params: { path: { id: piece.id, layId: lay.layId, mat }, query },
      }),
    ),
  );
  const changed = (change: () => void) => {
    sending.forget();
    setNumber(1);
    change();
  };
  const controls = (
    <Flex gap="3">
      <LengthField
        label="Bed, across"
        width="120px"
        kind="SIZE"
        value={width}
        onLength={(mm) => changed(() => setWidth({ ...width, mm }))}
        keepText
      />
      <LengthField
        label="Bed, along"
        width="120px"
        kind="SIZE"
        value={length}
        onLength={(mm) => changed(() => setLength({ ...length, mm }))}
        keepText
      />
    </Flex>
  );
  if (mats.isPending) {
    return <Loading what="its lines" />;
  }
  if (mats.isError) {
    return (
      <>
        {controls}
        <ErrorState problem={mats.error} again={() => mats.refetch()} />
      </>
    );
  }
  const mat = mats.data.mats[number - 1] ?? mats.data.mats[0];
  if (mat === undefined) {
    throw new Error('impossible state: a lay with lines has a mat');
  }
  const file = (kind: 'svg' | 'plt') =>
    `/api/pieces/${piece.id}/lays/${lay.layId}/mats/${mat.number}/lines.${kind}?${new URLSearchParams(
      { ...query, matWidthMm: `${width.mm}`, matLengthMm: `${length.mm}`, weeding: `${weeding}` },
    )}`;
  const sent = sending.job?.state === 'DONE' ? sending.job.id : null;
  return (
    <Flex gap="7" align="flex-start">
      {sent === null ? (
        <MatDrawing
          widthMm={mats.data.matWidth.mm}
          lengthMm={mats.data.matLength.mm}
          label={`Load ${mat.number}: ${mat.text}`}
          lines={mat.lines}
        />
      ) : null}
      {sent !== null && <CutPlayer jobId={sent} />}
      <Box flex="1" minW="300px" maxW="420px">
        {controls}
        {lay.weeded && (
          <chakra.label display="flex" gap="2" alignItems="center" mt="3" minH="26px">
            <input
              type="checkbox"
              checked={weeding}
              onChange={(e) => {
                const on = e.currentTarget.checked;
                changed(() => setWeeding(on));
              }}
            />
            Lines to weed by, so that the rest comes off in pieces
          </chakra.label>
        )}
        <Text mt="4">{mats.data.text}</Text>
        <Flex gap="2" mt="1" wrap="wrap" role="group" aria-label="Mats">
          {mats.data.mats.length > 1 &&
            mats.data.mats.map((m) => (
              <Button
                key={m.number}
                size="xs"
                aria-pressed={m.number === mat.number}
                borderColor={m.number === mat.number ? 'ochre' : 'hairline'}
                onClick={() => {
                  sending.forget();
                  setNumber(m.number);
                }}
              >
                Load {m.number}
              </Button>
            ))}
        </Flex>
        <Text mt="3" fontWeight="600">
          {mat.namesText}
        </Text>
        <Text color="soft" fontSize="13px">
          {mat.text}; what lies inside is cut before what is around it.
        </Text>
        <Flex gap="3" mt="4" align="center">
          <Button look="sea" disabled={sending.running} onClick={() => sending.start(mat.number)}>
            Send to the cutter
          </Button>
          <Text>
            <a href={file('svg')} download>
              SVG, mm
            </a>
          </Text>
          <Text>
            <a href={file('plt')} download>
              Plotter file (HPGL)
            </a>
          </Text>
        </Flex>
        <Box mt="3">
          <JobLine job={sending.job} stop={sending.stop} />
          <Refusal of={sending.error} />
        </Box>
        {sent !== null && (
          <Button look="plain" mt="2" onClick={sending.forget}>
            Back to the bed
          </Button>
        )}
      </Box>
    </Flex>
  );
}
