import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { fromNow } from '../account/roles';
import { api, ask, type Letters, type PairedDevice } from '../api/client';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Empty, ErrorState, Loading } from '../common/States';
import { Fingerprint } from './Fingerprint';
import { PairNext } from './PairNext';
import { useDevices, useDevicesChange } from './useDevices';

/** What works with the studio over its own network: tablets at the bench, phones. */
export function DevicesPage() {
  const asked = useDevices();
  const [letters, setLetters] = useState<Letters | null>(null);
  if (asked.isError) {
    return <ErrorState problem={asked.error} again={() => void asked.refetch()} />;
  }
  if (!asked.data) {
    return <Loading what="the devices" />;
  }
  const { lan, devices, pairing } = asked.data;
  return (
    <Box maxW="1120px" mx="auto" px="6" py="5">
      <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600">
        Devices
      </Heading>
      <Text color="soft" fontSize="13.5px" mb="4">
        A tablet propped up at the bench, or a phone in the shop, works with this studio over its
        own network. Each is paired once.
      </Text>
      <Flex gap="5" align="flex-start" wrap="wrap">
        <Box flex="1.2 1 440px" minW="0">
          {devices.length === 0 ? (
            <Empty title="Nothing is paired yet">
              {lan
                ? 'Ask for letters, open the address on the device, and type them there.'
                : 'First have this machine answer on the studio’s own network.'}
            </Empty>
          ) : (
            <Card title="They are paired">
              {devices.map((d) => (
                <DeviceRow key={d.id} device={d} />
              ))}
            </Card>
          )}
        </Box>
        <Box flex="1 1 400px" minW="0">
          {lan ? (
            <>
              <PairNext
                letters={letters}
                pairing={pairing}
                onLetters={setLetters}
                paired={devices.length}
              />
              <Card title="On the studio’s own network">
                <Text fontSize="14px">
                  This machine answers at <b>{lan.address}</b>, by TLS. Its certificate is its own,
                  so browsers ask the first time. This is its fingerprint:
                </Text>
                <Box mt="2">
                  <Fingerprint of={lan.fingerprint} />
                </Box>
              </Card>
            </>
          ) : (
            <HowToAnswer />
          )}
        </Box>
      </Flex>
    </Box>
  );
}

function HowToAnswer() {
  return (
    <Card title="Only this machine is answered now">
      <Text fontSize="14px">
        Stop Craft Map and start it again so that it answers on the studio’s own network too:
      </Text>
      <Box
        as="pre"
        fontFamily="mono"
        fontSize="14px"
        bg="card"
        borderRadius="md"
        px="3"
        py="2"
        my="2"
      >
        bin/start --lan
      </Box>
      <Text color="soft" fontSize="13.5px">
        Only devices that you pair are answered there. Without it nothing but this machine is.
      </Text>
    </Card>
  );
}

function DeviceRow({ device }: { device: PairedDevice }) {
  const [name, setName] = useState<string | null>(null);
  const [leaving, setLeaving] = useState(false);
  const params = { path: { id: device.id } };
  const change = useDevicesChange((body: { name: string; benchOnly: boolean }) =>
    ask(api.PUT('/api/devices/{id}', { params, body })),
  );
  const away = useDevicesChange((_: undefined) =>
    ask(api.DELETE('/api/devices/{id}', { params }), true),
  );
  return (
    <Box
      as="article"
      aria-label={device.name}
      borderTopWidth="1px"
      borderColor="hairline"
      py="3"
      _first={{ borderTopWidth: 0, pt: 0 }}
    >
      <Flex justify="space-between" align="center" gap="3" wrap="wrap">
        <Box minW="0">
          <Text fontSize="15px" fontWeight="600">
            {device.name}
          </Text>
          <Text color="soft" fontSize="13px">
            last seen {fromNow(device.seenAt, Date.now())} · paired{' '}
            {fromNow(device.pairedAt, Date.now())}
            {device.pairedBy && ` by ${device.pairedBy}`}
          </Text>
        </Box>
        {name === null && !leaving && (
          <Flex gap="1">
            <Button size="xs" onClick={() => setName(device.name)}>
              Rename
            </Button>
            <Button size="xs" look="warn" onClick={() => setLeaving(true)}>
              Send away
            </Button>
          </Flex>
        )}
      </Flex>
      <chakra.label display="inline-flex" gap="2" mt="1.5" fontSize="13.5px" alignItems="center">
        <input
          type="checkbox"
          checked={device.benchOnly}
          disabled={change.isPending}
          onChange={(e) => change.mutate({ name: device.name, benchOnly: e.target.checked })}
        />
        For the bench alone: it shows the steps and tells what was done, and nothing else
      </chakra.label>
      {name !== null && (
        <Flex gap="3" mt="2" align="flex-end" wrap="wrap">
          <PlainField label="Name" width="240px" value={name} maxLength={40} onText={setName} />
          <Button
            look="sea"
            disabled={change.isPending}
            onClick={() =>
              change.mutate(
                { name, benchOnly: device.benchOnly },
                { onSuccess: () => setName(null) },
              )
            }
          >
            Keep
          </Button>
          <Button
            onClick={() => {
              change.reset();
              setName(null);
            }}
          >
            As it was
          </Button>
        </Flex>
      )}
      {leaving && (
        <Flex gap="3" mt="2" align="center" wrap="wrap" role="alert">
          <Text fontSize="13.5px">
            {device.name} is answered nothing from this moment on. What was done on it stays.
          </Text>
          <Button
            look="warn"
            disabled={away.isPending}
            onClick={() => away.mutate(undefined, { onError: () => setLeaving(false) })}
          >
            Send {device.name} away
          </Button>
          <Button onClick={() => setLeaving(false)}>Stays</Button>
        </Flex>
      )}
      <Refusal of={change.error ?? away.error} />
    </Box>
  );
}
