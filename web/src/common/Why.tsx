import { Box, Popover, Portal, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { WhyView } from '../api/client';
import { Fig } from './Fig';

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
