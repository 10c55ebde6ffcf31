import { Box, Dialog, Flex, Portal, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { api, ask, type CoatGroup } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { usePlan } from '../plan/PlanProvider';
import { LEVELS } from './levels';
import { Swatches } from './Swatches';

/** What a group could have instead, side by side: coats, what they take, work, waiting, findings. */
export function CompareBuildUps({
  group,
  take,
  close,
}: {
  group: CoatGroup;
  take: (key: string) => void;
  close: () => void;
}) {
  const { id, version } = usePlan().piece;
  const compared = useQuery({
    queryKey: keys.compared(id, version, group.id),
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/coats/{groupId}/compared', {
          params: { path: { id, groupId: group.id } },
        }),
      ),
  });
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && close()} size="xl">
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="paper" p="5" maxW="1080px">
            <Dialog.Title fontFamily="heading" fontSize="22px" mb="3">
              {group.name}: how it could be coated
            </Dialog.Title>
            {compared.isError && <Refusal of={compared.error} />}
            {compared.isPending && <Text role="status">Working them out…</Text>}
            <Flex gap="3" wrap="wrap" align="stretch">
              {compared.data?.map((c) => (
                <Flex
                  key={c.key}
                  direction="column"
                  w="232px"
                  p="3"
                  bg="card"
                  borderRadius="lg"
                  borderWidth={c.key === 'now' ? '2px' : '1px'}
                  borderColor={c.key === 'now' ? 'sea' : 'hairline'}
                >
                  <Text fontWeight="600" lineHeight="1.25" mb="1.5">
                    {c.title}
                  </Text>
                  <Swatches colours={c.swatches} height={22} />
                  <Box flex="1" mt="2" fontSize="13px">
                    <Line name="Coats" text={c.totalText} />
                    <Line name="Work" text={c.handsOnText} />
                    <Line name="Waiting" text={c.waitingText} />
                    <Line name="Not owned" text={c.buyText || 'nothing'} />
                    <Line name="To spend on the piece" text={c.cashText || 'nothing'} />
                    <Line
                      name="Findings"
                      text={
                        c.worst === undefined
                          ? 'none'
                          : `${c.found}, the worst: ${LEVELS[c.worst].word.toLowerCase()}`
                      }
                    />
                  </Box>
                  <Button
                    mt="3"
                    look={c.key === 'now' ? 'quiet' : 'sea'}
                    disabled={c.key === 'now'}
                    onClick={() => {
                      take(c.key);
                      close();
                    }}
                  >
                    {c.key === 'now' ? 'Taken' : 'Take this'}
                  </Button>
                </Flex>
              ))}
            </Flex>
            <Flex justify="flex-end" mt="4">
              <Button onClick={close}>Leave it as it is</Button>
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function Line({ name, text }: { name: string; text: string }) {
  return (
    <Flex gap="2" justify="space-between" py="0.5">
      <Text color="soft">{name}</Text>
      <Text textAlign="right">{text}</Text>
    </Flex>
  );
}
