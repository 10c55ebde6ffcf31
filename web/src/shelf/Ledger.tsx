import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type EntryKind, type EntryView, type LedgerView } from '../api/client';
import { keys, LINES_AT_FIRST } from '../api/keys';
import { useLedger } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { Fig } from '../common/Fig';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { ErrorState } from '../common/States';
import { AsideComing } from './AsideComing';
import { ClaimList } from './ClaimList';
import { LevelJar } from './LevelJar';
import { useShelfChanged } from './queries';
import { WhoField } from './WhoField';

/** A stock: its level put right by eye, by scale or by figure, what happened to it, its ledger. */
export function Ledger({ holdingId, name }: { holdingId: string; name?: string }) {
  const [lines, setLines] = useState(LINES_AT_FIRST);
  const ledger = useLedger(holdingId, lines);
  if (ledger.isPending) {
    return <AsideComing name={name ?? 'Its ledger'} what="the ledger" />;
  }
  if (ledger.isError) {
    return <ErrorState problem={ledger.error} again={() => ledger.refetch()} />;
  }
  return (
    <Loaded
      ledger={ledger.data}
      coming={ledger.isPlaceholderData}
      onOlder={() => setLines(lines + LINES_AT_FIRST)}
    />
  );
}

function useBook(holdingId: string) {
  const client = useQueryClient();
  const changed = useShelfChanged();
  const took = (fresh: LedgerView) => {
    changed();
    client.setQueryData(keys.ledger(holdingId), fresh);
  };
  const params = { path: { id: holdingId } };
  return {
    level: useMutation({
      mutationFn: (body: { how: 'LEVEL' | 'WEIGHT' | 'SHARE'; figure: string; note?: string }) =>
        ask(api.POST('/api/holdings/{id}/level', { params, body })),
      onSuccess: took,
    }),
    entry: useMutation({
      mutationFn: (body: { kind: EntryKind; quantity?: string; price?: string; note?: string }) =>
        ask(api.POST('/api/holdings/{id}/entries', { params, body })),
      onSuccess: took,
    }),
  };
}

interface LoadedProps {
  readonly ledger: LedgerView;
  /** Older lines were asked for and are not here yet. */
  readonly coming: boolean;
  readonly onOlder: () => void;
}

function Loaded({ ledger, coming, onOlder }: LoadedProps) {
  const { holding, entries, of } = ledger;
  const book = useBook(holding.id);
  const holds = holding.holds;
  const unit = holding.unit === 'G' ? 'g' : 'ml';
  return (
    <Flex direction="column" gap="4">
      <Box>
        <Text fontSize="12.5px" color="soft">
          {holding.form === 'POT' ? 'Pot' : holding.form === 'ROLL' ? 'Roll' : 'On the shelf'},{' '}
          {holding.code}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {of}
        </Heading>
        <Text data-testid="level">
          <Fig text={holding.levelText} />
          {holding.claims.length > 0 && (
            <>
              , <Fig text={holding.availableText} /> free
            </>
          )}
        </Text>
      </Box>
      {holds !== undefined && holding.form === 'POT' && (
        <Flex gap="3" align="flex-start">
          <LevelJar
            colour={ledger.colour}
            fullShare={holding.fullShare}
            name={of}
            textOf={(share) => `${(share * holds).toFixed(share * holds < 100 ? 1 : 0)} ${unit}`}
            onShare={(share) => book.level.mutate({ how: 'SHARE', figure: share.toFixed(3) })}
          />
          <Flex direction="column" gap="1.5" pt="5">
            <Text fontSize="12.5px" color="soft">
              Drag the level to where it is, or
            </Text>
            {(
              [
                ['0.75', 'three quarters'],
                ['0.5', 'about half'],
                ['0.25', 'a quarter'],
                ['0', 'empty'],
              ] as const
            ).map(([share, text]) => (
              <Button
                key={share}
                size="xs"
                disabled={book.level.isPending}
                onClick={() => book.level.mutate({ how: 'SHARE', figure: share })}
              >
                {text}
              </Button>
            ))}
          </Flex>
        </Flex>
      )}
      <Refusal of={book.level.error} />
      <ClaimList claims={holding.claims} />
      <Correct holding={ledger.holding} book={book} />
      <Happened holding={ledger.holding} book={book} />
      <Section title="Ledger">
        <Entries entries={entries} />
        <Older older={ledger.older} coming={coming} onOlder={onOlder} />
      </Section>
      <Flex gap="3" fontSize="13px" color="sea" wrap="wrap">
        {ledger.mediumId && <Link to={`/shelf/pots/${holding.id}`}>Its label and dates</Link>}
        <a href={`/api/shelf/labels.pdf?holdings=${holding.id}`} target="_blank" rel="noreferrer">
          Print its label
        </a>
      </Flex>
    </Flex>
  );
}

type Booking = ReturnType<typeof useBook>;
type Holding = LedgerView['holding'];

