import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { OrderRow, OrderStep, OrderView } from '../api/client';
import { Button } from '../common/Button';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';
import { OwnStep } from './OwnStep';
import { StepChoices } from './StepChoices';

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
  const [changing, setChanging] = useState(false);
  const titleOf = (stepId: string) =>
    order.rows.flatMap((r) => r.steps).find((s) => s.id === stepId)?.title ?? '';
  if (changing && step.own) {
    return (
      <OwnStep
        groups={order.groups}
        known={{ key: step.wholeKey, own: step.own }}
        close={() => setChanging(false)}
      />
    );
  }
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
      {step.driesText !== '' && (
        <Text mt="0.5" fontSize="13px">
          {step.driesText}
        </Text>
      )}
      {row.own && (
        <Box mt="3">
          <Flex mb="3" gap="2" wrap="wrap">
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
            {step.own && (
              <>
                <Button onClick={() => setChanging(true)}>Change it…</Button>
                <Button
                  look="warn"
                  onClick={() => {
                    edit({ kind: 'TAKE_OWN_STEP', key: step.wholeKey });
                    close();
                  }}
                >
                  Take it out
                </Button>
              </>
            )}
          </Flex>
          {!step.done && <StepChoices order={order} step={step} pieceId={row.pieceId} />}
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
