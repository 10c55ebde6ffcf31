import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import type { FaceView, LayDoc, LayView } from '../api/client';
import { Button } from '../common/Button';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

/** Over which faces a picture, or a print that has to meet, goes. */
export function FacesSection({ lay, doc }: { lay: LayView; doc: LayDoc }) {
  const plan = usePlan();
  if (!lay.goesOverFaces) {
    return null;
  }
  const faces = plan.piece.reading.faces.filter((f) => f.shown || f.id === doc.faceId);
  const on = [doc.faceId, ...(doc.alsoOn ?? [])];
  const set = (ids: ReadonlyArray<string>) =>
    plan.edit(
      { kind: 'LAY_OVER', layId: lay.id, alsoOn: ids.filter((id) => id !== doc.faceId) },
      { gesture: `${lay.id} faces` },
    );
  const alike = facesAlike(faces, doc.faceId);
  return (
    <Box>
      <SectionTitle
        note={
          lay.rule === 'ACROSS'
            ? 'One picture behind all of them, as they stand beside each other.'
            : 'A print that repeats runs on over all of them.'
        }
      >
        Goes over
      </SectionTitle>
      <Flex wrap="wrap" columnGap="4" rowGap="1" mt="1.5">
        {faces.map((f) => (
          <chakra.label key={f.id} display="flex" gap="1.5" alignItems="center" minH="24px">
            <input
              type="checkbox"
              checked={on.includes(f.id)}
              disabled={lay.locked || f.id === doc.faceId}
              onChange={(e) =>
                set(e.currentTarget.checked ? [...on, f.id] : on.filter((id) => id !== f.id))
              }
            />
            <Text as="span" fontSize="13px">
              {f.name}
            </Text>
          </chakra.label>
        ))}
      </Flex>
      {alike.length > 1 && alike.some((id) => !on.includes(id)) && (
        <Button size="xs" mt="1.5" disabled={lay.locked} onClick={() => set(alike)}>
          Over all {alike.length} of this size
        </Button>
      )}
    </Box>
  );
}

const SAME_WITHIN_MM = 1;

/** Faces as large as a face, such as the insets of a screen; itself among them. */
function facesAlike(faces: ReadonlyArray<FaceView>, id: string): string[] {
  const own = faces.find((f) => f.id === id);
  return own
    ? faces
        .filter(
          (f) =>
            f.outline.kind === own.outline.kind &&
            Math.abs(f.width.mm - own.width.mm) <= SAME_WITHIN_MM &&
            Math.abs(f.height.mm - own.height.mm) <= SAME_WITHIN_MM,
        )
        .map((f) => f.id)
    : [];
}
