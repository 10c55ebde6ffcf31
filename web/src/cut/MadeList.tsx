import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { CutsView } from '../api/client';
import { Fig } from '../common/Fig';
import { usePlan } from '../plan/PlanProvider';

/** What is not cut from sheets: trim from stock lengths, strips off a roll, castings in batches. */
export function MadeList({ made }: { made: CutsView['made'] }) {
  const { piece } = usePlan();
  if (made.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-labelledby="made">
      <Heading as="h2" id="made" fontFamily="heading" fontSize="19px" fontWeight="600" mb="2">
        Cut to length, and cast
      </Heading>
      <Flex direction="column" gap="3">
        {made.map((m) => (
          <Box
            key={m.layId}
            bg="sheet"
            borderWidth="1px"
            borderColor="hairline"
            borderRadius="lg"
            px="5"
            py="3"
          >
            <Text>
              <strong>{m.name}</strong>,{' '}
              <Link to={`/pieces/${piece.id}/lay-out/${m.faceId}/${m.layId}`}>{m.faceName}</Link>
            </Text>
            <Text>
              <Fig text={m.text} />
            </Text>
            {m.lines.map((line) => (
              <Text key={line} fontSize="13px" color="soft">
                <Fig text={line} />
              </Text>
            ))}
          </Box>
        ))}
      </Flex>
    </Box>
  );
}
