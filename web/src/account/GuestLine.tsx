import { Text } from '@chakra-ui/react';
import { useMe } from './useMe';

/** Tells a guest, before they try, that they look and do not change. */
export function GuestLine() {
  const me = useMe().data;
  return me?.role === 'GUEST' ? (
    <Text bg="ochreWash" px="5" py="1" fontSize="13px" textAlign="center">
      You look at {me.studio} as a guest: everything is here to see, and stays as it is.
    </Text>
  ) : null;
}
