import { describe, expect, it } from 'vitest';
import { type Line, type Spot, tagPlaces } from './cutTags';

const SHEET = { widthMm: 1040, heightMm: 1930 };
const TAG_MM = 61.3;

const across = (yMm: number, from = 0, to = SHEET.widthMm): Line => ({
  fromXMm: from,
  fromYMm: yMm,
  toXMm: to,
  toYMm: yMm,
});
const down = (xMm: number, from = 0, to = SHEET.heightMm): Line => ({
  fromXMm: xMm,
  fromYMm: from,
  toXMm: xMm,
  toYMm: to,
});

function apart(one: Spot, other: Spot) {
  const reach = one.halfMm + other.halfMm - 1e-9;
  return Math.abs(one.xMm - other.xMm) >= reach || Math.abs(one.yMm - other.yMm) >= reach;
}

describe('letters of cuts', () => {
  it('stands where its cut begins where nothing is in the way', () => {
    expect(tagPlaces([across(500)], [], SHEET, TAG_MM)).toEqual([
      { xMm: TAG_MM / 2, yMm: 500, halfMm: TAG_MM / 2 },
    ]);
  });

  it('is whole on the sheet along its very edges', () => {
    const [top, left, right] = tagPlaces(
      [across(3), down(9.5, 33.3), down(1035, 33.3)],
      [],
      SHEET,
      TAG_MM,
    );
    expect(top?.yMm).toBe(TAG_MM / 2);
    expect(left?.xMm).toBe(TAG_MM / 2);
    expect(right?.xMm).toBe(SHEET.widthMm - TAG_MM / 2);
  });

  it('goes on along its cut where another letter stands, or the number of a part', () => {
    const taken = [{ xMm: 100, yMm: 500, halfMm: 36 }];
    const [first, second, third] = tagPlaces(
      [across(500), down(9.5, 500), across(517)],
      taken,
      SHEET,
      TAG_MM,
    );
    for (const [a, b] of [
      [first, second],
      [first, third],
      [second, third],
      [first, taken[0]],
      [third, taken[0]],
    ]) {
      expect(apart(a as Spot, b as Spot)).toBe(true);
    }
    expect(second?.xMm).toBe(TAG_MM / 2);
    expect(third?.yMm).toBe(517);
  });

  it('covers none of all that has room, in whatever order they are cut', () => {
    let dice = 7;
    const next = () => {
      dice = (dice * 48271) % 2147483647;
      return dice / 2147483647;
    };
    for (let round = 0; round < 60; round++) {
      const cuts = Array.from({ length: 9 }, () =>
        next() < 0.5 ? across(20 + next() * 1890) : down(20 + next() * 1000),
      );
      const spots = tagPlaces(cuts, [], SHEET, TAG_MM);
      spots.forEach((spot, i) => {
        expect(spot.xMm - spot.halfMm).toBeGreaterThanOrEqual(0);
        expect(spot.xMm + spot.halfMm).toBeLessThanOrEqual(SHEET.widthMm + 1e-9);
        expect(spot.yMm + spot.halfMm).toBeLessThanOrEqual(SHEET.heightMm + 1e-9);
        for (const other of spots.slice(0, i)) {
          expect(apart(spot, other), `round ${round}, cut ${i}`).toBe(true);
        }
      });
    }
  });

  it('covers as little as it can where its cut is shorter than a letter', () => {
    const short = across(900, 0, 12.7);
    const [one, two] = tagPlaces([short, short], [], SHEET, TAG_MM);
    expect(one).toEqual(two);
  });
});
