import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  type ArtworkView,
  api,
  ask,
  type DesignGiven,
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
import { useLastKnown } from '../common/useLastKnown';
import { ArtworkStep } from './ArtworkStep';
import { FactList } from './DesignBrief';
import { useArtwork, useDesignReading, useShelfChanged } from './queries';
import { SheetView } from './SheetView';

/** Puts a new design on the shelf, or keeps what was changed of one. */
function useKeeping(
  designId: string | null,
  version: number,
  given: DesignGiven,
  stock: FirstStock,
) {
  const go = useNavigate();
  const changed = useShelfChanged();
  return useMutation({
    mutationFn: () =>
      designId === null
        ? ask(
            api.POST('/api/designs', {
              body: {
                design: given,
                quantity: stock.quantity,
                stock:
                  stock.place || stock.price
                    ? { place: stock.place, price: stock.price || undefined }
                    : undefined,
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
}

/** What is told of a design: its picture on the left, what its kind asks on the right. */
export function DesignForm({
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
  const [given, setGiven] = useState<DesignGiven>(start);
  // what is typed stands on this version, whatever is read again meanwhile
  const [version] = useState(readAs);
  const [stock, setStock] = useState<FirstStock>({ quantity: '', price: '', place: '' });
  const set = (change: Partial<DesignGiven>) => setGiven({ ...given, ...change });
  const answer = (numbers: Record<string, number>, choices: Record<string, string>) =>
    set({
      answers: {
        numbers: { ...given.answers.numbers, ...numbers },
        choices: { ...given.answers.choices, ...choices },
      },
    });
  const artwork = useArtwork(given.artworkId ?? null, drawn === 'OPENINGS');
  // a drawing is clear where nothing is painted; of a photo of a transfer the carrier's colour counts
  const askGround =
    given.artworkId &&
    (drawn === 'PICTURE' ||
      (drawn === 'INK' && artwork.data?.form === 'PICTURE' && artwork.data.background));
  const sized = given.artworkId === undefined || artwork.data?.trueSize === true;
  const named = { ...given, name: given.name.trim() === '' ? 'new design' : given.name };
  const reading = useDesignReading(sized ? named : null);
  const save = useKeeping(designId, version, given, stock);
  const repeat = artwork.data?.repeat;
  const known = useLastKnown(reading.data);
  const asksRepeat = known?.fields.some((f) => f.key === 'repeatX') ?? false;
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
          <CardFields given={given} set={set} />
          {reading.isError && <Refusal of={reading.error} />}
          {asksRepeat && repeat && given.answers.numbers.repeatX === undefined && (
            <RepeatFound
              repeat={repeat}
              onTake={() =>
                answer(
                  { repeatX: repeat.across.mm, repeatY: repeat.down.mm },
                  { repeatOffset: repeat.offset },
                )
              }
            />
          )}
          <MeasureFields
            fields={known?.fields ?? []}
            tellTypical="typical of its kind"
            half
            onNumber={(key, value) => answer({ [key]: value }, {})}
            onChoice={(key, value) => answer({}, { [key]: value })}
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
            <StockFields ask={reading.data.quantityAsk} stock={stock} onStock={setStock} />
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

/** What it is called, and what may be done with it. */
function CardFields({
  given,
  set,
}: {
  given: DesignGiven;
  set: (change: Partial<DesignGiven>) => void;
}) {
  return (
    <>
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
    </>
  );
}

/** A repeat that was found in the picture, to be taken with one click. */
function RepeatFound({
  repeat,
  onTake,
}: {
  repeat: NonNullable<ArtworkView['repeat']>;
  onTake: () => void;
}) {
  return (
    <Box bg="ochreWash" borderRadius="md" p="3">
      <Text>
        The picture repeats every {repeat.across.text} across and {repeat.down.text} down,{' '}
        {repeat.offsetText} ({repeat.certainty} alike).
      </Text>
      <Button mt="2" size="xs" onClick={onTake}>
        Take this repeat
      </Button>
    </Box>
  );
}

type FirstStock = { readonly quantity: string; readonly price: string; readonly place: string };

/** What there is of a design when it is put on the shelf. */
function StockFields({
  ask: label,
  stock,
  onStock,
}: {
  ask: string;
  stock: FirstStock;
  onStock: (stock: FirstStock) => void;
}) {
  return (
    <Section title="What there is of it">
      <Flex gap="2">
        <PlainField
          label={label}
          value={stock.quantity}
          onText={(quantity) => onStock({ ...stock, quantity })}
          width="170px"
        />
        <PlainField
          label="Paid, EUR"
          value={stock.price}
          onText={(price) => onStock({ ...stock, price })}
          width="84px"
        />
        <PlainField
          label="Place"
          value={stock.place}
          onText={(place) => onStock({ ...stock, place })}
          maxLength={80}
        />
      </Flex>
    </Section>
  );
}
