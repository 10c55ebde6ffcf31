import { describe, expect, it } from 'vitest';
import type { PieceView, PlanDocument, PlanEdit } from '../api/client';
import {
  type Change,
  type Draft,
  isSettled,
  next,
  opened,
  type PlanState,
  pending,
  reduce,
} from './planStore';

const document = (name: string, measures: Record<string, number> = {}) =>
  ({
    schema: 3,
    name,
    form: { kind: 'CHEST', measures, choices: {} },
    faces: [],
    lays: [{ id: 'l', faceId: 'front', coats: 2, rule: { measures: {}, choices: {}, points: [] } }],
  }) as unknown as PlanDocument;
const piece = (version: number, name: string, measures?: Record<string, number>) =>
  ({ id: 'p', version, document: document(name, measures) }) as unknown as PieceView;

const named = (name: string): PlanEdit => ({ kind: 'NAME_PIECE', name });
const wide = (width: number): PlanEdit => ({ kind: 'MEASURE_PIECE', measures: { width } });
let count = 0;
const change = (edit: PlanEdit, gesture?: string): Change => ({
  id: `change ${++count}`,
  edits: [edit],
  gesture,
});

const made = (state: PlanState, edit: PlanEdit, gesture?: string) =>
  reduce(state, { type: 'changed', change: change(edit, gesture) });
const begin = (state: PlanState) => {
  const first = next(state);
  if (first === null) {
    throw new Error('nothing to save');
  }
  return reduce(state, { type: 'saveBegan', change: first });
};

