import { Box, Flex, Heading } from '@chakra-ui/react';
import { NavLink, Outlet } from 'react-router';
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
          <Tab to={base}>Sheets</Tab>
          <Tab to={`${base}/print`}>Print at true size</Tab>
          <Tab to={`${base}/cutter`}>Cutter</Tab>
        </Flex>
      </Flex>
      <Box flex="1" minH="0" overflow="auto" px="7" pb="6">
        <Outlet />
      </Box>
    </Flex>
  );
}

function Tab({ to, children }: { to: string; children: string }) {
  return (
    <NavLink to={to} end={to.endsWith('/cut')}>
      {({ isActive }) => (
        <Box
          as="span"
          py="1"
          fontWeight={isActive ? '600' : '400'}
          color={isActive ? 'ink' : 'soft'}
          borderBottomWidth="2px"
          borderColor={isActive ? 'ochre' : 'transparent'}
        >
          {children}
        </Box>
      )}
    </NavLink>
  );
}
