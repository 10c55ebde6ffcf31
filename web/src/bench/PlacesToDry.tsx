import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { Trash2 } from 'lucide-react';
import { useRef } from 'react';
import type { BenchDoc, BenchView } from '../api/client';
import { Button } from '../common/Button';
import { LengthField } from '../common/LengthField';
import { PlainField } from '../common/PlainField';
import { Field } from './parts';
import { another, kinds, MOST_KINDS, MOST_PLACES, placesInAll, sided } from './places';

type Sizes = BenchView['sizes'];

/** Where things lie while they dry: how many of each kind, and how large. */
export function PlacesToDry({
  bench,
  sizes,
  onChange,
  onUnread,
}: {
  bench: BenchDoc;
  /** how large they were as the tape shows it, in the order in which they were kept */
  sizes: Sizes;
  onChange: (part: Partial<BenchDoc>) => void;
  onUnread: (unread: boolean) => void;
}) {
  const all = kinds(bench);
  // each row keeps what was typed in it, whichever others come and go
  const rows = useRef({ ids: all.map((_, i) => i), next: all.length });
  const ids = rows.current.ids;
  const change = (at: number, part: Partial<(typeof all)[number]>) => {
    onUnread(false);
    onChange({ dryingPlaces: all.map((p, i) => (i === at ? { ...p, ...part } : p)) });
  };
  const inAll = placesInAll(all);
  return (
    <Box>
      {all.map((place, i) => {
        const id = ids[i] ?? i;
        const shown = sizes[id];
        return (
          <Box
            key={id}
            role="group"
            aria-label={place.name || 'Places'}
            borderTopWidth={i > 0 ? '1px' : undefined}
            borderColor="hairline"
            py="2.5"
          >
            <Flex gap="3" align="flex-end">
              <PlainField label="Where" value={place.name} onText={(name) => change(i, { name })} />
              <Field
                label={place.count === 1 ? 'Place' : 'Places'}
                unit=""
                value={place.count}
                least={1}
                most={MOST_PLACES}
                onChange={(count) => change(i, { count })}
              />
              <Button
                size="xs"
                look="plain"
                mb="1"
                aria-label={`Forget ${place.name}`}
                disabled={all.length === 1}
                onClick={() => {
                  rows.current.ids = ids.filter((_, k) => k !== i);
                  onUnread(false);
                  onChange({ dryingPlaces: all.filter((_, k) => k !== i) });
                }}
              >
                <Trash2 size={14} />
              </Button>
            </Flex>
            <chakra.label display="flex" gap="2" alignItems="center" mt="2" fontSize="13px">
              <input
                type="checkbox"
                checked={!place.size}
                onChange={(e) => change(i, { size: e.target.checked ? undefined : sided(shown) })}
              />
              Anything finds room on it
            </chakra.label>
            {place.size && (
              <Flex gap="3" mt="1.5">
                {(['longMm', 'shortMm'] as const).map((side) => {
                  const kept = side === 'longMm' ? shown?.longSide : shown?.shortSide;
                  return (
                    <LengthField
                      key={side}
                      label={side === 'longMm' ? 'One side' : 'The other'}
                      name="a side of a place to dry"
                      width="130px"
                      kind="SIZE"
                      mostMm={10_000}
                      value={kept ?? null}
                      keepText
                      onUnread={() => onUnread(true)}
                      onLength={(mm) =>
                        change(i, { size: { ...(place.size ?? sided(shown)), [side]: mm } })
                      }
                    />
                  );
                })}
              </Flex>
            )}
          </Box>
        );
      })}
      <Flex justify="space-between" align="center" mt="1">
        <Text fontSize="13px" color={inAll > MOST_PLACES ? 'rust' : 'soft'}>
          {inAll === 1 ? 'One thing' : `${inAll} things`} may lie about wet at once
        </Text>
        <Button
          size="xs"
          look="plain"
          disabled={all.length >= MOST_KINDS}
          onClick={() => {
            rows.current.ids = [...ids, rows.current.next];
            rows.current.next += 1;
            onChange({ dryingPlaces: [...all, another()] });
          }}
        >
          Other places
        </Button>
      </Flex>
    </Box>
  );
}