describe('the plan in one window', () => {
  it('shows what was done at once, and sends one change after the other', () => {
    let state = made(opened(piece(1, 'a'), null), named('b'));
    state = begin(state);
    state = made(state, wide(733.5));
    expect(state.document.name).toBe('b');
    expect(state.document.form.measures).toEqual({ width: 733.5 });
    expect(next(state)).toBeNull();
    state = reduce(state, { type: 'saved', piece: piece(2, 'b') });
    expect(state.piece.version).toBe(2);
    expect(state.document.form.measures).toEqual({ width: 733.5 });
    expect(next(state)?.edits).toEqual([wide(733.5)]);
  });

  it('keeps two measures that are typed quickly apart', () => {
    let state = made(opened(piece(1, 'a'), null), wide(700));
    state = begin(state);
    state = made(state, { kind: 'MEASURE_PIECE', measures: { height: 410 } });
    expect(state.document.form.measures).toEqual({ width: 700, height: 410 });
    expect(pending(state).flatMap((c) => c.edits)).toHaveLength(2);
  });

  it('lets a gesture that goes on go along, its later values in the place of the earlier', () => {
    let state = opened(piece(1, 'a'), null);
    state = made(state, wide(700), 'drag');
    state = made(state, wide(701), 'drag');
    state = made(state, named('c'), 'drag');
    expect(state.waiting).toMatchObject([{ edits: [wide(701), named('c')], gesture: 'drag' }]);
    expect(state.waiting).toHaveLength(1);
    state = begin(state);
    state = made(state, wide(702), 'drag');
    expect(state.saving?.edits).toHaveLength(2);
    expect(state.waiting.map((c) => c.edits)).toEqual([[wide(702)]]);
    state = made(state, wide(703), 'another');
    expect(state.waiting).toHaveLength(2);
  });

  it('asks when another window saved first, and drops nothing of ours', () => {
    let state = made(opened(piece(1, 'a'), null), named('b'));
    state = begin(state);
    state = made(state, wide(650), 'drag');
    const theirs = { version: 2, savedAt: '', changes: ['gap 24'], both: [] };
    state = reduce(state, { type: 'clashed', theirs });
    expect(state.trouble).toMatchObject({
      kind: 'clash',
      mine: [{ edits: [named('b')] }, { edits: [wide(650)] }],
    });
    expect(next(state)).toBeNull();
    const mine = reduce(state, { type: 'keptMine', theirs: piece(2, 'x', { height: 500 }) });
    expect(mine.document.name).toBe('b');
    expect(mine.document.form.measures).toEqual({ height: 500, width: 650 });
    expect(next(mine)?.edits).toEqual([named('b')]);
    expect(mine.waiting.some((c) => 'gesture' in c)).toBe(false);
    const taken = reduce(state, { type: 'tookTheirs', piece: piece(2, 'x') });
    expect(taken.document.name).toBe('x');
    expect(isSettled(taken)).toBe(true);
  });

  it('holds changes while the server is silent and tries again', () => {
    let state = made(opened(piece(1, 'a'), null), named('b'));
    state = begin(state);
    state = made(state, wide(640));
    state = reduce(state, { type: 'silent', sentence: 'no answer' });
    expect(state.document.name).toBe('b');
    expect(next(state)).toBeNull();
    state = reduce(state, { type: 'tryAgain' });
    expect(next(state)?.edits).toEqual([named('b')]);
    expect(state.waiting).toHaveLength(2);
  });

  it('takes back what the server refuses and nothing else, and says why', () => {
    let state = made(opened(piece(1, 'a'), null), wide(-3));
    state = begin(state);
    state = made(state, named('c'));
    state = reduce(state, { type: 'refused', sentence: 'Width (-3 mm) is below nothing.' });
    expect(state.document.form.measures).toEqual({});
    expect(state.document.name).toBe('c');
    expect(next(state)?.edits).toEqual([named('c')]);
    state = begin(state);
    state = reduce(state, { type: 'saved', piece: piece(2, 'c') });
    expect(state.trouble).toEqual({ kind: 'refused', sentence: 'Width (-3 mm) is below nothing.' });
    expect(reduce(state, { type: 'troubleRead' }).trouble).toBeNull();
  });

  it('tells the reason rather than what followed from it', () => {
    let state = opened(piece(1, 'a'), null);
    state = made(state, { kind: 'LAY_DESIGN', id: 'n', faceId: 'front', designId: 'gone' });
    state = made(state, { kind: 'CHANGE_COATS', layId: 'n', coats: 3 });
    state = begin(state);
    state = reduce(state, { type: 'refused', sentence: 'Design (gone) is not on the shelf.' });
    state = begin(state);
    state = reduce(state, { type: 'refused', sentence: 'Lay (n) is not in this plan.' });
    expect(state.trouble).toMatchObject({ sentence: 'Design (gone) is not on the shelf.' });
    expect(isSettled(state)).toBe(true);
    expect(made(state, named('b')).trouble).toBeNull();
  });

  it('takes up a draft that an earlier visit could not save', () => {
    const state = opened(piece(3, 'a'), { version: 3, changes: [change(named('b'))] });
    expect(state.document.name).toBe('b');
    expect(next(state)?.edits).toEqual([named('b')]);
  });

  it('sends the draft of an earlier visit as it was made, on the version it was made on', () => {
    const draft = { version: 3, changes: [change(named('b')), change(wide(600))] };
    let state = opened(piece(5, 'a'), draft);
    expect(state.on).toBe(3);
    expect(next(state)).toMatchObject({ id: draft.changes[0]?.id, edits: [named('b')] });
    state = begin(state);
    // the server knows it: only its answer was lost
    state = reduce(state, { type: 'saved', piece: piece(5, 'b') });
    expect(state.on).toBe(5);
    expect(next(state)?.id).toBe(draft.changes[1]?.id);
    expect(state.document.form.measures).toEqual({ width: 600 });
  });

  it('makes nothing of a draft in which nothing waits, such as one of an older kind', () => {
    const older = { version: 3, change: { summary: 'to b' } } as unknown as Draft;
    const state = opened(piece(5, 'a'), older);
    expect(isSettled(state)).toBe(true);
    expect(state.on).toBe(5);
  });

  it('asks where others came before the draft of an earlier visit', () => {
    const draft = { version: 3, changes: [change(named('b'))] };
    let state = begin(opened(piece(5, 'a'), draft));
    const theirs = { version: 5, savedAt: '', changes: ['gap 24'], both: [] };
    state = reduce(state, { type: 'clashed', theirs });
    expect(state.trouble).toMatchObject({ kind: 'clash', mine: [{ edits: [named('b')] }] });
    expect(reduce(state, { type: 'keptMine', theirs: piece(5, 'a') }).on).toBe(5);
  });

  it.each<[string, (state: PlanState) => PlanState]>([
    ['whose answer was lost', (s) => reduce(begin(s), { type: 'silent', sentence: 'no answer' })],
    [
      'of an earlier visit',
      (s) => opened(s.piece, { version: s.piece.version, changes: pending(s) }),
    ],
  ])('lets nothing go along with a change %s: it may have been made already', (_, lost) => {
    let state = lost(made(opened(piece(1, 'a'), null), wide(700), 'typing'));
    const first = state.waiting[0]?.id;
    state = made(state, wide(733.5), 'typing');
    expect(state.waiting.map((c) => c.edits)).toEqual([[wide(700)], [wide(733.5)]]);
    expect(state.waiting[0]?.id).toBe(first);
    expect(state.waiting[1]?.id).not.toBe(first);
  });

  it('goes on from what is saved where all that an earlier visit left is refused', () => {
    const draft = { version: 3, changes: [change(named(' '))] };
    const state = begin(opened(piece(5, 'a'), draft));
    expect(reduce(state, { type: 'refused', sentence: 'no name' }).on).toBe(5);
  });

  it('keeps the id of a gesture that has not set off, for all that goes along with it', () => {
    let state = made(opened(piece(1, 'a'), null), wide(700), 'drag');
    const id = state.waiting[0]?.id;
    state = made(state, wide(701), 'drag');
    expect(state.waiting[0]?.id).toBe(id);
  });

  it('tells what could not be done without touching what was', () => {
    let state = begin(made(opened(piece(1, 'a'), null), named('b')));
    state = made(state, wide(610));
    state = reduce(state, { type: 'told', sentence: 'That does not fit' });
    expect(state.document.name).toBe('b');
    expect(pending(state)).toHaveLength(2);
    expect(state.trouble).toMatchObject({ kind: 'refused', sentence: 'That does not fit' });
  });

  it('reads the piece again only where nothing of ours is under way', () => {
    const state = made(opened(piece(1, 'a'), null), named('b'));
    expect(reduce(state, { type: 'reread', piece: piece(2, 'z') })).toBe(state);
    const settled = opened(piece(1, 'a'), null);
    const read = reduce(settled, { type: 'reread', piece: piece(2, 'z') });
    expect(read.document.name).toBe('z');
    expect(reduce(read, { type: 'reread', piece: piece(1, 'a') })).toBe(read);
  });

  it('makes a change of the plan as it is by then, though it was asked for before it was shown', () => {
    const put = (change: object) => (document: PlanDocument) => {
      const hole = document.faces[0]?.holes[0];
      return hole
        ? ({ kind: 'PUT_HOLE', faceId: 'front', hole: { ...hole, ...change } } as PlanEdit)
        : null;
    };
    const hole = { id: 'h', name: 'Knob', xMm: 1, yMm: 2, diameterMm: 5, count: 1, spacingMm: 0 };
    let state = opened(
      {
        ...piece(1, 'Knobs'),
        document: { ...document('Knobs'), faces: [{ id: 'front', holes: [hole] }] },
      } as unknown as PieceView,
      null,
    );
    const asked = [put({ xMm: 114.3 }), put({ yMm: 50.8 })];
    for (const [i, edits] of asked.entries()) {
      state = reduce(state, { type: 'changed', change: { id: `c${i}`, edits } });
    }
    expect(state.document.faces[0]?.holes[0]).toMatchObject({ xMm: 114.3, yMm: 50.8 });
    expect(state.waiting).toHaveLength(2);

    const gone = reduce(state, { type: 'changed', change: { id: 'c9', edits: () => null } });
    expect(gone).toBe(state);
  });
});
