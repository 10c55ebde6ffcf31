import { Box, chakra, Text } from '@chakra-ui/react';
import type { SheetCut } from '../api/client';
import { Fig } from '../common/Fig';

/** From edge to edge, each under the letter it has on the drawing, where it can be followed. */
export function CutsInOrder({
  cuts,
  followed,
  onFollow,
}: {
  cuts: SheetCut['cuts'];
  followed: string | null;
  onFollow: (letters: string | null) => void;
}) {
  return (
    <Box mb="3">
      <Text fontSize="13px" color="soft">
        Cuts, in this order
      </Text>
      <Box
        as="ol"
        listStyleType="none"
        aria-label="Cuts, in this order"
        onPointerLeave={() => onFollow(null)}
      >
        {cuts.map((cut) => (
          <Box as="li" key={cut.letters}>
            <chakra.button
              type="button"
              aria-pressed={followed === cut.letters}
              title="Shows where it goes"
              display="flex"
              gap="2"
              w="100%"
              py="0.5"
              px="1"
              borderRadius="4px"
              fontSize="13px"
              textAlign="left"
              bg={followed === cut.letters ? 'seaWash' : undefined}
              onPointerEnter={() => onFollow(cut.letters)}
              onFocus={() => onFollow(cut.letters)}
              onBlur={() => onFollow(null)}
              onClick={() => onFollow(cut.letters)}
            >
              <Text as="span" color="sea" fontWeight="700" minW="5">
                {cut.letters}
              </Text>
              <Text as="span">
                <Fig text={cut.text} />
              </Text>
            </chakra.button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
