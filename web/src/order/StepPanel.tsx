import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { OrderRow, OrderStep, OrderView } from '../api/client';
import { Button } from '../common/Button';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';

/** One step: when, how long, what it waits for, and that it is done. */
export function StepPanel({
  order,
  step,
  row,
  close,
}: {
  order: OrderView;
  step: OrderStep;
  row: OrderRow;
  close: () => void;
}) {
  const { edit } = usePlan();
  const [minutes, setMinutes] = useState(String(Math.round(step.minutes * 10) / 10));
  const takes = () => {
    const wanted = Number(minutes);
    if (wanted > 0 && Math.abs(wanted - step.minutes) > 0.05) {
      edit({ kind: 'STEP_TAKES', step: step.key, minutes: wanted });
    }
  };
  const titleOf = (stepId: string) =>
    order.rows.flatMap((r) => r.steps).find((s) => s.id === stepId)?.title ?? '';
  return (
    <Box>
      <Button size="xs" look="plain" ml="-2" onClick={close} title="Back to all of it (Esc)">
        ← All of it
      </Button>
      <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" mt="1">
        {step.title}
      </Heading>
      <Text color="soft" fontSize="13px">
        {row.own ? '' : `${row.pieceName} · `}
        {step.whenText}
        {order.people.length > 1 ? ` · ${order.people[step.person]}` : ''}
      </Text>
      <Text mt="1" fontWeight="600" fontSize="13.5px" color={step.chain ? 'ochre' : 'ink'}>
        {step.slackText}
      </Text>
      {row.own && (
        <Box mt="3">
          <Section title="Hands on">
            <Flex align="center" gap="2">
              <Input
                type="number"
                aria-label="Minutes it takes"
                size="sm"
                w="84px"
                bg="card"
                min={1}
                value={minutes}
                disabled={step.done}
                onChange={(e) => setMinutes(e.target.value)}
                onBlur={takes}
                onKeyDown={(e) => e.key === 'Enter' && takes()}
              />
              <Text>min</Text>
              {!step.usual && (
                <Button
                  size="xs"
                  look="plain"
                  onClick={() => edit({ kind: 'STEP_TAKES', step: step.key })}
                >
                  As is usual
                </Button>
              )}
            </Flex>
          </Section>
          <Flex my="3" gap="2">
            {step.done ? (
              <Button onClick={() => edit({ kind: 'STEP_DONE', step: step.key })}>Not done</Button>
            ) : (
              <Button
                look="sea"
                onClick={() =>
                  edit({
                    kind: 'STEP_DONE',
                    step: step.key,
                    done: { at: new Date().toISOString(), minutes: step.minutes },
                  })
                }
              >
                Done just now
              </Button>
            )}
          </Flex>
        </Box>
      )}
      {step.waits.length > 0 && (
        <Section title="After it">
          {step.waits.map((w) => (
            <Box key={w.toStep} mb="2" fontSize="13px">
              <Text fontWeight="600">{titleOf(w.toStep)}</Text>
              <Text color="soft">
                {[w.text, w.windowText].filter((t) => t !== undefined && t !== '').join(', ')}
              </Text>
            </Box>
          ))}
        </Section>
      )}
    </Box>
  );
}
