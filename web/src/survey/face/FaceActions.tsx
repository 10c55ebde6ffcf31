import { Box, Flex } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import type { Edit, FaceView } from '../../api/client';
import { Button } from '../../common/Button';
import { ChoiceField } from '../../common/ChoiceField';
import { Section } from '../../common/Section';
import { withFace } from '../../plan/edits';
import { usePlan } from '../../plan/PlanProvider';
import { useEdit } from '../../plan/useEdit';

/** What can be done with a face as a whole. */
export function FaceActions({ face }: { face: FaceView }) {
  const plan = usePlan();
  const go = useNavigate();
  const base = `/pieces/${plan.piece.id}/survey`;
  const edit = useEdit((faceId) => go(`${base}/${faceId}`));
  const others = plan.piece.reading.faces.filter((f) => f.id !== face.id);
  const hand = (kind: Edit['kind']) => (toFaceId: string) => {
    if (toFaceId !== '') {
      void edit({ kind, faceId: face.id, toFaceId });
    }
  };
  const among = [['', 'choose a face…'], ...others.map((f) => [f.id, f.name] as const)] as const;
  const toggle = (what: 'comesOff' | 'shown', on: boolean, summary: string) =>
    plan.change((now) => withFace(now, face.id, (f) => ({ ...f, [what]: on })), summary);
  return (
    <Section title="This face">
      {others.length > 0 && (
        <Flex gap="3" mb="3">
          <ChoiceField
            label="Copy marks to"
            width="47%"
            value=""
            among={among}
            onChoice={hand('COPY_MARKS')}
          />
          <ChoiceField
            label="Mirror marks to"
            width="47%"
            value=""
            among={among}
            onChoice={hand('MIRROR_MARKS')}
          />
        </Flex>
      )}
      <Flex gap="2" wrap="wrap">
        <Button onClick={() => void edit({ kind: 'DUPLICATE_FACE', faceId: face.id })}>
          Duplicate
        </Button>
        <Button
          onClick={() =>
            toggle(
              'shown',
              !face.shown,
              face.shown ? `Left ${face.name} out of the map` : `Shows ${face.name}`,
            )
          }
        >
          {face.shown ? 'Leave out of the map' : 'Show on the map'}
        </Button>
        <Button
          onClick={() =>
            toggle(
              'comesOff',
              !face.part,
              face.part ? `${face.name} stays on` : `${face.name} comes off`,
            )
          }
        >
          {face.part ? 'Stays on the piece' : 'Comes off the piece'}
        </Button>
        <Box flex="1" />
        <Button look="warn" onClick={() => void edit({ kind: 'TAKE_OFF', faceId: face.id })}>
          Take off the piece
        </Button>
      </Flex>
    </Section>
  );
}
