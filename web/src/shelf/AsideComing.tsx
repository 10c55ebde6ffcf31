import { Box, Heading } from '@chakra-ui/react';
import { Loading } from '../common/States';

/** What was chosen, by the name its card has, until the rest of it is there. */
export function AsideComing({ name, what }: { name: string; what: string }) {
  return (
    <Box aria-busy>
      <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
        {name}
      </Heading>
      <Box mt="3" h="220px" borderRadius="md" bg="seaWash" opacity="0.5" aria-hidden />
      <Loading what={what} />
    </Box>
  );
}
