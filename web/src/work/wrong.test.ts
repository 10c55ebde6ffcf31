import { describe, expect, it } from 'vitest';
import { isMend, sharesOf, wrongTap } from './wrong';

const pot = { name: 'Rust tide', ml: 31.7, holdsMl: 118, levelText: '1.6 ml', weighed: false };
const step = { key: 'of:lid:ground:2', title: 'Rust tide, coat 2 of 2', pot };

describe('what went wrong, as it is told', () => {
  it('tells the try with its time and what was seen of its pot', () => {
    const tried = { minutes: 17, seen: { how: 'USED', ml: 28.3 } } as const;
    expect(wrongTap(step, tried, 'RUNS', 'SAND_AND_AGAIN', 0.25)).toEqual({
      kind: 'WRONG',
      step: step.key,
      title: step.title,
      minutes: 17,
      usedMl: 28.3,
      trouble: 'RUNS',
      remedy: 'SAND_AND_AGAIN',
      share: 0.25,
    });
  });

  it('empties the pot of what ran out, whatever was seen of it before', () => {
    const tried = { minutes: 17, seen: { how: 'USED', ml: 28.3 } } as const;
    const tap = wrongTap(step, tried, 'RAN_OUT', 'THE_REST', 0.5);
    expect(tap.levelMl).toBe(0);
    expect(tap.usedMl).toBeUndefined();
  });

  it('says nothing of time and pot of what was done and told before', () => {
    const tap = wrongTap(step, undefined, 'LIFTED_EDGE', 'STICK_DOWN', 0.05);
    expect(tap.minutes).toBeUndefined();
    expect(tap.levelMl).toBeUndefined();
  });

  it('never leaves all of what ran out to do: something was put on', () => {
    expect(Math.max(...sharesOf('RAN_OUT').map((s) => s.share))).toBeLessThan(1);
    expect(Math.max(...sharesOf('TORN').map((s) => s.share))).toBe(1);
  });

  it('knows a step that mends', () => {
    expect(isMend('mend:6f1c:1')).toBe(true);
    expect(isMend('own:mend')).toBe(false);
  });
});
