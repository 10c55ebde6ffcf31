import { Flex } from '@chakra-ui/react';
import type { FaceView, PlanEdit } from '../../api/client';
import { ChoiceField } from '../../common/ChoiceField';
import { LengthField } from '../../common/LengthField';
import { Section } from '../../common/Section';
import { usePlan } from '../../plan/PlanProvider';

type Into = NonNullable<Extract<PlanEdit, { kind: 'SET_FACE_INTO' }>['into']>;

const ALONE = '';

/** A face that was added stands alone, or is set into another: a leather panel in a top. */
export function SetIntoSection({ face }: { face: FaceView }) {
  const plan = usePlan();
  const { faces } = plan.piece.reading;
  const holdsOthers = faces.some((f) => f.setInto === face.id);
  const others = faces.filter((f) => f.id !== face.id && !(f.added && f.setInto));
  const set = (into: Into | undefined, gesture?: string) =>
    plan.edit(
      { kind: 'SET_FACE_INTO', faceId: face.id, ...(into && { into }) },
      gesture ? { gesture } : undefined,
    );
  if (holdsOthers) {
    return null;
  }
  const inset = face.inset;
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
          onChoice={(faceId) =>
            set(faceId === ALONE ? undefined : { faceId, at: middle(face, faceId) })
          }
        />
        {inset && (
          <>
            <LengthField
              width="47%"
              label="From its left"
              value={inset.left}
              kind="PLACE"
              onLength={(xMm) =>
                set({ faceId: inset.faceId, at: { ...face.at, xMm } }, `${face.id} left`)
              }
            />
            <LengthField
              width="47%"
              label="From its top"
              value={inset.top}
              kind="PLACE"
              onLength={(yMm) =>
                set({ faceId: inset.faceId, at: { ...face.at, yMm } }, `${face.id} top`)
              }
            />
          </>
        )}
      </Flex>
    </Section>
  );

  /** Where it begins when it lies on the middle of the other. */
  function middle(own: FaceView, faceId: string) {
    const other = faces.find((f) => f.id === faceId);
    return {
      xMm: other ? (other.width.mm - own.width.mm) / 2 : 0,
      yMm: other ? (other.height.mm - own.height.mm) / 2 : 0,
    };
  }
}
