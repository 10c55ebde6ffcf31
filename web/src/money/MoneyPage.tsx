import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type MoneyView } from '../api/client';
import { changed } from '../api/keys';
import { useCheaper, useMoney, useOwnOnly } from '../api/queries';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { purseOf, ratesOf, typedOf } from './sums';

/** What the piece costs, what would make it cost less, and what it should be sold for. */
export function MoneyPage() {
  const { piece } = usePlan();
  const money = useMoney(piece.id, piece.version);
  if (money.isError) {
    return <ErrorState problem={money.error} again={() => void money.refetch()} />;
  }
  if (!money.data) {
    return <Loading what="what it costs" />;
  }
  const m = money.data;
  return (
    <Box px="7" py="4" maxW="1240px" opacity={money.isPlaceholderData ? 0.75 : 1}>
      <Flex justify="space-between" align="baseline" gap="4" wrap="wrap" mb="4">
        <Box>
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
            What it costs
          </Heading>
          <Text color="soft" fontSize="13.5px">
            By what was paid for what is on the shelf, and by the lists of the shops for what is
            not.
          </Text>
        </Box>
        <Flex gap="4" fontSize="13.5px">
          <Link to={`/pieces/${piece.id}/gather`}>What it takes</Link>
          <Link to={`/pieces/${piece.id}/afterwards`}>Afterwards</Link>
        </Flex>
      </Flex>
      <Flex gap="5" align="flex-start" wrap="wrap">
        <Box flex="1.15 1 420px" minW="0">
          <Supplies money={m} />
          <Less pieceId={piece.id} version={piece.version} money={m} />
        </Box>
        <Box flex="1 1 360px" minW="0">
          <Said key={`said ${m.version}`} pieceId={piece.id} money={m} />
          <Price money={m} pieceId={piece.id} />
          <Hourly key={`rates ${m.rates.version}`} money={m} />
        </Box>
      </Flex>
    </Box>
  );
}

function Row({ name, strong, children }: { name: string; strong?: boolean; children: string }) {
  return (
    <Flex
      justify="space-between"
      gap="4"
      py="1.5"
      borderTopWidth="1px"
      borderColor="hairline"
      fontWeight={strong ? '600' : undefined}
    >
      <Text>{name}</Text>
      <Text textAlign="right" fontFeatureSettings="'tnum'" whiteSpace="nowrap">
        <Fig text={children} />
      </Text>
    </Flex>
  );
}

function Supplies({ money }: { money: MoneyView }) {
  return (
    <Card title="What it uses">
      {money.lines.length === 0 && (
        <Text color="soft">Nothing is counted yet: lay a design, or give it a coat.</Text>
      )}
      {money.lines.map((l) => (
        <Flex
          key={`${l.name} ${l.takesText}`}
          justify="space-between"
          gap="4"
          py="1"
          fontSize="13.5px"
        >
          <Text>
            {l.name}{' '}
            <Text as="span" color="soft">
              {l.takesText}
            </Text>
          </Text>
          <Text
            fontFeatureSettings="'tnum'"
            whiteSpace="nowrap"
            color={l.worthText === undefined ? 'soft' : 'ink'}
          >
            {l.worthText ?? 'no price known'}
          </Text>
        </Flex>
      ))}
      <Box mt="2">
        <Row name="Value of the supplies" strong>
          {money.suppliesText}
        </Row>
        <Row name="of that, used already">{money.usedText}</Row>
        <Row name="Hands-on work">
          {money.doneText === '' ? money.hoursText : `${money.hoursText}, ${money.doneText}`}
        </Row>
        <Row name="It costs, with the work" strong>
          {money.costText}
        </Row>
      </Box>
      {money.uncounted.length > 0 && (
        <Text color="soft" fontSize="13.5px" mt="2">
          Not in these sums, for no price in {money.rates.currency} is known:{' '}
          {money.uncounted.join(', ')}.
        </Text>
      )}
    </Card>
  );
}

