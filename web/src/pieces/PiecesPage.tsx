import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ask, type NextOfPiece, type PieceCard, type RouteView, upload } from '../api/client';
import { changed } from '../api/keys';
import { useNexts, usePieces, useStudio } from '../api/queries';
import { STOPS } from '../app/RouteLine';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { FoundMark } from '../common/FoundMark';
import { Empty, ErrorState, Loading } from '../common/States';
import type { Stencils } from '../map/Items';
import { Net } from '../map/Net';
import { useStencilMap } from '../map/useStencilMap';
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
              : 'Start one: a form of furniture and a few measures off the tape are enough.'}
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

function Card({
  piece,
  next,
  stencils,
  archived,
}: {
  piece: PieceCard;
  next: NextOfPiece | undefined;
  stencils: Stencils;
  archived: boolean;
}) {
  const stop = STOPS.find((s) => s.stop === piece.route?.next);
  return (
    <Flex
      direction="column"
      justify="space-between"
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="xl"
      overflow="hidden"
      _hover={{ borderColor: 'sea' }}
    >
      <Link
        to={`/pieces/${piece.id}/${stop?.path ?? 'survey'}`}
        aria-label={piece.route ? `${piece.name}. Next: ${piece.route.nextText}` : `${piece.name}`}
      >
        <Flex justify="center" align="center" py="5" bg="paper" minH="250px">
          {piece.reading ? (
            <Net reading={piece.reading} stencils={stencils} width={360} height={210} />
          ) : (
            <Text color="rust" maxW="300px" textAlign="center">
              {piece.problem}
            </Text>
          )}
        </Flex>
        <Box px="4" py="3">
          <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600">
            {piece.name}
          </Heading>
          {piece.route && <Way route={piece.route} />}
          <Text mt="2">{piece.route?.nextText}</Text>
          {next && next.nextText !== '' && (
            <Text mt="1" fontSize="13px" color="soft">
              At the bench: {next.nextText}.{' '}
              <Text as="span" color={next.late ? 'rust' : 'moss'}>
                {next.readyText}.
              </Text>
            </Text>
          )}
          {piece.route && <FoundLine found={piece.route.found} />}
        </Box>
      </Link>
      <CardActions piece={piece} archived={archived} />
    </Flex>
  );
}

/** How far along its route a piece is. */
function Way({ route }: { route: RouteView }) {
  const { settled, next } = route;
  return (
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
        {STOPS.find((s) => s.stop === next)?.name}
      </Text>
    </Flex>
  );
}

/** Where something was found that may fail, or would be better otherwise. */
function FoundLine({ found }: { found: RouteView['found'] }) {
  return (
    <Flex wrap="wrap" columnGap="4" mt="1" fontSize="13px" color="soft">
      {found.map((f) => (
        <Box key={f.stop}>
          {STOPS.find((s) => s.stop === f.stop)?.name}
          <FoundMark found={f} />
        </Box>
      ))}
    </Flex>
  );
}

/** What can be done with a piece from outside. */
function CardActions({ piece, archived }: { piece: PieceCard; archived: boolean }) {
  const client = useQueryClient();
  const path = { params: { path: { id: piece.id } } };
  const [sure, setSure] = useState(false);
  const act = useMutation({
    mutationFn: async (what: 'copy' | 'archive' | 'restore' | 'delete') => {
      switch (what) {
        case 'copy':
          return ask(api.POST('/api/pieces/{id}/copy', path));
        case 'archive':
          return ask(api.POST('/api/pieces/{id}/archive', path));
        case 'restore':
          return ask(api.POST('/api/pieces/{id}/restore', path));
        case 'delete':
          return ask(api.DELETE('/api/pieces/{id}', path), true);
      }
    },
    onSettled: () => changed(client, 'PLAN'),
  });
  return (
    <Flex px="3" pb="3" gap="1" align="center">
      <Button
        size="xs"
        look="plain"
        aria-label={`Copy ${piece.name}`}
        onClick={() => act.mutate('copy')}
      >
        Copy
      </Button>
      <Button
        size="xs"
        look="plain"
        aria-label={archived ? `Take ${piece.name} out again` : `Put ${piece.name} away`}
        onClick={() => act.mutate(archived ? 'restore' : 'archive')}
      >
        {archived ? 'Take out again' : 'Put away'}
      </Button>
      {archived && (
        <Button
          size="xs"
          look={sure ? 'warn' : 'plain'}
          aria-label={sure ? `Delete ${piece.name} for good` : `Delete ${piece.name}`}
          onClick={() => (sure ? act.mutate('delete') : setSure(true))}
          onBlur={() => setSure(false)}
        >
          {sure ? 'Delete for good' : 'Delete…'}
        </Button>
      )}
      <a href={`/api/pieces/${piece.id}/export`} aria-label={`${piece.name} as a file`}>
        <Text as="span" color="sea" fontSize="sm" fontWeight="500" px="2">
          As a file
        </Text>
      </a>
      {act.isError && (
        <Text role="alert" color="rust" fontSize="13px">
          {act.error.message}
        </Text>
      )}
    </Flex>
  );
}
