import { Box, Text } from '@chakra-ui/react';
import { lazy, Suspense, useMemo, useState } from 'react';
import type { FaceView } from '../../api/client';
import { useFold } from '../../api/queries';
import { Section } from '../../common/Section';
import { useStencilMap } from '../../map/useStencilMap';
import { usePlan } from '../../plan/PlanProvider';
import { FacePictures } from '../../standing/FacePictures';
import { hasWebGl } from '../../standing/pictures';

const FoldedPiece = lazy(() =>
  import('../../standing/FoldedPiece').then((module) => ({ default: module.FoldedPiece })),
);

/** A round face seen from the side, to turn as on a wheel. */
export function SideView({ face }: { face: FaceView }) {
  const { piece } = usePlan();
  const stencils = useStencilMap();
  const fold = useFold(piece.id, piece.version).data;
  const [pictures, setPictures] = useState<ReadonlyMap<string, HTMLCanvasElement>>(new Map());
  const [threeD] = useState(hasWebGl);
  const faces = useMemo(() => [face], [face]);
  const folded = useMemo(() => fold?.filter((f) => f.faceId === face.id), [fold, face.id]);
  if (!threeD || !folded || folded.length === 0) {
    return null;
  }
  return (
    <Section title="From the side">
      <FacePictures faces={faces} stencils={stencils} onPictures={setPictures} />
      <Box h="190px" bg="paper" borderRadius="lg" borderWidth="1px" borderColor="hairline">
        <Suspense fallback={null}>
          <FoldedPiece faces={faces} folded={folded} pictures={pictures} fold={1} wheel />
        </Suspense>
      </Box>
      <Text fontSize="12.5px" color="soft" mt="1">
        Drag to turn it; the dashed seam is at the back.
      </Text>
    </Section>
  );
}
