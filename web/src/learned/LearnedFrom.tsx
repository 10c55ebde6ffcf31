import { Box, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import { Fig } from '../common/Fig';
import { Section } from '../common/Section';

/** Which figures of a plan are not as is typical, and from how often they were learned. */
export function LearnedFrom({ learned }: { learned: ReadonlyArray<string> }) {
  return learned.length === 0 ? null : (
    <Box mt="3">
      <Section title="Learned at the bench">
        {learned.map((text) => (
          <Text key={text} fontSize="13.5px" py="0.5">
            <Fig text={text} />
          </Text>
        ))}
        <Text fontSize="13.5px" pt="1">
          <Link to="/learned">What stands behind it</Link>
        </Text>
      </Section>
    </Box>
  );
}
