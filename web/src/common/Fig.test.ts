import { describe, expect, it } from 'vitest';
import { split } from './Fig';

describe('fractions in a text', () => {
  it('are found wherever they stand, the whole number kept with them', () => {
    expect(split('ends 1 1/16" · gaps 15/16" as wished')).toEqual([
      'ends 1\u202f',
      { over: '1', under: '16' },
      '" · gaps ',
      { over: '15', under: '16' },
      '" as wished',
    ]);
  });

  it('are left alone where there are none', () => {
    expect(split('870 mm')).toEqual(['870 mm']);
    expect(split('11 m²/l')).toEqual(['11 m²/l']);
  });
});
