import { Flex } from '@chakra-ui/react';
import type { FaceView } from '../../api/client';
import { ChoiceField } from '../../common/ChoiceField';
import { LengthField } from '../../common/LengthField';
import { Section } from '../../common/Section';
import { usePlan } from '../../plan/PlanProvider';

const ALONE = '';

/** A face that was added stands alone, or is set into another: a leather panel in a top. */
export function SetIntoSection({ face }: { face: FaceView }) {
  const plan = usePlan();
  const { faces } = plan.piece.reading;
  const { inset } = face;
  if (faces.some((f) => f.setInto === face.id)) {
    return null;
  }
  const others = faces.filter((f) => f.id !== face.id && !(f.added && f.setInto));
  const put = (intoId: string, at: FaceView['at'], way: string) =>
    plan.edit(
      { kind: 'SET_FACE_INTO', faceId: face.id, intoId, at },
      { gesture: `${face.id} ${way}` },
    );
  return (
    <Section title="Set into another face">
      <Flex wrap="wrap" gap="3">
        <ChoiceField
          label="It is set into"
          value={inset?.faceId ?? ALONE}
          among={[
            [ALONE, 'nothing, it stands alone'] as const,
            ...others.map((f) => [f.id, f.name] as const),
          ]}
          onChoice={(intoId) =>
            plan.edit({
              kind: 'SET_FACE_INTO',
              faceId: face.id,
              ...(intoId !== ALONE && { intoId }),
            })
          }
        />
        {inset && (
          <>
            <LengthField
              width="47%"
              label="From its left"
              value={inset.left}
              kind="PLACE"
              onLength={(xMm) => put(inset.faceId, { ...face.at, xMm }, 'left')}
            />
            <LengthField
              width="47%"
              label="From its top"
              value={inset.top}
              kind="PLACE"
              onLength={(yMm) => put(inset.faceId, { ...face.at, yMm }, 'top')}
            />
          </>
        )}
      </Flex>
    </Section>
  );
}
