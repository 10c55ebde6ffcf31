import { describe, expect, it } from 'vitest';
import type { FaceView } from '../api/client';
import { neighbours } from './neighbours';

type Box = readonly [left: number, top: number, width: number, height: number];

const face = (id: string, [leftMm, topMm, widthMm, heightMm]: Box, more: Partial<FaceView> = {}) =>
  ({ id, wraps: false, onNet: { leftMm, topMm, widthMm, heightMm }, ...more }) as FaceView;

const sides = (of: FaceView, faces: ReadonlyArray<FaceView>) =>
  Object.fromEntries(neighbours(of, faces).map((n) => [n.side, n.face.id]));

describe('what lies beside a face', () => {
  const left = face('left', [0, 311.5, 449, 421]);
  const front = face('front', [449, 311.5, 870, 421]);
  const right = face('right', [1319, 311.5, 449, 421]);
  const back = face('back', [1768, 311.5, 870, 421]);
  const lid = face('lid', [449, 0, 870, 311.5]);
  const chest = [left, front, right, back, lid];

  it('is what the piece unfolds to on each side', () => {
    expect(sides(front, chest)).toEqual({ left: 'left', right: 'right', above: 'lid' });
    expect(sides(lid, chest)).toEqual({ below: 'front' });
    expect(sides(back, chest)).toEqual({ left: 'right' });
  });

  it('is the nearest, not the first, and keeps where it lies along the edge', () => {
    const shelf = face('shelf', [1319, 640, 449, 92.5]);
    const far = face('far', [1318 + 449 + 400, 311.5, 100, 421]);
    expect(sides(front, [far, ...chest]).right).toBe('right');
    const [beside] = neighbours(front, [shelf]);
    expect(beside).toMatchObject({ side: 'right', alongMm: 640 - 311.5 });
  });

  it('leaves out what only touches with a corner, what is off the map and what closes round', () => {
    const corner = face('corner', [1319, 700, 449, 421]);
    const off = { ...face('off', [1319, 311.5, 449, 421]), onNet: undefined } as FaceView;
    const rim = face('rim', [1319, 311.5, 449, 421], { wraps: true });
    expect(neighbours(front, [corner, off, rim])).toEqual([]);
    expect(neighbours(rim, chest)).toEqual([]);
  });

  it('is both doors over one drawer, however their hinges lie', () => {
    const drawer = face('drawer', [584, 1552, 1010, 236]);
    const doors = [
      face('door-1', [584, 86, 504.2, 1461.9995]),
      face('door-2', [1091, 86, 503, 1462]),
      face('cornice', [584, 0, 1010, 86]),
    ];
    expect(neighbours(drawer, doors).map((n) => [n.face.id, n.alongMm])).toEqual([
      ['door-1', 0],
      ['door-2', 507],
    ]);
  });

  it('goes from inset to inset and from wall to wall', () => {
    const inset = (id: string, at: Box, into: string) => face(id, at, { setInto: into });
    const one = face('one', [0, 0, 380, 1560]);
    const two = face('two', [380, 0, 380, 1560]);
    const oneUpper = inset('one-upper', [36, 40, 308, 725], 'one');
    const oneLower = inset('one-lower', [36, 800, 308, 725], 'one');
    const twoUpper = inset('two-upper', [416, 40, 308, 725], 'two');
    const all = [one, two, oneUpper, oneLower, twoUpper];
    expect(sides(oneUpper, all)).toEqual({ right: 'two-upper', below: 'one-lower' });
    expect(sides(one, all)).toEqual({ right: 'two' });
  });
});
