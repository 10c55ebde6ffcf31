import { Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type FaceOnPhoto } from '../../api/client';
import { ChoiceField } from '../../common/ChoiceField';
import { Fig } from '../../common/Fig';
import { LengthField } from '../../common/LengthField';
import { Refusal } from '../../common/Refusal';
import { Section } from '../../common/Section';

type Side = 'ACROSS' | 'DOWN';

/** The other side of a face of which one side was taped: told by its own right angles. */
export function RectanglePanel({ photoId, face }: { photoId: string; face: FaceOnPhoto }) {
  const [side, setSide] = useState<Side>('ACROSS');
  const [known, setKnown] = useState<number | null>(null);
  const corners = face.anchors
    .filter((a) => a.main)
    .flatMap((a) => face.pins.find((p) => p.anchor === a.id) ?? []);
  const worked = useMutation({
    mutationFn: (asked: { known: Side; lengthMm: number }) =>
      ask(
        api.POST('/api/photos/{id}/rectangle', {
          params: { path: { id: photoId } },
          body: { ...asked, corners: corners.map(({ x, y }) => ({ x, y })) },
        }),
      ),
  });
  const work = (which: Side, mm: number | null) =>
    mm !== null && worked.mutate({ known: which, lengthMm: mm });
  return (
    <Section title="Only one side taped?">
      <Text color="soft" fontSize="13px" mb="2">
        Where {face.name} has right angles, its four corners tell the other side.
      </Text>
      <Flex gap="2" align="flex-start">
        <ChoiceField
          label="Taped"
          value={side}
          among={[
            ['ACROSS', 'across'],
            ['DOWN', 'down'],
          ]}
          onChoice={(next) => {
            setSide(next);
            work(next, known);
          }}
          width="110px"
        />
        <LengthField
          label="How long it is"
          kind="SIZE"
          value={null}
          keepText
          onLength={(mm) => {
            setKnown(mm);
            work(side, mm);
          }}
        />
      </Flex>
      <Refusal of={worked.error} />
      {worked.data && (
        <Text mt="2" fontSize="13px" aria-live="polite" data-testid="rectangle">
          <b>
            <Fig text={worked.data.across.text} />
          </b>{' '}
          across,{' '}
          <b>
            <Fig text={worked.data.down.text} />
          </b>{' '}
          down. {worked.data.howText}
        </Text>
      )}
    </Section>
  );
}
