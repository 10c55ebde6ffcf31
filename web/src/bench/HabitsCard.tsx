import { Box, chakra, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Habits } from '../api/client';
import { changed, keys } from '../api/keys';
import { useHabits } from '../api/queries';
import { SCHOOLS } from '../coats/schools';
import { Refusal } from '../common/Refusal';
import { Card } from './parts';

/** The schools the studio follows, each with what it changes: kept as it is chosen. */
export function HabitsCard() {
  const kept = useHabits();
  const client = useQueryClient();
  const follow = useMutation({
    mutationFn: (habits: Habits) => ask(api.PUT('/api/habits', { body: habits })),
    onSuccess: (now) => {
      client.setQueryData(keys.habits(), now);
      void changed(client, 'STUDIO');
    },
  });
  if (!kept.data) {
    return null;
  }
  const { habits, ways } = kept.data;
  return (
    <Card title="Habits">
      <Text color="soft" fontSize="12.5px" mb="2">
        New pieces follow these; each piece may have its own at Coats.
      </Text>
      {follow.isError && <Refusal of={follow.error} />}
      {SCHOOLS.map(({ key, title, words, changes }) => (
        <Box as="fieldset" key={key} mt="3" opacity={follow.isPending ? 0.7 : 1} border="0" p="0">
          <chakra.legend fontSize="13.5px" fontWeight="600" mb="0.5">
            {title}
          </chakra.legend>
          {Object.keys(words).map((way) => {
            const told = ways.find((w) => w.matter === key && w.way === way);
            return (
              <chakra.label
                key={way}
                display="flex"
                gap="2"
                alignItems="baseline"
                fontSize="13px"
                mb="1"
              >
                <input
                  type="radio"
                  name={key}
                  checked={habits[key] === way}
                  disabled={follow.isPending}
                  onChange={() => follow.mutate({ ...habits, [key]: way })}
                />
                <span>
                  {words[way]}
                  <chakra.span color="soft">
                    {': '}
                    {changes[way]}
                    {told && (
                      <>
                        {' '}
                        {told.follow} of {told.pieces} pieces
                        {told.text === '' ? '.' : `; ${told.text}.`}
                      </>
                    )}
                  </chakra.span>
                </span>
              </chakra.label>
            );
          })}
        </Box>
      ))}
    </Card>
  );
}
