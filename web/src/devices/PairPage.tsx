import { Box, Field, Flex, Input, Text } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useEffect, useState } from 'react';
import { Link, Navigate } from 'react-router';
import { Door } from '../account/Door';
import { forgetKeptPages, useMe } from '../account/useMe';
import { api, ask } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Loading } from '../common/States';
import { Fingerprint } from './Fingerprint';
import { LETTERS, likelyName, spoken, typed } from './letters';

/** Where a device is led that is to be paired: by its camera, or by an address that was typed. */
export function PairPage() {
  const me = useMe();
  if (me.isPending) {
    return <Loading what="whether this device is known" />;
  }
  if (me.data?.unpaired) {
    return <PairForm />;
  }
  return me.data?.device ? <Navigate to="/" replace /> : <AtTheMachine />;
}

function AtTheMachine() {
  return (
    <Door
      title="Not on this machine"
      under="Devices are paired over the studio’s own network, each on itself."
    >
      <Link to="/studio/devices">
        <Text as="span" color="sea" fontWeight="600">
          Which address that is, and its letters
        </Text>
      </Link>
    </Door>
  );
}

/** The six letters from the studio's screen, and what the device is to be called. */
export function PairForm() {
  const client = useQueryClient();
  const [letters, setLetters] = useState(() => typed(window.location.hash.slice(1)));
  const [name, setName] = useState(() =>
    likelyName(navigator.userAgent, navigator.maxTouchPoints > 1),
  );
  const shown = useQuery({
    queryKey: keys.network(),
    queryFn: () => ask(api.GET('/api/pair')),
    staleTime: Number.POSITIVE_INFINITY,
  });
  useEffect(() => {
    // letters are good once: they need not stay in the address, nor pages of a studio on a device
    // that was sent away
    if (window.location.hash !== '') {
      window.history.replaceState(null, '', window.location.pathname);
    }
    void forgetKeptPages();
  }, []);
  const pair = useMutation({
    mutationFn: () => ask(api.POST('/api/pair', { body: { letters, name } })),
    onSuccess: () => client.resetQueries(),
  });
  const send = (e: FormEvent) => {
    e.preventDefault();
    pair.mutate();
  };
  return (
    <Door
      title="Pair this device"
      under="At the studio’s machine, Studio › Devices gives six letters that are good for some minutes."
    >
      <form onSubmit={send}>
        <Flex direction="column" gap="4">
          <Field.Root>
            <Field.Label color="soft" fontSize="13px" fontWeight="500">
              The six letters
            </Field.Label>
            <Input
              autoFocus
              size="lg"
              bg="card"
              borderColor="sea"
              fontFamily="mono"
              fontSize="26px"
              letterSpacing="0.08em"
              autoComplete="off"
              autoCapitalize="characters"
              spellCheck={false}
              value={spoken(letters)}
              onChange={(e) => setLetters(typed(e.currentTarget.value))}
            />
          </Field.Root>
          <PlainField
            label="What to call this device"
            value={name}
            maxLength={40}
            onText={setName}
          />
          {shown.data && (
            <Box>
              <Text fontSize="13px" color="soft" mb="1">
                The studio’s screen shows this too, and so must the certificate that this browser
                tells of, beside the address. If either is another, somebody stands in between: do
                not go on.
              </Text>
              <Fingerprint of={shown.data.fingerprint} />
              <Text fontSize="13px" color="soft" mt="1">
                <a href="/api/pair/certificate" download>
                  <Text as="span" color="sea" fontWeight="500">
                    Take the certificate
                  </Text>
                </a>{' '}
                to have this device trust it, so that it asks no more and can work while the network
                is away.
              </Text>
            </Box>
          )}
          <Button
            look="sea"
            size="md"
            type="submit"
            disabled={letters.length < LETTERS || pair.isPending}
          >
            Pair
          </Button>
          <Refusal of={pair.error} />
        </Flex>
      </form>
    </Door>
  );
}
