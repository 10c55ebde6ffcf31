import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { api, ask, type HoldingView, type MediumGiven, type MediumView, seen } from '../api/client';
import { keys } from '../api/keys';
import { useLedger } from '../api/queries';
import { Button } from '../common/Button';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { ErrorState, Loading } from '../common/States';
import { Ledger } from './Ledger';
import { LabelFields } from './PotForm';
import { useMedium, useMediumReading, useShelfChanged, useUses } from './queries';

/** A pot: its label with what is typical still, its dates and place, and its ledger beside. */
export function PotPage() {
  const { holdingId = '' } = useParams();
  const ledger = useLedger(holdingId);
  const medium = useMedium(ledger.data?.mediumId ?? null);
  if (ledger.isError) {
    return <ErrorState problem={ledger.error} again={() => ledger.refetch()} />;
  }
  if (ledger.data?.designId) {
    return <Navigate to={`/shelf/designs/${ledger.data.designId}`} replace />;
  }
  if (ledger.isPending || medium.isPending) {
    return <Loading what="the pot" />;
  }
  if (medium.isError) {
    return <ErrorState problem={medium.error} again={() => medium.refetch()} />;
  }
  return (
    <Flex h="100%">
      <Box flex="1" minW="0" overflow="auto" px="6" py="4">
        <Text fontSize="13px" color="soft">
          <Link to="/shelf">Shelf</Link> · {medium.data.reading.genericText}
        </Text>
        <Label key={medium.data.id} medium={medium.data} />
        <Flex gap="8" mt="5" wrap="wrap" align="flex-start">
          <Box w="330px">
            <Particulars key={ledger.data.holding.id} pot={ledger.data.holding} />
          </Box>
          <Box w="300px">
            <LevelOnDay holdingId={holdingId} />
            <Box mt="4">
              <UsedFrom holdingId={holdingId} />
            </Box>
          </Box>
        </Flex>
      </Box>
      <Box
        as="aside"
        aria-label="Its ledger"
        w="378px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        <Ledger key={holdingId} holdingId={holdingId} />
      </Box>
    </Flex>
  );
}

function Label({ medium }: { medium: MediumView }) {
  const [given, setGiven] = useState<MediumGiven>(medium.given);
  // what is typed stands on this version, whatever is read again meanwhile
  const [version, setVersion] = useState(medium.version);
  const asItIs = () => {
    setGiven(medium.given);
    setVersion(medium.version);
  };
  const changed = useShelfChanged();
  const differs = JSON.stringify(given) !== JSON.stringify(medium.given);
  // as it is kept, it came along with its reading: nothing appears under one's eyes a moment later
  const changedReading = useMediumReading(differs ? given : null);
  const reading = (differs ? changedReading.data : undefined) ?? medium.reading;
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/media/{id}', {
          params: { path: { id: medium.id }, header: seen(version) },
          body: given,
        }),
      ),
    onSuccess: (saved: MediumView) => setVersion(saved.version),
    onSettled: changed,
  });
  return (
    <>
      <Flex justify="space-between" align="flex-end" gap="3" mb="1">
        <Box>
          <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
            {medium.given.name}
          </Heading>
          <Text color="soft" data-testid="typical">
            {reading.typicalText}
          </Text>
        </Box>
        <Flex gap="2">
          {differs && <Button onClick={asItIs}>As it is kept</Button>}
          <Button look="sea" disabled={!differs || save.isPending} onClick={() => save.mutate()}>
            Keep the label
          </Button>
        </Flex>
      </Flex>
      <Refusal of={(differs ? changedReading.error : null) ?? save.error} />
      <Flex maxW="260px" my="2">
        <PlainField
          label="Name"
          value={given.name}
          maxLength={80}
          onText={(name) => setGiven({ ...given, name })}
        />
      </Flex>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(165px, 1fr))" gap="3">
        <LabelFields medium={given} onMedium={setGiven} fields={reading.fields} />
      </Box>
      <Packs
        unit={medium.reading.unit === 'G' ? 'g' : 'ml'}
        packs={given.packs}
        onPacks={(packs) => setGiven({ ...given, packs })}
      />
    </>
  );
}

