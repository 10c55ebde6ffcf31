import { Box, Dialog, Flex, Portal, Table, Text } from '@chakra-ui/react';
import type { CoatGroup, GroundChoice } from '../api/client';
import { Button } from '../common/Button';
import { usePlan } from '../plan/PlanProvider';
import { Swatches } from './Swatches';

/** The ways to the ground side by side: coats, paint, work, and what stands against each. */
export function CompareChoices({ group, close }: { group: CoatGroup; close: () => void }) {
  const plan = usePlan();
  const take = (choice: GroundChoice) => {
    plan.edit({
      kind: 'CHOOSE_PRIMER',
      groupId: group.id,
      ...(choice.product ? { product: choice.product, times: choice.times } : {}),
    });
    close();
  };
  const rows: ReadonlyArray<readonly [string, (c: GroundChoice) => string]> = [
    ['Coats in all', (c) => String(c.coats)],
    ['Takes', (c) => c.takesText],
    ['Hands on', (c) => c.handsOnText],
    ['Why', (c) => c.reason],
  ];
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && close()} size="xl">
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="paper" p="5" maxW="960px">
            <Dialog.Title fontFamily="heading" fontSize="22px" mb="3">
              Ways to the ground of {group.name.toLowerCase()}
            </Dialog.Title>
            <Table.Root size="sm" bg="transparent">
              <Table.Header>
                <Table.Row bg="transparent">
                  <Table.ColumnHeader w="110px" />
                  {group.choices.map((c) => (
                    <Table.ColumnHeader key={c.title} verticalAlign="bottom">
                      <Text fontWeight="600" color="ink">
                        {c.title}
                      </Text>
                      <Swatches colours={c.swatches} height={30} />
                    </Table.ColumnHeader>
                  ))}
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {rows.map(([name, of]) => (
                  <Table.Row key={name} bg="transparent">
                    <Table.Cell color="soft" verticalAlign="top">
                      {name}
                    </Table.Cell>
                    {group.choices.map((c) => (
                      <Table.Cell key={c.title} verticalAlign="top" whiteSpace="normal">
                        {of(c)}
                      </Table.Cell>
                    ))}
                  </Table.Row>
                ))}
              </Table.Body>
            </Table.Root>
            <Flex mt="3" gap="3" pl="110px">
              {group.choices.map((c) => (
                <Box key={c.title} flex="1">
                  <Button
                    look={c.chosen ? 'quiet' : 'sea'}
                    disabled={c.chosen}
                    onClick={() => take(c)}
                  >
                    {c.chosen ? 'Taken' : 'Take this'}
                  </Button>
                </Box>
              ))}
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
