import { describe, expect, it } from 'vitest';
import { asTold, otherUse, seenProblem } from './used';

const pot = { name: 'Samphire', ml: 39.13, holdsMl: 946.04, levelText: '512 ml', weighed: true };

describe('what was used', () => {
  it('goes up and down by tenths of what was planned, never below nothing', () => {
    expect(otherUse(39.13, 39.13)).toBe(43);
    expect(otherUse(39.13, -39.13)).toBe(35.2);
    expect(otherUse(2, -39.13)).toBe(0);
  });

  it('is told by what was seen, and by nothing where it is as planned', () => {
    expect(asTold({ how: 'PLANNED' })).toEqual({});
    expect(asTold({ how: 'USED', ml: 43 })).toEqual({ usedMl: 43 });
    expect(asTold({ how: 'LEVEL', figure: ' 212,5 ' })).toEqual({ levelMl: 212.5 });
    expect(asTold({ how: 'WEIGHS', figure: '418' })).toEqual({ weighsG: 418 });
  });

  it('says what would do where a figure is none, or does not fit the pot', () => {
    expect(seenProblem(pot, { how: 'PLANNED' })).toBeUndefined();
    expect(seenProblem(pot, { how: 'LEVEL', figure: '946' })).toBeUndefined();
    for (const figure of ['', 'half', '-3', '946.1', '1e3', '1.2.3']) {
      expect(seenProblem(pot, { how: 'LEVEL', figure })).toContain('0 to 946 ml');
    }
    expect(seenProblem(pot, { how: 'WEIGHS', figure: '946.1' })).toBeUndefined();
  });
});
