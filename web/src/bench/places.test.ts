import { expect, test } from 'vitest';
import type { BenchDoc } from '../api/client';
import { allSided, another, kinds, MOST_KINDS, MOST_PLACES, placesInAll, sided } from './places';

const bench = (part: Partial<BenchDoc>): BenchDoc => ({
  zone: 'Europe/Lisbon',
  people: [],
  rooms: [],
  driesIn: 0,
  places: 4,
  fan: false,
  ...part,
});

test('whoever told how many only has so many on which anything finds room', () => {
  expect(kinds(bench({}))).toEqual([{ name: 'Places', count: 4 }]);
});

test('what was told of each kind is shown, and counts together', () => {
  const told = [
    { name: 'The floor', count: 2 },
    { name: 'The rack', count: 3, size: { longMm: 617.9, shortMm: 441.3 } },
  ];
  expect(kinds(bench({ dryingPlaces: told }))).toBe(told);
  expect(placesInAll(told)).toBe(5);
});

test('one more kind may be kept as it is', () => {
  const more = another();
  expect(more.count).toBeGreaterThan(0);
  expect(more.count).toBeLessThanOrEqual(MOST_PLACES);
  expect(more.name.trim()).not.toBe('');
  expect(allSided([more])).toBe(true);
  expect(MOST_KINDS).toBeGreaterThan(1);
});

test('nothing is kept of a size that nobody told', () => {
  const shelf = { ...another(), size: sided() };
  expect(allSided([another(), shelf])).toBe(false);
  expect(allSided([{ ...shelf, size: { ...shelf.size, longMm: 617.9 } }])).toBe(false);
  expect(allSided([{ ...shelf, size: { longMm: 617.9, shortMm: 441.3 } }])).toBe(true);
});

test('what was a size before is that size again', () => {
  const kept = {
    longSide: { mm: 617.9, text: '24 5/16"' },
    shortSide: { mm: 441.3, text: '17 3/8"' },
  };
  expect(sided(kept)).toEqual({ longMm: 617.9, shortMm: 441.3 });
  expect(allSided([{ ...another(), size: sided(kept) }])).toBe(true);
});
