import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Navigate } from 'react-router';
import { api, ask } from '../api/client';
import { Button } from '../common/Button';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Door } from './Door';
import { useMe, useWelcome } from './useMe';

/** An address of its own, for whoever wants to sign in and be at the pieces then. */
export function SignInPage() {
  const me = useMe();
  return me.data !== undefined && me.data.role !== 'ANYONE' ? (
    <Navigate to="/" replace />
  ) : (
    <SignInForm />
  );
}

/** Name and password; or, for whoever forgot it, a code from paper and a new one. */
export function SignInForm() {
  const [forgot, setForgot] = useState(false);
  const [signIn, setSignIn] = useState('');
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const welcome = useWelcome();
  const come = useMutation({
    mutationFn: () =>
      forgot
        ? ask(api.POST('/api/recovery', { body: { signIn, code, password } }))
        : ask(api.POST('/api/sign-in', { body: { signIn, password } })),
    onSuccess: welcome,
  });
  const send = (e: FormEvent) => {
    e.preventDefault();
    come.mutate();
  };
  const turn = () => {
    setForgot(!forgot);
    setPassword('');
    come.reset();
  };
  return (
    <Door
      title={forgot ? 'A new password' : 'Sign in'}
      under={
        forgot
          ? 'With one of the codes that you were given with your account. Each is good once.'
          : 'Your plans, shelf and logbook are behind this.'
      }
    >
      <form onSubmit={send}>
        <Flex direction="column" gap="3">
          <PlainField
            label="Name to sign in with"
            value={signIn}
            onText={setSignIn}
            autoComplete="username"
            autoCapitalize="none"
            spellCheck={false}
            autoFocus
            required
            h="10"
          />
          {forgot && (
            <PlainField
              label="Code"
              value={code}
              onText={setCode}
              placeholder="ABCD-EFGH-JKMN-PQRS"
              spellCheck={false}
              required
              h="10"
            />
          )}
          <PasswordField
            label={forgot ? 'New password' : 'Password'}
            value={password}
            onText={setPassword}
            isNew={forgot}
          />
        </Flex>
        {come.isError && <Refusal of={come.error} />}
        <Flex mt="5" justify="space-between" align="center" gap="3">
          <Button type="submit" look="sea" size="md" px="6" disabled={come.isPending}>
            {come.isPending ? 'One moment…' : forgot ? 'Set it and come in' : 'Come in'}
          </Button>
          <Button look="plain" onClick={turn}>
            {forgot ? 'I know it after all' : 'I forgot my password'}
          </Button>
        </Flex>
      </form>
      <Box mt="5" pt="4" borderTopWidth="1px" borderColor="hairline">
        <Text color="soft" fontSize="13px">
          No codes left? An owner of the studio can give you a link for a new password.
        </Text>
      </Box>
    </Door>
  );
}

/** A password, to be seen while it is typed if one wants that. */
export function PasswordField({
  label,
  value,
  onText,
  isNew = false,
}: {
  label: string;
  value: string;
  onText: (text: string) => void;
  isNew?: boolean;
}) {
  const [shown, setShown] = useState(false);
  return (
    <Box>
      <PlainField
        label={label}
        value={value}
        onText={onText}
        type={shown ? 'text' : 'password'}
        autoComplete={isNew ? 'new-password' : 'current-password'}
        spellCheck={false}
        required
        h="10"
        {...(isNew && {
          hint: '12 characters or more: a few words that do not belong together do well.',
        })}
      />
      <chakra.label display="flex" gap="2" mt="1.5" fontSize="13px" color="soft">
        <input type="checkbox" checked={shown} onChange={(e) => setShown(e.target.checked)} />
        Show what I type
      </chakra.label>
    </Box>
  );
}
