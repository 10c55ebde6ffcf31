import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useDeferredValue, useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { CardView } from '../api/client';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Empty, ErrorState, Loading } from '../common/States';
import { useInAddress } from '../common/useInAddress';
import { DesignBrief } from './DesignBrief';
import { Ledger } from './Ledger';
import { type Filters, useShelf } from './queries';
import { ShelfBoards } from './ShelfBoards';
import { ShelfFilters } from './ShelfFilters';
import { ToolPanel } from './ToolPanel';

const SCALES = [14, 8, 5] as const;

/** Everything that is owned, at one scale on its boards; what is chosen beside it. */
export function ShelfPage() {
  const [params, setParams] = useSearchParams();
  const go = useNavigate();
  const [scale, setScale] = useState<number>(8);
  const finder = useRef<HTMLInputElement>(null);
  const chosen = params.get('on');
  const [filters, change] = useInAddress(
    () => read(params),
    (f) => `/shelf?${new URLSearchParams(write(f, chosen))}`,
  );
  const shelf = useShelf(useDeferredValue(filters));
  useKeys({
    '+': () => setScale(next(scale, 1)),
    '=': () => setScale(next(scale, 1)),
    '-': () => setScale(next(scale, -1)),
    n: () => go('/shelf/designs/new'),
  });
  if (shelf.isPending) {
    return <Loading what="the shelf" />;
  }
  if (shelf.isError) {
    return <ErrorState problem={shelf.error} again={() => shelf.refetch()} />;
  }
  const cards = shelf.data;
  const card = cards.find((c) => c.id === chosen) ?? (chosen === null ? cards[0] : null) ?? null;
  const bare = cards.length === 0 && params.size === 0;
  const choose = (c: CardView) => setParams(write(filters, c.id));
  return (
    <Flex h="100%">
      <Flex direction="column" flex="1" minW="0">
        <Box px="6" pt="4" pb="2" borderBottomWidth="1px" borderColor="hairline">
          <Flex justify="space-between" align="flex-start" gap="4" mb="3" wrap="wrap">
            <Box>
              <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
                The shelf
              </Heading>
              <Flex gap="2" align="center">
                <Text color="soft" data-testid="counts" whiteSpace="nowrap">
                  {count(cards)}
                </Text>
                <Flex role="group" aria-label="All drawn at one scale" title="All at one scale">
                  {SCALES.map((s) => (
                    <Button
                      key={s}
                      size="xs"
                      h="6"
                      px="1.5"
                      look={s === scale ? 'sea' : 'plain'}
                      aria-pressed={s === scale}
                      onClick={() => setScale(s)}
                    >
                      1 : {s}
                    </Button>
                  ))}
                </Flex>
              </Flex>
            </Box>
            <Flex gap="2" align="center" flexShrink={0}>
              <Link to="/shelf/supplier">
                <Button as="span">Price list</Button>
              </Link>
              <Link to="/shelf/lists">
                <Button as="span">Lists and labels</Button>
              </Link>
              <Link to="/shelf?on=new-tool">
                <Button as="span">A tool…</Button>
              </Link>
              <Link to="/shelf/pots/new">
                <Button as="span">A pot…</Button>
              </Link>
              <Link to="/shelf/designs/new">
                <Button as="span" look="sea">
                  A design…
                </Button>
              </Link>
            </Flex>
          </Flex>
          <ShelfFilters
            filters={filters}
            onFilters={(some) => change((now) => ({ ...now, ...some }))}
            finder={finder}
          />
        </Box>
        {cards.length === 0 ? (
          <Box p="6">
            <Empty title={bare ? 'The shelf is empty' : 'Nothing on the shelf is like that'}>
              {bare
                ? 'Put the first design or pot on it, bring a list, or look at the price list.'
                : 'Take a filter off, or look for fewer words.'}
              {!bare && (
                <Box mt="3">
                  <Button onClick={() => setParams({})}>Show everything</Button>
                </Box>
              )}
            </Empty>
          </Box>
        ) : (
          <ShelfBoards cards={cards} scale={scale} chosen={card?.id ?? null} onChoose={choose} />
        )}
      </Flex>
      <Box
        as="aside"
        aria-label="What is chosen"
        w="348px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        {chosen === 'new-tool' ? (
          <ToolPanel toolId={null} />
        ) : card === null ? (
          <Hint />
        ) : card.thing === 'POT' ? (
          <Ledger key={card.id} holdingId={card.id} name={card.name} />
        ) : card.thing === 'TOOL' ? (
          <ToolPanel key={card.id} toolId={card.id} />
        ) : (
          <DesignBrief key={card.id} designId={card.designId ?? card.id} name={card.name} />
        )}
      </Box>
    </Flex>
  );
}

function Hint() {
  return (
    <Box color="soft">
      <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" color="ink">
        Nothing chosen
      </Heading>
      <Text mt="1">
        Choose a design to see how much of it there is and where it is used, or a pot to read its
        ledger and put its level right.
      </Text>
      <Text mt="3">
        The code on a label, typed or scanned into Find (/), opens the thing it is stuck on.
      </Text>
    </Box>
  );
}

const next = (scale: number, by: number) =>
  SCALES[Math.min(SCALES.length - 1, Math.max(0, SCALES.indexOf(scale as 8) + by))] ?? 8;

function count(cards: ReadonlyArray<CardView>) {
  const of = (thing: CardView['thing'], one: string, many: string) => {
    const n = cards.filter((c) => c.thing === thing).length;
    return n === 0 ? null : `${n} ${n === 1 ? one : many}`;
  };
  const said = [
    of('DESIGN', 'design', 'designs'),
    of('OFFCUT', 'offcut', 'offcuts'),
    of('POT', 'pot', 'pots'),
    of('TOOL', 'tool', 'tools'),
  ].filter((t) => t !== null);
  return said.length === 0 ? 'Nothing.' : `${said.join(', ')}.`;
}

const list = (text: string | null) => (text ? text.split(',') : []);

function read(params: URLSearchParams): Filters {
  const size = params.get('size');
  return {
    words: params.get('words') ?? '',
    kinds: list(params.get('kinds')),
    things: list(params.get('things')),
    colours: list(params.get('colours')),
    rights: list(params.get('rights')),
    enough: params.get('enough') === 'yes',
    mostWidthMm: size ? Number(size) : null,
    mostHeightMm: size ? Number(size) : null,
  };
}

function write(f: Filters, on: string | null) {
  const out: Record<string, string> = {};
  if (f.words) {
    out.words = f.words;
  }
  for (const key of ['kinds', 'things', 'colours', 'rights'] as const) {
    if (f[key].length > 0) {
      out[key] = f[key].join(',');
    }
  }
  if (f.enough) {
    out.enough = 'yes';
  }
  if (f.mostWidthMm !== null) {
    out.size = String(f.mostWidthMm);
  }
  if (on !== null) {
    out.on = on;
  }
  return out;
}
