import { Box, Popover, Portal, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { WhyView } from '../api/client';
import { Fig } from './Fig';

/** The mark that a figure can be asked, which is not part of it. */
const ASK = {
  content: '"?" / ""',
  display: 'inline-grid',
  placeItems: 'center',
  width: '14px',
  height: '14px',
  marginInlineStart: '1.5',
  borderRadius: 'full',
  borderWidth: '1px',
  borderColor: 'fold',
  color: 'soft',
  fontSize: '10px',
  fontWeight: '600',
  lineHeight: '1',
  verticalAlign: '1px',
} as const;

/** A figure that can be asked why: it answers with its sum in words. */
export function Why({ why, children }: { why: ReadonlyArray<WhyView>; children: ReactNode }) {
  return (
    <Popover.Root positioning={{ placement: 'left' }} lazyMount>
      <Popover.Trigger asChild>
        <Box
          as="button"
          textAlign="right"
          cursor="help"
          textDecoration="underline"
          textDecorationStyle="dotted"
          textDecorationColor="fold"
          textUnderlineOffset="3px"
          _hover={{ textDecorationColor: 'sea', color: 'sea' }}
          _after={ASK}
        >
          {children}
        </Box>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content bg="card" borderWidth="1px" borderColor="hairline" maxW="300px" p="4">
            <Popover.Title fontFamily="heading" fontSize="md" mb="1">
              Why
            </Popover.Title>
            {why.map((w) => (
              <Text key={w.text} mb="2" fontSize="13px">
                <b>
                  <Fig text={w.figure} />
                </b>
                {': '}
                <Fig text={w.text} />
              </Text>
            ))}
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
