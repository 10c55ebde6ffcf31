import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, ask, person } from '../api/client';
import type { components } from '../api/schema';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { AccountFields, type Given } from './AccountFields';

/** Somebody who has just come, with the codes that are shown this once. */
export type Made = components['schemas']['WelcomeView'];

/** Turns accounts on, by making the first: its owner's. */
export function FirstAccount({ onMade }: { onMade: (made: Made) => void }) {
  const [given, setGiven] = useState<Given>({ signIn: '', person: person.get(), password: '' });
  const make = useMutation({
    mutationFn: () => ask(api.POST('/api/accounts', { body: given })),
    onSuccess: onMade,
  });
  const send = (e: FormEvent) => {
    e.preventDefault();
    make.mutate();
  };
  return (
    <Flex gap="5" align="flex-start" wrap="wrap">
      <Box flex="1 1 400px" maxW="480px">
        <Card title="The first account">
          <form onSubmit={send}>
            <AccountFields given={given} onGiven={setGiven} />
            {make.isError && <Refusal of={make.error} />}
            <Button mt="5" type="submit" look="sea" size="md" px="5" disabled={make.isPending}>
              {make.isPending ? 'One moment…' : 'Make it, and turn accounts on'}
            </Button>
          </form>
        </Card>
      </Box>
      <Box flex="1 1 320px" pt="2">
        <Text fontSize="15px" mb="3">
          One person on one machine needs no account: whoever sits here works here.
        </Text>
        <Text color="soft" mb="3">
          With the first one, everybody signs in. You are the studio’s owner then and can invite
          others: <b>makers</b>, who plan, book and cut, and <b>guests</b>, who look. What each of
          you does is written down under your name.
        </Text>
        <Text color="soft">
          From then on Craft Map may also be served to other machines, behind a proxy that speaks
          TLS. Accounts stay on; a backup made before knows nothing of them.
        </Text>
      </Box>
    </Flex>
  );
}
