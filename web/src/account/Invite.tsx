import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { api, ask, type GivenLink, type StudioRole } from '../api/client';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { ROLES } from './roles';
import { usePeopleChange } from './useMe';

const DAYS = ['1', '3', '7', '30'] as const;

/** Gives a link by which somebody joins. */
export function Invite({ onLink }: { onLink: (link: GivenLink) => void }) {
  const [person, setPerson] = useState('');
  const [role, setRole] = useState<StudioRole>('MAKER');
  const [days, setDays] = useState<(typeof DAYS)[number]>('7');
  const invite = usePeopleChange((_: undefined) =>
    ask(api.POST('/api/people/invitations', { body: { person, role, days: Number(days) } })),
  );
  return (
    <Card title="Invite somebody">
      <PlainField
        label="Their name, if you like"
        value={person}
        maxLength={40}
        onText={setPerson}
      />
      <Box as="fieldset" border="0" p="0" mt="3">
        <chakra.legend fontSize="13px" color="soft" fontWeight="500" mb="1">
          They may come as
        </chakra.legend>
        {ROLES.map(([value, name, means]) => (
          <chakra.label key={value} display="flex" gap="2" alignItems="baseline" fontSize="13.5px">
            <input
              type="radio"
              name="role"
              checked={role === value}
              onChange={() => setRole(value)}
            />
            <span>
              <b>{name}</b>
              <chakra.span color="soft">: {means}</chakra.span>
            </span>
          </chakra.label>
        ))}
      </Box>
      <Flex mt="3" gap="3" align="flex-end">
        <ChoiceField
          label="The link holds for"
          width="140px"
          value={days}
          among={DAYS.map((d) => [d, d === '1' ? '1 day' : `${d} days`] as const)}
          onChoice={setDays}
        />
        <Button
          look="sea"
          disabled={invite.isPending}
          onClick={() =>
            invite.mutate(undefined, {
              onSuccess: (given) => {
                setPerson('');
                onLink(given);
              },
            })
          }
        >
          Make a link
        </Button>
      </Flex>
      <Refusal of={invite.error} />
    </Card>
  );
}
