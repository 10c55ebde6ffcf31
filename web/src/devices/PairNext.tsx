import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { api, ask, type Letters, type Pairing } from '../api/client';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { holdsFor, isOf, spoken } from './letters';
import { useDevicesChange } from './useDevices';

/** Letters for the next device: shown until one is paired by them, or their minutes are over. */
export function PairNext({
  letters,
  pairing,
  onLetters,
  paired,
}: {
  letters: Letters | null;
  pairing: Pairing | undefined;
  onLetters: (letters: Letters | null) => void;
  /** how many are paired now */
  paired: number;
}) {
  const [benchOnly, setBenchOnly] = useState(true);
  const before = useRef(paired);
  const open = useDevicesChange((_: undefined) =>
    ask(api.POST('/api/devices/pairing', { body: { benchOnly } })),
  );
  const close = useDevicesChange((_: undefined) => ask(api.DELETE('/api/devices/pairing'), true));
  const isPaired = letters !== null && paired > before.current;
  // after too many wrong tries, or others asked for elsewhere, they are good no more
  const holds = letters !== null && isOf(letters, pairing);
  if (letters === null || isPaired) {
    return (
      <Card title={isPaired ? 'It is paired' : 'Pair a device'}>
        {isPaired && (
          <Text role="status" fontSize="14px" mb="2">
            The letters are used up. The device is in the list; give it a name you know it by.
          </Text>
        )}
        <chakra.label display="flex" gap="2" fontSize="14px" alignItems="baseline">
          <input
            type="checkbox"
            checked={benchOnly}
            onChange={(e) => setBenchOnly(e.target.checked)}
          />
          For the bench alone
        </chakra.label>
        <Text color="soft" fontSize="13px" mb="3">
          Otherwise it does all that makers do. Accounts, backups and devices stay with this machine
          until owners sign in.
        </Text>
        <Button
          look="sea"
          disabled={open.isPending}
          onClick={() => {
            before.current = paired;
            open.mutate(undefined, { onSuccess: onLetters });
          }}
        >
          {isPaired ? 'Pair another…' : 'Ask for letters'}
        </Button>
        {pairing && letters === null && (
          <Text color="soft" fontSize="13px" mt="2">
            Letters were asked for in another window; asking again ends those.
          </Text>
        )}
        <Refusal of={open.error} />
      </Card>
    );
  }
  return (
    <Shown
      letters={letters}
      pairing={holds ? pairing : undefined}
      onEnd={() => {
        close.mutate(undefined);
        onLetters(null);
      }}
      onOver={() => onLetters(null)}
    />
  );
}

function Shown({
  letters,
  pairing,
  onEnd,
  onOver,
}: {
  letters: Letters;
  pairing: Pairing | undefined;
  onEnd: () => void;
  onOver: () => void;
}) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(tick);
  }, []);
  const left = pairing && holdsFor(letters.endsAt, now);
  if (pairing === undefined || left === undefined) {
    return (
      <Card title="Nothing was paired">
        <Text role="status" fontSize="14px" mb="3">
          The letters are good no more: their minutes are over, too many others were tried, or
          letters were asked for anew.
        </Text>
        <Button look="sea" onClick={onOver}>
          All right
        </Button>
      </Card>
    );
  }
  const { modules, path } = letters.qr;
  return (
    <Card title="On the device, within minutes">
      <Flex gap="5" align="flex-start" wrap="wrap">
        <svg
          width="176"
          height="176"
          viewBox={`-4 -4 ${modules + 8} ${modules + 8}`}
          role="img"
          aria-label="The address with the letters, for a camera"
          shapeRendering="crispEdges"
          style={{ background: '#fff', borderRadius: 8, flexShrink: 0 }}
        >
          <path d={path} fill="#1B2A2E" />
        </svg>
        <Box flex="1 1 180px">
          <Text fontSize="13.5px" color="soft">
            Point its camera here, or open
          </Text>
          <Text fontSize="14px" fontWeight="600" wordBreak="break-all">
            {letters.address}
          </Text>
          <Text fontSize="13.5px" color="soft" mt="2">
            and type
          </Text>
          <Text
            aria-label="Letters to type"
            fontFamily="mono"
            fontSize="34px"
            fontWeight="600"
            letterSpacing="0.06em"
            lineHeight="1.2"
          >
            {spoken(letters.letters)}
          </Text>
          <Text fontSize="13.5px" color="soft" mt="1">
            good once, for <b>{left}</b> more
            {pairing.triesLeft < 10 && `; ${pairing.triesLeft} tries are left`}
          </Text>
        </Box>
      </Flex>
      <Text fontSize="13.5px" mt="3">
        Its browser asks whether to go on, as nobody vouches for this machine. Compare the
        fingerprint below with the one the browser shows; then go on.
      </Text>
      <Button mt="3" onClick={onEnd}>
        Stop
      </Button>
    </Card>
  );
}
