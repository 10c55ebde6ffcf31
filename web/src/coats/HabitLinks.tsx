import { Box, chakra, Heading } from '@chakra-ui/react';
import type { Habits } from '../api/client';
import { usePlan } from '../plan/PlanProvider';
import { otherSchool, SCHOOLS } from './schools';

/** The schools this piece follows; each is changed by choosing it. */
export function HabitLinks({ habits }: { habits: Habits }) {
  const plan = usePlan();
  return (
    <Box mt="4">
      <Heading as="h3" fontFamily="heading" fontSize="15px" color="soft" mb="1">
        Habits here
      </Heading>
      {SCHOOLS.map(({ key, words }) => {
        const now = habits[key] ?? Object.keys(words)[0] ?? '';
        const other = otherSchool(key, habits);
        return (
          <Box key={key} mb="0.5">
            <chakra.button
              type="button"
              color="sea"
              textAlign="left"
              textDecoration="underline"
              textDecorationStyle="dotted"
              textUnderlineOffset="3px"
              title={`Change to: ${words[other[key] ?? '']}`}
              onClick={() => plan.edit({ kind: 'CHOOSE_HABITS', habits: other })}
            >
              {words[now]}
            </chakra.button>
          </Box>
        );
      })}
    </Box>
  );
}
