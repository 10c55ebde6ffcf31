import { describe, expect, it } from 'vitest';
import type { PlanDocument } from '../api/client';
import { isBegun } from './begun';

const plan = (order?: PlanDocument['order']): PlanDocument => ({
  schema: 6,
  name: 'Tray',
  form: { kind: 'TRAY', measures: {}, choices: {} },
  faces: [],
  lays: [],
  ...(order === undefined ? {} : { order }),
});

describe('whether a piece is begun', () => {
  it('is not while nothing is decided about its order', () => {
    expect(isBegun(plan())).toBe(false);
    expect(isBegun(plan({ steps: {} }))).toBe(false);
  });

  it('is not by what is only planned otherwise', () => {
    expect(isBegun(plan({ steps: { a: { takesMinutes: 20 } } } as PlanDocument['order']))).toBe(
      false,
    );
  });

  it('is once one of its steps is done', () => {
    const done = { at: '2027-02-01T09:00:00Z', minutes: 12 };
    expect(isBegun(plan({ steps: { a: {}, b: { done } } } as PlanDocument['order']))).toBe(true);
  });
});
