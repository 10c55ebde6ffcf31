import { Box, Field, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../api/client';
import { useLedger } from '../api/queries';
import { Button } from '../common/Button';
import { ErrorState, Loading } from '../common/States';

/** A pot's ledger, newest first, and correcting its level to what is really in it. */
export function Ledger({ potId }: { potId: string }) {
  const client = useQueryClient();
  const ledger = useLedger(potId);
  const [found, setFound] = useState('');
  const [note, setNote] = useState('');
  const correct = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/pots/{id}/corrections', {
          params: { path: { id: potId } },
          body: { foundMl: found, note },
        }),
      ),
    onSuccess: (fresh) => {
      setFound('');
      setNote('');
      client.setQueryData(['ledger', potId], fresh);
      for (const key of ['pots', 'gather', 'route', 'pieces']) {
        void client.invalidateQueries({ queryKey: [key] });
      }
    },
  });
  if (ledger.isPending) {
    return <Loading what="the ledger" />;
  }
  if (ledger.isError) {
    return <ErrorState problem={ledger.error} again={() => ledger.refetch()} />;
  }
  const { pot, entries } = ledger.data;
  return (
    <Flex direction="column" gap="4">
      <Box>
        <Text fontSize="12.5px" color="soft">
          Pot, spreads {pot.spreadText}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {pot.name}
        </Heading>
        <Text data-testid="level">
          {pot.levelText} of {pot.holdsMl} ml
        </Text>
      </Box>
      <Box>
        <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
          Ledger
        </Heading>
        <Box as="ol" listStyleType="none" data-testid="ledger">
          {entries.map((e) => (
            <Box as="li" key={e.id} py="1.5" borderBottomWidth="1px" borderColor="hairline">
              <Flex justify="space-between" gap="3">
                <Text>
                  {day(e.madeAt)}, {e.kindText}
                </Text>
                <Text color={e.raises ? 'moss' : 'ink'} whiteSpace="nowrap">
                  {e.changeText}
                </Text>
              </Flex>
              <Flex justify="space-between" gap="3" fontSize="12.5px" color="soft">
                <Text>{e.note}</Text>
                <Text whiteSpace="nowrap">{e.levelText}</Text>
              </Flex>
            </Box>
          ))}
        </Box>
      </Box>
      <Box
        as="form"
        onSubmit={(e: React.FormEvent) => {
          e.preventDefault();
          correct.mutate();
        }}
      >
        <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
          Correct the level
        </Heading>
        <Text fontSize="12.5px" color="soft" mb="2">
          Books the difference; nothing in the ledger is overwritten.
        </Text>
        <Flex gap="2" align="flex-end">
          <Field.Root w="110px" invalid={correct.isError}>
            <Field.Label color="soft" fontSize="13px">
              Found, ml
            </Field.Label>
            <Input
              size="sm"
              bg="card"
              borderColor="hairline"
              inputMode="decimal"
              value={found}
              onChange={(e) => setFound(e.currentTarget.value)}
            />
          </Field.Root>
          <Field.Root flex="1">
            <Field.Label color="soft" fontSize="13px">
              Note
            </Field.Label>
            <Input
              size="sm"
              bg="card"
              borderColor="hairline"
              maxLength={200}
              value={note}
              onChange={(e) => setNote(e.currentTarget.value)}
            />
          </Field.Root>
        </Flex>
        {correct.isError && (
          <Text role="alert" color="rust" fontSize="12.5px" mt="1">
            {correct.error.message}
          </Text>
        )}
        <Button mt="2" type="submit" disabled={found.trim() === '' || correct.isPending}>
          Book the correction
        </Button>
      </Box>
    </Flex>
  );
}

const day = (instant: string) =>
  new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
