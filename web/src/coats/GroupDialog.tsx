import { Box, Dialog, Flex, Input, Portal, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { CoatGroup, CoatPlace, CoatsView } from '../api/client';
import { Button } from '../common/Button';
import { Tick } from '../common/Tick';
import { newId } from '../plan/ids';
import { usePlan } from '../plan/PlanProvider';

const keyOf = (p: CoatPlace) => JSON.stringify([p.place.faceId, p.place.zoneId, p.place.parts]);

/** Puts faces, zones and parts into a group of their own, or joins them. */
export function GroupDialog({
  coats,
  group,
  close,
}: {
  coats: CoatsView;
  group: CoatGroup;
  close: () => void;
}) {
  const plan = usePlan();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [name, setName] = useState('');
  const of = (p: CoatPlace) =>
    coats.groups.find((g) => g.places.some((q) => keyOf(q) === keyOf(p)))?.name;
  const toggle = (key: string) =>
    setChosen((now) => {
      const next = new Set(now);
      if (!next.delete(key)) {
        next.add(key);
      }
      return next;
    });
  const make = () => {
    plan.edit({
      kind: 'GROUP_FACES',
      groupId: newId(),
      name,
      places: coats.free.filter((p) => chosen.has(keyOf(p))).map((p) => p.place),
    });
    close();
  };
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && close()}>
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="paper" p="5" maxW="520px" maxH="86vh" overflow="auto">
            <Dialog.Title fontFamily="heading" fontSize="20px">
              A group of its own
            </Dialog.Title>
            <Text color="soft" mb="3">
              What is ticked gets the same coats from now on, beginning with those of{' '}
              {group.name.toLowerCase()}.
            </Text>
            <Input
              size="sm"
              bg="card"
              mb="3"
              aria-label="Name of the group"
              placeholder="Called by what is in it"
              maxLength={60}
              value={name}
              onChange={(e) => setName(e.currentTarget.value)}
            />
            <Flex direction="column" gap="1.5">
              {coats.free.map((p) => (
                <Tick key={keyOf(p)} on={chosen.has(keyOf(p))} onToggle={() => toggle(keyOf(p))}>
                  {p.name}
                  <Box as="span" color="soft">
                    {of(p) ? ` · now with ${of(p)?.toLowerCase()}` : ''}
                  </Box>
                </Tick>
              ))}
            </Flex>
            <Flex gap="2" mt="4">
              <Button look="sea" disabled={chosen.size === 0} onClick={make}>
                Make the group
              </Button>
              <Button look="plain" onClick={close}>
                Leave it
              </Button>
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
