import { Box } from '@chakra-ui/react';
import { lines } from './letters';

/** What is compared, from one screen to the other. */
export function Fingerprint({ of }: { of: string }) {
  return (
    <Box
      as="pre"
      aria-label="Fingerprint of the certificate, SHA-256"
      fontFamily="mono"
      fontSize="13px"
      lineHeight="1.55"
      bg="card"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="md"
      px="3"
      py="2"
      overflow="auto"
    >
      {lines(of).join('\n')}
    </Box>
  );
}
