import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import type { OrderView } from '../api/client';
import { LEVELS } from '../coats/levels';
import { Button } from '../common/Button';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';

/** What to mind: what is late, what has to follow in time, what the night does. */
export function Mind({
  findings,
  onChoose,
}: {
  findings: OrderView['findings'];
  onChoose: (stepId: string) => void;
}) {
  const { edit } = usePlan();
  if (findings.length === 0) {
    return null;
  }
  return (
    <Section title="What to mind">
      <Box mb="4">
        {findings.map((f) => {
          const look = LEVELS[f.level];
          return (
            <Box
              key={`${f.rule} ${f.stepId} ${f.text}`}
              bg={look.wash}
              borderRadius="lg"
              p="2.5"
              mb="1.5"
              fontSize="13px"
              lineHeight="1.4"
            >
              <Text>
                <chakra.span fontWeight="700" color={f.level === 'STOP' ? 'rust' : 'ink'}>
                  {look.word}
                </chakra.span>{' '}
                {f.text}
              </Text>
              <Text color="soft">{f.why}</Text>
              <Flex mt="1.5" gap="1.5" wrap="wrap">
                {f.mends.map((m) => (
                  <Button key={m.text} size="xs" onClick={() => edit(m.edit)}>
                    {m.text}
                  </Button>
                ))}
                {f.stepId !== undefined && (
                  <Button size="xs" look="plain" onClick={() => onChoose(f.stepId ?? '')}>
                    Show it
                  </Button>
                )}
              </Flex>
            </Box>
          );
        })}
      </Box>
    </Section>
  );
}
