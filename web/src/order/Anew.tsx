import { Box, Text } from '@chakra-ui/react';
import type { OrderView } from '../api/client';
import { StepLink } from './StepLink';

/** What is otherwise than it was told, after the day went otherwise. */
export function Anew({
  of,
  onChoose,
}: {
  of: NonNullable<OrderView['anew']>;
  onChoose: (stepId: string) => void;
}) {
  return (
    <Box
      as="section"
      aria-label="Planned anew"
      fontSize="13px"
      mb="2"
      px="2.5"
      py="1.5"
      borderRadius="md"
      bg="card"
      borderLeftWidth="3px"
      borderColor="ochre"
    >
      <Text fontWeight="600">{of.title}</Text>
      <Box as="ul" listStyleType="none">
        {of.moved.map((m) => (
          <Box as="li" key={m.stepId}>
            <StepLink type="button" onClick={() => onChoose(m.stepId)}>
              {m.title}
            </StepLink>
            : {m.text}
          </Box>
        ))}
      </Box>
      {of.restText !== '' && <Text color="soft">{of.restText}</Text>}
    </Box>
  );
}
