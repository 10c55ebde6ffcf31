import { describe, expect, it } from 'vitest';
import type { FaceDoc, PlanDocument } from '../api/client';
import { movedLay, nextBlemishNumber, withFace, withoutLay } from './edits';

const plan = (faces: ReadonlyArray<Partial<FaceDoc>>, lays: ReadonlyArray<{ id: string }> = []) =>
  ({ schema: 2, name: 'p', faces, lays }) as unknown as PlanDocument;

describe('changes of a plan', () => {
  it('writes a face down that nothing was found on yet', () => {
    const changed = withFace(plan([]), 'lid', (f) => ({ ...f, ground: '#123456' }));
    expect(changed.faces).toHaveLength(1);
    expect(changed.faces[0]).toMatchObject({
      id: 'lid',
      ground: '#123456',
      standing: 'OF_THE_FORM',
      ownMarks: false,
      holes: [],
    });
  });

  it('leaves every other face as it is', () => {
    const other = { id: 'front', ground: '#ffffff' };
    const before = plan([other, { id: 'lid', ground: '#000000' }]);
    const after = withFace(before, 'lid', (f) => ({ ...f, ground: '#111111' }));
    expect(after.faces[0]).toBe(before.faces[0]);
    expect(before.faces[1]?.ground).toBe('#000000');
  });

  it('counts blemishes over the whole piece', () => {
    expect(nextBlemishNumber(plan([]))).toBe(1);
    const blemish = (number: number) => ({ number }) as FaceDoc['blemishes'][number];
    expect(
      nextBlemishNumber(plan([{ blemishes: [blemish(2)] }, { blemishes: [blemish(7)] }])),
    ).toBe(8);
  });

  it('takes one lay off', () => {
    expect(withoutLay(plan([], [{ id: 'a' }, { id: 'b' }]), 'a').lays).toEqual([{ id: 'b' }]);
  });

  it('moves a lay among those of a face, also one that only goes over it', () => {
    const plan = {
      lays: [
        { id: 'a', faceId: 'door-1', alsoOn: ['drawer'] },
        { id: 'b', faceId: 'drawer' },
        { id: 'c', faceId: 'door-2' },
      ],
    } as unknown as PlanDocument;
    const ids = (p: PlanDocument) => p.lays.map((l) => l.id);
    expect(ids(movedLay(plan, 'b', 'drawer', -1))).toEqual(['b', 'a', 'c']);
    expect(ids(movedLay(plan, 'b', 'drawer', 1))).toEqual(['a', 'b', 'c']);
  });
});
