import { describe, expect, it } from 'vitest';
import { boxBetween, cornersOn, onSheet } from './useDrawnBox';

const SHEET = { left: 37, top: 4, scale: 0.62, width: 330, height: 211 };

describe('a box drawn on a sheet', () => {
  it('is told in millimetres of the sheet, whatever its scale on the screen', () => {
    const p = onSheet(SHEET, 37 + 0.62 * 120.5, 4 + 0.62 * 33);
    expect(p.x).toBeCloseTo(120.5);
    expect(p.y).toBeCloseTo(33);
  });

  it('stays on the sheet where the hand runs off it', () => {
    expect(onSheet(SHEET, -40, 9000)).toEqual({ x: 0, y: 211 });
    expect(onSheet(SHEET, 9000, -3)).toEqual({ x: 330, y: 0 });
  });

  it('is the same from whichever corner it was drawn', () => {
    const box = { leftMm: 12, topMm: 30, widthMm: 78, heightMm: 41 };
    expect(boxBetween({ x0: 12, y0: 30, x1: 90, y1: 71 })).toEqual(box);
    expect(boxBetween({ x0: 90, y0: 30, x1: 12, y1: 71 })).toEqual(box);
    expect(boxBetween({ x0: 90, y0: 71, x1: 12, y1: 30 })).toEqual(box);
  });

  it('is the same drawn by keys: corners in shares of the sheet', () => {
    const corners = cornersOn(SHEET, { x: 0.75, y: 0.1 }, { x: 0.25, y: 1 });
    const box = boxBetween(corners);
    expect(box.leftMm).toBeCloseTo(82.5);
    expect(box.topMm).toBeCloseTo(21.1);
    expect(box.widthMm).toBeCloseTo(165);
    expect(box.heightMm).toBeCloseTo(189.9);
  });
});
