import { Box } from '@chakra-ui/react';
import { UserRound } from 'lucide-react';
import { Link } from 'react-router';
import { useMe } from './useMe';

/** Who is signed in, and the way to what is theirs; nothing while there are no accounts. */
export function YouLink() {
  const me = useMe().data;
  if (!me?.accounts) {
    return null;
  }
  return (
    <Link
      to="/studio/you"
      title={`Signed in as ${me.person}`}
      style={{ display: 'inline-flex', alignItems: 'center' }}
    >
      <Box
        as="span"
        display="inline-flex"
        alignItems="center"
        gap="1.5"
        fontSize="13.5px"
        maxW="110px"
        whiteSpace="nowrap"
        overflow="hidden"
        textOverflow="ellipsis"
      >
        <UserRound size={15} aria-hidden />
        {me.person}
      </Box>
    </Link>
  );
}
