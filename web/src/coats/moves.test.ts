import { describe, expect, it } from 'vitest';
import { beforeWhat } from './moves';

const keys = ['wash', 'primer', 'ground', 'seal'];

/** What the server makes of a move. */
const moved = (band: string, to: number) => {
  const move = beforeWhat(keys, band, to);
  if (!move) {
    return keys;
  }
  const left = keys.filter((k) => k !== move.band);
  const at = move.before === undefined ? left.length : left.indexOf(move.before);
  return [...left.slice(0, at), move.band, ...left.slice(at)];
};

describe('where a band is brought to', () => {
  it('is where it was put, upwards and downwards', () => {
    for (const band of keys) {
      for (let to = 0; to < keys.length; to++) {
        expect(moved(band, to).indexOf(band)).toBe(to);
      }
    }
  });

  it('leaves the others in their order', () => {
    for (const band of keys) {
      for (let to = 0; to < keys.length; to++) {
        expect(moved(band, to).filter((k) => k !== band)).toEqual(keys.filter((k) => k !== band));
      }
    }
  });

  it('is no move where it stands there, beyond the ends, or where there is no such band', () => {
    expect(beforeWhat(keys, 'primer', 1)).toBeNull();
    expect(beforeWhat(keys, 'wash', -1)).toBeNull();
    expect(beforeWhat(keys, 'seal', 4)).toBeNull();
    expect(beforeWhat(keys, 'wax', 1)).toBeNull();
  });

  it('on top of all names nothing it stands before', () => {
    expect(beforeWhat(keys, 'primer', 3)).toEqual({ band: 'primer' });
  });
});
