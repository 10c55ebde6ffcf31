import type {
  EditedPiece,
  LayView,
  PieceView,
  PlanDocument,
  PlanEdit,
  Theirs,
} from '../api/client';
import { shown } from './shown';

/**
 * The plan of one piece in this window: what the server has, what was done here and is not answered
 * yet, and what stands in the way of it. Pure: the provider does the asking.
 */
export type PlanState = {
  /** as last saved, with everything the core made of it */
  readonly piece: PieceView;
  /** with what was typed or ticked here since */
  readonly document: PlanDocument;
  /** what is on its way to the server */
  readonly saving: Change | null;
  /** what goes after it, the oldest first */
  readonly waiting: ReadonlyArray<Change>;
  /** the version that what is sent next was made on */
  readonly on: number;
  readonly trouble: Trouble | null;
  /** the lay under the pointer, as it would be if it were let go here */
  readonly live: LayView | null;
};

/** One step of the history. */
export type Change = {
  /** sent again under it, as after a lost answer, it is made once */
  readonly id: string;
  readonly edits: ReadonlyArray<PlanEdit>;
  /** changes of one gesture become one step */
  readonly gesture?: string;
  /** it has set off once, and may have been made: nothing more goes along under its id */
  readonly sent?: boolean;
  /** what is to be done once it is answered */
  readonly after?: (edited: EditedPiece) => void;
};

export type Trouble =
  | { readonly kind: 'clash'; readonly theirs: Theirs; readonly mine: ReadonlyArray<Change> }
  | { readonly kind: 'refused'; readonly sentence: string }
  | { readonly kind: 'silent'; readonly sentence: string };

/** A change as it is made: what it does may follow from the plan as it is by then. */
export type Making = Omit<Change, 'edits'> & {
  readonly edits: ReadonlyArray<PlanEdit> | ((document: PlanDocument) => PlanEdit | null);
};

export type PlanAction =
  | { readonly type: 'changed'; readonly change: Making }
  | { readonly type: 'saveBegan'; readonly change: Change }
  | { readonly type: 'saved'; readonly piece: PieceView }
  | { readonly type: 'clashed'; readonly theirs: Theirs }
  /** the change that was on its way is not possible */
  | { readonly type: 'refused'; readonly sentence: string }
  /** something could not be done, or not be shown; nothing that was changed is touched */
  | { readonly type: 'told'; readonly sentence: string }
  | { readonly type: 'silent'; readonly sentence: string }
  | { readonly type: 'tryAgain' }
  | { readonly type: 'tookTheirs'; readonly piece: PieceView }
  | { readonly type: 'keptMine'; readonly theirs: PieceView }
  | { readonly type: 'reread'; readonly piece: PieceView }
  | { readonly type: 'live'; readonly live: LayView | null }
  | { readonly type: 'troubleRead' };

/** Changes that an earlier visit could not save, and the version they were made on. */
export type Draft = { readonly version: number; readonly changes: ReadonlyArray<Change> };

/**
 * A piece as it is opened. What an earlier visit could not save is sent as it was made, on the
 * version it was made on: the server knows whether it has come, and tells where others came first.
 */
export function opened(piece: PieceView, draft: Draft | null): PlanState {
  // whether they had set off when the window closed, nobody knows
  const changes = (draft?.changes ?? []).map((c) => ({ ...c, sent: true }));
  return {
    piece,
    document: shownAs(piece, changes),
    saving: null,
    waiting: changes,
    on: draft && changes.length > 0 ? draft.version : piece.version,
    trouble: null,
    live: null,
  };
}

const shownAs = (piece: PieceView, changes: ReadonlyArray<Change>): PlanDocument =>
  changes.flatMap((c) => c.edits).reduce(shown, piece.document);

/** With other changes under way, shown as they will be. */
function withChanges(
  state: PlanState,
  piece: PieceView,
  saving: Change | null,
  waiting: ReadonlyArray<Change>,
): PlanState {
  const all = saving === null ? waiting : [saving, ...waiting];
  return { ...state, piece, saving, waiting, document: shownAs(piece, all) };
}

