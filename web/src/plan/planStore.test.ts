import { describe, expect, it } from 'vitest';
import type { PieceView, PlanDocument } from '../api/client';
import { type Change, mayBegin, opened, type PlanState, reduce } from './planStore';

const document = (name: string) =>
  ({ schema: 1, name, faces: [], lays: [] }) as unknown as PlanDocument;
const piece = (version: number, name: string) =>
  ({ id: 'p', version, document: document(name) }) as unknown as PieceView;
const change = (name: string): Change => ({ document: document(name), summary: `to ${name}` });

const begin = (state: PlanState) => {
  if (state.unsaved === null) {
    throw new Error('nothing to save');
  }
  return reduce(state, { type: 'saveBegan', change: state.unsaved });
};

const changed = (name: string) =>
  ({ type: 'changed', edit: () => document(name), summary: `to ${name}` }) as const;

describe('the plan in one window', () => {
  it('makes each change from what the one before left, however late it comes', () => {
    const rename = (more: string) =>
      ({
        type: 'changed',
        edit: (now: PlanDocument) => ({ ...now, name: now.name + more }),
        summary: more,
      }) as const;
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, rename('b'));
    state = begin(state);
    state = reduce(state, rename('c'));
    expect(state.unsaved?.document.name).toBe('abc');
    expect(state.saving?.document.name).toBe('ab');
  });

  it('keeps what is changed while an earlier change is on its way', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, changed('b'));
    state = begin(state);
    state = reduce(state, changed('c'));
    expect(mayBegin(state)).toBe(false);
    state = reduce(state, { type: 'saved', piece: piece(2, 'b') });
    expect(state.piece.version).toBe(2);
    expect(state.document.name).toBe('c');
    expect(mayBegin(state)).toBe(true);
  });

  it('still saves a change that was made while the one before set off', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, changed('b'));
    const setOff = state.unsaved as Change;
    state = reduce(state, changed('c'));
    state = reduce(state, { type: 'saveBegan', change: setOff });
    state = reduce(state, { type: 'saved', piece: piece(2, 'b') });
    expect(state.document.name).toBe('c');
    expect(mayBegin(state)).toBe(true);
  });

  it('asks when another window saved first, and never drops the newer of our own changes', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, changed('b'));
    state = begin(state);
    state = reduce(state, changed('c'));
    const theirs = { version: 2, savedAt: '', changes: ['gap 24'] };
    state = reduce(state, { type: 'clashed', theirs });
    expect(state.trouble).toMatchObject({ kind: 'clash', mine: { summary: 'to c' } });
    expect(mayBegin(state)).toBe(false);
    const mine = reduce(state, { type: 'keptMine', theirs: piece(2, 'x') });
    expect(mine.document.name).toBe('c');
    expect(mine.piece.version).toBe(2);
    expect(mayBegin(mine)).toBe(true);
    const taken = reduce(state, { type: 'tookTheirs', piece: piece(2, 'x') });
    expect(taken.document.name).toBe('x');
    expect(mayBegin(taken)).toBe(false);
  });

  it('holds a change while the server is silent and tries again', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, changed('b'));
    state = begin(state);
    state = reduce(state, { type: 'silent', sentence: 'no answer' });
    expect(state.document.name).toBe('b');
    expect(mayBegin(state)).toBe(false);
    state = reduce(state, { type: 'tryAgain' });
    expect(mayBegin(state)).toBe(true);
    expect(state.unsaved?.summary).toBe('to b');
  });

  it('goes back to what is saved when the server refuses a change, and says why', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, changed('b'));
    state = begin(state);
    state = reduce(state, { type: 'refused', sentence: 'Width (0) is too small.' });
    expect(state.document.name).toBe('a');
    expect(state.trouble).toEqual({ kind: 'refused', sentence: 'Width (0) is too small.' });
  });

  it('takes up a draft that an earlier visit could not save', () => {
    const state = opened(piece(3, 'a'), { version: 3, change: change('b') });
    expect(state.document.name).toBe('b');
    expect(mayBegin(state)).toBe(true);
  });

  it('asks when the draft of an earlier visit meets a piece that was saved elsewhere since', () => {
    const state = opened(piece(5, 'a'), { version: 3, change: change('b') });
    expect(state.trouble).toMatchObject({ kind: 'clash', mine: { summary: 'to b' } });
    expect(mayBegin(state)).toBe(false);
  });

  it('drops a draft that did arrive before the answer was lost', () => {
    const state = opened(piece(4, 'b'), { version: 3, change: change('b') });
    expect(state.trouble).toBeNull();
    expect(mayBegin(state)).toBe(false);
  });

  const add = (more: string) =>
    ({
      type: 'changed',
      edit: (now: PlanDocument) => ({ ...now, name: now.name + more }),
      summary: `added ${more}`,
    }) as const;

  it('keeps what was changed after a change that is refused', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, add('X'));
    state = begin(state);
    state = reduce(state, add('c'));
    state = reduce(state, add('d'));
    state = reduce(state, { type: 'refused', sentence: 'X is too large' });
    expect(state.document.name).toBe('acd');
    expect(state.unsaved).toMatchObject({ summary: 'added d' });
    expect(state.trouble).toMatchObject({ kind: 'refused', sentence: 'X is too large' });
    expect(mayBegin(state)).toBe(true);
    state = begin(state);
    state = reduce(state, { type: 'saved', piece: piece(2, 'acd') });
    expect(state.document.name).toBe('acd');
    expect(state.trouble).toMatchObject({ sentence: 'X is too large' });
    expect(reduce(state, { type: 'troubleRead' }).trouble).toBeNull();
  });

  it('lets go of a later change that cannot be made without the refused one', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, add('X'));
    state = begin(state);
    state = reduce(state, {
      type: 'changed',
      edit: (now) => {
        if (!now.name.includes('X')) {
          throw new Error('no X here');
        }
        return { ...now, name: `${now.name}!` };
      },
      summary: 'on X',
    });
    state = reduce(state, { type: 'refused', sentence: 'no' });
    expect(state.document.name).toBe('a');
    expect(state.unsaved).toBeNull();
    expect(mayBegin(state)).toBe(false);
  });

  it('ends where a change that carries the refused one along is refused as well', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, changed('X'));
    state = begin(state);
    state = reduce(state, changed('Xc'));
    state = reduce(state, { type: 'refused', sentence: 'no X' });
    state = begin(state);
    state = reduce(state, { type: 'refused', sentence: 'no X' });
    expect(state.document.name).toBe('a');
    expect(mayBegin(state)).toBe(false);
  });

  it('tells what could not be done without touching what was', () => {
    let state = opened(piece(1, 'a'), null);
    state = reduce(state, add('b'));
    state = begin(state);
    state = reduce(state, add('c'));
    state = reduce(state, { type: 'told', sentence: 'That does not fit' });
    expect(state.document.name).toBe('abc');
    expect(state.saving).not.toBeNull();
    expect(state.trouble).toMatchObject({ kind: 'refused', sentence: 'That does not fit' });
  });
});
