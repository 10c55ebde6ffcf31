import { Box, Dialog, Flex, Heading, Portal, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { api, ask, type PlanDocument, type Theirs } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import type { Change } from './planStore';

/** More of what both have changed than this is not read. */
const MOST_NAMED = 4;

type Props = {
  readonly theirs: Theirs;
  readonly mine: ReadonlyArray<Change>;
  /** the plan that mine was done to */
  readonly base: PlanDocument;
  readonly choose: (whose: 'mine' | 'theirs') => void;
};

/** Two windows changed the same piece: both sides in words, and neither is lost whatever is chosen. */
export function ClashDialog({ theirs, mine, base, choose }: Props) {
  const said = useQuery({
    queryKey: keys.edits(base, mine),
    queryFn: () => inWords(base, mine),
  });
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
              {theirs.both.length > 0
                ? 'Two of you changed the same thing'
                : 'This piece was saved in another window'}
            </Dialog.Title>
            {theirs.both.length > 0 && (
              <Text mt="2" fontWeight="500">
                {capital(theirs.both.slice(0, MOST_NAMED).join(', '))}
                {theirs.both.length > MOST_NAMED && ` and ${theirs.both.length - MOST_NAMED} more`}
              </Text>
            )}
            <Text mt="1" color="soft">
              What was done there is kept either way. Put yours on top of it, or let yours go.
            </Text>
            <Flex gap="4" mt="4">
              <Side title={`There, at ${at}`} lines={theirs.changes} />
              <Side title="Here, not saved yet" lines={said.data ?? ['…']} />
            </Flex>
            <Flex gap="3" mt="5" justify="flex-end">
              <Button look="quiet" onClick={() => choose('theirs')}>
                Let mine go
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

/** As a line begins. */
const capital = (text: string) => text.charAt(0).toLocaleUpperCase() + text.slice(1);

/** What was done, change by change, as the history would say it. */
async function inWords(base: PlanDocument, changes: ReadonlyArray<Change>): Promise<string[]> {
  const said: string[] = [];
  let document = base;
  for (const { edits } of changes) {
    try {
      const body = { document, edits: [...edits] };
      const edited = await ask(api.POST('/api/edits', { body }));
      said.push(edited.summary);
      document = edited.document;
    } catch (problem) {
      said.push((problem as Error).message);
    }
  }
  return said;
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
