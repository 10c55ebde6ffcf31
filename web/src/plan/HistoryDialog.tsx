import { Box, Dialog, Flex, Portal, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Loading } from '../common/States';
import { byDay } from './history';

/** What was done to a plan, when and by whom, the newest first. */
export function HistoryDialog({
  pieceId,
  version,
  close,
}: {
  pieceId: string;
  version: number;
  close: () => void;
}) {
  const history = useQuery({
    queryKey: keys.history(pieceId, version),
    queryFn: () => ask(api.GET('/api/pieces/{id}/history', { params: { path: { id: pieceId } } })),
  });
  return (
    <Dialog.Root
      open
      onOpenChange={(e) => !e.open && close()}
      lazyMount
      unmountOnExit
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" maxW="620px" p="6">
            <Dialog.Title fontFamily="heading" fontSize="xl">
              What was done to this plan
            </Dialog.Title>
            <Box mt="3" overflowY="auto" maxH="60vh">
              {history.isPending && <Loading what="the history" />}
              <Refusal of={history.error} />
              {byDay(history.data ?? [], Date.now()).map(({ day, steps }) => (
                <Box as="section" key={day} aria-label={day} mb="3">
                  <Text fontSize="12.5px" color="soft" fontWeight="600" mb="1">
                    {day}
                  </Text>
                  {steps.map((step) => (
                    <Flex
                      key={step.madeAs}
                      gap="3"
                      py="1.5"
                      px="2"
                      borderTopWidth="1px"
                      borderColor="hairline"
                      align="baseline"
                      bg={step.isNow ? 'seaWash' : undefined}
                      color={step.ahead || step.wentThere ? 'soft' : undefined}
                      fontStyle={step.wentThere ? 'italic' : undefined}
                    >
                      <Text w="46px" flexShrink={0} fontSize="13px" fontFeatureSettings="'tnum'">
                        {step.time}
                      </Text>
                      <Text flex="1" fontSize="14px">
                        {step.text}
                        {step.isNow && <b> · as it is now</b>}
                        {step.ahead && ' · gone back behind'}
                      </Text>
                      <Text fontSize="13px" color="soft" whiteSpace="nowrap">
                        {step.by}
                      </Text>
                    </Flex>
                  ))}
                </Box>
              ))}
            </Box>
            <Flex mt="4" justify="flex-end">
              <Button look="sea" onClick={close}>
                Close
              </Button>
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
