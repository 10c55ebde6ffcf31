import { Box, chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { NoteView } from '../api/client';
import { Fig } from './Fig';

const LOOKS = {
  FINE: { colour: 'moss', sign: '✓', word: 'Fine: ' },
  LOOK: { colour: 'ochre', sign: '!', word: 'Look: ' },
  STOP: { colour: 'rust', sign: '×', word: 'Stop: ' },
} as const;

/** What to know: a sign and a colour together, so that neither is needed alone. */
export function Notes({
  notes,
  under,
}: {
  notes: ReadonlyArray<NoteView>;
  /** what can be done about a note */
  under?: (note: NoteView) => ReactNode;
}) {
  return (
    <Flex as="ul" direction="column" gap="2" listStyleType="none">
      {notes.map((note) => {
        const look = LOOKS[note.level];
        return (
          <Flex as="li" key={note.text} gap="2.5" align="flex-start">
            <Box
              aria-hidden
              flexShrink={0}
              mt="3px"
              w="15px"
              h="15px"
              borderRadius="full"
              bg={look.colour}
              color={note.level === 'LOOK' ? 'ink' : 'sheet'}
              fontSize="10px"
              fontWeight="700"
              lineHeight="15px"
              textAlign="center"
            >
              {look.sign}
            </Box>
            <Box>
              <chakra.span srOnly>{look.word}</chakra.span>
              <Fig text={note.text} />
              {under?.(note)}
            </Box>
          </Flex>
        );
      })}
    </Flex>
  );
}
