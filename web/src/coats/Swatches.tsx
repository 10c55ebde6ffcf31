import { Box, Flex } from '@chakra-ui/react';

/** What shows after each coat, from the surface on. */
export function Swatches({
  colours,
  height,
  gap = 0,
}: {
  colours: ReadonlyArray<string>;
  height: number;
  gap?: number;
}) {
  return (
    <Flex mt="1.5" gap={`${gap}px`} aria-hidden>
      {colours.map((colour, i) => (
        <Box
          // biome-ignore lint/suspicious/noArrayIndexKey: coats in their order
          key={i}
          flex={gap ? undefined : 1}
          w={gap ? '26px' : undefined}
          h={`${height}px`}
          bg={colour}
          borderWidth="1px"
          borderColor="fold"
        />
      ))}
    </Flex>
  );
}
