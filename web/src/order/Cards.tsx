import { Box, chakra, Flex, Heading, Input, Link, Text } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { OrderView } from '../api/client';
import { useWhatNow } from '../api/queries';
import { StepLink } from './StepLink';

function Card({ title, children }: { title: ReactNode; children: ReactNode }) {
  return (
    <Box
      flex="1 1 230px"
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      p="3.5"
    >
      <Heading as="h2" fontFamily="heading" fontSize="15px" fontWeight="600" mb="1.5">
        {title}
      </Heading>
      <Box fontSize="13px" lineHeight="1.45">
        {children}
      </Box>
    </Box>
  );
}

/** With some minutes to spare: what may be begun, fits, and puts nothing off. */
export function WhatNow({
  pieceId,
  version,
  onChoose,
}: {
  pieceId: string;
  version: number;
  onChoose: (stepId: string) => void;
}) {
  const [minutes, setMinutes] = useState(25);
  const now = useWhatNow(pieceId, version, minutes);
  return (
    <Card
      title={
        <Flex align="center" gap="2">
          <Input
            type="number"
            aria-label="Minutes you have"
            size="xs"
            w="58px"
            bg="card"
            min={1}
            max={1440}
            value={minutes}
            onChange={(e) => setMinutes(Math.min(1440, Math.max(1, Number(e.target.value) || 1)))}
          />
          minutes now?
        </Flex>
      }
    >
      {now.data?.steps.slice(0, 3).map((s) => (
        <Box key={s.stepId}>
          <StepLink type="button" onClick={() => onChoose(s.stepId)}>
            {s.title}
          </StepLink>{' '}
          ({s.takesText})
        </Box>
      ))}
      {now.data && now.data.steps.length === 0 && (
        <Text>
          {now.data.nextText === undefined
            ? 'Nothing that fits and puts nothing off.'
            : `Nothing is dry enough before ${now.data.nextText}.`}
        </Text>
      )}
    </Card>
  );
}

/** Why it does not end sooner: the chain of reasons, the last few of them first to be seen. */
export function WhySo({
  order,
  onChoose,
}: {
  order: OrderView;
  onChoose: (stepId: string) => void;
}) {
  const [all, setAll] = useState(false);
  const shown = all ? order.reasons : order.reasons.slice(-3);
  return (
    <Card title="Why not sooner">
      <Box as="ol" listStyleType="none">
        {shown.map((r) => (
          <Box as="li" key={`${r.stepId} ${r.text}`} mb="1">
            <StepLink type="button" onClick={() => onChoose(r.stepId)}>
              {r.text}
            </StepLink>
          </Box>
        ))}
      </Box>
      {order.reasons.length > 3 && (
        <chakra.button type="button" color="soft" mt="1" onClick={() => setAll(!all)}>
          {all ? 'The last three' : `All ${order.reasons.length} of them`}
        </chakra.button>
      )}
    </Card>
  );
}

/** To be taken along: for the calendar, on paper, as a table. */
export function Along({ pieceId }: { pieceId: string }) {
  const base = `/api/pieces/${pieceId}/order`;
  return (
    <Card title="Take it along">
      <Flex wrap="wrap" gap="1.5 12px" columnGap="3" rowGap="1">
        <Link href={`${base}/calendar`} color="sea">
          calendar file
        </Link>
        <Link href={`${base}/print?paper=A4`} target="_blank" rel="noopener" color="sea">
          order of work, A4
        </Link>
        <Link href={`${base}/print?paper=LETTER`} target="_blank" rel="noopener" color="sea">
          Letter
        </Link>
        <Link href={`${base}/csv`} color="sea">
          table (CSV)
        </Link>
        <RouterLink to={`/logbook?piece=${pieceId}`}>what was done so far</RouterLink>
      </Flex>
    </Card>
  );
}
