import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { NavLink } from 'react-router';

/** One of a row of places to go to, underlined where one is. */
export function Place({
  to,
  end = false,
  children,
}: {
  to: string;
  /** what lies below its address is another place */
  end?: boolean;
  children: ReactNode;
}) {
  return (
    <NavLink to={to} end={end}>
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
