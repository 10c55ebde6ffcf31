import { describe, expect, it } from 'vitest';
import { nextStop } from './nextStop';

const stops = (...done: string[]) =>
  ['SURVEY', 'CHOOSE', 'LAY_OUT', 'GATHER'].map((stop) => ({ stop, done: done.includes(stop) }));

describe('where a walk goes on', () => {
  it('is the first stop with something left to do', () => {
    expect(nextStop(stops(), [])).toBe(0);
    expect(nextStop(stops('SURVEY'), [])).toBe(1);
    expect(nextStop(stops('SURVEY', 'LAY_OUT'), [])).toBe(1);
  });

  it('is back where something was undone', () => {
    expect(nextStop(stops('CHOOSE', 'LAY_OUT'), [])).toBe(0);
  });

  it('is not where one passed by', () => {
    expect(nextStop(stops('SURVEY'), ['CHOOSE'])).toBe(2);
    expect(nextStop(stops(), ['SURVEY', 'LAY_OUT'])).toBe(1);
  });

  it('ends at the last, passed by or not', () => {
    expect(nextStop(stops('SURVEY', 'CHOOSE', 'LAY_OUT'), [])).toBe(3);
    expect(nextStop(stops('SURVEY', 'CHOOSE', 'LAY_OUT'), ['GATHER'])).toBe(3);
  });
});
