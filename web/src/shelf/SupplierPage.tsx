import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ask, type SaleView } from '../api/client';
import { changed, keys } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Empty, ErrorState, Loading } from '../common/States';
import { ShoppingList } from '../shopping/ShoppingList';
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
              Price lists
            </Heading>
            <Text color="soft">
              Made up and shipped with Craft Map: real suppliers’ lists would stand in their place.
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
        {list.data.every((l) => l.items.length === 0) && (
          <Empty title="Nothing on the lists is called that">Try fewer words.</Empty>
        )}
        {list.data
          .filter((l) => l.items.length > 0)
          .map((l) => (
            <Box as="section" key={l.id} aria-label={`What ${l.supplier} sells`} mb="6">
              <Flex align="baseline" gap="3" mb="1">
                <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600">
                  {l.supplier}
                </Heading>
                <Text color="soft" fontSize="13px">
                  {l.about}
                  {l.deliveryText && `, ${l.deliveryText} an order`}
                </Text>
              </Flex>
              {l.items.map((item) => (
                <Item key={item.sku} item={item} />
              ))}
            </Box>
          ))}
      </Box>
      <Box
        as="aside"
        aria-label="The list"
        w="360px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        <ShoppingList />
      </Box>
    </Flex>
  );
}

function Item({ item }: { item: SaleView }) {
  const client = useQueryClient();
  const shelfChanged = useShelfChanged();
  const go = useNavigate();
  const [refused, setRefused] = useState<Error | null>(null);
  const params = { path: { sku: item.sku } };
  const shelf = useMutation({
    mutationFn: (pack: number) =>
      ask(api.POST('/api/supplier/{sku}/shelf', { params, body: { pack, quantity: 1 } })),
    onSuccess: (to) => {
      shelfChanged();
      go(to.page);
    },
    onError: setRefused,
  });
  const shopping = useMutation({
    mutationFn: (pack: number) =>
      ask(api.POST('/api/shopping', { body: { sku: item.sku, pack, quantity: 1 } })),
    onSuccess: (now) => {
      client.setQueryData(keys.shopping(), now);
      void changed(client, 'SHOPPING');
    },
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
