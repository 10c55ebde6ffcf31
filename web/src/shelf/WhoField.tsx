import { useState } from 'react';
import { person } from '../api/client';
import { PlainField } from '../common/PlainField';

/** Who works at this window: noted with everything that is booked from it. */
export function WhoField() {
  const [name, setName] = useState(person.get());
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
