import { describe, expect, it } from 'vitest';
import { movedOnFace } from './placing';

describe('a place that arrow keys carry over a face', () => {
  const at = { x: 430.5, y: 12.25 };

  it('goes by a millimetre, and by twenty where one is in a hurry', () => {
    expect(movedOnFace(at, 'ArrowLeft', false, 870, 420)).toEqual({ x: 429.5, y: 12.25 });
    expect(movedOnFace(at, 'ArrowDown', true, 870, 420)).toEqual({ x: 430.5, y: 32.25 });
  });

  it('never leaves the face', () => {
    expect(movedOnFace(at, 'ArrowUp', true, 870, 420)).toEqual({ x: 430.5, y: 0 });
    expect(movedOnFace({ x: 869.7, y: 5 }, 'ArrowRight', false, 870, 420)).toEqual({
      x: 870,
      y: 5,
    });
  });

  it('has nothing to do with other keys', () => {
    expect(movedOnFace(at, 'Enter', false, 870, 420)).toBeNull();
    expect(movedOnFace(at, 'toString', false, 870, 420)).toBeNull();
  });
});
