import { describe, expect, it } from 'vitest';
import { wayOf } from './arrows';

describe('the way of an arrow key', () => {
  it('goes across and down as the arrow points', () => {
    expect(['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'].map(wayOf)).toEqual([
      [-1, 0],
      [1, 0],
      [0, -1],
      [0, 1],
    ]);
  });

  it('is none for whatever else is pressed, be it named like something every object has', () => {
    expect([' ', 'Enter', 'a', 'toString', 'constructor'].map(wayOf)).toEqual(Array(5).fill(null));
  });
});
