import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { DesignCut, Remedy } from '../api/client';
import { useRemedies } from '../api/queries';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { usePlan } from '../plan/PlanProvider';

type Props = {
  readonly cut: DesignCut;
  readonly together: ReadonlyArray<string>;
  readonly onTogether: (pieceId: string) => void;
};

/** What would make it enough, or take fewer sheets: each worked out, each taken with one click. */
export function Remedies({ cut, together, onTogether }: Props) {
  const plan = usePlan();
  const [looking, setLooking] = useState(false);
  const short = cut.shortText !== undefined;
  const ways = useRemedies(
    plan.piece.id,
    plan.piece.version,
    cut.designId,
    together,
    short || looking,
  );
  if (!short && !looking) {
    return (
      <Button look="plain" size="xs" mt="1" ml="-2" onClick={() => setLooking(true)}>
        Could it take fewer sheets?
      </Button>
    );
  }
  if (!short && ways.data?.length === 0) {
    return (
      <Text mt="2" color="soft" role="status">
        Neither less to trim nor laid another way would it take fewer.
      </Text>
    );
  }
  const take = (way: Remedy) => {
    if (way.edits.length > 0) {
      plan.edit(way.edits);
    } else if (way.withPieceId) {
      onTogether(way.withPieceId);
    }
  };
  return (
    <Box
      mt="3"
      px="4"
      py="3"
      borderRadius="md"
      bg={short ? 'rustWash' : 'mossWash'}
      role="group"
      aria-label={short ? 'What would make it enough' : 'What would take fewer sheets'}
    >
      <Text fontWeight="600">
        {short ? 'What would make it enough' : 'What would take fewer sheets'}
      </Text>
      {ways.isPending && <Text color="soft">Working it out…</Text>}
      {ways.isError && (
        <Text color="rust" role="alert">
          {ways.error.message}
        </Text>
      )}
      {(ways.data ?? []).map((way) => (
        <Flex key={way.text} gap="4" align="center" mt="1.5">
          <Button size="xs" aria-label={`Take it: ${way.text}`} onClick={() => take(way)}>
            Take it
          </Button>
          <Text>
            <Fig text={`${way.text}: ${way.detail}.`} />
          </Text>
        </Flex>
      ))}
      {short && ways.data && (
        <Text mt="2" fontSize="13px" color="soft">
          {ways.data.every((w) => !w.isEnough) && 'None of these is enough by itself. '}
          <Link to={`/shelf/designs/${cut.designId}`}>Look at its stock</Link>, or{' '}
          <Link to="/shelf/supplier">buy more</Link>.
        </Text>
      )}
    </Box>
  );
}
