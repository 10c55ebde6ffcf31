import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { PieceCard } from '../api/client';
import { usePieces, useStudio } from '../api/queries';
import { STOPS } from '../app/RouteLine';
import { Button } from '../common/Button';
import { Empty, ErrorState, Loading } from '../common/States';
import type { Stencils } from '../map/FaceDrawing';
import { Net } from '../map/Net';
import { useStencilMap } from '../map/useStencilMap';
import { NewChest } from './NewChest';

/** Every piece of the studio as a small net, where it stands, and what is next. */
export function PiecesPage() {
  const pieces = usePieces();
  const studio = useStudio().data;
  const stencils = useStencilMap();
  const [starting, setStarting] = useState(false);
  if (pieces.isPending) {
    return <Loading what="the pieces" />;
  }
  if (pieces.isError) {
    return <ErrorState problem={pieces.error} again={() => pieces.refetch()} />;
  }
  return (
    <Box px="8" py="6">
      <Flex justify="space-between" align="flex-end" mb="5">
        <Box>
          <Text color="soft">{studio?.name}</Text>
          <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
            Pieces
          </Heading>
        </Box>
        <Button look="sea" size="md" onClick={() => setStarting(true)}>
          Start a chest…
        </Button>
      </Flex>
      {pieces.data.length === 0 && (
        <Empty title="No piece yet">
          Start a chest: three measures off the tape are enough to try designs on it.
        </Empty>
      )}
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(380px, 1fr))" gap="5">
        {pieces.data.map((piece) => (
          <Card key={piece.id} piece={piece} stencils={stencils} />
        ))}
        <BlankSheet onStart={() => setStarting(true)} />
      </Box>
      {starting && <NewChest close={() => setStarting(false)} />}
    </Box>
  );
}

/** An empty sheet to begin on: a net that nobody has measured yet. */
function BlankSheet({ onStart }: { onStart: () => void }) {
  return (
    <Flex
      as="button"
      onClick={onStart}
      aria-label="Start a chest on an empty sheet"
      direction="column"
      align="center"
      justify="center"
      gap="3"
      minH="250px"
      borderWidth="1.5px"
      borderStyle="dashed"
      borderColor="fold"
      borderRadius="xl"
      color="soft"
      _hover={{ borderColor: 'sea', color: 'sea' }}
    >
      <svg width="190" height="112" aria-hidden fill="none" stroke="currentColor" strokeWidth="1.3">
        <path
          d="M52 2h86v44H52zM52 50h86v60H52zM4 50h44v60H4zM142 50h44v60h-44z"
          strokeDasharray="5 4"
        />
        <path d="M52 80h86M56 77l-4 3 4 3M134 77l4 3-4 3" />
      </svg>
      <Text>An empty sheet: measure a chest</Text>
    </Flex>
  );
}

function Card({ piece, stencils }: { piece: PieceCard; stencils: Stencils }) {
  const { settled, next, nextText } = piece.route;
  const stop = STOPS.find((s) => s.stop === next);
  return (
    <Box
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="xl"
      overflow="hidden"
      _hover={{ borderColor: 'sea' }}
    >
      <Link
        to={`/pieces/${piece.id}/${stop?.path ?? 'survey'}`}
        aria-label={`${piece.name}. Next: ${nextText}`}
      >
        <Flex justify="center" py="5" bg="paper">
          <Net reading={piece.reading} stencils={stencils} width={360} height={210} />
        </Flex>
        <Box px="4" py="3">
          <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600">
            {piece.name}
          </Heading>
          <Flex align="center" gap="0" mt="2" aria-hidden>
            {STOPS.map((s, i) => (
              <Flex key={s.stop} align="center">
                {i > 0 && (
                  <Box
                    w="40px"
                    borderTopWidth="2px"
                    borderColor={settled.includes(s.stop) ? 'sea' : 'fold'}
                    borderStyle={settled.includes(s.stop) ? 'solid' : 'dashed'}
                  />
                )}
                <Box
                  w="10px"
                  h="10px"
                  borderRadius="full"
                  borderWidth="2px"
                  borderColor={s.stop === next && !settled.includes(s.stop) ? 'ochre' : 'sea'}
                  bg={settled.includes(s.stop) ? 'sea' : s.stop === next ? 'ochre' : 'sheet'}
                />
              </Flex>
            ))}
            <Text ml="3" fontSize="13px" color="soft">
              {stop?.name}
            </Text>
          </Flex>
          <Text mt="2">{nextText}</Text>
        </Box>
      </Link>
    </Box>
  );
}
