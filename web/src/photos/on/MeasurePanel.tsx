import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, ask, type FaceOnPhoto } from '../../api/client';
import { Button } from '../../common/Button';
import { Fig } from '../../common/Fig';
import { Refusal } from '../../common/Refusal';
import { Section } from '../../common/Section';
import { newId } from '../../plan/ids';
import { usePlan } from '../../plan/PlanProvider';
import { MARK_KINDS, MARK_NAMES, type MarkKind } from '../../survey/marks';
import type { At } from './perspective';

const FROM_A_PHOTO: ReadonlyArray<MarkKind> = ['hole', 'keepOut', 'blemish'];

/** What was pointed at on the photo, in the measures of the face, with how sure that is. */
export function MeasurePanel({
  photoId,
  face,
  spots,
  on,
  onToggle,
  onForget,
  onMarked,
}: {
  photoId: string;
  /** the face that the spots lie on; null where they lie beside all of them */
  face: FaceOnPhoto | null;
  spots: ReadonlyArray<At>;
  on: boolean;
  onToggle: () => void;
  onForget: () => void;
  onMarked: () => void;
}) {
  const plan = usePlan();
  const faceId = face?.faceId ?? '';
  const version = face?.version ?? 0;
  const measured = useMutation({
    mutationFn: (asked: { faceId: string; spots: ReadonlyArray<At> }) =>
      ask(
        api.POST('/api/photos/{id}/faces/{faceId}/measured', {
          params: { path: { id: photoId, faceId: asked.faceId } },
          body: { spots: asked.spots.map(({ x, y }) => ({ x, y })) },
        }),
      ),
  });
  const { mutate, reset } = measured;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a face that was moved measures anew
  useEffect(() => {
    if (faceId && spots.length > 0) {
      mutate({ faceId, spots });
    } else {
      reset();
    }
  }, [faceId, version, spots, mutate, reset]);
  const last = measured.data?.places.at(-1);
  const mark = (kind: MarkKind) => {
    if (last) {
      plan.edit({
        kind: 'ADD_MARK',
        faceId,
        id: newId(),
        mark: MARK_KINDS[kind],
        xMm: last.fromLeft.length.mm,
        yMm: last.fromTop.length.mm,
      });
      onMarked();
    }
  };
  return (
    <Section
      title="Measure"
      right={
        <Button size="xs" look={on ? 'sea' : 'quiet'} aria-pressed={on} onClick={onToggle}>
          {on ? 'Stop' : 'Measure on the photo'}
        </Button>
      }
    >
      {on && spots.length === 0 && (
        <Text color="soft" fontSize="13px">
          Point at a place on a face; a second one tells the length between them. By keys: the
          arrows move the cross on the photo, Enter sets it.
        </Text>
      )}
      {spots.length > 0 && !face && (
        <Text color="rust" fontSize="13px">
          No face lies there. Put one on the photo first.
        </Text>
      )}
      <Refusal of={measured.error} />
      {measured.data && face && (
        <Box aria-live="polite" data-testid="measured">
          {measured.data.length && (
            <Text fontSize="17px" fontWeight="600">
              <Fig text={measured.data.length.text} />
              <Text as="span" fontSize="13px" fontWeight="400" color="soft">
                {' '}
                between the two
              </Text>
            </Text>
          )}
          {last && (
            <Text fontSize="13px">
              {spots.length > 1 ? 'The second: ' : `On ${face.name}: `}
              <Fig text={last.fromLeft.text} /> from the left, <Fig text={last.fromTop.text} /> from
              the top
            </Text>
          )}
          <Text fontSize="12px" color="soft">
            Right within that nineteen times of twenty.
          </Text>
          {spots.length === 1 && (
            <Flex gap="1.5" mt="2" wrap="wrap" align="center">
              <Text fontSize="13px" color="soft">
                Mark here:
              </Text>
              {FROM_A_PHOTO.map((kind) => (
                <Button key={kind} size="xs" onClick={() => mark(kind)}>
                  {MARK_NAMES[kind]}
                </Button>
              ))}
            </Flex>
          )}
          <Button size="xs" look="plain" mt="1" onClick={onForget}>
            Point anew
          </Button>
        </Box>
      )}
    </Section>
  );
}
