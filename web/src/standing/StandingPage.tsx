import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { useFold } from '../api/queries';
import { Button } from '../common/Button';
import { ErrorState, Loading } from '../common/States';
import { useElementSize } from '../common/useElementSize';
import { Net } from '../map/Net';
import { useStencilMap } from '../map/useStencilMap';
import { usePlan } from '../plan/PlanProvider';
import { SurveyTabs } from '../survey/SurveyTabs';
import { FacePictures } from './FacePictures';
import { hasWebGl } from './pictures';

const FoldedPiece = lazy(() =>
  import('./FoldedPiece').then((module) => ({ default: module.FoldedPiece })),
);

/** The net folded up into the piece, carrying its colours and what is laid on it. */
export function StandingPage() {
  const plan = usePlan();
  const go = useNavigate();
  const stencils = useStencilMap();
  const fold = useFold(plan.piece.id, plan.piece.version);
  const [share, setShare] = useState(1);
  const [pictures, setPictures] = useState<ReadonlyMap<string, HTMLCanvasElement>>(new Map());
  const [threeD] = useState(hasWebGl);
  const [sheet, size] = useElementSize();
  const { reading } = plan.piece;

  return (
    <Flex direction="column" h="100%">
      <Flex px="7" pt="4" gap="3" align="flex-start">
        <Box flex="1" minW="0">
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600" truncate>
            {plan.document.name}
          </Heading>
          <Text color="soft">
            {threeD
              ? 'Drag to turn it, or use the arrow keys; + and − step nearer and back.'
              : 'This browser cannot draw in three dimensions, so here is the flat map.'}
          </Text>
        </Box>
        <SurveyTabs />
      </Flex>
      <Box ref={sheet} flex="1" minH="0" position="relative">
        {fold.isPending && <Loading what="the piece" />}
        {fold.isError && <ErrorState problem={fold.error} again={() => fold.refetch()} />}
        {threeD && fold.data && (
          <>
            <FacePictures faces={reading.faces} stencils={stencils} onPictures={setPictures} />
            {pictures.size === 0 && <Loading what="the colours" />}
            <Suspense fallback={null}>
              <Box position="absolute" inset="0" data-pictures={pictures.size}>
                <FoldedPiece
                  faces={reading.faces}
                  folded={fold.data}
                  pictures={pictures}
                  fold={share}
                />
              </Box>
            </Suspense>
          </>
        )}
        {!threeD && size && (
          <Net
            reading={reading}
            stencils={stencils}
            width={size.width}
            height={size.height}
            onChoose={(id) => go(`/pieces/${plan.piece.id}/survey/${id}`)}
          />
        )}
      </Box>
      {threeD && (
        <Flex justify="center" align="center" gap="3" pb="5">
          <Button size="xs" onClick={() => setShare(0)}>
            unfolded
          </Button>
          <input
            type="range"
            min="0"
            max="100"
            value={Math.round(share * 100)}
            aria-label="How far it is folded up"
            aria-valuetext={`${Math.round(share * 100)} % folded up`}
            onChange={(e) => setShare(Number(e.currentTarget.value) / 100)}
            style={{ width: 280, accentColor: 'var(--chakra-colors-sea)' }}
          />
          <Button size="xs" onClick={() => setShare(1)}>
            standing
          </Button>
        </Flex>
      )}
    </Flex>
  );
}
