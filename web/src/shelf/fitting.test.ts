import { describe, expect, it } from 'vitest';
import { boxBetween, corner, moved } from './fitting';

describe('the line along what is known', () => {
  it('is moved by arrows, further with Shift, and stays on the picture', () => {
    expect(moved({ x: 0.31, y: 0.5 }, 'ArrowLeft', false)).toEqual({ x: 0.305, y: 0.5 });
    expect(moved({ x: 0.31, y: 0.5 }, 'ArrowDown', true)).toEqual({ x: 0.31, y: 0.55 });
    expect(moved({ x: 0.99, y: 0 }, 'ArrowRight', true)).toEqual({ x: 1, y: 0 });
    expect(moved({ x: 0.99, y: 0 }, 'ArrowUp', false)).toEqual({ x: 0.99, y: 0 });
  });

  it('takes no other key', () => {
    expect(moved({ x: 0.31, y: 0.5 }, 'Enter', false)).toBeNull();
  });

  it('cannot be dragged off the picture', () => {
    expect(corner({ x: -0.2, y: 1.7 })).toEqual({ x: 0, y: 1 });
  });
});

describe('the part that counts', () => {
  it('is the same from whichever corner it was drawn', () => {
    const box = boxBetween({ x: 0.2, y: 0.7 }, { x: 0.65, y: 0.1 });
    expect(box.left).toBe(0.2);
    expect(box.top).toBe(0.1);
    expect(box.width).toBeCloseTo(0.45);
    expect(box.height).toBeCloseTo(0.6);
    expect(boxBetween({ x: 0.65, y: 0.1 }, { x: 0.2, y: 0.7 })).toEqual(box);
  });
});
