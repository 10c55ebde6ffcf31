import { describe, expect, it } from 'vitest';
import type { LayDoc } from '../api/client';
import { layEdits } from './layEdits';

const lay: LayDoc = {
  id: 'l',
  faceId: 'front',
  rule: {
    kind: 'SINGLE',
    measures: { x: 100.2, y: 40.7, angle: 0 },
    choices: { placed: 'NO', mirrored: 'NO' },
    points: [],
  },
  coats: 2,
  hidden: false,
  locked: false,
};

describe('what a hand did to a lay', () => {
  it('is nothing where it was put back', () => {
    expect(layEdits(lay, structuredClone(lay))).toEqual([]);
  });

  it('says only the measures that are others, with the choices that go along', () => {
    const moved: LayDoc = {
      ...lay,
      rule: {
        ...lay.rule,
        measures: { ...lay.rule.measures, x: 133.4 },
        choices: { ...lay.rule.choices, placed: 'YES' },
      },
      pick: { way: 'STAND_PLACED', count: 1, across: 1 },
    };
    expect(layEdits(lay, moved)).toEqual([
      { kind: 'MEASURE_LAY', layId: 'l', measures: { x: 133.4 }, choices: { placed: 'YES' } },
      { kind: 'PICK_OPTION', layId: 'l', pick: { way: 'STAND_PLACED', count: 1, across: 1 } },
    ]);
  });

  it('says the points of a line as a whole, and copies that were put by hand', () => {
    const points = [
      { xMm: 1, yMm: 2 },
      { xMm: 3, yMm: 4.5 },
    ];
    const eye = {
      wobbleMm: 0,
      wobbleDeg: 0,
      seed: 1,
      held: [{ item: 2, xMm: 5, yMm: 6, turnDeg: 7 }],
    };
    expect(layEdits(lay, { ...lay, rule: { ...lay.rule, points }, eye })).toEqual([
      { kind: 'POINTS_OF_LAY', layId: 'l', points },
      { kind: 'BY_EYE', layId: 'l', eye },
    ]);
  });
});
