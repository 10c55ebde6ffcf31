import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useMemo, useRef } from 'react';
import type { CardView } from '../api/client';
import { Fig } from '../common/Fig';
import { useElementSize } from '../common/useElementSize';
import { boards, heightOf, LEAST_PLACE, type Row, sizeOf } from './boards';
import { ThingDrawing } from './ThingDrawing';

const STANDING_COLOUR = {
  ENOUGH: 'soft',
  SHORT: 'rust',
  NONE: 'rust',
  BY_HAND: 'soft',
} as const;

type Props = {
  readonly cards: ReadonlyArray<CardView>;
  readonly scale: number;
  readonly chosen: string | null;
  readonly onChoose: (card: CardView) => void;
};

/** Boards under boards; only those in sight are drawn, however many there are. */
export function ShelfBoards({ cards, scale, chosen, onChoose }: Props) {
  const [scroller, size] = useElementSize();
  const room = Math.max(300, (size?.width ?? 800) - 32);
  const rows = useMemo(() => boards(cards, room, scale), [cards, room, scale]);
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => heightOf(rows[i] as Row),
    overscan: 3,
    getItemKey: (i) => i,
  });
  // a row keeps its number and changes its height with the filter: measured anew
  const key = `${rows.length}/${scale}/${room}/${cards.length}`;
  const last = useRef(key);
  if (last.current !== key) {
    last.current = key;
    list.measure();
  }
  return (
    <Box
      ref={scroller}
      flex="1"
      minH="0"
      overflow="auto"
      px="4"
      pb="6"
      tabIndex={0}
      aria-label="The boards"
    >
      <Box position="relative" h={`${list.getTotalSize()}px`}>
        {list.getVirtualItems().map((item) => {
          const row = rows[item.index] as Row;
          return (
            <Box
              key={item.key}
              position="absolute"
              left="0"
              right="0"
              style={{ transform: `translateY(${item.start}px)`, height: item.size }}
            >
              {row.kind === 'heading' ? (
                <Flex align="baseline" gap="2" pt="3">
                  <Heading as="h2" fontFamily="heading" fontSize="16px" fontWeight="600">
                    {row.title}
                  </Heading>
                  <Text color="soft" fontSize="13px">
                    {row.count}
                  </Text>
                </Flex>
              ) : (
                <Board row={row} scale={scale} chosen={chosen} onChoose={onChoose} />
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

const Board = memo(function Board({
  row,
  scale,
  chosen,
  onChoose,
}: {
  row: Extract<Row, { kind: 'board' }>;
  scale: number;
  chosen: string | null;
  onChoose: (card: CardView) => void;
}) {
  return (
    <Box>
      <Flex align="flex-end" h={`${Math.ceil(row.tallest) + 8}px`} gap="22px">
        {row.cards.map((card) => (
          <Flex
            key={card.id}
            as="button"
            justify="center"
            align="flex-end"
            flexGrow={row.full ? 1 : 0}
            flexBasis={`${Math.max(LEAST_PLACE, sizeOf(card, scale).width)}px`}
            minW="0"
            aria-pressed={card.id === chosen}
            aria-label={`${card.name}, ${card.kindText}: ${card.stockText}`}
            onClick={() => onChoose(card)}
            borderRadius="4px"
            outline={card.id === chosen ? '3px solid' : undefined}
            outlineColor="ochre"
            outlineOffset="4px"
            pb="1px"
          >
            <ThingDrawing card={card} scale={scale} />
          </Flex>
        ))}
      </Flex>
      <Box h="7px" bg="wood" borderBottomWidth="3px" borderColor="woodShade" aria-hidden />
      <Flex gap="22px" mt="1">
        {row.cards.map((card) => (
          <Box
            key={card.id}
            flexGrow={row.full ? 1 : 0}
            flexBasis={`${Math.max(LEAST_PLACE, sizeOf(card, scale).width)}px`}
            minW="0"
            textAlign="center"
            lineHeight="1.25"
          >
            <Text fontSize="13px" lineClamp={1} fontWeight={card.id === chosen ? '600' : '400'}>
              {card.name}
            </Text>
            <Text fontSize="12.5px" color={STANDING_COLOUR[card.standing]} lineClamp={1}>
              {card.standing === 'SHORT' && 'short: '}
              <Fig text={card.stockText} />
            </Text>
          </Box>
        ))}
      </Flex>
    </Box>
  );
});
