import { Text } from '@chakra-ui/react';
import { useMutation, useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, ask } from '../api/client';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Loading } from '../common/States';
import { AccountFields, type Given } from './AccountFields';
import { Codes } from './Codes';
import { Door } from './Door';
import type { Made } from './FirstAccount';
import { roleName } from './roles';
import { PasswordField } from './SignInPage';
import { useWelcome } from './useMe';

/**
 * Where a link leads to that an owner gave. What lets in stands behind the #, which browsers keep to
 * themselves: it is in no address that a server or a proxy writes down.
 */
export function JoinPage() {
  const [link] = useState(() => window.location.hash.slice(1));
  const look = useQuery({
    queryKey: ['link', [], link],
    queryFn: () => ask(api.POST('/api/join/look', { body: { link } })),
    retry: false,
    gcTime: 0,
  });
  const [given, setGiven] = useState<Given | null>(null);
  const [made, setMade] = useState<Made | null>(null);
  const go = useNavigate();
  const welcome = useWelcome();
  const join = useMutation({
    mutationFn: (g: Given) =>
      ask(
        api.POST('/api/join', {
          body: look.data?.signIn ? { link, password: g.password } : { link, ...g },
        }),
      ),
    onSuccess: (joined) => {
      // codes stay until they are put away: they are not told again
      setMade(joined);
      if (joined.codes.length === 0) {
        comeIn(joined);
      }
    },
  });
  const comeIn = (joined: Made) => {
    welcome(joined.me);
    void go('/', { replace: true });
  };
  if (made !== null) {
    return (
      <Door title="You are in" under={`You belong to ${made.me.studio} now.`}>
        <Codes codes={made.codes} signIn={made.me.signIn ?? ''} onKept={() => comeIn(made)} />
      </Door>
    );
  }
  if (look.isPending) {
    return <Loading what="what the link is for" />;
  }
  if (look.isError) {
    return (
      <Door title="Not here any more">
        <Text mb="4">{look.error.message}</Text>
        <Link to="/sign-in">To sign in</Link>
      </Door>
    );
  }
  const invitation = look.data;
  const now = given ?? { signIn: '', person: invitation.person, password: '' };
  const send = (e: FormEvent) => {
    e.preventDefault();
    join.mutate(now);
  };
  return (
    <Door
      title={invitation.signIn ? 'A new password' : `Join ${invitation.studio}`}
      under={
        invitation.signIn
          ? `For ${invitation.person}, who signs in as ${invitation.signIn}. Everywhere else you are signed out then.`
          : `${invitation.madeBy || 'Its owner'} invites you as a ${roleName(invitation.role).toLowerCase()}.`
      }
    >
      <form onSubmit={send}>
        {invitation.signIn ? (
          <PasswordField
            label="New password"
            value={now.password}
            onText={(password) => setGiven({ ...now, password })}
            isNew
          />
        ) : (
          <AccountFields given={now} onGiven={setGiven} />
        )}
        {join.isError && <Refusal of={join.error} />}
        <Button mt="5" type="submit" look="sea" size="md" px="6" disabled={join.isPending}>
          {join.isPending ? 'One moment…' : invitation.signIn ? 'Set it and come in' : 'Join'}
        </Button>
      </form>
    </Door>
  );
}
