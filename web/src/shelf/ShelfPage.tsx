import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useNavigate, useParams } from 'react-router';
import type { PotView, StencilView } from '../api/client';
import { usePots, useStencils } from '../api/queries';
import { Empty, ErrorState, Loading } from '../common/States';
import { PotJar } from '../gather/PotJar';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { Ledger } from './Ledger';

/** Every stencil at one scale and every pot at its level, on their boards. */
export function ShelfPage() {
  const { potId } = useParams();
  const go = useNavigate();
  const stencils = useStencils();
  const pots = usePots();
  if (stencils.isPending || pots.isPending) {
    return <Loading what="the shelf" />;
  }
  if (stencils.isError) {
    return <ErrorState problem={stencils.error} again={() => stencils.refetch()} />;
  }
  if (pots.isError) {
    return <ErrorState problem={pots.error} again={() => pots.refetch()} />;
  }
  const open = potId ?? pots.data[0]?.id;
  return (
    <Flex h="100%">
      <Box flex="1" minW="0" overflow="auto" px="6" py="4">
        <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
          The shelf
        </Heading>
        <Text color="soft" mb="3">
          {stencils.data.length} stencils, {pots.data.length} pots. Stencils at one scale.
        </Text>
        {stencils.data.length === 0 && (
          <Empty title="The shelf is empty">
            This studio was started without the demo. Start with the demo data to look around
            Saltmarsh Studio.
          </Empty>
        )}
        <Board>
          {stencils.data.map((s) => (
            <Sheet key={s.id} stencil={s} />
          ))}
        </Board>
        <Board>
          {pots.data.map((p) => (
            <PotOnShelf
              key={p.id}
              pot={p}
              open={p.id === open}
              onOpen={() => go(`/shelf/${p.id}`)}
            />
          ))}
        </Board>
      </Box>
      <Box
        as="aside"
        w="348px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        {open && <Ledger key={open} potId={open} />}
      </Box>
    </Flex>
  );
}

function Board({ children }: { children: React.ReactNode }) {
  return (
    <Flex wrap="wrap" align="flex-end" rowGap="5" columnGap="0" mb="6">
      {children}
    </Flex>
  );
}

/** A thing standing on its stretch of the board, its name under it. */
function OnBoard({ children, under }: { children: React.ReactNode; under: React.ReactNode }) {
  return (
    <Flex direction="column" flexGrow={1}>
      <Flex justify="center" align="flex-end" px="3">
        {children}
      </Flex>
      <Box h="7px" bg="wood" borderBottomWidth="3px" borderColor="woodShade" aria-hidden />
      <Box textAlign="center" mt="1" lineHeight="1.3">
        {under}
      </Box>
    </Flex>
  );
}

const SCALE = 0.56;

function Sheet({ stencil }: { stencil: StencilView }) {
  const w = stencil.sheetWidth.mm * SCALE;
  const h = stencil.sheetHeight.mm * SCALE;
  return (
    <OnBoard
      under={
        <>
          <Text fontSize="13px">{stencil.name}</Text>
          <Text fontSize="12.5px" color="soft">
            {stencil.openShareText} open
          </Text>
        </>
      }
    >
      <svg width={num(w + 2)} height={num(h + 1)} role="img" aria-label={stencil.name}>
        <g transform={`translate(1 1) scale(${SCALE})`}>
          <rect
            width={stencil.sheetWidth.mm}
            height={stencil.sheetHeight.mm}
            rx="4"
            fill={ink('seaWash')}
            stroke={ink('sea')}
            vectorEffect="non-scaling-stroke"
          />
          <path d={stencil.pathData} fill={ink('sea')} fillRule="evenodd" />
        </g>
      </svg>
    </OnBoard>
  );
}

function PotOnShelf({ pot, open, onOpen }: { pot: PotView; open: boolean; onOpen: () => void }) {
  return (
    <OnBoard
      under={
        <>
          <Text fontSize="13px" fontWeight={open ? '600' : '400'}>
            {pot.name}
          </Text>
          <Text fontSize="12.5px" color={pot.fullShare < 0.08 ? 'rust' : 'soft'}>
            {pot.levelText} of {pot.holdsMl} ml
          </Text>
        </>
      }
    >
      <Box
        as="button"
        aria-label={`Ledger of ${pot.name}`}
        aria-pressed={open}
        onClick={onOpen}
        borderRadius="md"
        bg={open ? 'ochreWash' : 'transparent'}
      >
        <PotJar
          colour={pot.colour}
          fullShare={pot.fullShare}
          holdsMl={pot.holdsMl}
          label={`${pot.name}, ${pot.levelText}`}
        />
      </Box>
    </OnBoard>
  );
}
