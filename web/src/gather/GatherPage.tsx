import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type NeedView, type PotSplit, type UseView } from '../api/client';
import { changed, keys } from '../api/keys';
import { useGather } from '../api/queries';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Empty, ErrorState, Loading } from '../common/States';
import { Why } from '../common/Why';
import { usePlan } from '../plan/PlanProvider';
import { Ledger } from '../shelf/Ledger';
import { DesignRow } from './DesignRow';
import { Mixes } from './Mixes';
import { NotCounted } from './NotCounted';
import { OtherPots } from './OtherPots';
import { outOf } from './outOf';
import { PotJar } from './PotJar';

/** What the piece takes against what is on the shelf, and booking it when it is done. */
export function GatherPage() {
  const { piece, edit } = usePlan();
  const client = useQueryClient();
  const gather = useGather(piece.id, piece.version);
  const [potId, setPotId] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);

  const book = useMutation({
    mutationFn: ({ use, done }: { use: UseView; done: boolean }) => {
      const params = { path: { id: piece.id, layId: use.layId } };
      return done
        ? ask(api.PUT('/api/pieces/{id}/lays/{layId}/done', { params }))
        : ask(api.DELETE('/api/pieces/{id}/lays/{layId}/done', { params }));
    },
    onSuccess: (fresh) => {
      setRefused(null);
      client.setQueryData(keys.gather(piece.id, piece.version), fresh);
      void changed(client, 'SHELF');
    },
    onError: (problem) => setRefused(problem.message),
  });

  if (gather.isPending) {
    return <Loading what="what it takes" />;
  }
  if (gather.isError) {
    return <ErrorState problem={gather.error} again={() => gather.refetch()} />;
  }
  const { needs, designs, unnamed, unrolled, unowned, mixes, sundriesText, notLaid, complete } =
    gather.data;
  const shownPot = potId ?? needs[0]?.potId ?? null;
  const all = [...needs, ...designs];
  const short = all.filter((n) => !n.enough).length;
  return (
    <Flex h="100%">
      <Box flex="1" minW="0" overflow="auto" px="7" py="4">
        <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
          What it takes
        </Heading>
        <Flex gap="4" wrap="wrap" mb="4">
          <Text color="soft">
            {all.length === 0
              ? unnamed.length + unrolled.length + unowned.length + notLaid.length > 0
                ? 'Nothing is counted yet.'
                : 'Nothing is laid on this piece yet.'
              : complete
                ? 'Everything this piece still takes is on the shelf.'
                : short > 0
                  ? `${short} of ${all.length} supplies will not do.`
                  : 'What is counted is on the shelf; something is not counted yet.'}
          </Text>
          <Text>
            <Link to={`/pieces/${piece.id}/money`}>What it costs</Link>
          </Text>
          {!complete && all.length > 0 && !piece.practice && (
            <Text>
              <Link to={`/shopping?pieces=${piece.id}`}>Buy what is missing</Link>
            </Text>
          )}
        </Flex>
        {refused && (
          <Box role="alert" mb="4" px="4" py="3" bg="rustWash" borderRadius="md" maxW="640px">
            {refused}
          </Box>
        )}
        {all.length + unnamed.length + unrolled.length + unowned.length + notLaid.length === 0 && (
          <Empty title="Nothing to gather">
            <Link to={`/pieces/${piece.id}/choose`}>Choose a design first</Link>, lay it, and its
            paint is worked out here.
          </Empty>
        )}
        <Flex direction="column" gap="4" maxW="860px">
          {needs.map((need) => (
            <PotRow
              key={need.potId}
              need={need}
              pieceId={piece.id}
              onlyTried={piece.practice}
              open={need.potId === shownPot}
              busy={book.isPending}
              onLedger={() => setPotId(need.potId)}
              onDone={(use, done) => book.mutate({ use, done })}
              onSplit={(moves) => edit(outOf(moves))}
            />
          ))}
        </Flex>
        {designs.length > 0 && (
          <Box mt={needs.length > 0 ? '6' : '0'} maxW="860px">
            <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" mb="2">
              Sheets, pieces and rolls
            </Heading>
            <Flex direction="column" gap="2">
              {designs.map((d) => (
                <DesignRow
                  key={d.designId}
                  need={d}
                  pieceId={piece.id}
                  onLedger={() => setPotId(d.holdingId ?? null)}
                />
              ))}
            </Flex>
          </Box>
        )}
        <Mixes mixes={mixes} />
        <NotCounted
          pieceId={piece.id}
          unnamed={unnamed}
          unrolled={unrolled}
          unowned={unowned}
          notLaid={notLaid}
          onPot={(groupId, band, potId) => edit({ kind: 'OUT_OF_POT', groupId, band, potId })}
        />
        {sundriesText && (
          <Text color="soft" mt="4">
            Beside what is counted here: {sundriesText}.
          </Text>
        )}
      </Box>
      <Box
        as="aside"
        w="348px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        {shownPot ? (
          <Ledger key={shownPot} holdingId={shownPot} />
        ) : (
          <Text color="soft">Choose a pot to read its ledger.</Text>
        )}
      </Box>
    </Flex>
  );
}

