import { Box, chakra, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { Minus, Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { ShoppingLine, ShoppingView } from '../api/client';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { ErrorState, Loading } from '../common/States';
import { useShopping } from './useShopping';

type Shopping = ReturnType<typeof useShopping>;

/** What is to be bought, by shop and shelf; large enough to be ticked off with one thumb. */
export function ShoppingList() {
  const shopping = useShopping();
  const { list, book, refused } = shopping;
  if (list.isError) {
    return <ErrorState problem={list.error} again={() => void list.refetch()} />;
  }
  if (!list.data) {
    return <Loading what="the shopping list" />;
  }
  const data = list.data;
  return (
    <Box as="section" aria-label="Shopping list">
      <Flex justify="space-between" align="baseline" gap="3" mb="1">
        <Heading as="h2" fontFamily="heading" fontSize="19px" fontWeight="600">
          Shopping list
        </Heading>
        {data.lines > 0 && (
          <Text color="soft" fontSize="13px">
            {data.ticked} of {data.lines} in the basket
          </Text>
        )}
      </Flex>
      {data.lines === 0 && (
        <Text color="soft">
          Nothing is on it. What your pieces lack is worked out on this page; anything else can be
          written down here.
        </Text>
      )}
      {data.shops.map((shop) => (
        <Shop key={shop.name} shop={shop} shopping={shopping} />
      ))}
      <OwnLine onWrite={(name) => shopping.write.mutate(name)} />
      <Refusal of={refused} />
      {data.lines > 0 && (
        <Box
          position="sticky"
          bottom="0"
          bg="sheet"
          borderTopWidth="1px"
          borderColor="hairline"
          mt="3"
          py="3"
        >
          <Flex justify="space-between" fontWeight="600" mb="2">
            <Text>
              Still to pay
              {data.shops.some((s) => s.deliveryText !== undefined) && ', without delivery'}
            </Text>
            <Text data-testid="to-pay">{data.totalText || 'no prices known'}</Text>
          </Flex>
          <Button
            look="sea"
            size="md"
            w="100%"
            h="11"
            disabled={data.ticked === 0 || book.isPending}
            onClick={() => book.mutate()}
          >
            {data.ticked === 0
              ? 'Tick off what is in the basket'
              : `Bought: put ${data.ticked} on the shelf`}
          </Button>
        </Box>
      )}
      {data.lines > 0 && (
        <Flex gap="4" fontSize="13px" mt="2" wrap="wrap">
          <chakra.a href="/api/shopping/table" color="sea">
            table (CSV)
          </chakra.a>
          <chakra.a href="/api/shopping/sheet?paper=A4" target="_blank" rel="noopener" color="sea">
            on paper, A4
          </chakra.a>
          <chakra.a
            href="/api/shopping/sheet?paper=LETTER"
            target="_blank"
            rel="noopener"
            color="sea"
          >
            Letter
          </chakra.a>
        </Flex>
      )}
      {data.lately.length > 0 && <Lately lines={data.lately} shopping={shopping} />}
    </Box>
  );
}

function Shop({ shop, shopping }: { shop: ShoppingView['shops'][number]; shopping: Shopping }) {
  return (
    <Box as="section" aria-label={shop.name || 'Wherever it is sold'} mt="4">
      <Flex justify="space-between" align="baseline" gap="3">
        <Heading as="h3" fontFamily="heading" fontSize="16px" fontWeight="600">
          {shop.name || 'Wherever it is sold'}
        </Heading>
        <Text color="soft" fontSize="13px" whiteSpace="nowrap">
          {shop.totalText}
          {shop.deliveryText && ` + ${shop.deliveryText} to send it`}
        </Text>
      </Flex>
      {shop.shelves.map((shelf) => (
        <Box key={shelf.name} mt="1.5">
          {shelf.name && (
            <Text fontSize="12.5px" color="soft" fontWeight="600">
              {shelf.name}
            </Text>
          )}
          <Box as="ul" listStyleType="none">
            {shelf.lines.map((line) => (
              <Line key={line.id} line={line} shopping={shopping} />
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function Line({ line, shopping }: { line: ShoppingLine; shopping: Shopping }) {
  const busy = shopping.count.isPending;
  const said = line.pack ? `${line.quantity} × ${line.pack} of ${line.name}` : line.name;
  return (
    <Flex
      as="li"
      align="center"
      gap="1"
      borderBottomWidth="1px"
      borderColor="hairline"
      bg={line.done ? 'mossWash' : undefined}
    >
      <chakra.label
        display="flex"
        flex="1"
        minW="0"
        minH="60px"
        gap="3"
        alignItems="center"
        py="2"
        cursor="pointer"
      >
        <chakra.input
          type="checkbox"
          aria-label={`${said} is in the basket`}
          flexShrink={0}
          w="24px"
          h="24px"
          checked={line.done}
          onChange={(e) => shopping.tick.mutate({ id: line.id, done: e.currentTarget.checked })}
        />
        <Box minW="0">
          <Text fontWeight="600" textDecoration={line.done ? 'line-through' : undefined}>
            {line.name}
          </Text>
          <Text fontSize="13px" color="soft">
            {[line.pack && `${line.quantity} × ${line.pack}`, line.totalText, line.reason]
              .filter((t) => t !== '')
              .join(' · ')}
          </Text>
        </Box>
      </chakra.label>
      {line.pack !== '' && (
        <Flex flexShrink={0}>
          <Button
            look="plain"
            aria-label={`One less of ${line.name}`}
            disabled={busy || line.quantity === 1}
            onClick={() => shopping.count.mutate({ id: line.id, quantity: line.quantity - 1 })}
          >
            <Minus size={14} aria-hidden />
          </Button>
          <Button
            look="plain"
            aria-label={`One more of ${line.name}`}
            disabled={busy}
            onClick={() => shopping.count.mutate({ id: line.id, quantity: line.quantity + 1 })}
          >
            <Plus size={14} aria-hidden />
          </Button>
        </Flex>
      )}
      <Button
        look="warn"
        aria-label={`Take ${line.name} off the list`}
        onClick={() => shopping.remove.mutate(line.id)}
      >
        <X size={14} aria-hidden />
      </Button>
    </Flex>
  );
}

function OwnLine({ onWrite }: { onWrite: (name: string) => void }) {
  const [name, setName] = useState('');
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (name.trim() !== '') {
          onWrite(name.trim());
          setName('');
        }
      }}
    >
      <Flex gap="2" mt="3">
        <Input
          size="sm"
          h="9"
          bg="card"
          borderColor="hairline"
          maxLength={80}
          aria-label="Something else to buy"
          placeholder="Something else: a sponge, cloths…"
          value={name}
          onChange={(e) => setName(e.currentTarget.value)}
        />
        <Button type="submit" h="9" disabled={name.trim() === ''}>
          Write down
        </Button>
      </Flex>
    </form>
  );
}

function Lately({ lines, shopping }: { lines: ShoppingView['lately']; shopping: Shopping }) {
  const [all, setAll] = useState(false);
  const shown = all ? lines : lines.slice(0, 4);
  return (
    <Box as="section" aria-label="Bought lately" mt="5">
      <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
        Bought lately
      </Heading>
      {shown.map((l) => (
        <Flex key={l.id} justify="space-between" align="center" gap="3" py="1">
          <Box minW="0">
            <Text>{l.text}</Text>
            <Text fontSize="12.5px" color="soft">
              {l.whenText}
            </Text>
          </Box>
          <Button
            size="xs"
            look="plain"
            aria-label={`Not bought after all: ${l.text}`}
            disabled={shopping.takeBack.isPending}
            onClick={() => shopping.takeBack.mutate(l.id)}
          >
            Take back
          </Button>
        </Flex>
      ))}
      {!all && lines.length > shown.length && (
        <Button size="xs" look="plain" onClick={() => setAll(true)}>
          {lines.length - shown.length} more
        </Button>
      )}
    </Box>
  );
}
