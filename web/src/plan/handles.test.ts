import { describe, expect, it } from 'vitest';
import type { HandleView, LayDoc, OptionView } from '../api/client';
import { counted, pulled, turned, withValue } from './handles';

const lay = {
  id: 'a',
  rule: {
    kind: 'RUN',
    measures: { distance: 100, gap: 20 },
    choices: {},
    points: [
      { xMm: 1, yMm: 2 },
      { xMm: 30, yMm: 40 },
    ],
  },
} as unknown as LayDoc;

const handle = (over: Partial<HandleView>): HandleView => ({
  id: 'line',
  role: 'CARRY',
  label: 'Line',
  xMm: 0,
  yMm: 0,
  valueText: '',
  moves: [],
  sets: [],
  ...over,
});

describe('handles', () => {
  it('changes the measure by what the hand moved, on divisions of the tape', () => {
    const line = handle({
      moves: [{ key: 'distance', value: 100, perXMm: 0, perYMm: -1, least: 30, most: 200 }],
    });
    expect(pulled(lay, line, { x: 50, y: -10.4 }, 1, false).rule.measures.distance).toBe(110);
    expect(pulled(lay, line, { x: 0, y: 500 }, 1, false).rule.measures.distance).toBe(30);
    expect(pulled(lay, line, { x: 0, y: -10.4 }, 1, true).rule.measures.distance).toBeCloseTo(
      110.4,
    );
  });

  it('keeps what is put by hand where it is put', () => {
    const middle = handle({
      moves: [
        { key: 'x', value: 10, perXMm: 1, perYMm: 0, least: -1e4, most: 1e4 },
        { key: 'y', value: 20, perXMm: 0, perYMm: 1, least: -1e4, most: 1e4 },
      ],
      sets: [{ key: 'placed', value: 'YES' }],
      picks: { way: 'STAND_PLACED', count: 1, across: 1 },
    });
    const put = pulled(lay, middle, { x: 5, y: 6 }, 1, false);
    expect(put.rule.measures).toMatchObject({ x: 15, y: 26 });
    expect(put.rule.choices).toEqual({ placed: 'YES' });
    expect(put.pick).toEqual({ way: 'STAND_PLACED', count: 1, across: 1 });
  });

  it('moves a copy that was put by hand by itself', () => {
    const held = handle({
      id: 'held0',
      moves: [
        { key: 'held.0.x', value: 50, perXMm: 1, perYMm: 0, least: -1e4, most: 1e4 },
        { key: 'held.0.y', value: 60, perXMm: 0, perYMm: 1, least: -1e4, most: 1e4 },
      ],
    });
    const own = {
      ...lay,
      eye: {
        wobbleMm: 0,
        wobbleDeg: 0,
        seed: 1,
        held: [{ item: 3, xMm: 50, yMm: 60, turnDeg: 0 }],
      },
    };
    const moved = pulled(own, held, { x: -4, y: 7 }, 1, false);
    expect(moved.eye?.held[0]).toEqual({ item: 3, xMm: 46, yMm: 67, turnDeg: 0 });
    expect(moved.rule).toBe(lay.rule);
  });

  it('turns about the middle by whole degrees', () => {
    const knob = handle({
      role: 'TURN',
      about: { xMm: 0, yMm: 0 },
      moves: [{ key: 'angle', value: 0, perXMm: 0, perYMm: 0, least: -360, most: 360 }],
    });
    const up = { x: 0, y: -10 };
    expect(turned(lay, knob, { x: 10, y: 0 }, up).rule.measures.angle).toBe(90);
    expect(turned(lay, knob, { x: -10, y: 0 }, up).rule.measures.angle).toBe(-90);
  });

  it('moves one point of a line and leaves the others', () => {
    const rule = withValue(lay.rule, 'point.1.y', 55);
    expect(rule.points).toEqual([
      { xMm: 1, yMm: 2 },
      { xMm: 30, yMm: 55 },
    ]);
  });

  it('picks the best option with one copy more for every pitch it is pulled', () => {
    const count = handle({
      role: 'COUNT',
      moves: [{ key: 'count', value: 7, perXMm: 1 / 120, perYMm: 0, least: 1, most: 200 }],
    });
    const options = [
      { way: 'MOTIF_ON_CENTRE', count: 7, across: 1 },
      { way: 'GAP_ON_CENTRE', count: 6, across: 1 },
      { way: 'SPREAD', count: 8, across: 1 },
    ] as unknown as ReadonlyArray<OptionView>;
    expect(counted(lay, count, { x: 125, y: 0 }, options).pick).toEqual({
      way: 'SPREAD',
      count: 8,
      across: 1,
    });
    expect(counted(lay, count, { x: -400, y: 0 }, options).pick?.count).toBe(6);
    // pulled by less than half a pitch, the lay stays what it is
    expect(counted(lay, count, { x: 40, y: 0 }, options)).toBe(lay);
  });

  it('writes a piece of a collage down where the hand put it, and moves only that one', () => {
    const piece = handle({
      moves: [
        { key: 'piece.2.x', value: 50, perXMm: 1, perYMm: 0, least: -1, most: 999 },
        { key: 'piece.2.y', value: 60, perXMm: 0, perYMm: 1, least: -1, most: 999 },
        { key: 'piece.2.turn', value: 8, perXMm: 0, perYMm: 0, least: -360, most: 360 },
      ],
    });
    const put = pulled(lay, piece, { x: 3, y: -4 }, 1, false);
    expect(put.eye?.held).toEqual([{ item: 2, xMm: 53, yMm: 56, turnDeg: 8 }]);
    const again = pulled(put, piece, { x: 10, y: 0 }, 1, false);
    expect(again.eye?.held).toEqual([{ item: 2, xMm: 60, yMm: 60, turnDeg: 8 }]);
  });
});
