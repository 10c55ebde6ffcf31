import { Box, Dialog, Flex, Heading, Portal, Text } from '@chakra-ui/react';
import type { Theirs } from '../api/client';
import { Button } from '../common/Button';
import type { Change } from './planStore';

type Props = {
  readonly theirs: Theirs;
  readonly mine: Change;
  readonly choose: (whose: 'mine' | 'theirs') => void;
};

/** Two windows changed the same piece: both sides in words, and neither is lost whatever is chosen. */
export function ClashDialog({ theirs, mine, choose }: Props) {
  const at = new Date(theirs.savedAt).toLocaleTimeString([], {
    hour: '2-digit',
    minute: '2-digit',
  });
  return (
    <Dialog.Root open role="alertdialog" closeOnEscape={false} closeOnInteractOutside={false}>
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" maxW="560px" p="6">
            <Dialog.Title fontFamily="heading" fontSize="xl">
              This piece was saved in another window
            </Dialog.Title>
            <Text mt="1" color="soft">
              Choose which one to go on with. The other stays in the history and comes back with
              undo.
            </Text>
            <Flex gap="4" mt="4">
              <Side title={`There, at ${at}`} lines={theirs.changes} />
              <Side title="Here, not saved yet" lines={[mine.summary]} />
            </Flex>
            <Flex gap="3" mt="5" justify="flex-end">
              <Button look="quiet" onClick={() => choose('theirs')}>
                Take theirs
              </Button>
              <Button look="sea" onClick={() => choose('mine')}>
                Put mine on top
              </Button>
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function Side({ title, lines }: { title: string; lines: ReadonlyArray<string> }) {
  return (
    <Box flex="1" borderWidth="1px" borderColor="hairline" borderRadius="md" p="3" bg="card">
      <Heading as="h3" fontFamily="heading" fontSize="md">
        {title}
      </Heading>
      <Box as="ul" mt="1" pl="4" listStyleType="disc" color="soft">
        {lines.map((line, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the same change may stand there twice
          <li key={i}>{line}</li>
        ))}
      </Box>
    </Box>
  );
}
