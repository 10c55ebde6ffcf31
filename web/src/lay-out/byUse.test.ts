import { describe, expect, it } from 'vitest';
import type { PotView } from '../api/client';
import { byUse } from './byUse';

const pot = (id: string, ...roles: PotView['roles']) => ({ id, name: id, roles }) as PotView;

describe('byUse', () => {
  const shelf = [
    pot('teal', 'PAINT'),
    pot('wood glue', 'ADHESIVE'),
    pot('matt', 'DECOUPAGE_MEDIUM', 'ADHESIVE'),
    pot('bone', 'PAINT'),
  ];

  it('puts what is usual before what also serves, and both before the rest', () => {
    const ids = byUse(shelf, ['DECOUPAGE_MEDIUM', 'ADHESIVE']).map((p) => p.id);
    expect(ids).toEqual(['matt', 'wood glue', 'teal', 'bone']);
  });

  it('leaves the shelf in its order where nothing is wanted of it', () => {
    expect(byUse(shelf, []).map((p) => p.id)).toEqual(shelf.map((p) => p.id));
  });

  it('does not change what it was given', () => {
    const before = [...shelf];
    byUse(shelf, ['ADHESIVE']);
    expect(shelf).toEqual(before);
  });
});
