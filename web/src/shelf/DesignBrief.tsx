import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { DesignView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Section } from '../common/Section';
import { ErrorState } from '../common/States';
import { AsideComing } from './AsideComing';
import { ClaimList } from './ClaimList';
import { useDesign, useUses } from './queries';
import { SheetView } from './SheetView';

/** A design beside the shelf: its picture, what follows from it, how much there is. */
export function DesignBrief({ designId, name }: { designId: string; name: string }) {
  const design = useDesign(designId);
  if (design.isPending) {
    return <AsideComing name={name} what="the design" />;
  }
  if (design.isError) {
    return <ErrorState problem={design.error} again={() => design.refetch()} />;
  }
  const d = design.data;
  return (
    <Flex direction="column" gap="3">
      <Box>
        <Text fontSize="12.5px" color="soft">
          {d.reading.kindText}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {d.given.name}
        </Heading>
        <Text color="soft">{d.given.note}</Text>
      </Box>
      <SheetView design={d} width={314} height={220} />
      <Link to={`/shelf/designs/${d.id}`}>
        <Button as="span" look="sea" w="100%">
          Open its page
        </Button>
      </Link>
      <StockOf design={d} />
      <FactList facts={d.reading.facts} />
      <UsedOn design={d} />
    </Flex>
  );
}

export function FactList({ facts }: { facts: DesignView['reading']['facts'] }) {
  return (
    <Box as="dl">
      {facts.map((f) => (
        <Flex key={f.label} justify="space-between" gap="4" py="0.5">
          <Text as="dt" color="soft" flexShrink={0}>
            {f.label}
          </Text>
          <Text as="dd" textAlign="right">
            <Fig text={f.text} />
          </Text>
        </Flex>
      ))}
    </Box>
  );
}

/** How much there is of it, stock by stock, and what is kept for pieces. */
export function StockOf({ design }: { design: DesignView }) {
  const { holdings, reading } = design;
  if (holdings.length === 0) {
    return (
      <Text color={reading.unit === undefined ? 'soft' : 'rust'}>
        {reading.unit === undefined
          ? 'Made by hand: nothing of it lies on the shelf.'
          : 'None on the shelf.'}
      </Text>
    );
  }
  return (
    <Box>
      {holdings.map(({ holding: h, shows }) => (
        <Box key={h.id} py="1">
          <Flex justify="space-between" gap="3">
            <Text>
              <Text as="span" fontWeight="600">
                {h.offcut ? 'offcut ' : ''}
                {h.handText ? `${h.handText} ` : ''}
                <Fig text={h.offcut ? h.offcut.sizeText : h.levelText} />
              </Text>
              {h.place && (
                <Text as="span" color="soft">
                  , {h.place}
                </Text>
              )}
            </Text>
            <Text color="soft" fontSize="12.5px">
              {h.code}
            </Text>
          </Flex>
          {shows.length > 0 && (
            <Text fontSize="12.5px" color="plum">
              shows{' '}
              {shows.map((s) => (s.whole ? s.name : `${s.shareText} of ${s.name}`)).join(', ')}
            </Text>
          )}
          <ClaimList claims={h.claims} />
        </Box>
      ))}
    </Box>
  );
}

/** Which pieces it is laid on. */
export function UsedOn({ design }: { design: DesignView }) {
  const uses = useUses('design', design.id).data ?? [];
  return (
    <Section title="Where it is used">
      {uses.length === 0 ? (
        <Text color="soft">On no piece yet.</Text>
      ) : (
        uses.map((u) => (
          <Flex key={u.pieceId} justify="space-between" gap="3" py="0.5">
            <Link to={`/pieces/${u.pieceId}/lay-out`}>
              <Text as="span" color="sea">
                {u.pieceName}
              </Text>
            </Link>
            <Text color="soft">{u.text}</Text>
          </Flex>
        ))
      )}
    </Section>
  );
}
