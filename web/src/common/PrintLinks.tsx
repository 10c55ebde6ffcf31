import { Box, Link, Text } from '@chakra-ui/react';

/** Something on pages of paper, for the bench. */
export function PrintLinks({ title, path }: { title: string; path: string }) {
  return (
    <Box mt="4" pt="3" borderTopWidth="1px" borderColor="hairline">
      <Text fontSize="12.5px" color="soft">
        {title}
      </Text>
      <Link href={`${path}?paper=A4`} target="_blank" rel="noopener" color="sea" mr="4">
        A4 page
      </Link>
      <Link href={`${path}?paper=LETTER`} target="_blank" rel="noopener" color="sea">
        Letter page
      </Link>
    </Box>
  );
}
