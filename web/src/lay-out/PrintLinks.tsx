import { Box, Link, Text } from '@chakra-ui/react';

/** The face on one page of paper, for the bench. */
export function PrintLinks({ pieceId, faceId }: { pieceId: string; faceId: string }) {
  const href = (paper: string) => `/api/pieces/${pieceId}/faces/${faceId}/print?paper=${paper}`;
  return (
    <Box mt="4" pt="3" borderTopWidth="1px" borderColor="hairline">
      <Text fontSize="12.5px" color="soft">
        Print this face
      </Text>
      <Link href={href('A4')} target="_blank" rel="noopener" color="sea" mr="4">
        A4 page
      </Link>
      <Link href={href('LETTER')} target="_blank" rel="noopener" color="sea">
        Letter page
      </Link>
    </Box>
  );
}
