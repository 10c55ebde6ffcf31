import { describe, expect, it } from 'vitest';
import { otherSchool, SCHOOLS } from './schools';

describe('schools', () => {
  it('change one matter and leave the others', () => {
    const usual = {
      primer: 'WHERE_NEEDED',
      seal: 'TOP_COAT',
      darkWax: 'OVER_CLEAR_WAX',
      relief: 'BEFORE_PAINT',
      lift: 'WET',
    } as const;
    expect(otherSchool('seal', usual)).toEqual({ ...usual, seal: 'WAX' });
    expect(otherSchool('seal', { ...usual, seal: 'WAX' })).toEqual(usual);
  });

  it('have two sides each, and come back to where they were', () => {
    for (const { key, words, changes } of SCHOOLS) {
      expect(Object.keys(words)).toHaveLength(2);
      expect(Object.keys(changes)).toEqual(Object.keys(words));
      const once = otherSchool(key, {});
      expect(otherSchool(key, otherSchool(key, once))).toEqual(once);
    }
  });
});