function Said({ pieceId, money }: { pieceId: string; money: MoneyView }) {
  const client = useQueryClient();
  const [typed, setTyped] = useState(typedOf(money.purse));
  const say = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/pieces/{id}/money', {
          params: { path: { id: pieceId }, header: { 'If-Match': `"${money.version}"` } },
          body: purseOf(typed),
        }),
      ),
    onSuccess: () => void changed(client, 'MONEY'),
  });
  const unit = money.rates.currency;
  const same = JSON.stringify(purseOf(typed)) === JSON.stringify(purseOf(typedOf(money.purse)));
  return (
    <Card title="Still to be spent">
      <Row name="On supplies, at least" strong>
        {money.stillText}
      </Row>
      {money.unsold.length > 0 && (
        <Text fontSize="13.5px" color="rust">
          Nobody is known to sell {money.unsold.join(', ')}.
        </Text>
      )}
      {money.saidOtherwise !== '' && (
        <Text fontSize="13.5px" color="rust">
          {money.saidOtherwise}.
        </Text>
      )}
      {money.budgetText !== '' && (
        <Text role="status" fontWeight="600" color={money.over ? 'rust' : 'moss'}>
          {money.over ? '× ' : '✓ '}
          {money.budgetText}
        </Text>
      )}
      <form
        onSubmit={(e) => {
          e.preventDefault();
          say.mutate();
        }}
      >
        <Flex gap="3" mt="3" wrap="wrap">
          <Box flex="1 1 120px">
            <PlainField
              label={`May still be spent, ${unit}`}
              value={typed.budget}
              onText={(budget) => setTyped({ ...typed, budget })}
            />
          </Box>
          <Box flex="1 1 120px">
            <PlainField
              label={`Paid for the piece, ${unit}`}
              value={typed.paid}
              onText={(paid) => setTyped({ ...typed, paid })}
            />
          </Box>
          <Box flex="1 1 120px">
            <PlainField
              label={`Asked for it, ${unit}`}
              value={typed.asked}
              onText={(asked) => setTyped({ ...typed, asked })}
            />
          </Box>
        </Flex>
        <Flex mt="2" gap="3" align="center">
          <Button type="submit" look="sea" disabled={same || say.isPending}>
            {same ? 'Saved' : 'Save'}
          </Button>
          {money.askedText !== '' && <Text fontSize="13.5px">{money.askedText}</Text>}
        </Flex>
      </form>
      {say.isError && <Refusal of={say.error} />}
    </Card>
  );
}

function Price({ money, pieceId }: { money: MoneyView; pieceId: string }) {
  const sheet = `/api/pieces/${pieceId}/afterwards/buyer`;
  return (
    <Card title="What it should be sold for">
      {money.proposals.map((p) => (
        <Box key={p.way} py="1.5" borderTopWidth="1px" borderColor="hairline">
          <Flex justify="space-between" align="baseline" gap="4">
            <Text fontWeight={p.chosen ? '600' : undefined}>
              {p.way === 'MARGIN' ? 'Costs and a margin' : 'By what an hour should bring'}
              {p.chosen && (
                <Text as="span" color="sea" fontSize="12.5px">
                  {' '}
                  · your way
                </Text>
              )}
            </Text>
            <Text fontFamily="heading" fontSize="20px" fontWeight="600" whiteSpace="nowrap">
              {p.priceText}
            </Text>
          </Flex>
          <Text fontSize="12.5px" color="soft">
            {p.sumText}
          </Text>
        </Box>
      ))}
      <Flex gap="3" mt="2" fontSize="13.5px" wrap="wrap">
        <Text color="soft">A page for the buyer:</Text>
        <chakra.a href={`${sheet}?price=true`} target="_blank" rel="noopener" color="sea">
          with the price, A4
        </chakra.a>
        <chakra.a href={sheet} target="_blank" rel="noopener" color="sea">
          without it
        </chakra.a>
        <chakra.a href={`${sheet}?paper=LETTER`} target="_blank" rel="noopener" color="sea">
          Letter
        </chakra.a>
      </Flex>
    </Card>
  );
}

function Hourly({ money }: { money: MoneyView }) {
  const client = useQueryClient();
  const [typed, setTyped] = useState({
    hourly: money.rates.hourly,
    wage: money.rates.wage,
    margin: String(money.rates.margin),
    currency: money.rates.currency,
  });
  const [way, setWay] = useState(money.rates.way);
  const rates = ratesOf(typed, { ...money.rates, way });
  const say = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/money', {
          params: { header: { 'If-Match': `"${money.rates.version}"` } },
          body: rates ?? money.rates,
        }),
      ),
    onSuccess: () => void changed(client, 'MONEY'),
  });
  const same = JSON.stringify(rates) === JSON.stringify(money.rates);
  return (
    <Card title="The studio’s rates, for all pieces">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          say.mutate();
        }}
      >
        <Flex gap="3" wrap="wrap">
          {(
            [
              ['hourly', 'An hour costs'],
              ['margin', 'Margin, %'],
              ['wage', 'Wage wanted'],
              ['currency', 'Currency'],
            ] as const
          ).map(([key, label]) => (
            <Box key={key} flex="1 1 104px">
              <PlainField
                label={label}
                value={typed[key]}
                onText={(text) => setTyped({ ...typed, [key]: text })}
              />
            </Box>
          ))}
        </Flex>
        <Flex gap="2" mt="3" align="center" wrap="wrap">
          {(['MARGIN', 'WAGE'] as const).map((w) => (
            <Button
              key={w}
              size="xs"
              aria-pressed={way === w}
              look={way === w ? 'sea' : 'quiet'}
              onClick={() => setWay(w)}
            >
              {w === 'MARGIN' ? 'costs and a margin' : 'by a wage'}
            </Button>
          ))}
          <Button
            type="submit"
            look="sea"
            ml="auto"
            disabled={same || rates === null || say.isPending}
          >
            {same ? 'Saved' : 'Save'}
          </Button>
        </Flex>
        {rates === null && (
          <Text role="alert" color="rust" fontSize="13.5px" mt="1">
            Margin {typed.margin === '' ? '(empty)' : typed.margin} is no whole number. Give 0 to
            900.
          </Text>
        )}
      </form>
      {say.isError && <Refusal of={say.error} />}
    </Card>
  );
}

