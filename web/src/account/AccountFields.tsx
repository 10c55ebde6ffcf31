import { Flex } from '@chakra-ui/react';
import { PlainField } from '../common/PlainField';
import { PasswordField } from './SignInPage';

/** What somebody gives for an account of their own. */
export type Given = { readonly signIn: string; readonly person: string; readonly password: string };

export function AccountFields({
  given,
  onGiven,
}: {
  given: Given;
  onGiven: (given: Given) => void;
}) {
  return (
    <Flex direction="column" gap="3">
      <PlainField
        label="Your name, as it is written down with what you do"
        value={given.person}
        onText={(person) => onGiven({ ...given, person })}
        maxLength={40}
        autoComplete="name"
        required
        h="10"
      />
      <PlainField
        label="Name to sign in with"
        value={given.signIn}
        onText={(signIn) => onGiven({ ...given, signIn })}
        maxLength={60}
        autoComplete="username"
        autoCapitalize="none"
        spellCheck={false}
        required
        h="10"
      />
      <PasswordField
        label="Password"
        value={given.password}
        onText={(password) => onGiven({ ...given, password })}
        isNew
      />
    </Flex>
  );
}
