import { describe, expect, it } from 'vitest';
import { byDay } from './history';

const step = (madeAs: number, at: Date, isNow = false, wentThere = false) => ({
  madeAs,
  text: `Change ${madeAs}`,
  at: at.toISOString(),
  by: 'Wren',
  isNow,
  wentThere,
});

describe('the history of a plan', () => {
  const now = new Date(2027, 1, 3, 15, 0);

  it('is told by day, the newest first, today by name', () => {
    const days = byDay(
      [
        step(4, new Date(2027, 1, 3, 14, 5), true),
        step(3, new Date(2027, 1, 3, 0, 1)),
        step(2, new Date(2027, 1, 2, 23, 59)),
        step(1, new Date(2026, 1, 3, 9, 0)),
      ],
      now.getTime(),
    );
    expect(days.map((d) => d.day)).toEqual([
      'Today',
      'Tuesday 2 February 2027',
      'Tuesday 3 February 2026',
    ]);
    expect(days.map((d) => d.steps.map((s) => s.time))).toEqual([
      ['14:05', '00:01'],
      ['23:59'],
      ['09:00'],
    ]);
    expect(days.flatMap((d) => d.steps).some((s) => s.ahead)).toBe(false);
  });

  it('tells what was gone back behind', () => {
    const at = new Date(2027, 1, 3, 9, 0);
    const [today] = byDay([step(3, at), step(2, at, true), step(1, at)], now.getTime());
    expect(today?.steps.map((s) => s.ahead)).toEqual([true, false, false]);
  });

  it('does not take a step back for something that was gone back behind', () => {
    const at = new Date(2027, 1, 3, 9, 0);
    const [today] = byDay(
      [step(4, at, false, true), step(3, at), step(2, at, true)],
      now.getTime(),
    );
    expect(today?.steps.map((s) => s.ahead)).toEqual([false, true, false]);
  });

  it('is empty where nothing is known yet', () => {
    expect(byDay([], now.getTime())).toEqual([]);
  });
});
