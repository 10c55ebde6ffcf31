import { Box, Dialog, Flex, Portal, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, ask, type FormChoice, type StencilView } from '../api/client';
import { changed, keys } from '../api/keys';
import { useForms } from '../api/queries';
import { Button } from '../common/Button';
import { ErrorState, Loading } from '../common/States';
import { Net } from '../map/Net';

const NO_STENCILS: ReadonlyMap<string, StencilView> = new Map();

/** Starts a piece from a form of furniture: it is measured next, so nothing is asked here. */
export function NewPiece({ close }: { close: () => void }) {
  const go = useNavigate();
  const client = useQueryClient();
  const forms = useForms();
  const start = useMutation({
    mutationFn: (form: FormChoice) =>
      ask(
        api.POST('/api/pieces', {
          body: { name: form.name, form: { kind: form.kind, measures: {}, choices: {} } },
        }),
      ),
    onSuccess: (piece) => {
      client.setQueryData(keys.piece(piece.id), piece);
      void changed(client, 'PLAN');
      go(`/pieces/${piece.id}/survey`, { state: { started: true } });
    },
  });
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && close()} size="xl" scrollBehavior="inside">
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" maxW="960px" p="6" my="8">
            <Dialog.Title fontFamily="heading" fontSize="xl">
              What is it?
            </Dialog.Title>
            <Text color="soft" mt="1" mb="4">
              Pick the form that comes nearest. Every measure, face and outline can be changed
              later.
            </Text>
            {forms.isPending && <Loading what="the forms" />}
            {forms.isError && <ErrorState problem={forms.error} again={() => forms.refetch()} />}
            {start.isError && (
              <Text role="alert" color="rust" mb="3">
                {start.error.message}
              </Text>
            )}
            <Box
              display="grid"
              gridTemplateColumns="repeat(auto-fill, minmax(164px, 1fr))"
              gap="3"
              overflow="auto"
              p="1"
            >
              {forms.data?.forms.map((form) => (
                <Flex
                  as="button"
                  key={form.kind}
                  direction="column"
                  align="center"
                  p="3"
                  gap="2"
                  bg="paper"
                  borderWidth="1px"
                  borderColor="hairline"
                  borderRadius="lg"
                  _hover={{ borderColor: 'sea', bg: 'card' }}
                  aria-label={`${form.name}: ${form.about}`}
                  onClick={() => !start.isPending && start.mutate(form)}
                >
                  <Box aria-hidden pointerEvents="none">
                    <Net
                      reading={form.reading}
                      stencils={NO_STENCILS}
                      width={138}
                      height={92}
                      plain
                    />
                  </Box>
                  <Text fontWeight="600" lineHeight="1.2">
                    {form.name}
                  </Text>
                  <Text fontSize="12.5px" color="soft" lineHeight="1.25">
                    {form.about}
                  </Text>
                </Flex>
              ))}
            </Box>
            <Flex justify="flex-end" mt="4">
              <Button onClick={close}>Not now</Button>
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
