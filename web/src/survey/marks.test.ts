import { describe, expect, it } from 'vitest';
import type { PlanDocument } from '../api/client';
import { addMark, area, type MarkKind, withMark, withoutMark } from './marks';

const empty = { schema: 2, name: 'p', faces: [], lays: [] } as unknown as PlanDocument;
const at = { x: 100, y: 60 };

describe('marks on a face', () => {
  it.each(['keepOut', 'hole', 'break', 'blemish', 'zone'] as MarkKind[])(
    'puts a %s down where it was clicked and takes it away again',
    (kind) => {
      const marked = addMark(empty, 'lid', kind, at, 'm');
      const face = marked.faces[0];
      const all = [
        ...(face?.keepOuts ?? []),
        ...(face?.holes ?? []),
        ...(face?.breaks ?? []),
        ...(face?.blemishes ?? []),
        ...(face?.zones ?? []),
      ];
      expect(all.map((m) => m.id)).toEqual(['m']);
      const after = withoutMark(marked, 'lid', 'm').faces[0];
      expect(after?.[`${kind}s` as 'holes'] ?? after?.blemishes).toEqual([]);
    },
  );

  it('centres a box, a circle and a break on the place', () => {
    expect(area('UPRIGHT', at)).toMatchObject({ leftMm: 75, topMm: 40, widthMm: 50, heightMm: 40 });
    expect(area('ROUND', at)).toMatchObject({ xMm: 100, yMm: 60 });
    const line = addMark(empty, 'lid', 'break', at, 'b').faces[0]?.breaks[0];
    expect((line?.fromXMm ?? 0) + (line?.toXMm ?? 0)).toBe(200);
    expect(line?.fromYMm).toBe(line?.toYMm);
  });

  it('changes one mark and no other', () => {
    const two = addMark(addMark(empty, 'lid', 'hole', at, 'a'), 'lid', 'hole', at, 'b');
    const changed = withMark(two, 'lid', 'hole', 'b', (m) => ({ ...m, count: 2, spacingMm: 96 }));
    expect(changed.faces[0]?.holes.map((h) => h.count)).toEqual([1, 2]);
    expect(changed.faces[0]?.holes[0]).toBe(two.faces[0]?.holes[0]);
  });

  it('numbers the next blemish after the highest', () => {
    const one = addMark(empty, 'lid', 'blemish', at, 'a');
    const two = addMark(one, 'front', 'blemish', at, 'b');
    expect(two.faces.flatMap((f) => f.blemishes.map((b) => b.number))).toEqual([1, 2]);
  });
});
