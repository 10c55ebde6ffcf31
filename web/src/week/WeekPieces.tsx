import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { WeekView } from '../api/client';
import { LEVELS } from '../coats/levels';
import { colourOf } from './weeks';

/** When each piece is ready, what is next on it, and what to mind over all of them. */
export function WeekPieces({ week }: { week: WeekView }) {
  return (
    <Flex gap="6" mt="5" align="flex-start" wrap="wrap">
      <Box as="section" aria-label="The pieces" flex="2 1 460px">
        <Heading as="h2" fontFamily="heading" fontSize="16px" fontWeight="600" mb="2">
          When each is ready
        </Heading>
        {week.pieces.map((p, i) => (
          <Box
            key={p.pieceId}
            borderLeftWidth="4px"
            borderLeftColor={colourOf(week.pieces, i)}
            bg="sheet"
            borderRadius="md"
            px="3"
            py="1.5"
            mb="1.5"
            fontSize="13px"
          >
            <Flex justify="space-between" gap="3" wrap="wrap">
              <Link to={`/pieces/${p.pieceId}/order`}>
                <Text as="span" fontWeight="600">
                  {p.name}
                </Text>
              </Link>
              <Text color={p.late ? 'rust' : 'ink'}>
                {p.readyText}
                {p.wantedText !== '' && (
                  <Text as="span" color={p.late ? 'rust' : 'soft'}>
                    {` · ${p.wantedText}`}
                  </Text>
                )}
              </Text>
            </Flex>
            {p.nextText !== '' && <Text color="soft">Next: {p.nextText}</Text>}
          </Box>
        ))}
      </Box>
      {week.findings.length > 0 && (
        <Box as="section" aria-label="What to mind" flex="1 1 300px">
          <Heading as="h2" fontFamily="heading" fontSize="16px" fontWeight="600" mb="2">
            What to mind
          </Heading>
          {week.findings.map((f) => (
            <Box
              key={`${f.stepId} ${f.text}`}
              bg={LEVELS[f.level].wash}
              borderRadius="lg"
              p="2.5"
              mb="1.5"
              fontSize="13px"
            >
              <Text>
                <Text as="span" fontWeight="700" color={f.level === 'STOP' ? 'rust' : 'ink'}>
                  {LEVELS[f.level].word}
                </Text>{' '}
                {f.text}
              </Text>
              <Text color="soft">{f.why}</Text>
              <Link
                to={`/pieces/${week.pieces[f.piece]?.pieceId}/order/${encodeURIComponent(f.stepId)}`}
              >
                {week.pieces[f.piece]?.name}
              </Link>
            </Box>
          ))}
        </Box>
      )}
    </Flex>
  );
}
