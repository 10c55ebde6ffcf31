import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { api, ask, type WalkStop } from '../api/client';
import { changed, keys } from '../api/keys';
import { STOPS } from '../app/RouteLine';
import { Button } from '../common/Button';
import { usePlan } from '../plan/PlanProvider';
import { nextStop } from './nextStop';
import { walkIsOver } from './walkBegun';

/** What there is to do next on a first walk; on any other piece nothing. */
export function WalkStrip() {
  const { piece } = usePlan();
  return piece.practice ? <Strip pieceId={piece.id} version={piece.version} /> : null;
}

function Strip({ pieceId, version }: { pieceId: string; version: number }) {
  const walk = useQuery({
    queryKey: keys.walk(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/walk', { params: { path: { id: pieceId } } })),
    placeholderData: (before) => before,
  });
  const [passedBy, setPassedBy] = useState<ReadonlyArray<WalkStop['stop']>>([]);
  const here = useLocation().pathname.split('/')[3];
  const go = useNavigate();
  if (!walk.data) {
    return null;
  }
  const { stops } = walk.data;
  const at = nextStop(stops, passedBy);
  const now = stops[at];
  const path = STOPS.find((s) => s.stop === now?.stop);
  if (now === undefined || path === undefined) {
    throw new Error('impossible state: a walk has a last stop');
  }
  const last = at === stops.length - 1;
  return (
    <Flex
      as="section"
      aria-label="First walk"
      align="center"
      gap={{ base: '2', md: '5' }}
      wrap={{ base: 'wrap', lg: 'nowrap' }}
      px={{ base: '3', md: '5' }}
      py="2"
      bg="ochreWash"
      borderBottomWidth="1px"
      borderColor="hairline"
      _print={{ display: 'none' }}
    >
      <Steps stops={stops} at={at} />
      <Text flex="1" minW="240px" role="status" fontSize="14px">
        <Text as="span" fontWeight="600">
          {now.title}.
        </Text>{' '}
        {now.todo}
      </Text>
      <Flex gap="2" flexShrink={0} align="center">
        {here !== path.path && (
          <Button look="sea" onClick={() => go(`/pieces/${pieceId}/${path.path}`)}>
            To {path.name}
          </Button>
        )}
        {!last && here === path.path && (
          <Button onClick={() => setPassedBy([...passedBy, now.stop])}>Pass it by</Button>
        )}
        <Ends pieceId={pieceId} last={last} />
      </Flex>
    </Flex>
  );
}

/** How far one has come: a footprint for each stop. */
function Steps({ stops, at }: { stops: readonly WalkStop[]; at: number }) {
  return (
    <Flex gap="1.5" flexShrink={0} align="center">
      <Text fontSize="13px" whiteSpace="nowrap" fontWeight="600">
        {at + 1} of {stops.length}
      </Text>
      <Flex gap="1" aria-hidden>
        {stops.map((s, i) => (
          <Box
            key={s.stop}
            w={i === at ? '16px' : '8px'}
            h="8px"
            borderRadius="full"
            borderWidth="1.5px"
            borderColor={i === at ? 'ochre' : 'sea'}
            bg={i === at ? 'ochre' : s.done ? 'sea' : 'transparent'}
          />
        ))}
      </Flex>
    </Flex>
  );
}

/** The board is thrown away, or kept as a piece like all others. */
function Ends({ pieceId, last }: { pieceId: string; last: boolean }) {
  const client = useQueryClient();
  const go = useNavigate();
  const path = { params: { path: { id: pieceId } } };
  const end = useMutation({
    mutationFn: async (kept: boolean) => {
      if (kept) {
        await ask(api.POST('/api/pieces/{id}/restore', path));
      } else {
        await ask(api.DELETE('/api/pieces/{id}', path), true);
      }
      return kept;
    },
    onSuccess: (kept) => {
      walkIsOver();
      // first away from the board: it is not to be asked for once more when it is gone
      if (!kept) {
        go('/');
      }
      void changed(client, 'PLAN');
    },
  });
  return (
    <>
      {last && (
        <Button disabled={end.isPending} onClick={() => end.mutate(true)}>
          Keep the board
        </Button>
      )}
      <Button
        look={last ? 'sea' : 'plain'}
        disabled={end.isPending}
        onClick={() => end.mutate(false)}
      >
        Throw the board away
      </Button>
      {end.isError && (
        <Text role="alert" color="rust" fontSize="13px">
          {end.error.message}
        </Text>
      )}
    </>
  );
}
