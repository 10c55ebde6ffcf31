import { describe, expect, it } from 'vitest';
import { colourOf, daysLater } from './weeks';

describe('the weeks', () => {
  it('goes over the ends of months, years and changes of the clock', () => {
    expect(daysLater('2026-11-28', 7)).toBe('2026-12-05');
    expect(daysLater('2026-12-28', 7)).toBe('2027-01-04');
    expect(daysLater('2027-03-27', 7)).toBe('2027-04-03');
    expect(daysLater('2028-03-01', -1)).toBe('2028-02-29');
  });

  it('goes there and back', () => {
    let day = '2026-01-31';
    for (let n = 0; n < 60; n++) {
      day = daysLater(day, 7);
    }
    expect(daysLater(day, -420)).toBe('2026-01-31');
  });

  it('gives the pieces of one studio colours of their own, however they are sorted', () => {
    const pieces = ['chest', 'clock', 'planter', 'screen', 'stool', 'tin', 'wardrobe'].map(
      (id) => ({
        pieceId: id,
      }),
    );
    const colours = pieces.map((_, i) => colourOf(pieces, i));
    expect(new Set(colours).size).toBe(7);
    const other = pieces.toReversed();
    expect(other.map((_, i) => colourOf(other, i)).toReversed()).toEqual(colours);
  });
});
