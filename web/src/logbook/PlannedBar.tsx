import { Box } from '@chakra-ui/react';
import { shareOf } from './asked';

/** A bar as long as what it took, a mark where it was planned to end. */
export function PlannedBar({
  planned,
  took,
  most,
}: {
  planned: number;
  took: number;
  /** what the whole width stands for */
  most: number;
}) {
  return (
    <Box position="relative" h="10px" bg="paper" borderRadius="full">
      <Box
        h="100%"
        w={shareOf(took, most)}
        bg={took > planned ? 'ochre' : 'sea'}
        borderRadius="full"
      />
      <Box
        position="absolute"
        top="-3px"
        bottom="-3px"
        left={shareOf(planned, most)}
        w="2px"
        ml="-1px"
        bg="ink"
        title="as planned"
      />
    </Box>
  );
}
