import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { fromNow } from '../account/roles';
import { useMe } from '../account/useMe';
import { api, ask, type ClientComment, type GivenLook, type Look } from '../api/client';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { GivenLinkBox } from '../common/GivenLinkBox';
import { Refusal } from '../common/Refusal';
import { Empty, ErrorState, Loading } from '../common/States';
import { GiveLook } from './GiveLook';
import { useLooks, useLooksChange } from './useLooks';

/** What clients may look at, and what they said. */
export function ClientsPage() {
  const looks = useLooks();
  const me = useMe().data;
  const [given, setGiven] = useState<GivenLook | null>(null);
  if (looks.isError) {
    return <ErrorState problem={looks.error} again={() => void looks.refetch()} />;
  }
  if (!looks.data) {
    return <Loading what="what clients see" />;
  }
  const { comments } = looks.data;
  return (
    <Box maxW="1120px" mx="auto" px="6" py="5">
      <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600">
        Clients
      </Heading>
      <Text color="soft" fontSize="13.5px" mb="4">
        A client sees chosen pieces by a link, until it ends: the map, the piece as it stands,
        photos and the price if you like. Nothing of your costs, your shelf, or who works here.
      </Text>
      <Flex gap="5" align="flex-start" wrap="wrap">
        <Box flex="1.2 1 440px" minW="0">
          <Card title="What they said">
            {comments.length === 0 ? (
              <Text color="soft" fontSize="13.5px">
                Nothing yet. What a client writes under your pieces comes here.
              </Text>
            ) : (
              comments.map((c) => <Comment key={c.id} comment={c} />)
            )}
          </Card>
          {looks.data.looks.length === 0 ? (
            <Empty title="Nobody looks yet">
              Make a link, and give it to the client for whom the pieces are.
            </Empty>
          ) : (
            <Card title="Links">
              {looks.data.looks.map((l) => (
                <LookRow key={l.id} look={l} />
              ))}
            </Card>
          )}
        </Box>
        <Box flex="1 1 360px" minW="0">
          {given !== null && (
            <GivenLinkBox
              forWhom={given.look.name}
              lets={`It shows what you chose and ends ${fromNow(given.look.endsAt, Date.now())}.`}
              path={given.path}
              onRead={() => setGiven(null)}
            />
          )}
          <GiveLook onGiven={setGiven} />
          {me?.accounts === false && (
            <Text color="soft" fontSize="13px">
              On this machine alone nobody else can open a link: see how to serve Craft Map to
              others in docs/accounts.md.
            </Text>
          )}
        </Box>
      </Flex>
    </Box>
  );
}

function Comment({ comment }: { comment: ClientComment }) {
  const read = useLooksChange((id: string) =>
    ask(api.PUT('/api/looks/comments/{id}/read', { params: { path: { id } } }), true),
  );
  const about =
    comment.pieceId === undefined ? (
      comment.pieceName
    ) : (
      <Link to={`/pieces/${comment.pieceId}`}>{comment.pieceName}</Link>
    );
  return (
    <Box
      as="article"
      py="3"
      borderTopWidth="1px"
      borderColor="hairline"
      _first={{ borderTopWidth: 0, pt: 0 }}
    >
      <Flex justify="space-between" gap="3" align="baseline">
        <Text fontSize="13px" color="soft">
          <b>{comment.by || 'Somebody'}</b>
          {comment.lookName !== '' && `, by the link for ${comment.lookName}`} ·{' '}
          {fromNow(comment.at, Date.now())}
        </Text>
        {!comment.read && (
          <Button size="xs" onClick={() => read.mutate(comment.id)}>
            Read
          </Button>
        )}
      </Flex>
      <Text fontSize="15px" whiteSpace="pre-wrap" fontWeight={comment.read ? undefined : '600'}>
        {comment.text}
      </Text>
      {comment.pieceName !== '' && (
        <Text fontSize="13px" color="soft">
          of {about}
        </Text>
      )}
      <Refusal of={read.error} />
    </Box>
  );
}

function LookRow({ look }: { look: Look }) {
  const takeBack = useLooksChange((id: string) =>
    ask(api.DELETE('/api/looks/{id}', { params: { path: { id } } }), true),
  );
  const shows = [look.withPhotos && 'photos', look.withPrice && 'the price'].filter(Boolean);
  return (
    <Flex
      justify="space-between"
      gap="3"
      py="2.5"
      align="center"
      borderTopWidth="1px"
      borderColor="hairline"
      opacity={look.ended ? 0.65 : 1}
    >
      <Box minW="0">
        <Text fontSize="15px" fontWeight="600">
          {look.name}
        </Text>
        <Text fontSize="13px" color="soft">
          {look.pieces.join(', ')}
          {shows.length > 0 && `, with ${shows.join(' and ')}`}
        </Text>
        <Text fontSize="13px" color="soft">
          {look.ended ? 'ended' : 'ends'} {fromNow(look.endsAt, Date.now())} ·{' '}
          {look.lookedAt === undefined
            ? 'not opened yet'
            : `looked at ${fromNow(look.lookedAt, Date.now())}`}
          {look.madeBy !== '' && ` · given by ${look.madeBy}`}
        </Text>
        <Refusal of={takeBack.error} />
      </Box>
      <Button size="xs" look="warn" flexShrink={0} onClick={() => takeBack.mutate(look.id)}>
        {look.ended ? 'Put away' : 'Take back'}
      </Button>
    </Flex>
  );
}
