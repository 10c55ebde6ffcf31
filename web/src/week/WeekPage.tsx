import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { api, ask } from '../api/client';
import { useWeek } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Empty, ErrorState, Loading } from '../common/States';
import { LookOn } from '../order/LookOn';
import { DayColumn } from './DayColumn';
import { WeekPieces } from './WeekPieces';
import { daysLater } from './weeks';

/** All pieces woven together: seven days at the bench, who does what on which of them. */
export function WeekPage() {
  const [params, setParams] = useSearchParams();
  const from = params.get('from');
  const week = useWeek(from);
  const first = week.data?.from;
  const go = (days: number) =>
    first !== undefined && setParams({ from: daysLater(first, days) }, { replace: true });
  useKeys({
    arrowleft: () => go(-7),
    arrowright: () => go(7),
    '0': () => setParams({}, { replace: true }),
  });
  if (week.isError) {
    return <ErrorState problem={week.error} again={() => void week.refetch()} />;
  }
  if (!week.data) {
    return <Loading what="the week" />;
  }
  const data = week.data;
  return (
    <Box px={{ base: '4', lg: '6' }} py="4" opacity={week.isPlaceholderData ? 0.75 : 1}>
      <Flex justify="space-between" align="flex-start" gap="4" wrap="wrap" mb="3">
        <Box>
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
            {data.title}
          </Heading>
          <Text color="soft" fontSize="13.5px">
            {data.summary} {data.proofText}
          </Text>
        </Box>
        <Flex gap="1.5" align="center">
          <Button
            size="sm"
            aria-label="A week earlier (←)"
            title="A week earlier (←)"
            onClick={() => go(-7)}
          >
            ←
          </Button>
          <Button size="sm" title="From today (0)" onClick={() => setParams({}, { replace: true })}>
            From today
          </Button>
          <Button
            size="sm"
            aria-label="A week later (→)"
            title="A week later (→)"
            onClick={() => go(7)}
          >
            →
          </Button>
          {data.pieces.length > 0 && (
            <Box ml="3">
              <a href="/api/week/calendar">
                <Text as="span" color="sea" fontSize="13.5px">
                  calendar file
                </Text>
              </a>
            </Box>
          )}
        </Flex>
      </Flex>
      {data.many && <LookOn begin={() => ask(api.POST('/api/week/searches'))} />}
      {data.pieces.length === 0 ? (
        <Empty title={data.title}>{data.summary}</Empty>
      ) : (
        <>
          <Box
            display="grid"
            gridTemplateColumns={{
              base: 'repeat(auto-fill, minmax(210px, 1fr))',
              xl: 'repeat(7, minmax(0, 1fr))',
            }}
            gap="2.5"
          >
            {data.days.map((day) => (
              <DayColumn key={day.date} day={day} week={data} />
            ))}
          </Box>
          <WeekPieces week={data} />
        </>
      )}
    </Box>
  );
}
