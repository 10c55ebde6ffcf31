import type { LayView, PieceView, PlanDocument, Theirs } from '../api/client';

/**
 * The plan of one piece in this window: what the server has, what was changed here since, and what
 * stands in the way of saving it. Pure: the provider does the asking.
 */
export type PlanState = {
  /** as last saved, with everything the core made of it */
  readonly piece: PieceView;
  /** with the changes made here */
  readonly document: PlanDocument;
  /** the change that is still to be saved; later ones fold into it */
  readonly unsaved: Change | null;
  /** the change that is on its way to the server */
  readonly saving: Change | null;
  readonly trouble: Trouble | null;
  /** what was changed since the save that is on its way set off, one by one */
  readonly since: ReadonlyArray<Made>;
  /** the lay under the pointer, as it would be if it were let go here */
  readonly live: LayView | null;
};

export type Change = {
  readonly document: PlanDocument;
  readonly summary: string;
  readonly gesture?: string;
};

/** How to make the plan of one change, and what came of it when it was made. */
type Made = {
  readonly edit: (now: PlanDocument) => PlanDocument;
  readonly document: PlanDocument;
  readonly summary: string;
};

export type Trouble =
  | { readonly kind: 'clash'; readonly theirs: Theirs; readonly mine: Change }
  | { readonly kind: 'refused'; readonly sentence: string }
  | { readonly kind: 'silent'; readonly sentence: string };

export type PlanAction =
  | {
      readonly type: 'changed';
      /** made from the plan as it is by then: another change may have come in between */
      readonly edit: (now: PlanDocument) => PlanDocument;
      readonly summary: string;
      readonly gesture?: string;
    }
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

/** A change that an earlier visit could not save, and the version it was made from. */
export type Draft = { readonly version: number; readonly change: Change };

export function opened(piece: PieceView, draft: Draft | null): PlanState {
  const fresh: PlanState = {
    piece,
    document: piece.document,
    unsaved: null,
    saving: null,
    trouble: null,
    since: [],
    live: null,
  };
  if (draft === null || same(draft.change.document, piece.document)) {
    return fresh;
  }
  const { change, version } = draft;
  if (version === piece.version) {
    return { ...fresh, document: change.document, unsaved: change };
  }
  const changes = piece.undo === undefined ? [] : [piece.undo];
  const theirs = { version: piece.version, savedAt: piece.savedAt, changes };
  return {
    ...fresh,
    document: change.document,
    trouble: { kind: 'clash', theirs, mine: change },
  };
}

const same = (a: PlanDocument, b: PlanDocument) => JSON.stringify(a) === JSON.stringify(b);

export function reduce(state: PlanState, action: PlanAction): PlanState {
  switch (action.type) {
    case 'changed': {
      const document = action.edit(state.document);
      return {
        ...state,
        document,
        unsaved: { document, summary: action.summary, gesture: action.gesture },
        since: [...state.since, { edit: action.edit, document, summary: action.summary }],
        trouble: state.trouble?.kind === 'refused' ? null : state.trouble,
      };
    }
    case 'saveBegan':
      // a change that was made while this one set off is still to be saved
      return {
        ...state,
        saving: action.change,
        unsaved: state.unsaved === action.change ? null : state.unsaved,
        since: state.since.slice(
          1 + state.since.findLastIndex((m) => m.document === action.change.document),
        ),
      };
    case 'saved':
      return {
        ...state,
        piece: action.piece,
        document: state.unsaved?.document ?? action.piece.document,
        saving: null,
        // why an earlier change was not possible stays until it was read
        trouble: state.trouble?.kind === 'refused' ? state.trouble : null,
        live: null,
      };
    case 'clashed': {
      const mine = state.unsaved ?? state.saving;
      return mine === null
        ? state
        : {
            ...state,
            saving: null,
            unsaved: null,
            since: [],
            trouble: { kind: 'clash', theirs: action.theirs, mine },
          };
    }
    case 'refused':
      return withoutTheRefused(state, action.sentence);
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
        unsaved: state.unsaved ?? state.saving,
        saving: null,
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
            change: { ...state.trouble.mine, gesture: undefined },
          })
        : state;
    case 'reread':
      return state.unsaved || state.saving ? state : opened(action.piece, null);
    case 'live':
      return { ...state, live: action.live };
    case 'troubleRead':
      return { ...state, trouble: null };
  }
}

/**
 * What was refused goes; what was changed after it is made once more from the plan as it is kept. A
 * change that stood on the refused one may find nothing to do there, and goes too.
 */
function withoutTheRefused(state: PlanState, sentence: string): PlanState {
  let document = state.piece.document;
  const kept: Made[] = [];
  for (const made of state.since) {
    try {
      const next = made.edit(document);
      if (!same(next, document)) {
        document = next;
        kept.push({ ...made, document });
      }
    } catch {
      // it was made from something that is not there without the refused change
    }
  }
  const last = kept.at(-1);
  return {
    ...state,
    document,
    unsaved: last === undefined ? null : { document, summary: last.summary },
    since: kept,
    saving: null,
    live: null,
    trouble: { kind: 'refused', sentence },
  };
}

/** True where what stands in the way has to be settled before anything else is saved. */
export const isBlocked = (state: PlanState) =>
  state.trouble !== null && state.trouble.kind !== 'refused';

/** True when there is something to save and nothing that keeps it from being saved. */
export function mayBegin(state: PlanState): boolean {
  return state.unsaved !== null && state.saving === null && !isBlocked(state);
}
