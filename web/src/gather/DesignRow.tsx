import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { DesignNeed } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Swatch } from '../common/Swatch';

type Props = {
  readonly need: DesignNeed;
  readonly pieceId: string;
  readonly onLedger: () => void;
};

/** A design that is used up against what there is of it. */
export function DesignRow({ need, pieceId, onLedger }: Props) {
  return (
    <Flex
      gap="4"
      align="center"
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      px="4"
      py="2.5"
      data-testid={`design-${need.designId}`}
    >
      <Swatch picture={need.picture} colour={need.shade ?? 'card'} width="64px" height="52px" />
      <Box flex="1" minW="0">
        <Flex justify="space-between" align="baseline" gap="4">
          <Heading as="h3" fontFamily="heading" fontSize="15.5px" fontWeight="600">
            {need.name}
          </Heading>
          <Text color={need.enough ? 'moss' : 'rust'} fontWeight="600" whiteSpace="nowrap">
            {need.enough ? '✓ ' : '× '}
            <Fig text={need.verdictText} />
          </Text>
        </Flex>
        <Text color="soft" fontSize="13px">
          {need.kindText} · <Fig text={need.needText} /> needed, <Fig text={need.availableText} />{' '}
          to count on
        </Text>
        {need.uses.map((use) => (
          <Flex key={`${use.layId}${use.title}`} justify="space-between" gap="4" fontSize="13px">
            <Link to={`/pieces/${pieceId}/lay-out/${use.faceId}/${use.layId}`}>
              <Fig text={use.title} />
            </Link>
            <Text as="span" whiteSpace="nowrap">
              <Fig text={use.needText} />
            </Text>
          </Flex>
        ))}
      </Box>
      {need.holdingId && (
        <Button size="xs" look="plain" onClick={onLedger}>
          ledger
        </Button>
      )}
    </Flex>
  );
}
