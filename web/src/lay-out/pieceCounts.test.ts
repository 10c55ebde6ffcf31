import { describe, expect, it } from 'vitest';
import { mixed, pieceCounts, withCount } from './pieceCounts';

describe('pieceCounts', () => {
  it('counts copies in the order designs come first', () => {
    expect(pieceCounts(['gull', 'boat', 'gull', 'shell'])).toEqual([
      { id: 'gull', count: 2 },
      { id: 'boat', count: 1 },
      { id: 'shell', count: 1 },
    ]);
  });
});

describe('mixed', () => {
  it('keeps the order of designs that are there once', () => {
    const once = ['boat', 'gull', 'shell'].map((id) => ({ id, count: 1 }));
    expect(mixed(once)).toEqual(['boat', 'gull', 'shell']);
  });

  it('spreads the copies of one among those of another', () => {
    const ids = mixed([
      { id: 'boat', count: 24 },
      { id: 'gull', count: 6 },
    ]);
    const gulls = ids.flatMap((id, i) => (id === 'gull' ? [i] : []));
    expect(ids).toHaveLength(30);
    for (let k = 1; k < gulls.length; k++) {
      expect((gulls[k] ?? 0) - (gulls[k - 1] ?? 0)).toBe(5);
    }
  });

  it('loses none and adds none, whatever the counts', () => {
    for (let a = 0; a < 9; a++) {
      for (let b = 0; b < 9; b++) {
        const counts = [
          { id: 'a', count: a },
          { id: 'b', count: b },
        ].filter((c) => c.count > 0);
        const back = pieceCounts(mixed(counts));
        expect([...back].sort((x, y) => x.id.localeCompare(y.id))).toEqual(counts);
      }
    }
  });
});

describe('withCount', () => {
  it('adds a design that was not there', () => {
    expect(pieceCounts(withCount(['boat'], 'gull', 3))).toContainEqual({ id: 'gull', count: 3 });
  });

  it('takes one out where none is left of it', () => {
    expect(withCount(['boat', 'gull', 'boat'], 'boat', 0)).toEqual(['gull']);
  });
});
