import { describe, expect, it } from 'vitest';
import type { PlanDocument } from '../api/client';
import { shown } from './shown';

const rule = {
  kind: 'GRID',
  measures: { gap: 12, down: 9 },
  choices: { pattern: 'BRICK' },
  points: [],
};
const plan = {
  schema: 3,
  name: 'Chest',
  form: { kind: 'CHEST', measures: { width: 870.3 }, choices: {} },
  faces: [
    {
      id: 'front',
      holes: [
        { id: 'a', count: 1 },
        { id: 'b', count: 2 },
      ],
    },
  ],
  lays: [
    { id: 'l', faceId: 'front', rule, coats: 2, pick: { way: 'X', count: 3, across: 1 } },
    { id: 'm', faceId: 'front', rule, coats: 1 },
  ],
} as unknown as PlanDocument;

describe('a part of the picture', () => {
  it('is there at once, so that what is said next of it does not take it back', () => {
    const wide = shown(plan, {
      kind: 'USE_PART',
      layId: 'l',
      part: { name: 'gull', borderMm: 8.3, edge: 'CUT' },
    });
    expect(wide.lays[0]?.part?.borderMm).toBe(8.3);
    expect(shown(wide, { kind: 'USE_PART', layId: 'l' }).lays[0]).not.toHaveProperty('part');
    expect(plan.lays[0]).not.toHaveProperty('part');
  });
});

describe('a zone that is aimed at', () => {
  it('is there at once, and gone again', () => {
    const aimed = shown(plan, { kind: 'AIM_AT', layId: 'm', zoneId: 'z' });
    expect(aimed.lays[1]?.zoneId).toBe('z');
    expect(shown(aimed, { kind: 'AIM_AT', layId: 'm' }).lays[1]).not.toHaveProperty('zoneId');
  });
});

describe('what was said, until it is answered', () => {
  it('shows a measure beside those that were there, and touches no other lay', () => {
    const now = shown(plan, { kind: 'MEASURE_LAY', layId: 'l', measures: { gap: 14.7 } });
    expect(now.lays[0]?.rule.measures).toEqual({ gap: 14.7, down: 9 });
    expect(now.lays[0]?.rule.choices).toEqual({ pattern: 'BRICK' });
    expect(now.lays[1]).toBe(plan.lays[1]);
    expect(plan.lays[0]?.rule.measures.gap).toBe(12);
  });

  it('lets go of what was picked where nothing is picked', () => {
    const now = shown(plan, { kind: 'PICK_OPTION', layId: 'l' });
    expect(now.lays[0]).not.toHaveProperty('pick');
  });

  it('puts a mark in the place of the one with its id', () => {
    const hole = {
      id: 'b',
      name: 'Pull',
      xMm: 1,
      yMm: 2,
      diameterMm: 5,
      count: 3,
      spacingMm: 64,
      upright: false,
    };
    const now = shown(plan, { kind: 'PUT_HOLE', faceId: 'front', hole });
    expect(now.faces[0]?.holes.map((h) => [h.id, h.count])).toEqual([
      ['a', 1],
      ['b', 3],
    ]);
  });

  it('makes nothing up where sums are needed', () => {
    expect(shown(plan, { kind: 'LAY_DESIGN', faceId: 'front', designId: 'fern' })).toBe(plan);
    expect(shown(plan, { kind: 'TAKE_LAY_OFF', layId: 'l' })).toBe(plan);
  });
});
