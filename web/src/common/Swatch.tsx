import { Box } from '@chakra-ui/react';

/** What something looks like: its picture, or its colour where it has none. */
export function Swatch({
  picture,
  colour,
  width,
  height,
  round,
}: {
  readonly picture?: string;
  readonly colour: string;
  readonly width: string;
  readonly height: string;
  readonly round?: boolean;
}) {
  return (
    <Box
      w={width}
      h={height}
      flexShrink={0}
      borderRadius={round ? 'full' : 'md'}
      borderWidth={round ? '1px' : '0'}
      borderColor="fold"
      overflow="hidden"
      bg={colour}
    >
      {picture && (
        <img src={picture} alt="" style={{ width: '100%', height: '100%', objectFit: 'cover' }} />
      )}
    </Box>
  );
}