/** The level, as it was found: by figure, or by what the scale says. */
function Correct({ holding, book }: { holding: Holding; book: Booking }) {
  const [how, setHow] = useState<'LEVEL' | 'WEIGHT'>('LEVEL');
  const [figure, setFigure] = useState('');
  const [note, setNote] = useState('');
  const weighs = holding.form === 'POT';
  return (
    <Box
      as="form"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        book.level.mutate(
          { how, figure, note },
          {
            onSuccess: () => {
              setFigure('');
              setNote('');
            },
          },
        );
      }}
    >
      <Section title="Correct the level">
        <Flex gap="2" align="flex-end">
          {weighs && (
            <ChoiceField
              label="By"
              width="104px"
              value={how}
              among={[
                ['LEVEL', holding.unit === 'G' ? 'grams' : 'millilitres'],
                ['WEIGHT', 'the scale'],
              ]}
              onChoice={setHow}
            />
          )}
          <PlainField
            label={how === 'WEIGHT' ? 'Weighs, g' : 'Found'}
            width="86px"
            value={figure}
            onText={setFigure}
            inputMode="decimal"
          />
          <PlainField label="Note" value={note} onText={setNote} maxLength={200} />
        </Flex>
        {how === 'WEIGHT' && (
          <Text fontSize="12.5px" color="soft" mt="1">
            {holding.tareG === undefined
              ? 'The empty container’s weight is not known yet: note it under its label and dates.'
              : `Pot and all; ${holding.tareG} g of it is the container.`}
          </Text>
        )}
        <Button mt="2" type="submit" disabled={figure.trim() === '' || book.level.isPending}>
          Book the correction
        </Button>
      </Section>
    </Box>
  );
}

const HAPPENED: ReadonlyArray<readonly [EntryKind, string]> = [
  ['USED', 'used'],
  ['BOUGHT', 'bought'],
  ['SPILLED', 'spilled'],
  ['GIVEN_AWAY', 'given away'],
  ['SPOILED', 'spoiled'],
  ['OPENED', 'opened'],
];

/** Something that happened to it. */
function Happened({ holding, book }: { holding: Holding; book: Booking }) {
  const [kind, setKind] = useState<EntryKind>('USED');
  const [quantity, setQuantity] = useState('');
  const [price, setPrice] = useState('');
  const [note, setNote] = useState('');
  const unit = { ML: 'ml', G: 'g', MM: 'length', SHEETS: 'sheets', PIECES: 'pieces' }[holding.unit];
  return (
    <Box
      as="form"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        book.entry.mutate(
          {
            kind,
            quantity: kind === 'OPENED' ? undefined : quantity,
            price: kind === 'BOUGHT' ? price : undefined,
            note,
          },
          {
            onSuccess: () => {
              setQuantity('');
              setPrice('');
              setNote('');
            },
          },
        );
      }}
    >
      <Section title="Book what happened">
        <Flex gap="2" align="flex-end" wrap="wrap">
          <ChoiceField
            label="It was"
            width="104px"
            value={kind}
            among={HAPPENED.filter(([k]) => k !== 'OPENED' || holding.form === 'POT')}
            onChoice={setKind}
          />
          {kind !== 'OPENED' && (
            <PlainField
              label={`How much, ${unit}`}
              width="104px"
              value={quantity}
              onText={setQuantity}
              inputMode="decimal"
            />
          )}
          {kind === 'BOUGHT' && (
            <PlainField
              label="Paid, EUR"
              width="86px"
              value={price}
              onText={setPrice}
              inputMode="decimal"
            />
          )}
          <PlainField
            width={kind === 'BOUGHT' ? '100%' : undefined}
            label={kind === 'BOUGHT' ? 'Note' : 'For'}
            value={note}
            onText={setNote}
            maxLength={200}
          />
        </Flex>
        <Flex gap="3" mt="2" align="flex-end">
          <Button
            type="submit"
            disabled={(kind !== 'OPENED' && quantity.trim() === '') || book.entry.isPending}
          >
            Book it
          </Button>
          <WhoField />
        </Flex>
        <Refusal of={book.entry.error} />
      </Section>
    </Box>
  );
}

/** The lines of a ledger, youngest first. */
export function Entries({ entries }: { entries: ReadonlyArray<EntryView> }) {
  return (
    <Box as="ol" listStyleType="none" data-testid="ledger">
      {entries.map((e) => (
        <Box as="li" key={e.id} py="1.5" borderBottomWidth="1px" borderColor="hairline">
          <Flex justify="space-between" gap="3">
            <Text>
              {day(e.madeAt)}, {e.kindText}
              {e.madeBy && (
                <Text as="span" color="plum">
                  {' '}
                  {e.madeBy}
                </Text>
              )}
            </Text>
            <Text color={e.raises ? 'moss' : 'ink'} whiteSpace="nowrap">
              <Fig text={e.changeText} />
            </Text>
          </Flex>
          <Flex justify="space-between" gap="3" fontSize="12.5px" color="soft">
            <Text>{[e.note, e.priceText && `paid ${e.priceText}`].filter(Boolean).join(', ')}</Text>
            <Text whiteSpace="nowrap">
              <Fig text={e.levelText} />
            </Text>
          </Flex>
        </Box>
      ))}
    </Box>
  );
}

interface OlderProps {
  /** How many lines are not told. */
  readonly older: number;
  readonly coming: boolean;
  readonly onOlder: () => void;
}

/** The way to what happened before the lines that are told. */
export function Older({ older, coming, onOlder }: OlderProps) {
  return older > 0 ? (
    <Button mt="2" size="xs" disabled={coming} onClick={onOlder}>
      Show older lines: {older.toLocaleString('en-GB')} more
    </Button>
  ) : null;
}

/** Of another year with the year: whoever goes back far would not know which. */
const day = (instant: string) => {
  const at = new Date(instant);
  const isOfThisYear = at.getFullYear() === new Date().getFullYear();
  return at.toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: isOfThisYear ? undefined : 'numeric',
  });
};
