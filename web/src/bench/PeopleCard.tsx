import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { BenchDoc } from '../api/client';
import { Button } from '../common/Button';
import { readHours, writeHours } from './hours';
import { Card } from './parts';

const DAYS = [
  'MONDAY',
  'TUESDAY',
  'WEDNESDAY',
  'THURSDAY',
  'FRIDAY',
  'SATURDAY',
  'SUNDAY',
] as const;

type Person = BenchDoc['people'][number];

const nameOf = (day: string) => day.charAt(0) + day.slice(1).toLowerCase();

/** Who works when: hours by the day of the week, and days off. */
export function PeopleCard({
  bench,
  onChange,
  onUnread,
}: {
  bench: BenchDoc;
  onChange: (part: Partial<BenchDoc>) => void;
  onUnread: (unread: boolean) => void;
}) {
  const set = (i: number, person: Person) =>
    onChange({ people: bench.people.map((p, at) => (at === i ? person : p)) });
  return (
    <Box flex="1 1 480px">
      {bench.people.map((person, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: people have nothing else that stays
        <Card key={i} title={person.name === '' ? 'Somebody' : person.name}>
          <Flex gap="2" mb="3" align="center">
            <Input
              aria-label={`Name of person ${i + 1}`}
              size="sm"
              bg="card"
              w="200px"
              value={person.name}
              onChange={(e) => set(i, { ...person, name: e.target.value })}
            />
            <Box flex="1" />
            {bench.people.length > 1 && (
              <Button
                size="xs"
                look="warn"
                onClick={() => onChange({ people: bench.people.filter((_, at) => at !== i) })}
              >
                Works here no more
              </Button>
            )}
          </Flex>
          {DAYS.map((day) => (
            <Day
              key={day}
              day={day}
              who={person.name}
              text={writeHours(person.week[day] ?? [])}
              onUnread={onUnread}
              onRead={(stretches) =>
                set(i, { ...person, week: { ...person.week, [day]: stretches } })
              }
            />
          ))}
          <Text mt="3" fontSize="12.5px" color="soft">
            Days off, as 2027-02-01, with commas
          </Text>
          <Input
            aria-label={`Days off of ${person.name}`}
            size="sm"
            bg="card"
            defaultValue={(person.off ?? []).join(', ')}
            onBlur={(e) =>
              set(i, {
                ...person,
                off: e.target.value
                  .split(',')
                  .map((d) => d.trim())
                  .filter((d) => d !== ''),
              })
            }
          />
        </Card>
      ))}
      <Button
        onClick={() => {
          const like = bench.people[0];
          if (like) {
            onChange({ people: [...bench.people, { ...like, name: 'Another', off: [] }] });
          }
        }}
      >
        Another person
      </Button>
    </Box>
  );
}

function Day({
  day,
  who,
  text,
  onRead,
  onUnread,
}: {
  day: string;
  who: string;
  text: string;
  onRead: (stretches: { from: string; to: string }[]) => void;
  onUnread: (unread: boolean) => void;
}) {
  const [wrong, setWrong] = useState(false);
  return (
    <Flex align="center" gap="3" mb="1">
      <Text w="86px" fontSize="13.5px">
        {nameOf(day)}
      </Text>
      <Input
        aria-label={`${nameOf(day)} of ${who}`}
        aria-invalid={wrong}
        size="sm"
        bg="card"
        flex="1"
        placeholder="free"
        defaultValue={text}
        key={text}
        onBlur={(e) => {
          const read = readHours(e.target.value);
          setWrong(read === null);
          onUnread(read === null);
          if (read !== null && writeHours(read) !== text) {
            onRead(read);
          }
        }}
      />
      <Text w="190px" fontSize="12.5px" color="rust" role={wrong ? 'alert' : undefined}>
        {wrong ? 'write it as 9–12, 13–17' : ''}
      </Text>
    </Flex>
  );
}
