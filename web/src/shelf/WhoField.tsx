import { Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useMe } from '../account/useMe';
import { person } from '../api/client';
import { PlainField } from '../common/PlainField';

/** Who works at this window: noted with everything that is booked from it. Who signed in is known. */
export function WhoField() {
  const [name, setName] = useState(person.get());
  const me = useMe().data;
  if (me?.accounts) {
    return (
      <Text fontSize="13px" color="soft">
        Booked by {me.person}
      </Text>
    );
  }
  return (
    <PlainField
      label="Booked by"
      value={name}
      maxLength={40}
      placeholder="nobody says"
      onText={(text) => {
        setName(text);
        person.set(text);
      }}
    />
  );
}
