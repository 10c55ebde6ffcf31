import { Box, Text } from '@chakra-ui/react';
import type { BlemishDoc, BlemishView, FaceView, PlanEdit } from '../../api/client';
import { usePhotos } from '../../api/queries';
import { ChoiceField } from '../../common/ChoiceField';
import { LengthField } from '../../common/LengthField';
import { TextField } from '../../common/TextField';
import { usePlan } from '../../plan/PlanProvider';
import { MarkCard } from './MarkCard';
import { usePut } from './usePut';

/** Damage: what it is, where, how large, a note, and the photo that shows it. */
export function BlemishCard({
  face,
  blemish: b,
  fresh,
}: {
  face: FaceView;
  blemish: BlemishView;
  fresh: boolean;
}) {
  const plan = usePlan();
  const photos = usePhotos(plan.piece.id).data ?? [];
  const what = `blemish ${b.number}`;
  const { set } = usePut(
    face.id,
    b.id,
    (f) => f.blemishes,
    (blemish: BlemishDoc): PlanEdit => ({ kind: 'PUT_BLEMISH', faceId: face.id, blemish }),
  );
  const shown = photos.find((p) => p.id === b.photoId);
  return (
    <MarkCard
      face={face}
      id={b.id}
      name={b.kind}
      nameLabel={`Kind of blemish ${b.number}`}
      what={what}
      onName={(kind) => set({ kind }, 'Kind')}
      before={
        <Box
          w="20px"
          h="20px"
          flexShrink={0}
          borderRadius="full"
          bg="rust"
          color="sheet"
          fontSize="11px"
          fontWeight="700"
          textAlign="center"
          lineHeight="20px"
        >
          {b.number}
        </Box>
      }
      after={<Text color="soft">{b.cell}</Text>}
    >
      <LengthField
        width="46%"
        label="From the left edge"
        name={`Distance of the ${what} from the left`}
        value={b.left}
        kind="PLACE"
        autoFocus={fresh}
        onLength={(xMm) => set({ xMm }, 'Place')}
      />
      <LengthField
        width="46%"
        label="From the top edge"
        name={`Distance of the ${what} from the top`}
        value={b.top}
        kind="PLACE"
        onLength={(yMm) => set({ yMm }, 'Place')}
      />
      <LengthField
        width="46%"
        label="Across"
        name={`Size of ${what}`}
        value={b.diameter}
        kind="SIZE"
        mostMm={2000}
        onLength={(diameterMm) => set({ diameterMm }, 'Size')}
      />
      {photos.length > 0 && (
        <ChoiceField
          label="Photo"
          width="46%"
          value={b.photoId ?? ''}
          among={[
            ['', 'none'],
            ...photos.map((p, i) => [p.id, p.caption || `photo ${i + 1}`] as const),
          ]}
          onChoice={(id) => set({ photoId: id === '' ? undefined : id }, 'Photo')}
        />
      )}
      <TextField
        label={`Note on ${what}`}
        value={b.note}
        most={300}
        mayBeEmpty
        onText={(note) => set({ note }, 'Note')}
      />
      {shown && (
        <img
          src={shown.thumbnail}
          alt={shown.caption || `Photo of ${what}`}
          style={{ width: '100%', borderRadius: 6 }}
        />
      )}
    </MarkCard>
  );
}
