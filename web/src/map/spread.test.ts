import { describe, expect, it } from 'vitest';
import { boxesOn, lineOn, spreadOut } from './spread';

const box = (leftMm: number, topMm: number, widthMm: number, heightMm: number) => ({
  leftMm,
  topMm,
  widthMm,
  heightMm,
});
const SHEET = { widthMm: 1040, heightMm: 1930 };
const THIRDS = [box(0, 0, 1040, 640), box(0, 640, 1040, 660), box(0, 1300, 1040, 630)];

describe('a sheet as the sections it comes in', () => {
  it('is one where it comes whole, as it is', () => {
    const whole = spreadOut(SHEET, [box(0, 0, 1040, 1930)], 25);
    expect(whole).toMatchObject(SHEET);
    expect(boxesOn(whole, box(10, 20, 300, 1800))).toEqual([box(10, 20, 300, 1800)]);
  });

  it('is drawn apart at its joints, nothing of it lost', () => {
    const spread = spreadOut(SHEET, THIRDS, 25);
    expect(spread.heightMm).toBe(1930 + 50);
    expect(spread.widthMm).toBe(1040);
    expect(spread.sections.map((s) => s.byY)).toEqual([0, 25, 50]);
    const across = boxesOn(spread, box(33.3, 601.7, 512.9, 900.1));
    expect(across).toHaveLength(3);
    expect(across.reduce((sum, b) => sum + b.heightMm, 0)).toBeCloseTo(900.1, 9);
    // between two of them lies what they are apart, and no more
    expect((across[1]?.topMm ?? 0) - 640).toBeCloseTo(25, 9);
  });

  it('keeps a part that ends on a joint on the section it ends', () => {
    const spread = spreadOut(SHEET, THIRDS, 25);
    expect(boxesOn(spread, box(10, 30, 500, 610))).toEqual([box(10, 30, 500, 610)]);
    expect(boxesOn(spread, box(10, 640, 500, 660))).toEqual([box(10, 665, 500, 660)]);
  });

  it('moves a cut with its section, and a joint with the first of the two', () => {
    const spread = spreadOut(SHEET, THIRDS, 25);
    const cut = (fromXMm: number, fromYMm: number, toXMm: number, toYMm: number) =>
      lineOn(spread, { fromXMm, fromYMm, toXMm, toYMm });
    expect(cut(510, 640, 510, 1300)).toMatchObject({ fromYMm: 665, toYMm: 1325 });
    expect(cut(0, 1300, 1040, 1300)).toMatchObject({ fromYMm: 1325, toYMm: 1325 });
    expect(cut(0, 12, 1040, 12)).toMatchObject({ fromYMm: 12, toYMm: 12 });
  });

  it('goes side by side where the joint is upright, of a leftover too', () => {
    const spread = spreadOut(SHEET, [box(400, 100, 120, 800), box(520, 100, 90, 800)], 25);
    expect(spread).toMatchObject({ widthMm: 1065, heightMm: 1930 });
    expect(spread.sections.map((s) => s.box.widthMm)).toEqual([520, 520]);
    expect(boxesOn(spread, box(520, 100, 90, 800))).toEqual([box(545, 100, 90, 800)]);
  });
});
