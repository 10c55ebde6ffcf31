import { Box, Text } from '@chakra-ui/react';
import type { OrderView } from '../api/client';
import { Section } from '../common/Section';

/** On which days somebody comes, and for what. */
export function Visits({ visits }: { visits: OrderView['visits'] }) {
  if (visits.length === 0) {
    return null;
  }
  return (
    <Section title="Visits">
      <Box as="ol" listStyleType="none" mb="4">
        {visits.map((v) => (
          <Box
            as="li"
            key={v.from}
            bg="card"
            borderWidth="1px"
            borderColor="hairline"
            borderRadius="lg"
            p="2.5"
            mb="1.5"
          >
            <Text fontWeight="600" fontSize="13.5px">
              {v.title}
            </Text>
            <Text color="soft" fontSize="13px" lineHeight="1.35">
              {v.text}
            </Text>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
