import { Box, Flex } from '@chakra-ui/react';
import type { CoatGroup } from '../api/client';
import { Button } from '../common/Button';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';

/** What is proposed and was left out; each can be brought back. */
export function LeftOut({ group }: { group: CoatGroup }) {
  const plan = usePlan();
  return group.leftOut.length === 0 ? null : (
    <Box mt="3">
      <Section title="Left out">
        <Flex wrap="wrap" gap="1.5">
          {group.leftOut.map((l) => (
            <Button
              key={l.band}
              size="xs"
              title="Bring it back"
              onClick={() =>
                plan.edit({ kind: 'BRING_COAT_BACK', groupId: group.id, band: l.band })
              }
            >
              {l.text}: bring back
            </Button>
          ))}
        </Flex>
      </Section>
    </Box>
  );
}
