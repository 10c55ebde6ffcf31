import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { ComparedRow } from '../api/client';
import { useAfterwards } from '../api/queries';
import { Card } from '../bench/parts';
import { Empty, ErrorState, Loading } from '../common/States';
import { PlannedBar } from '../logbook/PlannedBar';
import { usePlan } from '../plan/PlanProvider';

/** What the piece took against its plan, what to do otherwise, and what its buyer is told. */
export function AfterwardsPage() {
  const { piece } = usePlan();
  const back = useAfterwards(piece.id, piece.version);
  if (back.isError) {
    return <ErrorState problem={back.error} again={() => void back.refetch()} />;
  }
  if (!back.data) {
    return <Loading what="what it took" />;
  }
  const a = back.data;
  const sheet = `/api/pieces/${piece.id}/afterwards/buyer`;
  return (
    <Box px="7" py="4" maxW="1240px" opacity={back.isPlaceholderData ? 0.75 : 1}>
      <Flex justify="space-between" align="baseline" gap="4" mb="4">
        <Box minW="0">
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
            Afterwards
          </Heading>
          <Text color="soft" fontSize="13.5px">
            {[a.stateText, a.workText, a.moneyText].filter((t) => t !== '').join('. ')}.
          </Text>
        </Box>
        <Flex gap="4" fontSize="13.5px" flexShrink={0}>
          <Link to={`/pieces/${piece.id}/money`}>What it costs</Link>
          <Link to={`/logbook?piece=${piece.id}`}>Logbook</Link>
          <Link to="/learned">What was learned</Link>
        </Flex>
      </Flex>
      {a.work.length === 0 && (
        <Empty title="Nothing is told of it yet">
          <Link to={`/pieces/${piece.id}/work`}>Take it to the bench</Link>: what each step took
          stands here against its plan.
        </Empty>
      )}
      <Flex gap="5" align="flex-start" wrap="wrap">
        <Box flex="1.2 1 420px" minW="0">
          {a.work.length > 0 && (
            <Card title="Time">
              <Rows of={a.work} />
            </Card>
          )}
          {a.supplies.length > 0 && (
            <Card title="Out of pots">
              <Rows of={a.supplies} />
            </Card>
          )}
        </Box>
        <Box flex="1 1 360px" minW="0">
          {a.work.length > 0 && (
            <Card title="The next time">
              {a.otherwise.length === 0 ? (
                <Text color="soft">Nothing differed so much that the next plan should.</Text>
              ) : (
                a.otherwise.map((o) => (
                  <Text key={o} py="1">
                    {o}.
                  </Text>
                ))
              )}
              {a.notes.map((n, i) => (
                <Text
                  key={`${n.whereText} ${String(i)}`}
                  mt="1.5"
                  pl="3"
                  borderLeftWidth="3px"
                  borderColor="ochre"
                >
                  {n.text}{' '}
                  <Text as="span" color="soft" fontSize="12.5px">
                    {n.whereText}
                  </Text>
                </Text>
              ))}
            </Card>
          )}
          {(a.before.length > 0 || a.after.length > 0) && (
            <Card title="Before and after">
              <Flex gap="3">
                {[a.before[0], a.after[0]].map((address, i) => (
                  <Box key={i === 0 ? 'before' : 'after'} flex="1">
                    {address ? (
                      <a href={address} target="_blank" rel="noopener">
                        <chakra.img
                          src={address}
                          alt={i === 0 ? 'As it came' : 'As it is now'}
                          w="100%"
                          borderRadius="md"
                        />
                      </a>
                    ) : (
                      <Link to={`/pieces/${piece.id}/photos`}>
                        {i === 0 ? 'Add a photo of before' : 'Add a photo of after'}
                      </Link>
                    )}
                    <Text fontSize="12.5px" color="soft">
                      {i === 0 ? 'before' : 'after'}
                    </Text>
                  </Box>
                ))}
              </Flex>
            </Card>
          )}
          <Card title="For its buyer">
            {a.care.length === 0 && (
              <Text color="soft">Nothing is put on it yet that wants to be treated well.</Text>
            )}
            <Box as="ul" ps="5" fontSize="13.5px" listStyleType="disc">
              {a.care.map((c) => (
                <li key={c}>{c}</li>
              ))}
            </Box>
            <Flex gap="3" mt="2" fontSize="13.5px" wrap="wrap">
              <chakra.a href={sheet} target="_blank" rel="noopener" color="sea">
                on paper, A4
              </chakra.a>
              <chakra.a href={`${sheet}?paper=LETTER`} target="_blank" rel="noopener" color="sea">
                Letter
              </chakra.a>
              <chakra.a href={`${sheet}?price=true`} target="_blank" rel="noopener" color="sea">
                with the price
              </chakra.a>
            </Flex>
          </Card>
        </Box>
      </Flex>
    </Box>
  );
}

/** Planned against real, row by row. */
function Rows({ of }: { of: ReadonlyArray<ComparedRow> }) {
  const most = Math.max(1, ...of.map((r) => Math.max(r.planned, r.took)));
  return (
    <>
      {of.map((r) => (
        <Box key={r.title} py="1.5" borderTopWidth="1px" borderColor="hairline">
          <Flex justify="space-between" gap="4">
            <Text>{r.title}</Text>
            <Text fontFeatureSettings="'tnum'" textAlign="right">
              <b>{r.tookText}</b>
              <Text as="span" color="soft">
                {' '}
                of {r.plannedText} planned
                {r.moreText !== undefined && `, ${r.moreText}`}
              </Text>
            </Text>
          </Flex>
          <Box mt="1">
            <PlannedBar planned={r.planned} took={r.took} most={most} />
          </Box>
        </Box>
      ))}
    </>
  );
}
