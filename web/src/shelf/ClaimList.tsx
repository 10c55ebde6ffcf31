import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { HoldingView } from '../api/client';
import { Fig } from '../common/Fig';
import { Section } from '../common/Section';

/** What pieces ask of a stock, in the order they asked, and what each may count on. */
export function ClaimList({ claims }: { claims: HoldingView['claims'] }) {
  if (claims.length === 0) {
    return null;
  }
  return (
    <Section title="Kept for pieces">
      <Box as="ol" listStyleType="none">
        {claims.map((c, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a piece may ask more than once
          <Flex as="li" key={i} justify="space-between" gap="3" py="0.5">
            <Link to={`/pieces/${c.pieceId}/gather`}>
              <Text as="span" color="sea">
                {c.pieceName}
              </Text>
              {c.askedBy !== '' && (
                <Text as="span" color="soft" fontSize="12.5px">
                  {' '}
                  by {c.askedBy}
                </Text>
              )}
            </Link>
            <Text color={c.missingText ? 'rust' : 'ink'} textAlign="right">
              <Fig text={c.grantedText} />
              {c.missingText && (
                <>
                  {' '}
                  of <Fig text={c.wantedText} />, short by <Fig text={c.missingText} />
                </>
              )}
            </Text>
          </Flex>
        ))}
      </Box>
    </Section>
  );
}
