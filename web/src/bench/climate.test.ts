import { describe, expect, it } from 'vitest';
import { hoursOf, stretchesOf, withoutRoom } from './climate';

describe('the climate of a day', () => {
  it('is told by stretches, and comes back hour by hour', () => {
    const hours = hoursOf([
      { from: 8, celsius: 21, damp: 50 },
      { from: 18, celsius: 16.5, damp: 61 },
    ]);
    expect(hours).toHaveLength(24);
    expect(hours[7]).toEqual({ celsius: 16.5, damp: 61 });
    expect(hours[8]).toEqual({ celsius: 21, damp: 50 });
    expect(hours[23]).toEqual({ celsius: 16.5, damp: 61 });
    expect(stretchesOf(hours).map((s) => s.from)).toEqual([0, 8, 18]);
    expect(hoursOf(stretchesOf(hours))).toEqual(hours);
  });

  it('is one stretch where it never changes', () => {
    expect(stretchesOf(hoursOf([{ from: 5, celsius: 19, damp: 55 }]))).toEqual([
      { from: 0, celsius: 19, damp: 55 },
    ]);
  });

  it('keeps what dries where it dries when another room is forgotten', () => {
    const rooms = ['porch', 'kitchen', 'loft'].map((name) => ({ name, climate: [] }));
    const name = (bench: ReturnType<typeof withoutRoom>) => bench.rooms[bench.driesIn]?.name;
    expect(name(withoutRoom({ rooms, driesIn: 1 }, 0))).toBe('kitchen');
    expect(name(withoutRoom({ rooms, driesIn: 1 }, 2))).toBe('kitchen');
    expect(name(withoutRoom({ rooms, driesIn: 2 }, 2))).toBe('porch');
    expect(name(withoutRoom({ rooms, driesIn: 0 }, 0))).toBe('kitchen');
  });
});
