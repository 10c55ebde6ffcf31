import { describe, expect, it } from 'vitest';
import type { CoatGroup } from '../api/client';
import { underOf } from './under';

const band = (key: string, look: string, ...hexes: string[]) => ({
  key,
  look,
  shades: hexes.map((hex) => ({ hex, dark: false, text: hex })),
});

const group = {
  surface: { now: '#C9A26B' },
  bands: [
    band('step:CLEAN', 'STEP'),
    band('ground', 'COAT', '#475353', '#294952'),
    band('own:gold', 'SPOTS', '#B98B3C'),
    band('lay:fern', 'PAINTED'),
    band('seal', 'CLEAR', '#294952'),
  ],
} as unknown as CoatGroup;

describe('what shows under a band', () => {
  it('is the bare surface under the first', () => {
    expect(underOf(group, 'ground')).toBe('#C9A26B');
  });

  it('is the last coat that goes everywhere, not what lies on high spots', () => {
    expect(underOf(group, 'lay:fern')).toBe('#294952');
    expect(underOf(group, 'own:gold')).toBe('#294952');
  });
});
