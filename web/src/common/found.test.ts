import { describe, expect, it } from 'vitest';
import { found } from './found';

describe('what was found at a stop', () => {
  it('counts what is to be looked at', () => {
    expect(found({ stop: 'COATS', count: 1, worst: 'LOOK' })).toBe('1 thing to look at');
    expect(found({ stop: 'COATS', count: 7, worst: 'LOOK' })).toBe('7 things to look at');
  });

  it('says that it will fail', () => {
    expect(found({ stop: 'COATS', count: 1, worst: 'STOP' })).toBe(
      '1 thing to look at, and it will fail',
    );
    expect(found({ stop: 'LAY_OUT', count: 3, worst: 'STOP' })).toBe(
      '3 things to look at, at least one will fail',
    );
  });
});
