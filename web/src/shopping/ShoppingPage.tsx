import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { api, ask, type BuyingView } from '../api/client';
import { changed, keys } from '../api/keys';
import { Button } from '../common/Button';
import { Pill } from '../common/Pill';
import { Refusal } from '../common/Refusal';
import { Empty, ErrorState, Loading } from '../common/States';
import { chosenOf, toggled } from './chosen';
import { ShoppingList } from './ShoppingList';
import { Supplies } from './Supplies';

/** What the pieces lack together, the least it costs, and the list to take to the shops. */
export function ShoppingPage() {
  return (
    <Flex
      minH="100%"
      h={{ lg: '100%' }}
      direction={{ base: 'column-reverse', lg: 'row' }}
      justify={{ base: 'flex-end', lg: 'flex-start' }}
    >
      <Box flex="1" minW="0" overflow={{ lg: 'auto' }} px={{ base: '4', lg: '7' }} py="4">
        <ToBuy />
      </Box>
      <Box
        as="aside"
        aria-label="The list"
        w={{ base: '100%', lg: '400px' }}
        flexShrink={0}
        bg="sheet"
        borderLeftWidth={{ lg: '1px' }}
        borderBottomWidth={{ base: '1px', lg: '0' }}
        borderColor="hairline"
        overflow={{ lg: 'auto' }}
        px="4"
        pt="4"
      >
        <ShoppingList />
      </Box>
    </Flex>
  );
}

function ToBuy() {
  const [params, setParams] = useSearchParams();
  const client = useQueryClient();
  const pieces = chosenOf(params);
  const query = { params: { query: { pieces } } };
  const missing = useQuery({
    queryKey: keys.missing(pieces),
    queryFn: () => ask(api.GET('/api/shopping/missing', query)),
    placeholderData: (before) => before,
  });
  const list = useMutation({
    mutationFn: () => ask(api.POST('/api/shopping/missing', query)),
    onSuccess: (now) => {
      client.setQueryData(keys.shopping(), now);
      void changed(client, 'SHOPPING');
    },
  });
  if (missing.isError) {
    return <ErrorState problem={missing.error} again={() => void missing.refetch()} />;
  }
  if (!missing.data) {
    return <Loading what="what is to be bought" />;
  }
  const data = missing.data;
  return (
    <Box as="section" aria-label="What to buy" opacity={missing.isPlaceholderData ? 0.7 : 1}>
      <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
        What to buy
      </Heading>
      <Text color="soft">{data.supplies.length > 0 && `${data.summary}.`}</Text>
      {data.pieces.length === 0 ? (
        <Empty title="No pieces yet">
          <Link to="/">Start a piece</Link>, plan it, and what it lacks is worked out here.
        </Empty>
      ) : (
        <Flex gap="1.5" wrap="wrap" mt="3" mb="4" role="group" aria-label="For which pieces">
          {data.pieces.map((p) => (
            <Pill
              key={p.id}
              on={p.chosen}
              onClick={() => setParams(toggled(data.pieces, p.id), { replace: true })}
            >
              {p.name}
            </Pill>
          ))}
        </Flex>
      )}
      {data.totalText !== '' && (
        <Baskets
          data={data}
          busy={list.isPending || missing.isFetching}
          onList={() => list.mutate()}
        />
      )}
      <Refusal of={list.error} />
      <Supplies data={data} />
    </Box>
  );
}

function Baskets({ data, busy, onList }: { data: BuyingView; busy: boolean; onList: () => void }) {
  return (
    <Box
      bg="card"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      px="5"
      py="4"
      mb="5"
      maxW="860px"
      data-testid="least"
    >
      <Flex gap={{ base: '3', md: '8' }} wrap="wrap" align="flex-end">
        {data.shops.map((s) => (
          <Box key={s.shop}>
            <Text fontWeight="600">{s.shop}</Text>
            <Text color="soft" fontSize="13px">
              {s.packs} {s.packs === 1 ? 'pack' : 'packs'}, {s.goodsText}
              {s.deliveryText && ` + ${s.deliveryText} to send it`}
            </Text>
            {data.shops.length > 1 && (
              <Text fontFamily="heading" fontSize="19px" fontWeight="600">
                {s.totalText}
              </Text>
            )}
          </Box>
        ))}
        <Box ml={{ md: 'auto' }} textAlign={{ md: 'right' }}>
          <Text color="soft" fontSize="13px">
            in all
          </Text>
          <Text
            fontFamily="heading"
            fontSize="28px"
            fontWeight="600"
            lineHeight="1.15"
            data-testid="least-total"
          >
            {data.totalText}
          </Text>
        </Box>
      </Flex>
      <Flex
        justify="space-between"
        align="center"
        gap="4"
        wrap={{ base: 'wrap', md: 'nowrap' }}
        mt="3"
        pt="3"
        borderTopWidth="1px"
        borderColor="hairline"
      >
        <Box>
          <Text color="moss" fontWeight="600">
            ✓ {data.verdict}.
          </Text>
          {data.otherWays.length > 0 && (
            <Text color="soft" fontSize="13px">
              {data.otherWays.join(' · ')}
            </Text>
          )}
        </Box>
        {data.listed ? (
          <Text color="moss" fontWeight="600" whiteSpace="nowrap">
            ✓ on the list
          </Text>
        ) : (
          <Button look="sea" size="md" flexShrink={0} disabled={busy} onClick={onList}>
            Put it on the list
          </Button>
        )}
      </Flex>
    </Box>
  );
}
