import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { upload } from '../api/client';
import { changed } from '../api/keys';
import { useNexts, usePieces, useStudio } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Empty, ErrorState, Loading } from '../common/States';
import { useStencilMap } from '../map/useStencilMap';
import { WalkButton } from '../walk/WalkButton';
import { Card } from './Card';
import { NewPiece } from './NewPiece';

/** Every piece of the studio as a small net, where it stands, and what is next. */
export function PiecesPage() {
  const [archived, setArchived] = useState(false);
  const [find, setFind] = useState('');
  const wanted = useDeferredValue(find.trim());
  const pieces = usePieces(archived, wanted);
  const studio = useStudio().data;
  const nexts = useNexts().data;
  const stencils = useStencilMap();
  const [starting, setStarting] = useState(false);
  useKeys({ n: () => setStarting(true) });
  if (pieces.isPending) {
    return <Loading what="the pieces" />;
  }
  if (pieces.isError) {
    return <ErrorState problem={pieces.error} again={() => pieces.refetch()} />;
  }
  return (
    <Box px="8" py="6">
      <Flex justify="space-between" align="flex-end" mb="5" gap="4">
        <Box flex="1">
          <Text color="soft">{studio?.name}</Text>
          <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
            {archived ? 'Put away' : 'Pieces'}
          </Heading>
        </Box>
        <Input
          w="230px"
          size="sm"
          bg="card"
          borderColor="hairline"
          placeholder="Only pieces or faces called"
          aria-label="Find a piece"
          value={find}
          onChange={(e) => setFind(e.currentTarget.value)}
          onKeyDown={(e) => e.key === 'Escape' && setFind('')}
        />
        <Button onClick={() => setArchived(!archived)}>
          {archived ? 'Back to the pieces' : 'Put away'}
        </Button>
        <ImportPiece />
        <WalkButton />
        <Button look="sea" onClick={() => setStarting(true)}>
          Start a piece…
        </Button>
      </Flex>
      {pieces.data.length === 0 && (
        <Empty
          title={
            wanted
              ? 'Nothing has all these words'
              : archived
                ? 'Nothing is put away'
                : 'No piece yet'
          }
        >
          {wanted
            ? 'Try fewer of them, or look among the pieces that were put away.'
            : archived
              ? 'A piece that is done can be put away from its card; it keeps everything.'
              : 'Start one: a form of furniture and a few measures off the tape are enough. Or take a first walk: three minutes along the route, on a board that is thrown away afterwards.'}
        </Empty>
      )}
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(380px, 1fr))" gap="5">
        {pieces.data.map((piece) => (
          <Card
            key={piece.id}
            piece={piece}
            next={nexts?.find((n) => n.pieceId === piece.id)}
            stencils={stencils}
            archived={archived}
          />
        ))}
        {!archived && !wanted && <BlankSheet onStart={() => setStarting(true)} />}
      </Box>
      {starting && <NewPiece close={() => setStarting(false)} />}
    </Box>
  );
}

/** Takes a piece in from a file; one that is refused changes nothing. */
function ImportPiece() {
  const go = useNavigate();
  const client = useQueryClient();
  const input = useRef<HTMLInputElement>(null);
  const read = useMutation({
    mutationFn: (file: File) => upload<{ id: string }>('/api/pieces/import', file),
    onSuccess: (piece) => {
      void changed(client, 'PLAN');
      go(`/pieces/${piece.id}/survey`);
    },
  });
  return (
    <Box position="relative">
      <Button onClick={() => input.current?.click()} disabled={read.isPending}>
        {read.isPending ? 'Reading…' : 'From a file…'}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept="application/json,.json"
        aria-label="A piece file"
        onChange={(e) => {
          const file = e.currentTarget.files?.[0];
          if (file) {
            read.mutate(file);
          }
          e.currentTarget.value = '';
        }}
      />
      {read.isError && (
        <Box
          role="alert"
          position="absolute"
          right="0"
          top="10"
          w="320px"
          p="3"
          bg="card"
          borderWidth="1px"
          borderColor="rust"
          borderRadius="lg"
          color="rust"
          boxShadow="lg"
          zIndex="1"
        >
          {read.error.message} Nothing was changed.
        </Box>
      )}
    </Box>
  );
}

/** An empty sheet to begin on: a net that nobody has measured yet. */
function BlankSheet({ onStart }: { onStart: () => void }) {
  return (
    <Flex
      as="button"
      onClick={onStart}
      aria-label="Start a piece on an empty sheet"
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
      <Text>An empty sheet: measure a piece</Text>
    </Flex>
  );
}
