import { Box, HStack } from '@chakra-ui/react';
import { Outlet } from 'react-router';
import { Place } from '../common/Place';
import { ClientsPlace } from '../look/ClientsPlace';
import { useMe } from './useMe';

/** The studio's own places: its bench, its people, and oneself. */
export function StudioFrame() {
  const me = useMe().data;
  return (
    <>
      <Box borderBottomWidth="1px" borderColor="hairline" bg="sheet">
        <HStack as="nav" aria-label="The studio" maxW="1120px" mx="auto" px="6" h="42px" gap="6">
          <Place to="/studio" end>
            Bench and habits
          </Place>
          {me?.role !== 'GUEST' && <Place to="/studio/people">People</Place>}
          {me?.role !== 'GUEST' && <ClientsPlace />}
          {me?.role === 'OWNER' && <Place to="/studio/devices">Devices</Place>}
          {me?.role === 'OWNER' && <Place to="/studio/backup">Backup</Place>}
          {me?.accounts && <Place to="/studio/you">You</Place>}
        </HStack>
      </Box>
      <Outlet />
    </>
  );
}
