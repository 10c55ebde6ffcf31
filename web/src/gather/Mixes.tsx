import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import type { GatherView } from '../api/client';
import { Fig } from '../common/Fig';

/** What has to be mixed before it can be put on, and how. */
export function Mixes({ mixes }: { readonly mixes: GatherView['mixes'] }) {
  if (mixes.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Mixes to make" mt="6" maxW="860px">
      <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" mb="2">
        Mixes to make
      </Heading>
      <Flex direction="column" gap="2">
        {mixes.map((mix) => (
          <Box
            key={`${mix.useId} ${mix.forText}`}
            bg="sheet"
            borderWidth="1px"
            borderColor="hairline"
            borderRadius="lg"
            px="4"
            py="2.5"
            data-testid={`mix-${mix.useId}`}
          >
            <Text>
              <b>
                <Fig text={mix.title} />
              </b>{' '}
              <Text as="span" color="soft" fontSize="13px">
                {mix.forText}, <Fig text={mix.where.toLowerCase()} />
              </Text>
            </Text>
            {mix.lines.map((line) => (
              <Text key={line}>{line}.</Text>
            ))}
          </Box>
        ))}
      </Flex>
    </Box>
  );
}
