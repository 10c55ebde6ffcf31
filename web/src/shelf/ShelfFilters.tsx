import { Box, Flex, Input, NativeSelect } from '@chakra-ui/react';
import type { Ref } from 'react';
import { Pill } from '../common/Pill';
import { type Filters, useWays } from './queries';
import { SORTS } from './sorts';

const THINGS = [
  { name: 'offcuts', thing: 'OFFCUT' },
  { name: 'pots', thing: 'POT' },
  { name: 'tools', thing: 'TOOL' },
] as const;

const SIZES = [
  { text: 'any size', mm: null },
  { text: 'up to 10 cm', mm: 100 },
  { text: 'up to 20 cm', mm: 200 },
  { text: 'up to 35 cm', mm: 350 },
  { text: 'up to 50 cm', mm: 500 },
] as const;

type Props = {
  readonly filters: Filters;
  readonly onFilters: (change: Partial<Filters>) => void;
  readonly finder: Ref<HTMLInputElement>;
};

/** What is looked for: words, sorts, colours, size, rights, enough. */
export function ShelfFilters({ filters, onFilters: set, finder }: Props) {
  const ways = useWays().data;
  const sortOn = (kinds: ReadonlyArray<string>) =>
    filters.kinds.length === kinds.length && kinds.every((k) => filters.kinds.includes(k));
  return (
    <Flex direction="column" gap="2">
      <Flex gap="2" align="center" wrap="wrap">
        <Input
          ref={finder}
          w="226px"
          size="sm"
          bg="card"
          borderColor="hairline"
          placeholder="Look for a name, a motif, a code"
          aria-label="Look along the shelf"
          value={filters.words}
          onChange={(e) => set({ words: e.currentTarget.value })}
          onKeyDown={(e) => e.key === 'Escape' && set({ words: '' })}
        />
        {SORTS.map((s) => (
          <Pill
            key={s.name}
            on={sortOn(s.kinds)}
            onClick={() => set({ kinds: sortOn(s.kinds) ? [] : [...s.kinds], things: [] })}
          >
            {s.name}
          </Pill>
        ))}
        {THINGS.map((t) => (
          <Pill
            key={t.name}
            on={filters.things.includes(t.thing)}
            onClick={() =>
              set({ things: filters.things.includes(t.thing) ? [] : [t.thing], kinds: [] })
            }
          >
            {t.name}
          </Pill>
        ))}
      </Flex>
      <Flex gap="2.5" align="center" wrap="wrap">
        <Flex gap="1" minW="284px" minH="20px" role="group" aria-label="Colours">
          {ways?.colours.map((c) => {
            const on = filters.colours.includes(c.value);
            return (
              <Box
                key={c.value}
                as="button"
                w="20px"
                h="20px"
                borderRadius="full"
                bg={c.colour}
                borderWidth="1px"
                borderColor="soft"
                outline={on ? '3px solid' : undefined}
                outlineColor="ochre"
                outlineOffset="1px"
                aria-pressed={on}
                aria-label={c.text}
                title={c.text}
                onClick={() =>
                  set({
                    colours: on
                      ? filters.colours.filter((x) => x !== c.value)
                      : [...filters.colours, c.value],
                  })
                }
              />
            );
          })}
        </Flex>
        <Select
          label="Size"
          width="122px"
          value={String(filters.mostWidthMm ?? '')}
          among={SIZES.map((s) => [String(s.mm ?? ''), s.text] as const)}
          onChoice={(v) => {
            const mm = v === '' ? null : Number(v);
            set({ mostWidthMm: mm, mostHeightMm: mm });
          }}
        />
        <Select
          label="Rights"
          width="128px"
          value={filters.rights[0] ?? ''}
          among={[
            ['', 'any rights'],
            ...(ways?.rights.map((r) => [r.value, r.text] as const) ?? []),
          ]}
          onChoice={(v) => set({ rights: v === '' ? [] : [v] })}
        />
        <Select
          label="Kind"
          width="150px"
          value={filters.kinds.length === 1 ? (filters.kinds[0] ?? '') : ''}
          among={[['', 'any kind'], ...(ways?.kinds.map((k) => [k.value, k.text] as const) ?? [])]}
          onChoice={(v) => set({ kinds: v === '' ? [] : [v], things: [] })}
        />
        <Pill on={filters.enough} onClick={() => set({ enough: !filters.enough })}>
          enough on hand
        </Pill>
      </Flex>
    </Flex>
  );
}

function Select({
  label,
  width,
  value,
  among,
  onChoice,
}: {
  label: string;
  /** as wide with the first of its answers as with all of them */
  width: string;
  value: string;
  among: ReadonlyArray<readonly [string, string]>;
  onChoice: (value: string) => void;
}) {
  return (
    <NativeSelect.Root size="xs" w={width}>
      <NativeSelect.Field
        h="28px"
        ps="3"
        borderRadius="full"
        fontWeight="500"
        aria-label={label}
        bg="card"
        borderColor={value === '' ? 'hairline' : 'sea'}
        color={value === '' ? undefined : 'sea'}
        value={value}
        onChange={(e) => onChoice(e.currentTarget.value)}
      >
        {among.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
