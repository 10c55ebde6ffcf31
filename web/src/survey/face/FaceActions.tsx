import { Box, Flex } from '@chakra-ui/react';
import type { FaceView, PlanEdit } from '../../api/client';
import { Button } from '../../common/Button';
import { ChoiceField } from '../../common/ChoiceField';
import { Section } from '../../common/Section';
import { newId } from '../../plan/ids';
import { usePlan } from '../../plan/PlanProvider';
import { toFace, useGoAfter } from '../../plan/useGoAfter';

/** What can be done with a face as a whole. */
export function FaceActions({ face }: { face: FaceView }) {
  const plan = usePlan();
  const goAfter = useGoAfter();
  const edit = (edit: PlanEdit) => plan.edit(edit, goAfter(toFace(plan.piece.id)));
  const others = plan.piece.reading.faces.filter((f) => f.id !== face.id);
  const hand = (mirrored: boolean) => (toFaceId: string) => {
    if (toFaceId !== '') {
      edit({ kind: 'HAND_MARKS_OVER', faceId: face.id, toFaceId, mirrored });
    }
  };
  const among = [['', 'choose a face…'], ...others.map((f) => [f.id, f.name] as const)] as const;
  return (
    <Section title="This face">
      {others.length > 0 && (
        <Flex gap="3" mb="3">
          <ChoiceField
            label="Copy marks to"
            width="47%"
            value=""
            among={among}
            onChoice={hand(false)}
          />
          <ChoiceField
            label="Mirror marks to"
            width="47%"
            value=""
            among={among}
            onChoice={hand(true)}
          />
        </Flex>
      )}
      <Flex gap="2" wrap="wrap">
        <Button onClick={() => edit({ kind: 'DUPLICATE_FACE', faceId: face.id, id: newId() })}>
          Duplicate
        </Button>
        <Button
          onClick={() => plan.edit({ kind: 'SHOW_FACE', faceId: face.id, shown: !face.shown })}
        >
          {face.shown ? 'Leave out of the map' : 'Show on the map'}
        </Button>
        <Button
          onClick={() => plan.edit({ kind: 'COME_OFF', faceId: face.id, comesOff: !face.part })}
        >
          {face.part ? 'Stays on the piece' : 'Comes off the piece'}
        </Button>
        <Box flex="1" />
        <Button look="warn" onClick={() => edit({ kind: 'TAKE_FACE_OFF', faceId: face.id })}>
          Take off the piece
        </Button>
      </Flex>
    </Section>
  );
}
