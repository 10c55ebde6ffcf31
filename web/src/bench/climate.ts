import type { BenchDoc } from '../api/client';

type Hour = BenchDoc['rooms'][number]['climate'][number];

/** From an hour of the day on it is so warm and damp, until the next begins. */
export type ClimateStretch = {
  readonly from: number;
  readonly celsius: number;
  readonly damp: number;
};

/** The day by stretches in which nothing changes; the first begins at midnight. */
export function stretchesOf(hours: ReadonlyArray<Hour>): ClimateStretch[] {
  const all: ClimateStretch[] = [];
  hours.forEach((hour, from) => {
    const last = all.at(-1);
    if (last === undefined || last.celsius !== hour.celsius || last.damp !== hour.damp) {
      all.push({ from, celsius: hour.celsius, damp: hour.damp });
    }
  });
  return all;
}

/** Hour by hour again: before the first begins it is as at the end of the day. */
export function hoursOf(stretches: ReadonlyArray<ClimateStretch>): Hour[] {
  const sorted = stretches.toSorted((a, b) => a.from - b.from);
  return Array.from({ length: 24 }, (_, hour) => {
    const at = sorted.findLast((s) => s.from <= hour) ?? sorted.at(-1);
    return { celsius: at?.celsius ?? 21, damp: at?.damp ?? 50 };
  });
}

/** One room less; what dried in it dries in the first of those that are left. */
export function withoutRoom(
  bench: Pick<BenchDoc, 'rooms' | 'driesIn'>,
  room: number,
): Pick<BenchDoc, 'rooms' | 'driesIn'> {
  const driesIn = bench.driesIn;
  return {
    rooms: bench.rooms.filter((_, i) => i !== room),
    driesIn: driesIn === room ? 0 : driesIn > room ? driesIn - 1 : driesIn,
  };
}
