import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ask, type SaleView } from '../api/client';
import { changed, keys } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { Empty, ErrorState, Loading } from '../common/States';
import { useShelfChanged } from './queries';

/** A supplier's price list: onto the shelf with its label, or onto the shopping list. */
export function SupplierPage() {
  const [words, setWords] = useState('');
  const wanted = useDeferredValue(words.trim());
  const list = useQuery({
    queryKey: keys.supplier(wanted),
    queryFn: () => ask(api.GET('/api/supplier', { params: { query: { words: wanted } } })),
    placeholderData: (before) => before,
  });
  if (list.isPending) {
    return <Loading what="the price list" />;
  }
  if (list.isError) {
    return <ErrorState problem={list.error} again={() => list.refetch()} />;
  }
  return (
    <Flex h="100%">
      <Box flex="1" minW="0" overflow="auto" px="8" py="5">
        <Text fontSize="13px" color="soft">
          <Link to="/shelf">Shelf</Link>
        </Text>
        <Flex justify="space-between" align="flex-end" gap="4" mb="3">
          <Box>
            <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
              {list.data.supplier}, price list
            </Heading>
            <Text color="soft">
              Made up and shipped with Craft Map: a real supplier’s list would stand in its place.
            </Text>
          </Box>
          <Input
            w="240px"
            size="sm"
            bg="card"
            borderColor="hairline"
            placeholder="Look for a name or a number"
            aria-label="Look in the price list"
            value={words}
            onChange={(e) => setWords(e.currentTarget.value)}
          />
        </Flex>
        {list.data.items.length === 0 && (
          <Empty title="Nothing on the list is called that">Try fewer words.</Empty>
        )}
        {list.data.items.map((item) => (
          <Item key={item.sku} item={item} />
        ))}
      </Box>
      <Box
        as="aside"
        aria-label="Shopping list"
        w="340px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        <Shopping />
      </Box>
    </Flex>
  );
}

function Item({ item }: { item: SaleView }) {
  const client = useQueryClient();
  const changed = useShelfChanged();
  const go = useNavigate();
  const [refused, setRefused] = useState<Error | null>(null);
  const params = { path: { sku: item.sku } };
  const shelf = useMutation({
    mutationFn: (pack: number) =>
      ask(api.POST('/api/supplier/{sku}/shelf', { params, body: { pack, quantity: 1 } })),
    onSuccess: (to) => {
      changed();
      go(to.page);
    },
    onError: setRefused,
  });
  const shopping = useMutation({
    mutationFn: (pack: number) =>
      ask(api.POST('/api/supplier/{sku}/shopping', { params, body: { pack, quantity: 1 } })),
    onSuccess: (now) => client.setQueryData(keys.shopping(), now),
    onError: setRefused,
  });
  return (
    <Flex
      gap="4"
      py="2.5"
      borderTopWidth="1px"
      borderColor="hairline"
      align="flex-start"
      data-testid={`item-${item.sku}`}
    >
      <Box
        w="30px"
        h="30px"
        mt="1"
        borderRadius="full"
        bg={item.colour}
        borderWidth="1px"
        borderColor="fold"
        flexShrink={0}
      />
      <Box flex="1" minW="0">
        <Text fontWeight="600">
          {item.name}{' '}
          <Text as="span" color="soft" fontWeight="400" fontSize="12.5px">
            {item.sku}
          </Text>
        </Text>
        <Text color="soft" fontSize="13px">
          {item.kindText}; {item.about}
          {item.fromLabel > 0 && `; ${item.fromLabel} values from its label`}
          {!item.sold && '; sold out just now'}
        </Text>
        <Refusal of={refused} />
      </Box>
      <Flex direction="column" gap="1">
        {item.packs.map((p, i) => (
          <Flex key={p.text} gap="3" align="center" justify="flex-end">
            <Text textAlign="right">
              {p.text}{' '}
              <Text as="span" fontWeight="600">
                {p.priceText}
              </Text>
              <Text as="span" color="soft" fontSize="12px">
                {' '}
                {p.eachText}
              </Text>
            </Text>
            <Button
              size="xs"
              disabled={!item.sold || shelf.isPending}
              onClick={() => shelf.mutate(i)}
            >
              Onto the shelf
            </Button>
            <Button size="xs" disabled={shopping.isPending} onClick={() => shopping.mutate(i)}>
              To buy
            </Button>
          </Flex>
        ))}
      </Flex>
    </Flex>
  );
}

function Shopping() {
  const client = useQueryClient();
  const list = useQuery({
    queryKey: keys.shopping(),
    queryFn: () => ask(api.GET('/api/shopping')),
  });
  const change = useMutation({
    mutationFn: ({ id, quantity, done }: { id: string; quantity: number; done: boolean }) =>
      ask(api.PUT('/api/shopping/{id}', { params: { path: { id } }, body: { quantity, done } })),
    onSuccess: (now) => client.setQueryData(keys.shopping(), now),
  });
  const remove = useMutation({
    mutationFn: (id: string) =>
      ask(api.DELETE('/api/shopping/{id}', { params: { path: { id } } }), true),
    onSuccess: () => changed(client, 'SHOPPING'),
  });
  const lines = list.data?.lines ?? [];
  return (
    <Section title="To buy">
      {lines.length === 0 && <Text color="soft">Nothing on the shopping list.</Text>}
      {lines.map((l) => (
        <Flex
          key={l.id}
          gap="2"
          py="1"
          align="center"
          borderBottomWidth="1px"
          borderColor="hairline"
        >
          <input
            type="checkbox"
            aria-label={`${l.name} is bought`}
            checked={l.done}
            onChange={(e) =>
              change.mutate({ id: l.id, quantity: l.quantity, done: e.currentTarget.checked })
            }
          />
          <Box flex="1" minW="0" textDecoration={l.done ? 'line-through' : undefined}>
            <Text lineClamp={1}>{l.name}</Text>
            <Text fontSize="12.5px" color="soft">
              {l.quantity} × {l.pack}
            </Text>
          </Box>
          <Text whiteSpace="nowrap">{l.totalText}</Text>
          <Button
            size="xs"
            aria-label={`One more of ${l.name}`}
            onClick={() => change.mutate({ id: l.id, quantity: l.quantity + 1, done: l.done })}
          >
            +
          </Button>
          <Button
            size="xs"
            look="warn"
            aria-label={`Take ${l.name} off the list`}
            onClick={() => remove.mutate(l.id)}
          >
            ×
          </Button>
        </Flex>
      ))}
      {lines.length > 0 && (
        <Flex justify="space-between" mt="2" fontWeight="600">
          <Text>Still to pay</Text>
          <Text data-testid="to-pay">{list.data?.totalText}</Text>
        </Flex>
      )}
      <Refusal of={change.error ?? remove.error} />
    </Section>
  );
}