/** What is not as good then. */
function Risks({ of }: { of: ReadonlyArray<string> }) {
  return of.map((risk) => (
    <Text key={risk} fontSize="12.5px" color="rust">
      {risk}
    </Text>
  ));
}

/** What would make it cost less, and the plan from what is owned only: each one worked out. */
function Less({ pieceId, version, money }: { pieceId: string; version: number; money: MoneyView }) {
  const { edit } = usePlan();
  const [asked, setAsked] = useState<'CHEAPER' | 'OWN' | null>(null);
  const cheaper = useCheaper(pieceId, version, asked === 'CHEAPER');
  const own = useOwnOnly(pieceId, version, asked === 'OWN');
  const failed = [cheaper, own].find((q) => q.isError);
  return (
    <Card title="Spend less">
      <Flex gap="2" wrap="wrap">
        <Button aria-pressed={asked === 'CHEAPER'} onClick={() => setAsked('CHEAPER')}>
          {money.over ? 'What would mend the budget' : 'What would cost less'}
        </Button>
        <Button aria-pressed={asked === 'OWN'} onClick={() => setAsked('OWN')}>
          From what I own only
        </Button>
      </Flex>
      {failed?.error && <Refusal of={failed.error} />}
      {(cheaper.isFetching || own.isFetching) && (
        <Text mt="2" color="soft" role="status">
          Each way is being worked out…
        </Text>
      )}
      {asked === 'CHEAPER' && cheaper.data && (
        <Box mt="2">
          {cheaper.data.length === 0 && (
            <Text color="soft">
              No other pot, primer, number of coats or way of laying would cost less.
            </Text>
          )}
          {cheaper.data.map((w) => (
            <Flex
              key={w.title}
              justify="space-between"
              align="center"
              gap="4"
              py="2"
              borderTopWidth="1px"
              borderColor="hairline"
            >
              <Box minW="0">
                <Text fontWeight="500">{w.title}</Text>
                <Text fontSize="12.5px" color="soft">
                  <Text as="span" color="moss" fontWeight="600">
                    {w.savesText}
                  </Text>{' '}
                  · {w.thenText}
                  {w.mends && (
                    <Text as="span" color="moss" fontWeight="600">
                      {' '}
                      · mends the budget
                    </Text>
                  )}
                </Text>
                <Risks of={w.risks} />
              </Box>
              <Button
                size="xs"
                look="sea"
                aria-label={`Take: ${w.title}`}
                onClick={() => edit(w.edits)}
              >
                Take
              </Button>
            </Flex>
          ))}
        </Box>
      )}
      {asked === 'OWN' && own.data && (
        <Box mt="2">
          <Text fontWeight="600" color={own.data.complete ? 'moss' : 'rust'}>
            {own.data.complete ? '✓ ' : '× '}
            {own.data.summary}
          </Text>
          {own.data.stops.map((s) => (
            <Text key={s} color="rust">
              {s}
            </Text>
          ))}
          {own.data.changes.length > 0 && (
            <>
              <Box as="ol" ps="5" my="1.5" fontSize="13.5px" listStyleType="decimal">
                {own.data.changes.map((c) => (
                  <li key={c}>{c}</li>
                ))}
              </Box>
              <Risks of={own.data.risks} />
              <Button look="sea" onClick={() => edit(own.data.edits)}>
                Take {own.data.changes.length === 1 ? 'it' : 'all of them'}
              </Button>
            </>
          )}
        </Box>
      )}
    </Card>
  );
}