export function reduce(state: PlanState, action: PlanAction): PlanState {
  switch (action.type) {
    case 'changed': {
      const { edits } = action.change;
      const made = typeof edits === 'function' ? edits(state.document) : edits;
      if (made === null) {
        return state;
      }
      const change: Change = { ...action.change, edits: [made].flat() };
      return {
        ...withChanges(state, state.piece, state.saving, joined(state.waiting, change)),
        trouble: state.trouble?.kind === 'refused' ? null : state.trouble,
      };
    }
    case 'saveBegan':
      return {
        ...state,
        saving: { ...action.change, sent: true },
        waiting: state.waiting.filter((c) => c !== action.change),
      };
    case 'saved':
      return {
        ...withChanges(state, action.piece, null, state.waiting),
        on: action.piece.version,
        live: null,
      };
    case 'clashed':
      return {
        ...state,
        saving: null,
        waiting: [],
        trouble: { kind: 'clash', theirs: action.theirs, mine: pending(state) },
      };
    case 'refused':
      return {
        ...withChanges(state, state.piece, null, state.waiting),
        on: state.waiting.length > 0 ? state.on : state.piece.version,
        live: null,
        // what is refused because it stood on something refused says less than the first
        trouble:
          state.trouble?.kind === 'refused'
            ? state.trouble
            : { kind: 'refused', sentence: action.sentence },
      };
    case 'told':
      return {
        ...state,
        live: null,
        trouble:
          state.trouble === null || state.trouble.kind === 'refused'
            ? { kind: 'refused', sentence: action.sentence }
            : state.trouble,
      };
    case 'silent':
      return {
        ...state,
        saving: null,
        waiting: pending(state),
        trouble: { kind: 'silent', sentence: action.sentence },
      };
    case 'tryAgain':
      return { ...state, trouble: null };
    case 'tookTheirs':
      return opened(action.piece, null);
    case 'keptMine':
      return state.trouble?.kind === 'clash'
        ? opened(action.theirs, {
            version: action.theirs.version,
            // theirs stands between: what goes on from here is a gesture of its own
            changes: state.trouble.mine.map(({ gesture: _, ...c }) => c),
          })
        : state;
    case 'reread':
      // what was asked for before the last change was answered is no news
      return isSettled(state) && action.piece.version >= state.piece.version
        ? opened(action.piece, null)
        : state;
    case 'live':
      return { ...state, live: action.live };
    case 'troubleRead':
      return { ...state, trouble: null };
  }
}

/** A gesture that goes on goes along with what waits of it; later values take the place of earlier. */
function joined(waiting: ReadonlyArray<Change>, change: Change): ReadonlyArray<Change> {
  const last = waiting.at(-1);
  const goesAlong =
    last !== undefined &&
    !last.sent &&
    change.gesture !== undefined &&
    last.gesture === change.gesture;
  if (!goesAlong) {
    return [...waiting, change];
  }
  const fresh = new Set(change.edits.map(target));
  const edits = [...last.edits.filter((e) => !fresh.has(target(e))), ...change.edits];
  return [...waiting.slice(0, -1), { ...last, ...change, id: last.id, edits }];
}

/** What an edit gives a value to; two with the same target leave the later value. */
function target(edit: PlanEdit): string {
  switch (edit.kind) {
    case 'MEASURE_LAY':
    case 'MEASURE_PIECE':
    case 'TAPE_FACE': {
      const { measures = {}, choices = {}, ...rest } = edit;
      return JSON.stringify([rest, Object.keys(measures), Object.keys(choices)]);
    }
    case 'PUT_KEEP_OUT':
      return `${edit.kind} ${edit.keepOut.id}`;
    case 'PUT_HOLE':
      return `${edit.kind} ${edit.hole.id}`;
    case 'PUT_BREAK':
      return `${edit.kind} ${edit.joint.id}`;
    case 'PUT_BLEMISH':
      return `${edit.kind} ${edit.blemish.id}`;
    case 'PUT_ZONE':
      return `${edit.kind} ${edit.zone.id}`;
    default:
      return `${edit.kind} ${'layId' in edit ? edit.layId : 'faceId' in edit ? edit.faceId : ''}`;
  }
}

/** Everything that the server has not answered. */
export const pending = (state: PlanState): ReadonlyArray<Change> =>
  state.saving === null ? state.waiting : [state.saving, ...state.waiting];

/** True where the server has everything that was done here. */
export const isSettled = (state: PlanState) => state.saving === null && state.waiting.length === 0;

/** True where what stands in the way has to be settled before anything else is saved. */
export const isBlocked = (state: PlanState) =>
  state.trouble !== null && state.trouble.kind !== 'refused';

/** What is to be saved next; nothing while something else is under way, or stands in its way. */
export const next = (state: PlanState): Change | null =>
  state.saving === null && !isBlocked(state) ? (state.waiting[0] ?? null) : null;
