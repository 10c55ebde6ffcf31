import { describe, expect, it } from 'vitest';
import type { CutRun } from '../api/client';
import { moment } from './playing';

const square = (x: number) => [
  { xMm: x, yMm: 90 },
  { xMm: x + 10, yMm: 90 },
  { xMm: x + 10, yMm: 80 },
  { xMm: x, yMm: 80 },
  { xMm: x, yMm: 90 },
];

const RUN: CutRun = {
  matWidthMm: 100,
  matLengthMm: 100,
  seconds: 12,
  lifts: 2,
  timeText: '',
  cutText: '',
  travelText: '',
  strokes: [
    { fromSeconds: 1, untilSeconds: 5, data: '', points: square(10) },
    { fromSeconds: 6, untilSeconds: 10, data: '', points: square(40) },
  ],
};

describe('a cut that is played', () => {
  it('begins at home with the blade raised', () => {
    expect(moment(RUN, 0)).toEqual({
      cut: 0,
      trail: [],
      blade: { xMm: 0, yMm: 100 },
      down: false,
    });
  });

  it('follows the line with the blade down, by its length', () => {
    const half = moment(RUN, 3);
    expect(half.down).toBe(true);
    expect(half.blade).toEqual({ xMm: 20, yMm: 80 });
    expect(half.trail).toHaveLength(3);
    const more = moment(RUN, 3.5);
    expect(more.blade).toEqual({ xMm: 15, yMm: 80 });
  });

  it('travels raised from one line to the next', () => {
    const way = moment(RUN, 5.5);
    expect(way).toEqual({ cut: 1, trail: [], blade: { xMm: 25, yMm: 90 }, down: false });
  });

  it('ends at home with every line cut through', () => {
    expect(moment(RUN, 12)).toEqual({
      cut: 2,
      trail: [],
      blade: { xMm: 0, yMm: 100 },
      down: false,
    });
  });
});
