import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { useElementSize } from '../common/useElementSize';
import { Net } from '../map/Net';
import { useFace } from '../map/useFace';
import { useStencilMap } from '../map/useStencilMap';
import { usePlan } from '../plan/PlanProvider';
import { FacePanel } from './FacePanel';
import { MeasuresPanel } from './MeasuresPanel';
import type { Placing } from './marks';
import { SurveyMap } from './SurveyMap';

/** Walking round the piece with the tape: the whole net first, then what is in the way on each face. */
export function SurveyPage() {
  const { faceId } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const stencils = useStencilMap();
  const { face, next } = useFace(faceId);
  const [placing, setPlacing] = useState<Placing | null>(null);
  const [sheet, size] = useElementSize();
  const base = `/pieces/${plan.piece.id}/survey`;
  const { reading } = plan.piece;

  useKeys({
    f: () => go(`${base}/${faceId ? next.id : face.id}`),
    escape: () => setPlacing(null),
  });

  return (
    <Flex h="100%">
      <Flex direction="column" flex="1" minW="0">
        <Flex px="7" pt="4" align="flex-start" gap="4">
          <Box flex="1">
            <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
              {faceId ? (
                <>
                  {face.name}, <Fig text={`${face.width.text} × ${face.height.text}`} />
                </>
              ) : (
                plan.document.name
              )}
            </Heading>
            <Text color="soft">
              {placing
                ? `Click where the ${placing === 'keepOut' ? 'keep-out' : 'damage'} is. Esc stops.`
                : faceId
                  ? `${face.makeUpText} · ${face.areaText} · mark what is in the way`
                  : 'Type the measures on the right; choose a face to mark what is on it (F).'}
            </Text>
          </Box>
          {faceId && <Button onClick={() => go(base)}>Whole piece</Button>}
          {faceId && <Button onClick={() => go(`${base}/${next.id}`)}>Next: {next.name}</Button>}
        </Flex>
        <Box ref={sheet} flex="1" minH="0" position="relative" overflow="hidden">
          {faceId ? (
            <SurveyMap
              face={face}
              stencils={stencils}
              placing={placing}
              onPlaced={() => setPlacing(null)}
            />
          ) : (
            size && (
              <Net
                reading={reading}
                stencils={stencils}
                width={size.width}
                height={size.height}
                onChoose={(id) => go(`${base}/${id}`)}
                measures
              />
            )
          )}
        </Box>
      </Flex>
      <Box
        as="aside"
        w="348px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        {faceId ? (
          <FacePanel key={face.id} face={face} placing={placing} onPlacing={setPlacing} />
        ) : (
          <MeasuresPanel onFace={(id) => go(`${base}/${id}`)} />
        )}
      </Box>
    </Flex>
  );
}
