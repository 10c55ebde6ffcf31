import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { BuyingView, Supply } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Swatch } from '../common/Swatch';

/** Everything that is used up, what is short of it first. */
export function Supplies({ data }: { data: BuyingView }) {
  const [all, setAll] = useState(false);
  const short = data.supplies.filter((s) => !s.enough);
  const warned = data.supplies.filter((s) => s.enough && s.warnings.length > 0);
  const rest = data.supplies.filter((s) => s.enough && s.warnings.length === 0);
  return (
    <Box maxW="860px">
      {short.length === 0 && data.supplies.length > 0 && (
        <Text color="moss" fontWeight="600" mb="3">
          ✓ Everything these pieces still take is on the shelf or on the list.
        </Text>
      )}
      <Flex direction="column" gap="2.5">
        {[...short, ...warned].map((s) => (
          <Row key={s.key} supply={s} />
        ))}
      </Flex>
      {data.uncounted.length > 0 && (
        <Box mt="4" data-testid="uncounted">
          <Heading as="h2" fontFamily="heading" fontSize="16px" fontWeight="600">
            Not counted yet
          </Heading>
          {data.uncounted.map((u) => (
            <Text key={u.pieceId} color="rust">
              <Link to={`/pieces/${u.pieceId}/gather`}>{u.pieceName}</Link>: {u.text}.
            </Text>
          ))}
        </Box>
      )}
      {data.sundriesText && (
        <Text color="soft" mt="4">
          Beside what is counted here: <Fig text={data.sundriesText} />.
        </Text>
      )}
      {rest.length > 0 && (
        <Box mt="4">
          <Button look="plain" aria-expanded={all} onClick={() => setAll(!all)}>
            {all ? 'Hide' : 'Show'} the {rest.length} of which there is enough
          </Button>
          {all && (
            <Flex direction="column" gap="2.5" mt="2">
              {rest.map((s) => (
                <Row key={s.key} supply={s} />
              ))}
            </Flex>
          )}
        </Box>
      )}
    </Box>
  );
}

function Row({ supply }: { supply: Supply }) {
  return (
    <Flex
      gap="4"
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      px="4"
      py="3"
      data-testid={`supply-${supply.name}`}
    >
      <Swatch
        picture={supply.picture}
        colour={supply.colour}
        width="44px"
        height="44px"
        round={supply.picture === undefined}
      />
      <Box flex="1" minW="0">
        <Flex justify="space-between" align="baseline" gap="4" wrap="wrap">
          <Heading as="h2" fontFamily="heading" fontSize="16px" fontWeight="600">
            {supply.name}
          </Heading>
          <Text color={supply.enough ? 'moss' : 'rust'} fontWeight="600">
            {supply.enough ? '✓ ' : '× '}
            <Fig text={supply.verdictText} />
          </Text>
        </Flex>
        <Text color="soft" fontSize="13px">
          <Fig text={supply.takesText} /> needed, <Fig text={supply.thereText} />
        </Text>
        {supply.warnings.map((w) => (
          <Text key={w} color="rust" fontSize="13px">
            {w}.
          </Text>
        ))}
        <Flex gap="1" columnGap="4" wrap="wrap" mt="1" fontSize="13px">
          {supply.pieces.map((p) => (
            <Text key={p.pieceId}>
              <Link to={`/pieces/${p.pieceId}/gather`}>{p.pieceName}</Link>{' '}
              <Text as="span" color="soft">
                <Fig text={p.takesText} />
                {p.missingText && p.missingText !== p.takesText && (
                  <>
                    , <Fig text={p.missingText} /> short
                  </>
                )}
              </Text>
            </Text>
          ))}
        </Flex>
        {supply.buys.map((b) => (
          <Flex
            key={`${b.shop} ${b.text}`}
            justify="space-between"
            gap="4"
            mt="1.5"
            pt="1.5"
            borderTopWidth="1px"
            borderColor="hairline"
          >
            <Text>
              <b>
                <Fig text={b.text} />
              </b>
              {b.standsIn && ` of ${b.standsIn}`}, {b.shop}
            </Text>
            <Text fontWeight="600" whiteSpace="nowrap">
              {b.priceText}
            </Text>
          </Flex>
        ))}
        {supply.overText && (
          <Text color="soft" fontSize="13px">
            <Fig text={supply.overText} />
          </Text>
        )}
        {!supply.enough && supply.buys.length === 0 && (
          <Text fontSize="13px" mt="1">
            Nobody on the price lists sells it.{' '}
            {supply.holdingId && supply.key.startsWith('medium:') && (
              <Link to={`/shelf/pots/${supply.holdingId}`}>
                Say on its label what it is sold in
              </Link>
            )}
          </Text>
        )}
      </Box>
    </Flex>
  );
}