/** Containers it is sold in, with their prices. */
function Packs({
  unit,
  packs,
  onPacks,
}: {
  unit: string;
  packs: MediumGiven['packs'];
  onPacks: (packs: MediumGiven['packs']) => void;
}) {
  const [holds, setHolds] = useState('');
  const [price, setPrice] = useState('');
  const figure = (text: string) => Number(text.trim().replace(',', '.'));
  const fine = figure(holds) > 0 && figure(price) > 0;
  return (
    <Box mt="4" maxW="560px">
      <Section title="Sold in">
        <Flex gap="2" wrap="wrap" mb="2">
          {packs.map((p, i) => (
            <Flex
              // biome-ignore lint/suspicious/noArrayIndexKey: packs are their places in the list
              key={i}
              gap="2"
              align="center"
              bg="sheet"
              borderWidth="1px"
              borderColor="hairline"
              borderRadius="md"
              pl="3"
            >
              <Text>
                {p.holds} {unit} at {(p.price.minor / 100).toFixed(2)} {p.price.currency}
              </Text>
              <Button
                size="xs"
                look="warn"
                aria-label={`Not sold in ${p.holds} ${unit}`}
                onClick={() => onPacks(packs.filter((_, j) => j !== i))}
              >
                ×
              </Button>
            </Flex>
          ))}
        </Flex>
        <Flex gap="2" align="flex-end">
          <PlainField label={`Container, ${unit}`} value={holds} onText={setHolds} width="120px" />
          <PlainField label="Price, EUR" value={price} onText={setPrice} width="100px" />
          <Button
            disabled={!fine}
            onClick={() => {
              onPacks([
                ...packs,
                {
                  holds: figure(holds),
                  price: { minor: Math.round(100 * figure(price)), currency: 'EUR' },
                },
              ]);
              setHolds('');
              setPrice('');
            }}
          >
            Add
          </Button>
        </Flex>
      </Section>
    </Box>
  );
}

function Particulars({ pot }: { pot: HoldingView }) {
  const changed = useShelfChanged();
  const [place, setPlace] = useState(pot.place);
  const [tareG, setTare] = useState(pot.tareG === undefined ? '' : String(pot.tareG));
  const [price, setPrice] = useState(pot.price ?? '');
  const [openedOn, setOpened] = useState(pot.openedOn ?? '');
  const [expiresOn, setExpires] = useState(pot.expiresOn ?? '');
  const [version, setVersion] = useState(pot.version);
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/holdings/{id}', {
          params: { path: { id: pot.id }, header: seen(version) },
          body: {
            place,
            tareG,
            price,
            currency: pot.currency ?? 'EUR',
            openedOn: openedOn || undefined,
            expiresOn: expiresOn || undefined,
          },
        }),
      ),
    onSuccess: (saved) => setVersion(saved.holding.version),
    onSettled: changed,
  });
  return (
    <Section title="Place, dates and price">
      <Flex gap="3" wrap="wrap">
        <PlainField label="Place" value={place} onText={setPlace} maxLength={80} width="190px" />
        <PlainField label="Empty, g" value={tareG} onText={setTare} width="100px" />
        <PlainField label="Opened" type="date" value={openedOn} onText={setOpened} width="146px" />
        <PlainField
          label="Use by"
          type="date"
          value={expiresOn}
          onText={setExpires}
          width="146px"
        />
        <PlainField
          label={`Paid, ${pot.currency ?? 'EUR'}`}
          value={price}
          onText={setPrice}
          width="100px"
        />
      </Flex>
      <Button mt="2" onClick={() => save.mutate()} disabled={save.isPending}>
        Keep these
      </Button>
      <Refusal of={save.error} />
    </Section>
  );
}

/** What was in it at the end of any day. */
function LevelOnDay({ holdingId }: { holdingId: string }) {
  const [day, setDay] = useState(new Date().toISOString().slice(0, 10));
  const level = useQuery({
    queryKey: keys.level(holdingId, day),
    enabled: day !== '',
    queryFn: () =>
      ask(
        api.GET('/api/holdings/{id}/level', {
          params: { path: { id: holdingId }, query: { day } },
        }),
      ),
  });
  return (
    <Section title="Level on a day">
      <Flex gap="3" align="center">
        <Input
          type="date"
          size="sm"
          w="160px"
          bg="card"
          borderColor="hairline"
          aria-label="Day"
          value={day}
          onChange={(e) => setDay(e.currentTarget.value)}
        />
        <Text fontWeight="600">{level.data?.levelText}</Text>
      </Flex>
    </Section>
  );
}

function UsedFrom({ holdingId }: { holdingId: string }) {
  const uses = useUses('holding', holdingId).data ?? [];
  return (
    <Section title="Planned from it">
      {uses.length === 0 ? (
        <Text color="soft">By no piece.</Text>
      ) : (
        uses.map((u) => (
          <Flex key={u.pieceId} justify="space-between" gap="3" py="0.5">
            <Link to={`/pieces/${u.pieceId}/gather`}>
              <Text as="span" color="sea">
                {u.pieceName}
              </Text>
            </Link>
            <Text color="soft">{u.text}</Text>
          </Flex>
        ))
      )}
    </Section>
  );
}
