import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Door } from '../account/Door';
import { api, ask } from '../api/client';
import { keys } from '../api/keys';
import { Pill } from '../common/Pill';
import { Loading } from '../common/States';
import { Say } from './Say';
import { ShownPieceOf } from './ShownPieceOf';

/**
 * What a client sees who followed a link. What opens it stands behind the #, which browsers keep to
 * themselves; the page itself is the same for everybody.
 */
export function LookPage() {
  const [link] = useState(() => window.location.hash.slice(1));
  const [at, setAt] = useState<string | null>(null);
  const shown = useQuery({
    queryKey: keys.shown(link),
    queryFn: () =>
      link === '' ? ask(api.GET('/api/look')) : ask(api.POST('/api/look/open', { body: { link } })),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (shown.isPending) {
    return <Loading what="what there is to see" />;
  }
  if (shown.isError) {
    return (
      <Door title="Nothing to see here">
        <Text>{shown.error.message}</Text>
        <Text mt="3" color="soft" fontSize="14px">
          Ask the studio that gave you the link for another one.
        </Text>
      </Door>
    );
  }
  const { studio, endsAt, pieces } = shown.data;
  const piece = pieces.find((p) => p.id === at) ?? pieces[0];
  return (
    <Box minH="100%" overflow="auto" h="100%">
      <title>{`${studio} shows`}</title>
      <Box as="header" bg="sheet" borderBottomWidth="1px" borderColor="hairline">
        <Flex
          maxW="1120px"
          mx="auto"
          px={{ base: '4', md: '6' }}
          py="4"
          justify="space-between"
          align="baseline"
          gap="4"
          wrap="wrap"
        >
          <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
            {studio}
          </Heading>
          <Text color="soft" fontSize="13.5px">
            to be seen until{' '}
            {new Date(endsAt).toLocaleDateString('en-GB', {
              day: 'numeric',
              month: 'long',
              year: 'numeric',
            })}
          </Text>
        </Flex>
      </Box>
      <Box as="main" maxW="1120px" mx="auto" px={{ base: '4', md: '6' }} py="5">
        {pieces.length > 1 && (
          <Flex as="nav" aria-label="Pieces" gap="2" mb="5" wrap="wrap">
            {pieces.map((p) => (
              <Pill key={p.id} on={p.id === piece?.id} onClick={() => setAt(p.id)}>
                {p.name}
              </Pill>
            ))}
          </Flex>
        )}
        {piece === undefined ? (
          <Text>There is nothing to see yet.</Text>
        ) : (
          <ShownPieceOf key={piece.id} link={link} pieceId={piece.id} />
        )}
        <Say pieces={pieces} about={piece?.id} />
      </Box>
    </Box>
  );
}
