import { describe, expect, it } from 'vitest';
import { holds, isTime, size } from './held';

describe('the size of a backup', () => {
  it('is read in the unit that suits it', () => {
    expect(size(0)).toBe('0 bytes');
    expect(size(999)).toBe('999 bytes');
    expect(size(1_234)).toBe('1.2 kB');
    expect(size(2_345_678)).toBe('2.3 MB');
    expect(size(123_456_789)).toBe('123 MB');
    expect(size(4_500_000_000_000)).toBe('4,500 GB');
  });
});

describe('what a backup holds', () => {
  it('is counted, one and many', () => {
    const held = {
      studioName: 'Saltmarsh Studio',
      madeAt: '2026-11-29T12:00:00Z',
      pieces: 1,
      designs: 30,
      stocks: 1,
      ledgerEntries: 1_204,
      photos: 0,
      people: 0,
      entries: 2_000,
    };
    expect(holds(held)).toEqual([
      '1 piece with its plan and history',
      '30 designs',
      '1 stock with 1,204 entries of their ledgers',
      '0 photos',
      'no accounts',
    ]);
    expect(holds({ ...held, people: 2 }).at(-1)).toBe('2 accounts');
  });
});

describe('when another is due', () => {
  const now = Date.parse('2026-11-29T12:00:00Z');

  it('is at once where there is none, and after a fortnight', () => {
    expect(isTime(undefined, now)).toBe(true);
    expect(isTime('2026-11-16T12:00:00Z', now)).toBe(false);
    expect(isTime('2026-11-15T11:59:00Z', now)).toBe(true);
  });
});
