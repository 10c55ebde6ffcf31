import { Flex } from '@chakra-ui/react';
import type { FaceView } from '../../api/client';
import { usePhotos } from '../../api/queries';
import { Section } from '../../common/Section';
import { usePlan } from '../../plan/PlanProvider';

/** Photos that show this face, beside its map. */
export function FacePhotos({ face }: { face: FaceView }) {
  const { piece } = usePlan();
  const photos = usePhotos(piece.id).data?.filter((p) => p.faceId === face.id) ?? [];
  if (photos.length === 0) {
    return null;
  }
  return (
    <Section title="Photos">
      <Flex gap="2" wrap="wrap">
        {photos.map((p) => (
          <a key={p.id} href={p.address} target="_blank" rel="noreferrer">
            <img
              src={p.thumbnail}
              alt={p.caption || `Photo of the ${face.name.toLowerCase()}`}
              title={p.caption}
              style={{ width: 148, height: 104, objectFit: 'cover', borderRadius: 6 }}
            />
          </a>
        ))}
      </Flex>
    </Section>
  );
}
