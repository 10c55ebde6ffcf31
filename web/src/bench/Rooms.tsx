import { chakra, Flex } from '@chakra-ui/react';
import { Trash2 } from 'lucide-react';
import type { BenchDoc } from '../api/client';
import { Button } from '../common/Button';
import { withoutRoom } from './climate';

export type RoomDoc = BenchDoc['rooms'][number];

const MOST_ROOMS = 12;

/** The rooms: which is looked at, in which things dry, one more, one less. */
export function Rooms({
  bench,
  shown,
  onShow,
  onChange,
}: {
  bench: BenchDoc;
  shown: number;
  onShow: (room: number) => void;
  onChange: (part: Partial<BenchDoc>) => void;
}) {
  const driesIn = bench.driesIn;
  const room = bench.rooms[shown];
  return (
    <>
      <Flex gap="1.5" wrap="wrap" mb="2" role="group" aria-label="Rooms">
        {bench.rooms.map((r, i) => (
          <Button
            // biome-ignore lint/suspicious/noArrayIndexKey: rooms have no name of their own to go by
            key={i}
            size="xs"
            aria-pressed={i === shown}
            look={i === shown ? 'sea' : undefined}
            onClick={() => onShow(i)}
          >
            {i === driesIn ? '◆ ' : ''}
            {r.name || 'No name yet'}
          </Button>
        ))}
        <Button
          size="xs"
          look="plain"
          disabled={bench.rooms.length >= MOST_ROOMS || room === undefined}
          onClick={() => {
            if (room) {
              onChange({ rooms: [...bench.rooms, { ...room, name: 'Another room' }] });
              onShow(bench.rooms.length);
            }
          }}
        >
          Another room
        </Button>
      </Flex>
      <Flex justify="space-between" align="center" mb="2">
        <chakra.label display="flex" gap="2" alignItems="center" fontSize="13.5px">
          <input
            type="radio"
            name="dries-in"
            checked={shown === driesIn}
            onChange={() => onChange({ driesIn: shown })}
          />
          ◆ What is worked on dries here
        </chakra.label>
        <Button
          size="xs"
          look="plain"
          aria-label={`Forget ${room?.name ?? 'the room'}`}
          disabled={bench.rooms.length === 1}
          onClick={() => {
            onChange(withoutRoom(bench, shown));
            onShow(0);
          }}
        >
          <Trash2 size={14} />
        </Button>
      </Flex>
    </>
  );
}
