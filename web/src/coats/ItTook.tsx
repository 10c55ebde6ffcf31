import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type CoatBand, type CoatGroup } from '../api/client';
import { allButStudio } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { isBegun } from '../plan/begun';
import { usePlan } from '../plan/PlanProvider';

const MOST = 6;

/**
 * How many coats it really took: kept, so that the next plan goes by it. A piece that is begun keeps
 * the figures it was begun with, so there the count itself is changed.
 */
export function ItTook({ group, band }: { group: CoatGroup; band: CoatBand }) {
  const plan = usePlan();
  const client = useQueryClient();
  const [asked, setAsked] = useState(false);
  const took = useMutation({
    mutationFn: (coats: number) =>
      ask(
        api.POST('/api/pieces/{id}/coats/{groupId}/bands/{band}/took', {
          params: { path: { id: plan.piece.id, groupId: group.id, band: band.key } },
          body: { coats },
        }),
      ),
    onSuccess: async (_, coats) => {
      setAsked(false);
      if (isBegun(plan.piece.document) && band.coat && coats !== band.coat.times) {
        plan.edit({
          kind: 'CHANGE_COAT',
          groupId: group.id,
          wish: { ...band.coat.wish, times: coats },
        });
      }
      await allButStudio(client);
    },
  });
  if (!band.coat?.hides || !band.coat.owned) {
    return null;
  }
  return (
    <Box mt="2">
      {asked ? (
        <>
          <Text fontSize="13px" color="soft">
            It hid after
          </Text>
          <Flex gap="1" mt="1" role="group" aria-label="Coats it took">
            {Array.from({ length: MOST }, (_, i) => i + 1).map((n) => (
              <Button
                key={n}
                size="xs"
                aria-label={n === 1 ? 'one coat' : `${n} coats`}
                disabled={took.isPending}
                onClick={() => took.mutate(n)}
              >
                {n}
              </Button>
            ))}
            <Button size="xs" look="plain" onClick={() => setAsked(false)}>
              Never mind
            </Button>
          </Flex>
        </>
      ) : (
        <Button
          size="xs"
          look="plain"
          title="Every plan that is not begun goes by what you saw"
          onClick={() => setAsked(true)}
        >
          It took another number of coats…
        </Button>
      )}
      {took.isError && <Refusal of={took.error} />}
    </Box>
  );
}
