import { Box, Text } from '@chakra-ui/react';
import { Fig } from '../common/Fig';
import { Section } from '../common/Section';

/** How a band is worked: in which batches and sections, and what to look out for. */
export function Hints({ hints }: { hints: ReadonlyArray<string> }) {
  return hints.length === 0 ? null : (
    <Box mt="3">
      <Section title="How">
        {hints.map((h) => (
          <Text key={h} fontSize="13.5px" py="0.5">
            <Fig text={h} />
          </Text>
        ))}
      </Section>
    </Box>
  );
}
