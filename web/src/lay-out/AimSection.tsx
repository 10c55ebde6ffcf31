import { Box } from '@chakra-ui/react';
import type { FaceView, LayView } from '../api/client';
import { ChoiceField } from '../common/ChoiceField';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

const ALL = '';

/** Whether a lay aims at a zone of its face, or at all of it. */
export function AimSection({ face, lay }: { face: FaceView; lay: LayView }) {
  const plan = usePlan();
  if (face.zones.length === 0 && !lay.zone) {
    return null;
  }
  return (
    <Box>
      <SectionTitle note={lay.zone ? 'Centred on the zone, which is taped off.' : undefined}>
        Aims at
      </SectionTitle>
      <Box mt="2">
        <ChoiceField
          label="Part of the face"
          value={lay.zone?.id ?? ALL}
          among={[
            [ALL, `all of the ${face.name.toLowerCase()}`] as const,
            ...face.zones.map((z) => [z.id, z.name] as const),
          ]}
          onChoice={(zoneId) =>
            plan.edit({
              kind: 'AIM_AT',
              layId: lay.id,
              ...(zoneId !== ALL && { zoneId }),
            })
          }
        />
      </Box>
    </Box>
  );
}
