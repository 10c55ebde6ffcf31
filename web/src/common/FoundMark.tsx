import { Box, chakra } from '@chakra-ui/react';
import type { FoundView } from '../api/client';
import { found } from './found';

/** How much was found at a stop, in the colour of the worst. */
export function FoundMark({ found: what }: { found: FoundView }) {
  const stops = what.worst === 'STOP';
  return (
    <Box
      as="span"
      display="inline-block"
      ml="1"
      px="1"
      minW="17px"
      borderRadius="full"
      bg={stops ? 'rust' : 'ochre'}
      color={stops ? 'sheet' : 'tapeInk'}
      fontSize="11px"
      fontWeight="700"
      lineHeight="17px"
      textAlign="center"
      title={found(what)}
    >
      <span aria-hidden>{what.count}</span>
      <chakra.span srOnly>, {found(what)}</chakra.span>
    </Box>
  );
}
