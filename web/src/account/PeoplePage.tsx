import { Box, Flex, Grid, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { api, ask, type GivenLink, type Member, type PeopleView } from '../api/client';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { GivenLinkBox } from '../common/GivenLinkBox';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { ErrorState, Loading } from '../common/States';
import { Codes } from './Codes';
import { FirstAccount, type Made } from './FirstAccount';
import { Invite } from './Invite';
import { fromNow, ROLES, roleName } from './roles';
import { useMe, usePeople, usePeopleChange, useWelcome } from './useMe';

/** Who belongs to the studio: for owners to change, for makers to see. */
export function PeoplePage() {
  const me = useMe().data;
  const people = usePeople();
  const welcome = useWelcome();
  // whatever is learned meanwhile, codes stay until they are put away: they are not told again
  const [made, setMade] = useState<Made | null>(null);
  if (made !== null) {
    return (
      <Box maxW="600px" mx="auto" px="6" py="6">
        <Card title="Your account is made">
          <Codes
            codes={made.codes}
            signIn={made.me.signIn ?? ''}
            onKept={() => {
              setMade(null);
              welcome(made.me);
            }}
          />
        </Card>
      </Box>
    );
  }
  if (people.isError) {
    return <ErrorState problem={people.error} again={() => void people.refetch()} />;
  }
  if (!people.data || !me) {
    return <Loading what="the people" />;
  }
  return (
    <Box maxW="1120px" mx="auto" px="6" py="5">
      <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600">
        People
      </Heading>
      <Text color="soft" fontSize="13.5px" mb="4">
        {me.accounts
          ? 'Who signs in here, and what each may do.'
          : 'Accounts are off: whoever sits at this machine works here.'}
      </Text>
      {me.accounts ? (
        <Those people={people.data} owner={me.role === 'OWNER'} self={me.account} />
      ) : me.role === 'OWNER' ? (
        <FirstAccount onMade={setMade} />
      ) : (
        <Text color="soft">The first account is made at the studio’s own machine.</Text>
      )}
    </Box>
  );
}

function Those({
  people,
  owner,
  self,
}: {
  people: PeopleView;
  owner: boolean;
  self: string | undefined;
}) {
  const [link, setLink] = useState<GivenLink | null>(null);
  return (
    <Flex gap="5" align="flex-start" wrap="wrap">
      <Box flex="1.5 1 480px" minW="0">
        <Card title="They belong to the studio">
          {people.members.map((member) => (
            <MemberRow
              key={member.id}
              member={member}
              owner={owner}
              isSelf={member.id === self}
              onLink={setLink}
            />
          ))}
        </Card>
        {!owner && (
          <Text color="soft" fontSize="13.5px">
            Owners invite others and say what each may do.
          </Text>
        )}
      </Box>
      {owner && (
        <Box flex="1 1 360px" minW="0">
          {link !== null && (
            <GivenLinkBox
              forWhom={link.invitation.person || 'one person'}
              lets={`It lets in once and ends ${fromNow(link.invitation.endsAt, Date.now())}.`}
              path={link.path}
              onRead={() => setLink(null)}
            />
          )}
          <Invite onLink={setLink} />
          <Invited people={people} />
        </Box>
      )}
    </Flex>
  );
}

function MemberRow({
  member,
  owner,
  isSelf,
  onLink,
}: {
  member: Member;
  owner: boolean;
  isSelf: boolean;
  onLink: (link: GivenLink) => void;
}) {
  const [changing, setChanging] = useState<{ person: string; role: Member['role'] } | null>(null);
  const [leaving, setLeaving] = useState(false);
  const params = { path: { id: member.id } };
  const change = usePeopleChange((body: { person: string; role: Member['role'] }) =>
    ask(api.PUT('/api/people/{id}', { params, body })),
  );
  const remove = usePeopleChange((_: undefined) =>
    ask(api.DELETE('/api/people/{id}', { params }), true),
  );
  const link = usePeopleChange((_: undefined) =>
    ask(api.POST('/api/people/{id}/link', { params })),
  );
  const failed = [change, remove, link].find((m) => m.isError)?.error ?? null;
  return (
    <Box borderTopWidth="1px" borderColor="hairline" py="3" _first={{ borderTopWidth: 0, pt: 0 }}>
      <Grid templateColumns="1fr auto" gap="3" alignItems="center">
        <Box minW="0">
          <Text fontSize="15px" fontWeight="600">
            {member.person}
            {isSelf && (
              <Text as="span" color="soft" fontWeight="400">
                {' '}
                · you
              </Text>
            )}
          </Text>
          <Text color="soft" fontSize="13px">
            {[
              `${roleName(member.role)} since ${new Date(member.since).toLocaleDateString('en-GB', {
                day: 'numeric',
                month: 'long',
                year: 'numeric',
              })}`,
              member.signIn && `signs in as ${member.signIn}`,
            ]
              .filter(Boolean)
              .join(' · ')}
          </Text>
        </Box>
        {owner && changing === null && !leaving && (
          <Flex gap="1" wrap="wrap" justify="flex-end">
            <Button
              size="xs"
              onClick={() => setChanging({ person: member.person, role: member.role })}
            >
              Change
            </Button>
            {!isSelf && (
              <>
                <Button
                  size="xs"
                  title="For somebody who forgot theirs and has no codes left"
                  onClick={() => link.mutate(undefined, { onSuccess: onLink })}
                >
                  New password
                </Button>
                <Button size="xs" look="warn" onClick={() => setLeaving(true)}>
                  Leaves
                </Button>
              </>
            )}
          </Flex>
        )}
      </Grid>
      {changing !== null && (
        <Flex gap="3" mt="2" align="flex-end" wrap="wrap">
          <PlainField
            label="Name"
            width="170px"
            value={changing.person}
            maxLength={40}
            onText={(person) => setChanging({ ...changing, person })}
          />
          <ChoiceField
            label="May"
            width="220px"
            value={changing.role}
            among={ROLES.map(([role, name]) => [role, name] as const)}
            onChoice={(role) => setChanging({ ...changing, role })}
          />
          <Button
            look="sea"
            disabled={change.isPending}
            onClick={() => change.mutate(changing, { onSuccess: () => setChanging(null) })}
          >
            Keep
          </Button>
          <Button
            onClick={() => {
              change.reset();
              setChanging(null);
            }}
          >
            As it was
          </Button>
        </Flex>
      )}
      {leaving && (
        <Flex gap="3" mt="2" align="center" wrap="wrap" role="alert">
          <Text fontSize="13.5px">
            {member.person} is signed out at once and cannot come back in. What they did stays under
            their name.
          </Text>
          <Button
            look="warn"
            disabled={remove.isPending}
            onClick={() => remove.mutate(undefined, { onError: () => setLeaving(false) })}
          >
            {member.person} leaves
          </Button>
          <Button onClick={() => setLeaving(false)}>Stays</Button>
        </Flex>
      )}
      <Refusal of={failed} />
    </Box>
  );
}

function Invited({ people }: { people: PeopleView }) {
  const takeBack = usePeopleChange((id: string) =>
    ask(api.DELETE('/api/people/invitations/{id}', { params: { path: { id } } }), true),
  );
  if (people.invitations.length === 0) {
    return null;
  }
  return (
    <Card title="Links that hold">
      {people.invitations.map((i) => (
        <Flex key={i.id} justify="space-between" align="center" gap="3" py="1.5">
          <Box>
            <Text fontSize="14px">
              {i.newPassword
                ? `A new password for ${i.person}`
                : `${i.person || 'Somebody'}, as ${roleName(i.role).toLowerCase()}`}
            </Text>
            <Text color="soft" fontSize="12.5px">
              by {i.madeBy} · ends {fromNow(i.endsAt, Date.now())}
            </Text>
          </Box>
          <Button size="xs" look="warn" onClick={() => takeBack.mutate(i.id)}>
            Take back
          </Button>
        </Flex>
      ))}
      <Refusal of={takeBack.error} />
    </Card>
  );
}
