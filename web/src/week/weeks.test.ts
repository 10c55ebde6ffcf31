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

  it('gives the pieces of one studio colours of their own', () => {
    expect(new Set([0, 1, 2, 3, 4, 5, 6].map(colourOf)).size).toBe(7);
    expect(colourOf(9)).toBe(colourOf(0));
  });
});
