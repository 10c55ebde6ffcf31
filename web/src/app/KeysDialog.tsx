import { Box, Dialog, Flex, Link, Portal, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { Button } from '../common/Button';
import { Tick } from '../common/Tick';
import { singleKeysAreOn, turnSingleKeys } from './singleKeys';

const KEYS: ReadonlyArray<readonly [string, string]> = [
  ['Tab', 'move along the fields, and to what can be gripped on the map'],
  ['← → ↑ ↓', 'move what is chosen by the smallest division of the tape'],
  ['Shift + arrow', 'the same by ten divisions'],
  ['[ and ]', 'step through the options of a lay'],
  ['C', 'compare the options of a lay side by side'],
  ['L', 'lay a design on this face'],
  ['Alt + ↑ ↓', 'coats: carry the chosen band up or down'],
  ['Alt + drag', 'leave the lines that a hand is drawn to'],
  ['← →', 'order: the step before, the step after; this week: a week earlier, later'],
  ['Shift ← →', 'order: begin the step a quarter of an hour sooner, later'],
  ['Space, ← →', 'at the bench: done; the step before, the step after'],
  ['F', 'next face'],
  ['W', 'the whole piece'],
  ['M', 'measure between two places of a face, or on a photo'],
  ['Enter', 'on a photo: the corner near by catches the place; measuring or placing: there'],
  ['K, D, H, B, Z', 'survey: a keep-out, damage, a hole, a break, a zone on this face'],
  ['/', 'find a piece, a design, a pot, or the code on a label'],
  ['U', 'switch between inches and millimetres'],
  ['+ and −', 'look closer, step back; on the shelf, another scale'],
  ['N', 'home: start a piece; shelf: a new design'],
  ['0', 'fit the face to the window'],
  ['Delete', 'take the chosen lay off'],
  ['Ctrl + Z', 'undo'],
  ['Ctrl + Shift + Z', 'redo'],
  ['Esc', 'leave a field as it was; stop placing a mark'],
  ['?', 'this list'],
];

export function KeysDialog({ open, close }: { open: boolean; close: () => void }) {
  const [single, setSingle] = useState(singleKeysAreOn);
  return (
    <Dialog.Root open={open} onOpenChange={(e) => !e.open && close()} lazyMount unmountOnExit>
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" maxW="520px" p="6">
            <Dialog.Title fontFamily="heading" fontSize="xl">
              Keys
            </Dialog.Title>
            <Box as="dl" mt="3">
              {KEYS.map(([key, what]) => (
                <Flex key={key} py="1.5" borderBottomWidth="1px" borderColor="hairline" gap="4">
                  <Text as="dt" w="130px" flexShrink={0} fontWeight="600">
                    {key}
                  </Text>
                  <Text as="dd" color="soft">
                    {what}
                  </Text>
                </Flex>
              ))}
            </Box>
            <Flex mt="4" justify="space-between" align="center" gap="4">
              <Tick
                on={single}
                onToggle={(on) => {
                  turnSingleKeys(on);
                  setSingle(on);
                }}
              >
                Letters and signs act alone, in this browser
              </Tick>
              <Button look="sea" onClick={close}>
                Close
              </Button>
            </Flex>
            <Link asChild color="sea" textDecoration="underline" mt="3" display="inline-block">
              <RouterLink to="/glossary" onClick={close}>
                Words of the trade
              </RouterLink>
            </Link>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
