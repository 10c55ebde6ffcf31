import { describe, expect, it } from 'vitest';
import { leftText, ringing, share } from './left';

describe('what is left', () => {
  it('counts down to the second, and says nothing once it is over', () => {
    expect(leftText(38 * 60_000)).toBe('38:00');
    expect(leftText(61_001)).toBe('1:02');
    expect(leftText(999)).toBe('0:01');
    expect(leftText(0)).toBe('');
    expect(leftText(-5)).toBe('');
  });

  it('is told in hours and days where it is long', () => {
    expect(leftText((2 * 60 + 7) * 60_000)).toBe('2 h 07');
    expect(leftText(36 * 3600_000)).toBe('1.5 days');
  });

  it('is a share of what has to pass', () => {
    expect(share(1000, 5000, 2000)).toBe(0.25);
    expect(share(1000, 5000, 500)).toBe(0);
    expect(share(1000, 5000, 9000)).toBe(1);
    expect(share(1000, 1000, 900)).toBe(1);
  });

  it('rings once for each that became ripe since the last look', () => {
    const all = [
      { name: 'a', ripe: '2027-02-01T09:00:00Z' },
      { name: 'b', ripe: '2027-02-01T09:00:03Z' },
    ];
    const at = Date.parse('2027-02-01T09:00:00Z');
    expect(ringing(all, at - 1000, at).map((r) => r.name)).toEqual(['a']);
    expect(ringing(all, at, at + 1000)).toEqual([]);
    expect(ringing(all, at - 1000, at + 5000).map((r) => r.name)).toEqual(['a', 'b']);
  });
});
