import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { Stint, WeekDay, WeekView } from '../api/client';
import { colourOf } from './weeks';

/** One day: who does what on which piece, and what goes on drying when they have left. */
export function DayColumn({ day, week }: { day: WeekDay; week: WeekView }) {
  const today = day.now !== undefined;
  return (
    <Box
      as="section"
      aria-label={day.text}
      bg={day.closed ? 'paper' : 'sheet'}
      borderWidth={today ? '2px' : '1px'}
      borderColor={today ? 'ochre' : 'hairline'}
      borderRadius="lg"
      p="2"
      minH="120px"
    >
      <Heading as="h2" fontFamily="heading" fontSize="14.5px" fontWeight="600">
        {day.text}
        {today && (
          <Text as="span" color="rust" fontSize="12px" fontFamily="body" ml="1.5">
            today
          </Text>
        )}
      </Heading>
      <Text color="soft" fontSize="12px" mb="1.5">
        {day.hoursText}
      </Text>
      {day.stints.map((stint) => (
        <StintCard
          key={`${stint.person} ${stint.from}`}
          stint={stint}
          week={week}
          now={day.now !== undefined && stint.from <= day.now && day.now < stint.to}
        />
      ))}
      {!day.closed && day.stints.length === 0 && (
        <Text color="soft" fontSize="12.5px">
          Nothing to do.
        </Text>
      )}
      {day.ripens.length > 0 && (
        <Text color="moss" fontSize="11.5px" mt="1.5" title={day.ripens.join('\n')}>
          {day.ripens.length === 1
            ? `Dries overnight: ${day.ripens[0]}`
            : `${day.ripens.length} things dry overnight`}
        </Text>
      )}
    </Box>
  );
}

function StintCard({ stint, week, now }: { stint: Stint; week: WeekView; now: boolean }) {
  const piece = week.pieces[stint.piece];
  const colour = colourOf(week.pieces, stint.piece);
  const done = stint.steps.every((s) => s.done);
  return (
    <Box
      borderLeftWidth="4px"
      borderLeftColor={colour}
      borderRadius="md"
      px="1.5"
      py="1"
      mb="1"
      // faded by its ground, not by its words
      bg={done ? 'sheet' : 'card'}
      outline={now ? '2px solid' : undefined}
      outlineColor="ochre"
      fontSize="12px"
      lineHeight="1.35"
    >
      <Flex justify="space-between" gap="1" color="soft" fontVariantNumeric="tabular-nums">
        <Text>{stint.timesText}</Text>
        {week.people.length > 1 && <Text>{week.people[stint.person]}</Text>}
      </Flex>
      <Text fontWeight="600" color={colour} lineClamp={1} title={piece?.name}>
        {piece?.name}
      </Text>
      <Box as="ul" listStyleType="none">
        {stint.steps.map((s) => (
          <Box as="li" key={s.id}>
            <Link
              to={`/pieces/${piece?.pieceId}/order/${encodeURIComponent(s.id)}`}
              title={s.timesText}
            >
              {s.done ? '✓ ' : ''}
              {s.title}
            </Link>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
