import { describe, expect, it } from 'vitest';
import { fitInto, moveBy, num, toPlan, toScreen, zoomAt } from './viewport';

const margins = { left: 60, top: 90, right: 20, bottom: 180 };

describe('the view of a face', () => {
  it('goes to the screen and back', () => {
    const view = { k: 0.7, x: 31, y: -12 };
    const there = toScreen(view, { x: 435, y: 210 });
    expect(toPlan(view, there).x).toBeCloseTo(435, 9);
    expect(toPlan(view, there).y).toBeCloseTo(210, 9);
  });

  it('keeps what is under the pointer under it while zooming', () => {
    const view = fitInto({ width: 870, height: 420 }, { width: 730, height: 740 }, margins);
    const at = { x: 300, y: 250 };
    const before = toPlan(view, at);
    const after = toPlan(zoomAt(view, at, 1.7), at);
    expect(after.x).toBeCloseTo(before.x, 9);
    expect(after.y).toBeCloseTo(before.y, 9);
  });

  it('fits a face inside its margins however odd the window', () => {
    for (const window of [
      { width: 730, height: 740 },
      { width: 300, height: 900 },
      { width: 2000, height: 400 },
    ]) {
      const view = fitInto({ width: 870, height: 420 }, window, margins);
      expect(toScreen(view, { x: 0, y: 0 }).x).toBeGreaterThanOrEqual(margins.left - 0.001);
      expect(toScreen(view, { x: 870, y: 0 }).x).toBeLessThanOrEqual(
        window.width - margins.right + 0.001,
      );
      // as much is left over above as below, beyond what the margins keep
      const over = toScreen(view, { x: 0, y: 0 }).y - margins.top;
      const under = window.height - margins.bottom - toScreen(view, { x: 0, y: 420 }).y;
      expect(over).toBeCloseTo(under, 6);
    }
  });

  it('moves without zooming, and writes short numbers', () => {
    expect(moveBy({ k: 2, x: 1, y: 1 }, 3, -4)).toEqual({ k: 2, x: 4, y: -3 });
    expect(num(1.23456)).toBe('1.23');
  });
});
