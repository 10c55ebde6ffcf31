import { describe, expect, it } from 'vitest';
import type { PhotoView, Stage } from '../api/client';
import { firstAndLast } from './stages';

const photo = (id: string, stage: Stage, faceId?: string): PhotoView => ({
  id,
  stage,
  faceId,
  caption: '',
  widthPx: 800,
  heightPx: 600,
  madeAt: '2026-11-02T08:00:00Z',
  version: 0,
  address: `/api/photos/${id}`,
  thumbnail: `/api/photos/${id}/thumbnail`,
});

describe('the photos that are compared first', () => {
  it('are the first of before and the last of after', () => {
    const found = firstAndLast([
      photo('a', 'BEFORE'),
      photo('b', 'BEFORE'),
      photo('c', 'DURING'),
      photo('d', 'AFTER'),
      photo('e', 'AFTER'),
    ]);
    expect([found?.first.id, found?.second.id]).toEqual(['a', 'e']);
  });

  it('go by the face that the later one shows, and take one of during where none is of after', () => {
    const found = firstAndLast([
      photo('a', 'BEFORE', 'right'),
      photo('b', 'BEFORE', 'front'),
      photo('c', 'DURING', 'front'),
    ]);
    expect([found?.first.id, found?.second.id]).toEqual(['b', 'c']);
  });

  it('are none where one of them is missing', () => {
    expect(firstAndLast([])).toBeNull();
    expect(firstAndLast([photo('a', 'BEFORE')])).toBeNull();
    expect(firstAndLast([photo('a', 'AFTER')])).toBeNull();
  });
});
