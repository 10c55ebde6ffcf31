import { expect, test } from 'vitest';
import type { BenchDoc } from '../api/client';
import { another, kinds, MOST_KINDS, MOST_PLACES, placesInAll, sided } from './places';

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

test('one more kind may be kept as it is, and its size too', () => {
  expect(another().count).toBeGreaterThan(0);
  expect(another().count).toBeLessThanOrEqual(MOST_PLACES);
  expect(another().name.trim()).not.toBe('');
  expect(another().size).toBeUndefined();
  expect(sided().longMm).toBeGreaterThanOrEqual(sided().shortMm);
  expect(sided().shortMm).toBeGreaterThanOrEqual(50);
  expect(MOST_KINDS).toBeGreaterThan(1);
});
