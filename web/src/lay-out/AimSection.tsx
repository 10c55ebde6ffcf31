import { Box } from '@chakra-ui/react';
import type { FaceView, LayDoc, LayView } from '../api/client';
import { ChoiceField } from '../common/ChoiceField';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

const ALL = '';

/** Whether a lay aims at a zone of its face, or at all of it. */
export function AimSection({ face, lay, doc }: { face: FaceView; lay: LayView; doc: LayDoc }) {
  const plan = usePlan();
  const gone = doc.zoneId !== undefined && !face.zones.some((z) => z.id === doc.zoneId);
  if (face.zones.length === 0 && !gone) {
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
          value={doc.zoneId ?? ALL}
          among={[
            [ALL, `all of the ${face.name.toLowerCase()}`] as const,
            ...face.zones.map((z) => [z.id, z.name] as const),
            ...(gone ? [[doc.zoneId ?? '', 'a zone that is gone'] as const] : []),
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
