import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import {
  api,
  ask,
  type DesignGiven,
  type DesignKind,
  type DesignView,
  type Drawn,
  seen,
} from '../api/client';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { ColourField } from '../common/ColourField';
import { MeasureFields } from '../common/MeasureFields';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { ErrorState, Loading } from '../common/States';
import { ArtworkStep } from './ArtworkStep';
import { FactList } from './DesignBrief';
import { useArtwork, useDesign, useDesignReading, useKinds, useShelfChanged } from './queries';
import { SheetView } from './SheetView';

const BLANK: Omit<DesignGiven, 'kind'> = {
  name: '',
  motif: '',
  note: '',
  rights: 'ASK_FIRST',
  answers: { numbers: {}, choices: {} },
  motifs: [],
};

/** A new design: first its kind, then its picture and what the kind asks. */
export function NewDesignPage() {
  const kinds = useKinds();
  const [kind, setKind] = useState<DesignKind | null>(null);
  if (kinds.isPending) {
    return <Loading what="the kinds" />;
  }
  if (kinds.isError) {
    return <ErrorState problem={kinds.error} again={() => kinds.refetch()} />;
  }
  if (kind !== null) {
    return (
      <DesignForm
        key={kind}
        start={{ ...BLANK, kind }}
        designId={null}
        drawn={kinds.data.find((k) => k.kind === kind)?.drawn ?? 'PICTURE'}
        back={() => setKind(null)}
      />
    );
  }
  return (
    <Box px="8" py="5" maxW="1120px">
      <Text fontSize="13px" color="soft">
        <Link to="/shelf">Shelf</Link>
      </Text>
      <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
        What goes onto the shelf?
      </Heading>
      <Text color="soft" mb="4">
        Each kind asks for what its sums need, and no more.
      </Text>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(250px, 1fr))" gap="2">
        {kinds.data.map((k) => (
          <Box
            key={k.kind}
            as="button"
            textAlign="left"
            bg="sheet"
            borderWidth="1px"
            borderColor="hairline"
            borderRadius="md"
            px="4"
            py="3"
            _hover={{ borderColor: 'sea', bg: 'card' }}
            onClick={() => setKind(k.kind)}
          >
            <Text fontWeight="600" fontFamily="heading" fontSize="16px">
              {k.name}
            </Text>
            <Text color="soft" fontSize="13px" lineHeight="1.35">
              {k.about}
            </Text>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** A design that is there, told anew. */
export function ChangeDesignPage() {
  const { designId = '' } = useParams();
  const design = useDesign(designId);
  const kinds = useKinds();
  const go = useNavigate();
  if (design.isPending || kinds.isPending) {
    return <Loading what="the design" />;
  }
  if (design.isError) {
    return <ErrorState problem={design.error} again={() => design.refetch()} />;
  }
  return (
    <DesignForm
      start={design.data.given}
      designId={designId}
      readAs={design.data.version}
      drawn={kinds.data?.find((k) => k.kind === design.data.given.kind)?.drawn ?? 'PICTURE'}
      back={() => go(`/shelf/designs/${designId}`)}
    />
  );
}

function DesignForm({
  start,
  designId,
  readAs = 0,
  drawn,
  back,
}: {
  start: DesignGiven;
  designId: string | null;
  /** The version it was read as. */
  readAs?: number;
  drawn: Drawn;
  back: () => void;
}) {
  const go = useNavigate();
  const changed = useShelfChanged();
  const [given, setGiven] = useState<DesignGiven>(start);
  // what is typed stands on this version, whatever is read again meanwhile
  const [version] = useState(readAs);
  const [quantity, setQuantity] = useState('');
  const [place, setPlace] = useState('');
  const [price, setPrice] = useState('');
  const set = (change: Partial<DesignGiven>) => setGiven({ ...given, ...change });
  const artwork = useArtwork(given.artworkId ?? null, drawn === 'OPENINGS');
  // a drawing is clear where nothing is painted; of a photo of a transfer the carrier's colour counts
  const askGround =
    given.artworkId &&
    (drawn === 'PICTURE' ||
      (drawn === 'INK' && artwork.data?.form === 'PICTURE' && artwork.data.background));
  const sized = given.artworkId === undefined || artwork.data?.trueSize === true;
  const named = { ...given, name: given.name.trim() === '' ? 'new design' : given.name };
  const reading = useDesignReading(sized ? named : null);
  const save = useMutation({
    mutationFn: () =>
      designId === null
        ? ask(
            api.POST('/api/designs', {
              body: {
                design: given,
                quantity,
                stock: place || price ? { place, price: price || undefined } : undefined,
              },
            }),
          )
        : ask(
            api.PUT('/api/designs/{id}', {
              params: { path: { id: designId }, header: seen(version) },
              body: given,
            }),
          ),
    onSuccess: (saved: DesignView) => {
      changed();
      go(`/shelf/designs/${saved.id}`);
    },
  });
  const repeat = artwork.data?.repeat;
  const asksRepeat = reading.data?.fields.some((f) => f.key === 'repeatX') ?? false;
  return (
    <Flex h="100%">
      <Box flex="1" minW="0" overflow="auto" px="6" py="4">
        <Text fontSize="13px" color="soft">
          <Link to="/shelf">Shelf</Link> · {reading.data?.kindText}
        </Text>
        <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600" mb="2">
          {given.name.trim() || `A new ${reading.data?.kindText ?? 'design'}`}
        </Heading>
        {drawn === 'NOTHING' ? (
          reading.data && (
            <SheetView
              design={{ given: named, reading: reading.data, holdings: [] }}
              width={620}
              height={320}
            />
          )
        ) : (
          <ArtworkStep
            drawn={drawn}
            artwork={artwork.data ?? null}
            onArtwork={(id) => set({ artworkId: id ?? undefined, motifs: [] })}
          />
        )}
        {reading.data && sized && (
          <Box mt="4" maxW="560px">
            <Section title="What follows from it">
              <FactList facts={reading.data.facts} />
            </Section>
          </Box>
        )}
      </Box>
      <Box
        as="aside"
        aria-label="Its properties"
        w="392px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        <Flex
          as="form"
          direction="column"
          gap="3"
          onSubmit={(e: React.FormEvent) => {
            e.preventDefault();
            save.mutate();
          }}
        >
          <PlainField
            label="Name"
            value={given.name}
            onText={(name) => set({ name })}
            maxLength={80}
            autoFocus
          />
          <Flex gap="3">
            <PlainField
              label="One motif is called"
              value={given.motif}
              onText={(motif) => set({ motif })}
              maxLength={40}
              placeholder="fern"
            />
            <ChoiceField
              label="Rights"
              width="150px"
              value={given.rights}
              among={[
                ['MAY_BE_SOLD', 'may be sold'],
                ['OWN_USE_ONLY', 'own use only'],
                ['ASK_FIRST', 'ask first'],
              ]}
              onChoice={(rights) => set({ rights })}
            />
          </Flex>
          <PlainField
            label="Note"
            value={given.note}
            onText={(note) => set({ note })}
            maxLength={200}
          />
          {reading.isError && <Refusal of={reading.error} />}
          {asksRepeat && repeat && given.answers.numbers.repeatX === undefined && (
            <Box bg="ochreWash" borderRadius="md" p="3">
              <Text>
                The picture repeats every {repeat.across.text} across and {repeat.down.text} down,{' '}
                {repeat.offsetText} ({repeat.certainty} alike).
              </Text>
              <Button
                mt="2"
                size="xs"
                onClick={() =>
                  set({
                    answers: {
                      numbers: {
                        ...given.answers.numbers,
                        repeatX: repeat.across.mm,
                        repeatY: repeat.down.mm,
                      },
                      choices: { ...given.answers.choices, repeatOffset: repeat.offset },
                    },
                  })
                }
              >
                Take this repeat
              </Button>
            </Box>
          )}
          <MeasureFields
            fields={reading.data?.fields ?? []}
            tellTypical="typical of its kind"
            half
            onNumber={(key, value) =>
              set({
                answers: {
                  ...given.answers,
                  numbers: { ...given.answers.numbers, [key]: value },
                },
              })
            }
            onChoice={(key, value) =>
              set({
                answers: {
                  ...given.answers,
                  choices: { ...given.answers.choices, [key]: value },
                },
              })
            }
          />
          {askGround && (
            <ColourField
              label={drawn === 'INK' ? 'Bare carrier' : 'Background'}
              value={given.background ?? artwork.data?.background?.hex ?? '#F6F1E6'}
              typical={given.background === undefined}
              onColour={(background) => set({ background })}
            />
          )}
          {designId === null && reading.data?.unit !== undefined && (
            <Section title="What there is of it">
              <Flex gap="2">
                <PlainField
                  label={reading.data.quantityAsk}
                  value={quantity}
                  onText={setQuantity}
                  width="170px"
                />
                <PlainField label="Paid, EUR" value={price} onText={setPrice} width="84px" />
                <PlainField label="Place" value={place} onText={setPlace} maxLength={80} />
              </Flex>
            </Section>
          )}
          <Flex gap="2">
            <Button look="sea" type="submit" disabled={save.isPending || !sized}>
              {designId === null ? 'Put it on the shelf' : 'Keep the changes'}
            </Button>
            <Button onClick={back}>{designId === null ? 'Another kind' : 'Never mind'}</Button>
          </Flex>
          {!sized && artwork.data && (
            <Text color="rust" fontSize="13px">
              One known measure of the picture is needed first.
            </Text>
          )}
          <Refusal of={save.error} />
        </Flex>
      </Box>
    </Flex>
  );
}
