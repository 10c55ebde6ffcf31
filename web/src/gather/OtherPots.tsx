import { Box, Flex, Text } from '@chakra-ui/react';
import type { PotSplit } from '../api/client';
import { Button } from '../common/Button';

type Props = {
  readonly split: PotSplit;
  readonly onSplit: (moves: PotSplit['moves']) => void;
};

/** What one pot lacks and another of the same paint has: two batches, each for whole coats. */
export function OtherPots({ split, onSplit }: Props) {
  return (
    <Box bg="ochreWash" borderRadius="md" px="3" py="2" mt="2" data-testid="other-pots">
      <Text>{split.text}:</Text>
      {split.runOver.map((title) => (
        <Text key={title} fontWeight="600">
          {title}
        </Text>
      ))}
      <Flex justify="space-between" align="flex-end" gap="4">
        <Box as="ul" listStyleType="none" fontSize="13px">
          {split.moves.map((m) => (
            <li key={m.useId}>
              <b>{m.title}</b>, {m.needText} out of {m.potText}
            </li>
          ))}
        </Box>
        {split.moves.length > 0 && (
          <Button look="sea" flexShrink={0} onClick={() => onSplit(split.moves)}>
            Out of one pot each
          </Button>
        )}
      </Flex>
    </Box>
  );
}
