import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import type { BenchStep } from '../api/client';
import { Big, BigField } from './Big';
import { otherUse, type PotSeen, seenProblem } from './used';

const STEP_MINUTES = 5;

function Title({ children }: { children: string }) {
  return (
    <Heading as="h2" fontFamily="heading" fontSize="22px" fontWeight="600" mb="2.5">
      {children}
    </Heading>
  );
}

/** How long it took: as planned, or less, or more. */
export function Took({
  minutes,
  planned,
  learnedText,
  onChange,
}: {
  minutes: number;
  planned: number;
  /** from how often the planned minutes were learned; empty where they are as is typical */
  learnedText: string;
  onChange: (minutes: number) => void;
}) {
  return (
    <Box as="section" aria-label="It took you" mb="6">
      <Title>It took you</Title>
      <Flex gap="2.5" wrap="wrap">
        <Big
          type="button"
          flex="1 1 150px"
          aria-pressed={minutes === planned}
          bg={minutes === planned ? 'ochreWash' : 'sheet'}
          fontSize="18px"
          onClick={() => onChange(planned)}
        >
          {minutes === planned ? `as planned, ${planned} min` : `${minutes} min`}
        </Big>
        <Big
          type="button"
          aria-label="Five minutes less"
          disabled={minutes <= 1}
          onClick={() => onChange(Math.max(1, minutes - STEP_MINUTES))}
        >
          −5
        </Big>
        <Big
          type="button"
          aria-label="Five minutes more"
          onClick={() => onChange(minutes + STEP_MINUTES)}
        >
          +5
        </Big>
      </Flex>
      {learnedText !== '' && (
        <Text fontSize="16px" mt="1.5">
          {planned} min {learnedText}
        </Text>
      )}
    </Box>
  );
}

type Pot = NonNullable<BenchStep['pot']>;

/** What it took out of its pot: as planned, less, more, or what a look into the pot says. */
export function Used({
  pot,
  seen,
  onChange,
}: {
  pot: Pot;
  seen: PotSeen;
  onChange: (seen: PotSeen) => void;
}) {
  const planned = seen.how === 'PLANNED';
  const ml = seen.how === 'USED' ? seen.ml : pot.ml;
  const problem = seenProblem(pot, seen);
  return (
    <Box as="section" aria-label="It used" mb="6">
      <Title>It used</Title>
      <Text fontSize="16px" mb="2">
        {pot.name}, {pot.levelText} in the pot before
      </Text>
      <Flex gap="2.5" wrap="wrap">
        <Big
          type="button"
          flex="1 1 150px"
          aria-pressed={planned}
          bg={planned ? 'ochreWash' : 'sheet'}
          fontSize="18px"
          onClick={() => onChange({ how: 'PLANNED' })}
        >
          {seen.how === 'USED' ? `${ml} ml` : `as planned, ${otherUse(pot.ml, 0)} ml`}
        </Big>
        <Big
          type="button"
          aria-label="A tenth less"
          onClick={() => onChange({ how: 'USED', ml: otherUse(ml, -pot.ml) })}
        >
          −
        </Big>
        <Big
          type="button"
          aria-label="A tenth more"
          onClick={() => onChange({ how: 'USED', ml: otherUse(ml, pot.ml) })}
        >
          +
        </Big>
      </Flex>
      <Flex gap="2.5" mt="2.5" wrap="wrap">
        <Big
          type="button"
          flex="1"
          fontSize="18px"
          aria-pressed={seen.how === 'LEVEL'}
          bg={seen.how === 'LEVEL' ? 'ochreWash' : 'sheet'}
          onClick={() => onChange({ how: 'LEVEL', figure: '' })}
        >
          What is left
        </Big>
        {pot.weighed && (
          <Big
            type="button"
            flex="1"
            fontSize="18px"
            aria-pressed={seen.how === 'WEIGHS'}
            bg={seen.how === 'WEIGHS' ? 'ochreWash' : 'sheet'}
            onClick={() => onChange({ how: 'WEIGHS', figure: '' })}
          >
            What it weighs
          </Big>
        )}
      </Flex>
      {(seen.how === 'LEVEL' || seen.how === 'WEIGHS') && (
        <Box mt="2.5">
          <Flex align="center" gap="2.5">
            <BigField
              inputMode="decimal"
              aria-label={
                seen.how === 'LEVEL' ? 'Left in the pot, in ml' : 'The pot with its lid, in g'
              }
              aria-invalid={problem !== undefined && seen.figure !== ''}
              value={seen.figure}
              onChange={(e) => onChange({ how: seen.how, figure: e.target.value })}
            />
            <Text fontSize="19px" fontWeight="600">
              {seen.how === 'LEVEL' ? 'ml' : 'g'}
            </Text>
          </Flex>
          {problem !== undefined && (
            <Text mt="1.5" fontSize="16px" color={seen.figure === '' ? 'ink' : 'rust'}>
              {problem}
            </Text>
          )}
        </Box>
      )}
    </Box>
  );
}
