import { Box, Flex, Heading } from '@chakra-ui/react';
import { Outlet } from 'react-router';
import { Place } from '../common/Place';
import { usePlan } from '../plan/PlanProvider';

/** The Cut stop: sheets, prints at true size, and the cutter. */
export function CutPage() {
  const { piece } = usePlan();
  const base = `/pieces/${piece.id}/cut`;
  return (
    <Flex direction="column" h="100%">
      <Flex px="7" pt="4" pb="2" gap="8" align="baseline" flexShrink={0}>
        <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
          What is cut
        </Heading>
        <Flex as="nav" aria-label="Ways to cut" gap="5">
          <Place to={base} end>
            Sheets
          </Place>
          <Place to={`${base}/print`}>Print at true size</Place>
          <Place to={`${base}/cutter`}>Cutter</Place>
        </Flex>
      </Flex>
      <Box flex="1" minH="0" overflow="auto" px="7" pb="6">
        <Outlet />
      </Box>
    </Flex>
  );
}
