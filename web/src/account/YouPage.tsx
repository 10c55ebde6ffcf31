import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, ask, type Me, type SignedInPlace } from '../api/client';
import { changed, keys } from '../api/keys';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Loading } from '../common/States';
import { Codes } from './Codes';
import { fromNow, roleName } from './roles';
import { PasswordField } from './SignInPage';
import { useMe, useSignOut } from './useMe';

/** What is one's own: the password, the codes, and where one is signed in. */
export function YouPage() {
  const me = useMe().data;
  const out = useSignOut();
  if (!me?.accounts) {
    return <Loading what="who you are" />;
  }
  return (
    <Box maxW="1120px" mx="auto" px="6" py="5">
      <Flex justify="space-between" align="flex-end" mb="4" gap="4">
        <Box>
          <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600">
            {me.person}
          </Heading>
          <Text color="soft" fontSize="13.5px">
            {roleName(me.role)} at {me.studio} · signs in as {me.signIn}
          </Text>
        </Box>
        <Button size="md" disabled={out.isPending} onClick={() => out.mutate(false)}>
          Sign out
        </Button>
      </Flex>
      <Refusal of={out.error} />
      <Flex gap="5" align="flex-start" wrap="wrap">
        <Box flex="1 1 400px">
          <Places onEverywhere={() => out.mutate(true)} />
        </Box>
        <Box flex="1 1 360px">
          <ChangePassword />
          <OwnCodes me={me} />
        </Box>
      </Flex>
    </Box>
  );
}

const DEVICES = {
  COMPUTER: 'A computer',
  TABLET: 'A tablet',
  PHONE: 'A phone',
  UNKNOWN: 'Some device',
} as const satisfies Record<SignedInPlace['device'], string>;

function Places({ onEverywhere }: { onEverywhere: () => void }) {
  const client = useQueryClient();
  const places = useQuery({
    queryKey: keys.places(),
    queryFn: () => ask(api.GET('/api/me/sessions')),
  });
  const end = useMutation({
    mutationFn: (id: string) =>
      ask(api.DELETE('/api/me/sessions/{id}', { params: { path: { id } } }), true),
    onSettled: () => client.invalidateQueries({ queryKey: keys.places() }),
  });
  return (
    <Card title="Where you are signed in">
      {places.data?.map((place) => (
        <Flex
          key={place.id}
          justify="space-between"
          align="center"
          gap="3"
          py="2"
          borderTopWidth="1px"
          borderColor="hairline"
        >
          <Box>
            <Text fontSize="14px">
              {DEVICES[place.device]}
              {place.here && <b> · this one</b>}
            </Text>
            <Text color="soft" fontSize="12.5px">
              signed in {fromNow(place.since, Date.now())} · last seen{' '}
              {fromNow(place.lastSeen, Date.now())}
            </Text>
          </Box>
          {!place.here && (
            <Button size="xs" look="warn" onClick={() => end.mutate(place.id)}>
              Sign out there
            </Button>
          )}
        </Flex>
      ))}
      <Refusal of={places.error ?? end.error} />
      <Button mt="3" onClick={onEverywhere}>
        Sign out everywhere
      </Button>
    </Card>
  );
}

function ChangePassword() {
  const client = useQueryClient();
  const [old, setOld] = useState('');
  const [password, setPassword] = useState('');
  const change = useMutation({
    mutationFn: () => ask(api.PUT('/api/me/password', { body: { old, password } }), true),
    onSuccess: () => {
      setOld('');
      setPassword('');
      return client.invalidateQueries({ queryKey: keys.places() });
    },
  });
  const send = (e: FormEvent) => {
    e.preventDefault();
    change.mutate();
  };
  return (
    <Card title="Another password">
      <form onSubmit={send}>
        <Flex direction="column" gap="3">
          <PasswordField label="The password until now" value={old} onText={setOld} />
          <PasswordField label="New password" value={password} onText={setPassword} isNew />
        </Flex>
        <Refusal of={change.error} />
        {change.isSuccess && (
          <Text role="status" color="moss" fontSize="13.5px" mt="2">
            Changed. Everywhere else you are signed out.
          </Text>
        )}
        <Button mt="4" type="submit" look="sea" disabled={change.isPending}>
          Change it
        </Button>
      </form>
    </Card>
  );
}

function OwnCodes({ me }: { me: Me }) {
  const client = useQueryClient();
  const [password, setPassword] = useState('');
  const [asked, setAsked] = useState(false);
  const fresh = useMutation({
    mutationFn: () => ask(api.POST('/api/me/codes', { body: { password } })),
    onSuccess: () => setPassword(''),
  });
  const left = me.codesLeft ?? 0;
  const send = (e: FormEvent) => {
    e.preventDefault();
    fresh.mutate();
  };
  return (
    <Card title="Codes for a forgotten password">
      {fresh.data ? (
        <Codes
          codes={fresh.data.codes}
          signIn={me.signIn ?? ''}
          onKept={() => {
            fresh.reset();
            setAsked(false);
            void changed(client, 'PEOPLE');
          }}
        />
      ) : (
        <>
          <Text fontSize="13.5px" color={left < 3 ? 'rust' : 'soft'}>
            {left === 1 ? '1 code is left.' : `${left} codes are left.`} New ones take their place.
          </Text>
          {asked ? (
            <form onSubmit={send}>
              <Box mt="3">
                <PasswordField label="Your password" value={password} onText={setPassword} />
              </Box>
              <Refusal of={fresh.error} />
              <Button mt="3" type="submit" look="sea" disabled={fresh.isPending}>
                Make new ones
              </Button>
            </form>
          ) : (
            <Button mt="3" onClick={() => setAsked(true)}>
              New codes
            </Button>
          )}
        </>
      )}
    </Card>
  );
}
