import { describe, expect, it } from 'vitest';
import { CLOSEST, fromSlider, partOf, toSlider, usualScale, wholeAt } from './looking';

const CARD = { width: 278, height: 150 };
const WINDOW = {
  sheetWidthMm: 210,
  sheetHeightMm: 297,
  leftMm: 10,
  topMm: 20,
  widthMm: 100,
  heightMm: 80,
};
const none = { placed: [], items: [], window: WINDOW };
const placed = (leftMm: number, topMm: number) => ({
  leftMm,
  topMm,
  widthMm: 60,
  heightMm: 40,
  turnDeg: 0,
});

describe('what is looked at of a face', () => {
  it('is all of a small one, and a part of a tall one', () => {
    expect(usualScale({ width: 200, height: 100 }, CARD)).toBeCloseTo(1.39, 2);
    const door = { width: 411.3, height: 1733.7 };
    const k = usualScale(door, CARD);
    expect(k).toBe(0.5);
    expect(partOf(door, CARD, wholeAt(door, CARD), none)).toBeNull();
    const part = partOf(door, CARD, k, none);
    expect(part?.heightMm).toBeCloseTo(300, 6);
    expect(part?.widthMm).toBe(411.3);
    expect((part?.topMm ?? 0) + 150).toBeCloseTo(1733.7 / 2, 6);
  });

  it('is around the copy nearest to the middle of all, within the face', () => {
    const door = { width: 411.3, height: 1733.7 };
    const three = { ...none, placed: [placed(10, 10), placed(10, 1500), placed(10, 900)] };
    const part = partOf(door, CARD, 0.5, three);
    expect(part?.topMm).toBeCloseTo(920 - 150, 6);
    const corner = partOf(door, CARD, 1, { ...none, placed: [placed(400, 1720)] });
    expect((corner?.leftMm ?? 0) + (corner?.widthMm ?? 0)).toBeCloseTo(411.3 + 6, 6);
    expect((corner?.topMm ?? 0) + (corner?.heightMm ?? 0)).toBeCloseTo(1733.7 + 6, 6);
  });

  it('goes from whole to close on a slider, and back to the same place', () => {
    const whole = 0.0865;
    expect(toSlider(whole, whole)).toBeCloseTo(0, 9);
    expect(toSlider(CLOSEST, whole)).toBeCloseTo(100, 9);
    for (const place of [0, 13.7, 50, 99.1]) {
      expect(toSlider(fromSlider(place, whole), whole)).toBeCloseTo(place, 6);
    }
    expect(toSlider(3, 3)).toBe(0);
    expect(fromSlider(40, 3)).toBe(3);
  });
});
