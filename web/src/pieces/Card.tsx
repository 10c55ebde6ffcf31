import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type NextOfPiece, type PieceLine, type RouteView } from '../api/client';
import { changed } from '../api/keys';
import { useCard } from '../api/queries';
import { STOPS } from '../app/RouteLine';
import { Button } from '../common/Button';
import { FoundMark } from '../common/FoundMark';
import { Loading } from '../common/States';
import { useSeen } from '../common/useSeen';
import type { Stencils } from '../map/Items';
import { Net } from '../map/Net';

/**
 * A piece with its net, how far it is and what is next. What it comes to is worked out once it is
 * about to be seen, so that a studio's first pieces need not wait for its last.
 */
export function Card({
  piece,
  next,
  stencils,
  archived,
}: {
  piece: PieceLine;
  next: NextOfPiece | undefined;
  stencils: Stencils;
  archived: boolean;
}) {
  const [ref, seen] = useSeen<HTMLDivElement>();
  const card = useCard(piece.id, seen);
  const route = card.data?.route;
  const stop = STOPS.find((s) => s.stop === route?.next);
  return (
    <Flex
      ref={ref}
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
        aria-label={route ? `${piece.name}. Next: ${route.nextText}` : piece.name}
      >
        <Flex justify="center" align="center" py="5" bg="paper" minH="250px">
          <Shown card={card} stencils={stencils} />
        </Flex>
        <Box px="4" py="3">
          <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600">
            {piece.name}
          </Heading>
          {route && <Way route={route} />}
          <Text mt="2" minH="1.5em">
            {route?.nextText}
          </Text>
          {next && next.nextText !== '' && (
            <Text mt="1" fontSize="13px" color="soft">
              At the bench: {next.nextText}.{' '}
              <Text as="span" color={next.late ? 'rust' : 'moss'}>
                {next.readyText}.
              </Text>
            </Text>
          )}
          {route && <FoundLine found={route.found} />}
        </Box>
      </Link>
      <CardActions piece={piece} archived={archived} />
    </Flex>
  );
}

/** The net of a piece, or why there is none. */
function Shown({ card, stencils }: { card: ReturnType<typeof useCard>; stencils: Stencils }) {
  if (card.data?.reading) {
    return <Net reading={card.data.reading} stencils={stencils} width={360} height={210} />;
  }
  if (card.isPending) {
    return <Loading what="its drawing" />;
  }
  return (
    <Text color="rust" maxW="300px" textAlign="center">
      {card.data?.problem ?? card.error?.message}
    </Text>
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
function CardActions({ piece, archived }: { piece: PieceLine; archived: boolean }) {
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
