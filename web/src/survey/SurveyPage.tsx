import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { SectionLevel } from '../common/Section';
import { useFace } from '../map/useFace';
import { useStencilMap } from '../map/useStencilMap';
import type { Spot } from '../map/viewport';
import { newId } from '../plan/ids';
import { usePlan } from '../plan/PlanProvider';
import { FacePanel } from './face/FacePanel';
import { MeasuresPanel } from './MeasuresPanel';
import { MARK_KINDS, MARK_NAMES, type MarkKind } from './marks';
import { PieceMap } from './PieceMap';
import { SurveyMap } from './SurveyMap';
import { SurveyTabs } from './SurveyTabs';

/** Walking round the piece with the tape: the whole net first, then what is on each face. */
export function SurveyPage() {
  const { faceId } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const stencils = useStencilMap();
  const { face, next } = useFace(faceId);
  const [placing, setPlacing] = useState<MarkKind | null>(null);
  const [measuring, setMeasuring] = useState(false);
  const [fresh, setFresh] = useState<string | null>(null);
  const justStarted = (useLocation().state as { started?: boolean } | null)?.started ?? false;
  const base = `/pieces/${plan.piece.id}/survey`;

  const add = (kind: MarkKind, at: Spot) => {
    const id = newId();
    plan.edit({
      kind: 'ADD_MARK',
      faceId: face.id,
      id,
      mark: MARK_KINDS[kind],
      xMm: at.x,
      yMm: at.y,
    });
    setPlacing(null);
    setFresh(id);
  };
  const middle = { x: face.width.mm / 2, y: face.height.mm / 2 };
  const onFace = (kind: MarkKind) => () => {
    if (faceId) {
      add(kind, middle);
    }
  };

  useKeys({
    f: () => go(`${base}/${faceId ? next.id : face.id}`),
    w: () => go(base),
    m: () => faceId && setMeasuring(!measuring),
    k: onFace('keepOut'),
    h: onFace('hole'),
    b: onFace('break'),
    d: onFace('blemish'),
    z: onFace('zone'),
    escape: () => {
      setPlacing(null);
      setMeasuring(false);
    },
  });

  return (
    <Flex h="100%">
      <Flex direction="column" flex="1" minW="0">
        <Flex px="7" pt="4" align="flex-start" gap="3">
          <Box flex="1" minW="0">
            <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600" truncate>
              {faceId ? (
                <>
                  {face.name}, <Fig text={`${face.width.text} × ${face.height.text}`} />
                </>
              ) : (
                plan.document.name
              )}
            </Heading>
            <Text color="soft">
              {measuring
                ? 'Click two places, or carry the cross by arrows and Enter. Esc stops.'
                : placing
                  ? `Click where the ${MARK_NAMES[placing]} is, or carry the cross there and press Enter. Esc stops.`
                  : faceId
                    ? `${face.makeUpText} · ${face.area.netText} · mark what is in the way`
                    : 'Type the measures on the right; choose a face to mark what is on it (F).'}
            </Text>
          </Box>
          {faceId ? (
            <Flex gap="2">
              <Button
                look={measuring ? 'sea' : 'quiet'}
                aria-pressed={measuring}
                title="Measure between two places (M)"
                onClick={() => setMeasuring(!measuring)}
              >
                Measure
              </Button>
              <Button onClick={() => go(base)}>Whole piece</Button>
              <Button onClick={() => go(`${base}/${next.id}`)}>Next: {next.name}</Button>
            </Flex>
          ) : (
            <SurveyTabs />
          )}
        </Flex>
        <Box flex="1" minH="0" position="relative" overflow="hidden">
          {faceId ? (
            <SurveyMap
              key={face.id}
              face={face}
              stencils={stencils}
              measuring={measuring}
              onPlace={placing && ((at) => add(placing, at))}
            />
          ) : (
            <PieceMap
              pieceId={plan.piece.id}
              name={plan.document.name}
              reading={plan.piece.reading}
              stencils={stencils}
              onChoose={(id) => go(`${base}/${id}`)}
            />
          )}
        </Box>
      </Flex>
      <Box
        as="aside"
        aria-label="What is measured"
        w="348px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        <SectionLevel value="h2">
          {faceId ? (
            <FacePanel
              key={face.id}
              face={face}
              placing={placing}
              fresh={fresh}
              onPlacing={setPlacing}
              onAdd={(kind) => add(kind, middle)}
            />
          ) : (
            <MeasuresPanel onFace={(id) => go(`${base}/${id}`)} focusFirst={justStarted} />
          )}
        </SectionLevel>
      </Box>
    </Flex>
  );
}
