import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { OrderView, OwnStepDoc } from '../api/client';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { PlainField } from '../common/PlainField';
import { usePlan } from '../plan/PlanProvider';

/** A step that nothing in the plan asks for: put in, or changed. */
export function OwnStep({
  groups,
  known,
  close,
}: {
  groups: OrderView['groups'];
  known?: { key: string; own: OwnStepDoc };
  close: () => void;
}) {
  const { edit } = usePlan();
  const [name, setName] = useState(known?.own.name ?? '');
  const [minutes, setMinutes] = useState(String(known?.own.minutes ?? 20));
  const [group, setGroup] = useState(known?.own.group ?? '');
  const [rest, setRest] = useState(String(known?.own.restHours ?? 0));
  const ready = name.trim() !== '' && Number(minutes) > 0 && Number(rest) >= 0;
  return (
    <Box
      as="form"
      aria-label={known ? 'Change the step' : 'A step of my own'}
      onSubmit={(e) => {
        e.preventDefault();
        edit({
          kind: 'PUT_OWN_STEP',
          ...(known ? { key: known.key } : {}),
          own: {
            name,
            minutes: Number(minutes),
            ...(group === '' ? {} : { group }),
            ...(Number(rest) > 0 ? { restHours: Number(rest) } : {}),
          },
        });
        close();
      }}
    >
      <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" mb="3">
        {known ? 'Change the step' : 'A step of my own'}
      </Heading>
      <Flex direction="column" gap="3">
        <PlainField
          label="What is done"
          value={name}
          onText={setName}
          maxLength={80}
          placeholder="Oil the hinges"
          autoFocus
        />
        <Flex gap="3">
          <PlainField
            label="Minutes hands on"
            type="number"
            min={1}
            value={minutes}
            onText={setMinutes}
          />
          <PlainField
            label="Hours it rests after"
            type="number"
            min={0}
            step={0.5}
            value={rest}
            onText={setRest}
          />
        </Flex>
        <ChoiceField
          label="Done to"
          value={group}
          onChoice={setGroup}
          among={[
            ['', 'the piece is not needed for it'],
            ...groups.map((g) => [g.id, g.name] as const),
          ]}
        />
        <Text fontSize="12.5px" color="soft">
          It is put where it goes first. Say on a step what is to be done before it, and it waits
          for that.
        </Text>
        <Flex gap="2">
          <Button type="submit" look="sea" disabled={!ready}>
            {known ? 'Change it' : 'Put it in'}
          </Button>
          <Button type="button" onClick={close}>
            Leave it
          </Button>
        </Flex>
      </Flex>
    </Box>
  );
}
