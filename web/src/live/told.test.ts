import { describe, expect, it } from 'vitest';
import type { OtherWindow } from '../api/client';
import type { Times } from '../api/keys';
import { initials, onFace, people, toAskAgain, whereabouts } from './told';

const times = (plan: number, shelf: number): Times => [
  { tag: 'PLAN', times: plan },
  { tag: 'SHELF', times: shelf },
];

describe('what is asked again', () => {
  it('is what was changed elsewhere, each once', () => {
    const told = {
      tags: times(5, 3),
      changes: [
        { tag: 'PLAN' as const, id: 'sea-chest' },
        { tag: 'PLAN' as const, id: 'screen' },
        { tag: 'SHELF' as const, id: 'bone-white' },
      ],
    };
    expect(toAskAgain(times(3, 2), told, false)).toEqual(['PLAN', 'SHELF']);
  });

  it('is nothing where it was changed in this window', () => {
    expect(toAskAgain(times(3, 2), { tags: times(4, 2), changes: [] }, false)).toEqual([]);
  });

  it('is what was missed while nobody listened', () => {
    expect(toAskAgain(times(3, 2), { tags: times(4, 2), changes: [] }, true)).toEqual(['PLAN']);
    expect(toAskAgain(times(4, 2), { tags: times(4, 2), changes: [] }, true)).toEqual([]);
  });

  it('is nothing at first', () => {
    expect(toAskAgain(null, { tags: times(4, 2), changes: [] }, true)).toEqual([]);
  });
});

const at = (window: string, person: string, pieceId?: string, faceId?: string): OtherWindow => ({
  window,
  person,
  pieceId,
  faceId,
});

describe('who is there', () => {
  it('is each person once, where they look at something', () => {
    const hollis = at('b', 'Hollis', 'sea-chest', 'front');
    const all = [at('a', 'Hollis'), hollis, at('c', 'Wren'), at('d', ''), at('e', '')];
    expect(people(all)).toEqual([hollis, at('c', 'Wren'), at('d', ''), at('e', '')]);
  });

  it('is on a face who looks at it on this piece', () => {
    const all = [at('a', 'Hollis', 'sea-chest', 'front'), at('b', 'Wren', 'screen', 'front')];
    expect(onFace(all, 'sea-chest', 'front')).toEqual([all[0]]);
    expect(onFace(all, 'sea-chest', 'lid')).toEqual([]);
  });

  it('is said with the face, the piece, or that it is elsewhere', () => {
    const chest = { id: 'sea-chest', name: 'Sea chest' };
    const names = (id: string) => (id === 'front' ? 'Front' : undefined);
    expect(whereabouts(at('a', 'Hollis', 'sea-chest', 'front'), chest, names)).toBe(
      'Hollis is at Front',
    );
    expect(whereabouts(at('a', 'Hollis', 'sea-chest', 'gone'), chest, names)).toBe(
      'Hollis is at Sea chest too',
    );
    expect(whereabouts(at('a', '', 'screen', 'front'), chest, names)).toBe(
      'Another window is at another piece',
    );
    expect(whereabouts(at('a', 'Hollis'), null, names)).toBe('Hollis is in the studio');
  });

  it('has one or two letters', () => {
    expect(initials('hollis')).toBe('H');
    expect(initials('Wren of the Marsh')).toBe('WM');
    expect(initials('  ')).toBe('·');
    expect(initials('Ébène Öre')).toBe('ÉÖ');
  });
});
