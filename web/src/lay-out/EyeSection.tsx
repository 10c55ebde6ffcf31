import { Box, Flex, NativeSelect, Text } from '@chakra-ui/react';
import type { LayDoc, LayView } from '../api/client';
import { Button } from '../common/Button';
import { CountField } from '../common/CountField';
import { Fig } from '../common/Fig';
import { LengthField } from '../common/LengthField';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

type Eye = NonNullable<LayDoc['eye']>;

const BY_RULE: Eye = { wobbleMm: 0, wobbleDeg: 0, seed: 1, held: [] };
const TYPICAL: Eye = { wobbleMm: 3, wobbleDeg: 2, seed: 1, held: [] };
const MOST_SEED = 9999;

/** Natural variation within a tolerance, the count and the spacing staying what the rule says. */
export function EyeSection({ lay, doc }: { lay: LayView; doc: LayDoc }) {
  const plan = usePlan();
  const eye = doc.eye ?? BY_RULE;
  const on = doc.eye !== undefined;
  const items = (lay.laid?.items ?? []).filter((i) => !i.twin);
  const hold = (number: number) => {
    const item = items[number - 1];
    if (item && !eye.held.some((h) => h.item === number - 1)) {
      // what is put by hand is measured from where the zone begins that it aims at
      const from = lay.zone?.at ?? { xMm: 0, yMm: 0 };
      const held = {
        item: number - 1,
        xMm: item.xMm - from.xMm,
        yMm: item.yMm - from.yMm,
        turnDeg: item.turnDeg,
      };
      set({ held: [...eye.held, held] }, 'Copy put by hand');
    }
  };
  const set = (next: Partial<Eye> | null, what: string) =>
    plan.edit(
      { kind: 'BY_EYE', layId: lay.id, ...(next !== null && { eye: { ...eye, ...next } }) },
      { gesture: `${lay.id} ${what}` },
    );
  return (
    <Box>
      <SectionTitle>By eye</SectionTitle>
      {on ? (
        <>
          <Flex wrap="wrap" gap="3" mt="2">
            <LengthField
              width="47%"
              label="Off its place, at most"
              value={lay.eye.wobble}
              kind="DISTANCE"
              mostMm={200}
              onLength={(wobbleMm) => set({ wobbleMm }, 'Wobble')}
            />
            <CountField
              width="47%"
              label="Turned, at most, °"
              value={Math.round(eye.wobbleDeg)}
              least={0}
              most={180}
              onCount={(wobbleDeg) => set({ wobbleDeg }, 'Turn by eye')}
            />
            <CountField
              width="47%"
              label="Throw number"
              value={eye.seed}
              least={0}
              most={MOST_SEED}
              onCount={(seed) => set({ seed }, 'Throw')}
            />
          </Flex>
          <Text fontSize="12.5px" color="soft" mt="2">
            <Fig text={lay.eye.text} />
          </Text>
          <Button size="xs" look="plain" onClick={() => set(null, 'Measured places')}>
            Back to the measured places
          </Button>
        </>
      ) : (
        <Button size="xs" mt="1.5" onClick={() => set(TYPICAL, 'By eye')}>
          Vary it by eye
        </Button>
      )}
      {items.length > 1 && (
        <Flex wrap="wrap" gap="2" mt="2" align="center">
          <Held items={items.length} held={eye.held.map((h) => h.item + 1)} onHold={hold} />
          {eye.held.map((h) => (
            <Button
              key={h.item}
              size="xs"
              onClick={() =>
                set({ held: eye.held.filter((o) => o.item !== h.item) }, 'Copy let go')
              }
            >
              Let {h.item + 1} go
            </Button>
          ))}
        </Flex>
      )}
    </Box>
  );
}

/** One copy of the lay is locked where it is, and can then be moved by itself. */
function Held({
  items,
  held,
  onHold,
}: {
  items: number;
  held: ReadonlyArray<number>;
  onHold: (number: number) => void;
}) {
  const free = Array.from({ length: items }, (_, i) => i + 1).filter((n) => !held.includes(n));
  return (
    <NativeSelect.Root size="xs" width="47%">
      <NativeSelect.Field
        bg="card"
        borderColor="hairline"
        aria-label="Put a copy by hand"
        value=""
        onChange={(e) => e.currentTarget.value && onHold(Number(e.currentTarget.value))}
      >
        <option value="">Put by hand…</option>
        {free.map((n) => (
          <option key={n} value={n}>
            number {n}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
