import { Dialog, Field, Flex, Input, Portal, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask } from '../api/client';
import { Button } from '../common/Button';
import { LengthField } from '../common/LengthField';

type Sizes = { readonly width?: number; readonly height?: number; readonly depth?: number };

/** Starts a chest from its three measures. */
export function NewChest({ close }: { close: () => void }) {
  const go = useNavigate();
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [sizes, setSizes] = useState<Sizes>({});
  const { width, height, depth } = sizes;
  const missing = [
    name.trim() === '' && 'a name',
    !width && 'its width',
    !height && 'its height',
    !depth && 'its depth',
  ].filter(Boolean);
  const ready = missing.length === 0;
  const [asked, setAsked] = useState(false);
  const start = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/pieces', {
          body: {
            name: name.trim(),
            form: {
              kind: 'CHEST',
              widthMm: width ?? 0,
              heightMm: height ?? 0,
              depthMm: depth ?? 0,
            },
          },
        }),
      ),
    onSuccess: (piece) => {
      client.setQueryData(['piece', piece.id], piece);
      void client.invalidateQueries({ queryKey: ['pieces'] });
      go(`/pieces/${piece.id}/survey`);
    },
  });
  // Whoever presses Enter right after the last figure need not wait until it has been read.
  const { mutate, isIdle } = start;
  useEffect(() => {
    if (asked && ready && isIdle) {
      mutate();
    }
  }, [asked, ready, isIdle, mutate]);

  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && close()}>
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" maxW="460px" p="6">
            <Dialog.Title fontFamily="heading" fontSize="xl">
              Start a chest
            </Dialog.Title>
            <Text color="soft" mt="1" mb="4">
              Measure it as it stands; you can change every figure later.
            </Text>
            <form
              onSubmit={(e) => {
                e.preventDefault();
                start.reset();
                setAsked(true);
              }}
            >
              <Flex direction="column" gap="3">
                <Field.Root>
                  <Field.Label color="soft" fontSize="13px">
                    Name
                  </Field.Label>
                  <Input
                    size="sm"
                    bg="card"
                    borderColor="hairline"
                    maxLength={80}
                    placeholder="Sea chest for the hall"
                    value={name}
                    onChange={(e) => setName(e.currentTarget.value)}
                  />
                </Field.Root>
                <SizeField label="Width" onSize={(mm) => setSizes((s) => ({ ...s, width: mm }))} />
                <SizeField
                  label="Height"
                  onSize={(mm) => setSizes((s) => ({ ...s, height: mm }))}
                />
                <SizeField label="Depth" onSize={(mm) => setSizes((s) => ({ ...s, depth: mm }))} />
              </Flex>
              {asked && !ready && (
                <Text role="status" color="rust" mt="2">
                  Still missing: {missing.join(', ')}.
                </Text>
              )}
              {start.isError && (
                <Text role="alert" color="rust" mt="2">
                  {start.error.message}
                </Text>
              )}
              <Flex justify="flex-end" gap="3" mt="5">
                <Button onClick={close}>Not now</Button>
                <Button look="sea" type="submit" disabled={start.isPending}>
                  Start
                </Button>
              </Flex>
            </form>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

/** A length that has no value yet; none again while what was typed is not read. */
function SizeField({ label, onSize }: { label: string; onSize: (mm?: number) => void }) {
  return (
    <LengthField
      label={label}
      value={null}
      kind="SIZE"
      onLength={onSize}
      onUnread={() => onSize()}
      keepText
    />
  );
}