/** A coat stands at its group, a lay on its face. */
const placeOf = (pieceId: string, use: UseView) =>
  use.coat
    ? `/pieces/${pieceId}/coats/${encodeURIComponent(use.coat.groupId)}/${encodeURIComponent(use.coat.band)}`
    : `/pieces/${pieceId}/lay-out/${use.faceId}/${use.layId}`;

/** Two groups may get the same coat. */
const called = (use: UseView) => (use.coat ? `${use.title}, ${use.where}` : use.title);

type PotRowProps = {
  readonly need: NeedView;
  readonly pieceId: string;
  /** A board to try things on: nothing is booked for it. */
  readonly onlyTried: boolean;
  readonly open: boolean;
  readonly busy: boolean;
  readonly onLedger: () => void;
  readonly onDone: (use: UseView, done: boolean) => void;
  readonly onSplit: (moves: PotSplit['moves']) => void;
};

function PotRow({ need, pieceId, onlyTried, open, busy, onLedger, onDone, onSplit }: PotRowProps) {
  return (
    <Flex
      gap="5"
      bg="sheet"
      borderWidth={open ? '2px' : '1px'}
      borderColor={open ? 'sea' : 'hairline'}
      borderRadius="lg"
      px="4"
      py="3"
      data-testid={`pot-${need.potId}`}
    >
      <Box textAlign="center" flexShrink={0}>
        <PotJar
          colour={need.colour}
          fullShare={need.fullShare}
          afterShare={need.afterShare}
          holdsMl={need.holdsMl}
          label={`${need.potName}, ${need.levelText}`}
        />
        <Button size="xs" look="plain" aria-pressed={open} onClick={onLedger}>
          ledger
        </Button>
      </Box>
      <Box flex="1" minW="0">
        <Flex justify="space-between" align="baseline" gap="4">
          <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600">
            {need.potName}
          </Heading>
          <Text color={need.enough ? 'moss' : 'rust'} fontWeight="600">
            {need.enough ? '✓ ' : '× '}
            {need.verdictText}
          </Text>
        </Flex>
        <Text color="soft">
          {need.levelText} in the pot{need.othersText ? `, ${need.othersText}` : ''};{' '}
          {need.needText} still needed here
        </Text>
        {need.warnings.map((w) => (
          <Text key={w} color="rust">
            {w}.
          </Text>
        ))}
        {need.split && <OtherPots split={need.split} onSplit={onSplit} />}
        <Box as="ul" listStyleType="none" mt="2">
          {need.uses.map((use) => (
            <Flex
              as="li"
              key={use.layId}
              justify="space-between"
              align="center"
              gap="4"
              py="1.5"
              borderTopWidth="1px"
              borderColor="hairline"
            >
              <Box minW="0">
                <Link to={placeOf(pieceId, use)}>
                  <Text as="span" fontWeight="500">
                    <Fig text={use.title} />
                  </Text>
                </Link>
                {use.coat && (
                  <Text as="span" fontSize="12.5px" color="soft">
                    {' '}
                    · {use.where.toLowerCase()}
                  </Text>
                )}
                {use.benchText && (
                  <Text fontSize="12.5px" color="soft">
                    <Link to={`/logbook?piece=${pieceId}`}>{use.benchText}</Link>
                  </Text>
                )}
                {use.changedText && (
                  <Text fontSize="12.5px" color="soft">
                    The plan changed since: it would take {use.changedText} now.
                  </Text>
                )}
              </Box>
              <Flex gap="3" align="center" flexShrink={0}>
                <Why why={use.why}>{use.done ? `used ${use.bookedText}` : use.needText}</Why>
                {use.done && !use.byHand ? (
                  <Text w="104px" textAlign="center" color="moss" fontWeight="600">
                    ✓ done
                  </Text>
                ) : use.done ? (
                  <Button
                    w="104px"
                    look="plain"
                    disabled={busy}
                    aria-label={`Take back: ${called(use)}`}
                    onClick={() => onDone(use, false)}
                  >
                    Take back
                  </Button>
                ) : onlyTried ? null : (
                  <Button
                    w="104px"
                    look="sea"
                    disabled={busy}
                    aria-label={`Done: ${called(use)}`}
                    onClick={() => onDone(use, true)}
                  >
                    Done
                  </Button>
                )}
              </Flex>
            </Flex>
          ))}
        </Box>
      </Box>
    </Flex>
  );
}
