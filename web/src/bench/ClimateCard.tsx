import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { BenchDoc, BenchView } from '../api/client';
import { Button } from '../common/Button';
import { PlainField } from '../common/PlainField';
import { type ClimateStretch, hoursOf, stretchesOf } from './climate';
import { Card } from './parts';
import { ReadSensor } from './ReadSensor';
import { type RoomDoc, Rooms } from './Rooms';

/** How warm and damp it is through the day, and what that does to the times on labels. */
export function ClimateCard({
  bench,
  kept,
  onChange,
}: {
  bench: BenchDoc;
  kept: BenchView;
  onChange: (part: Partial<BenchDoc>) => void;
}) {
  const [shown, setShown] = useState(bench.driesIn);
  const at = Math.min(shown, bench.rooms.length - 1);
  const room = bench.rooms[at];
  const climate = room?.climate ?? [];
  const stretches = stretchesOf(climate);
  const setRoom = (part: Partial<RoomDoc>) =>
    onChange({ rooms: bench.rooms.map((r, n) => (n === at ? { ...r, ...part } : r)) });
  const put = (all: ReadonlyArray<ClimateStretch>) => setRoom({ climate: hoursOf(all) });
  const set = (i: number, part: Partial<ClimateStretch>) =>
    put(stretches.map((s, n) => (n === i ? { ...s, ...part } : s)));
  const saved = JSON.stringify(climate) === JSON.stringify(kept.bench.rooms[at]?.climate);
  return (
    <Card title="Rooms, and how warm and damp they are">
      <Rooms bench={bench} shown={at} onShow={setShown} onChange={onChange} />
      <Flex gap="3" align="flex-end" mb="3">
        <PlainField
          label="Called"
          value={room?.name ?? ''}
          maxLength={40}
          onText={(name) => setRoom({ name })}
        />
        <ReadSensor onRead={(hours) => setRoom({ climate: hours })} />
      </Flex>
      <Strip hours={climate} />
      <Flex mt="3" gap="2" fontSize="12px" color="soft">
        <Text w="64px">from</Text>
        <Text w="86px">°C</Text>
        <Text w="86px">% damp</Text>
        <Text flex="1">labels take</Text>
      </Flex>
      {stretches.map((s, i) => {
        const factor = kept.factors[at]?.[s.from];
        return (
          <Flex key={s.from} gap="2" align="center" mt="1">
            <Input
              aria-label={`From which hour, stretch ${i + 1}`}
              type="number"
              size="sm"
              w="64px"
              bg="card"
              min={0}
              max={23}
              disabled={i === 0}
              value={s.from}
              onChange={(e) => set(i, { from: hour(e.target.value) })}
            />
            <Input
              aria-label={`Degrees from ${s.from} o’clock`}
              type="number"
              size="sm"
              w="86px"
              bg="card"
              value={s.celsius}
              onChange={(e) => set(i, { celsius: Number(e.target.value) })}
            />
            <Input
              aria-label={`Damp from ${s.from} o’clock`}
              type="number"
              size="sm"
              w="86px"
              bg="card"
              value={s.damp}
              onChange={(e) => set(i, { damp: Number(e.target.value) })}
            />
            <Text flex="1" fontSize="13px" color={factor?.tooDamp ? 'rust' : 'ink'}>
              {saved && factor
                ? factor.tooDamp
                  ? 'too damp to put anything on'
                  : `water ${factor.waterText}, others ${factor.warmthText}`
                : ''}
            </Text>
            <Button
              size="xs"
              look="plain"
              aria-label={`Forget the stretch from ${s.from} o’clock`}
              disabled={stretches.length === 1}
              onClick={() => put(stretches.filter((_, n) => n !== i))}
            >
              <Trash2 size={14} />
            </Button>
          </Flex>
        );
      })}
      <Button
        size="xs"
        mt="2"
        onClick={() => {
          const last = stretches.at(-1) ?? { from: 0, celsius: 21, damp: 50 };
          put([
            ...stretches,
            { ...last, from: Math.min(23, last.from + 2), celsius: last.celsius - 2 },
          ]);
        }}
        disabled={(stretches.at(-1)?.from ?? 0) >= 22}
      >
        Another stretch
      </Button>
      <Text mt="2" fontSize="12.5px" color="soft">
        Labels speak of 21 °C and 50 %. What is below a label’s least, or above 85 % damp, is not
        put on.
      </Text>
    </Card>
  );
}

const hour = (text: string) => Math.min(23, Math.max(0, Math.round(Number(text) || 0)));

/** The day as a strip: the warmer the hour the higher, the damper the greener. */
function Strip({ hours }: { hours: RoomDoc['climate'] }) {
  const least = Math.min(...hours.map((h) => h.celsius)) - 4;
  const most = Math.max(...hours.map((h) => h.celsius)) + 1;
  return (
    <Box>
      <svg viewBox="0 0 480 74" width="100%" role="img" aria-label="Warmth through the day">
        {hours.map((h, i) => {
          const high = ((h.celsius - least) / (most - least)) * 48;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: the hours of a day stay where they are
            <g key={i}>
              <rect
                x={i * 20 + 1}
                y={56 - high}
                width={18}
                height={high}
                rx={2}
                fill="var(--chakra-colors-sea)"
                opacity={0.25 + 0.6 * (h.damp / 100)}
              />
              {i % 3 === 0 && (
                <text
                  x={i * 20 + 10}
                  y={70}
                  fontSize="10"
                  textAnchor="middle"
                  fill="var(--chakra-colors-soft)"
                >
                  {i}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </Box>
  );
}
