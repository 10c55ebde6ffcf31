import { useQuery, useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useReducer,
  useRef,
} from 'react';
import {
  api,
  ask,
  type EditedPiece,
  type LayView,
  type PieceView,
  type PlanEdit,
  Problem,
} from '../api/client';
import { keys } from '../api/keys';
import { ErrorState, Loading } from '../common/States';
import { ClashDialog } from './ClashDialog';
import { clearDraft, keepDraft, readDraft } from './drafts';
import { newId } from './ids';
import { isBlocked, isSettled, next, opened, type PlanState, pending, reduce } from './planStore';

type Told = {
  /** changes of one gesture, such as a drag, become one step of the history */
  readonly gesture?: string;
  /** what is to be done once it is answered */
  readonly after?: (edited: EditedPiece) => void;
};

type Plan = Pick<PlanState, 'piece' | 'document' | 'trouble'> & {
  /** true where the server has everything that was done here */
  readonly settled: boolean;
  /** does something to the plan; saved by itself */
  readonly edit: (edit: PlanEdit | ReadonlyArray<PlanEdit>, told?: Told) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** asks for one lay as it would be, without saving; the newest question wins */
  readonly tryLay: (edits: ReadonlyArray<PlanEdit>, layId: string, faceId: string) => void;
  readonly stopTrying: () => void;
  readonly forgetTrouble: () => void;
};

/** The server takes no longer names; what tells gestures apart stands at their end. */
const LONGEST_GESTURE = 60;

const PlanContext = createContext<Plan | null>(null);

/** Apart from the plan, because it changes with every answer of a drag and few look at it. */
const LiveContext = createContext<LayView | null>(null);

/** The lay under the pointer, as it would be if it were let go here. */
export const useLive = () => useContext(LiveContext);

export function usePlan(): Plan {
  const plan = useContext(PlanContext);
  if (plan === null) {
    throw new Error('impossible state: no plan is open here');
  }
  return plan;
}

export function PlanProvider({ pieceId, children }: { pieceId: string; children: ReactNode }) {
  const piece = useQuery({
    queryKey: keys.piece(pieceId),
    queryFn: () => ask(api.GET('/api/pieces/{id}', { params: { path: { id: pieceId } } })),
  });
  if (piece.isPending) {
    return <Loading what="the piece" />;
  }
  if (piece.isError) {
    return <ErrorState problem={piece.error} again={() => piece.refetch()} />;
  }
  return (
    <OpenPlan key={pieceId} fromServer={piece.data}>
      {children}
    </OpenPlan>
  );
}

const TRY_AGAIN_MS = 2500;

function OpenPlan({ fromServer, children }: { fromServer: PieceView; children: ReactNode }) {
  const client = useQueryClient();
  const [state, act] = useReducer(reduce, fromServer, (piece) =>
    opened(piece, readDraft(piece.id)),
  );
  const now = useRef(state);
  now.current = state;
  const id = fromServer.id;

  // The same piece read again, in other units or after it was changed elsewhere.
  useEffect(() => {
    act({ type: 'reread', piece: fromServer });
  }, [fromServer]);

  const waiting = pending(state);
  useEffect(() => {
    // what an earlier window could not save is kept until it is settled what becomes of it
    if (waiting.length > 0) {
      keepDraft(id, { version: state.on, changes: waiting });
    }
  }, [waiting, state.on, id]);

  const change = next(state);
  const version = state.on;
  useEffect(() => {
    if (change === null) {
      return;
    }
    act({ type: 'saveBegan', change });
    ask(
      api.POST('/api/pieces/{id}/edits', {
        params: { path: { id }, header: { 'If-Match': `"${version}"` } },
        body: { id: change.id, edits: [...change.edits], gesture: change.gesture },
      }),
    ).then(
      (edited) => {
        client.setQueryData(keys.piece(id), edited.piece);
        act({ type: 'saved', piece: edited.piece });
        change.after?.(edited);
      },
      (problem: unknown) => {
        if (!(problem instanceof Problem) || problem.silent || problem.status >= 500) {
          act({ type: 'silent', sentence: (problem as Error).message });
        } else if (problem.status === 409 && problem.theirs) {
          act({ type: 'clashed', theirs: problem.theirs });
        } else {
          act({ type: 'refused', sentence: problem.message });
        }
      },
    );
  }, [change, version, id, client]);

  const settled = isSettled(state);
  const clashes = state.trouble?.kind === 'clash';
  useEffect(() => {
    if (settled && !clashes) {
      clearDraft(id);
    }
  }, [settled, clashes, id]);

  const silent = state.trouble?.kind === 'silent';
  useEffect(() => {
    if (!silent) {
      return;
    }
    const again = setTimeout(() => act({ type: 'tryAgain' }), TRY_AGAIN_MS);
    return () => clearTimeout(again);
  }, [silent]);

  const edit = useCallback(
    (edits: PlanEdit | ReadonlyArray<PlanEdit>, told?: Told) =>
      act({
        type: 'changed',
        change: {
          id: newId(),
          edits: Array.isArray(edits) ? edits : [edits as PlanEdit],
          ...told,
          gesture: told?.gesture?.slice(-LONGEST_GESTURE),
        },
      }),
    [],
  );

  const until = useUntil(state);
  const steps = useRef(Promise.resolve());
  const step = useCallback(
    (way: 'undo' | 'redo') => {
      const take = async () => {
        await until((s) => isBlocked(s) || isSettled(s));
        const { piece } = now.current;
        if (isBlocked(now.current) || piece[way] === undefined) {
          return;
        }
        const ifMatch = { path: { id }, header: { 'If-Match': `"${piece.version}"` } };
        try {
          const stepped =
            way === 'undo'
              ? await ask(api.POST('/api/pieces/{id}/undo', { params: ifMatch }))
              : await ask(api.POST('/api/pieces/{id}/redo', { params: ifMatch }));
          client.setQueryData(keys.piece(id), stepped);
          act({ type: 'saved', piece: stepped });
          await until((s) => isBlocked(s) || s.piece.version >= stepped.version);
        } catch (problem) {
          if (problem instanceof Problem && problem.status === 409) {
            await client.invalidateQueries({ queryKey: keys.piece(id) });
          } else {
            act({ type: 'silent', sentence: (problem as Error).message });
          }
        }
      };
      // one after the other: a second press while the first is on its way is not lost
      steps.current = steps.current.then(take);
    },
    [client, id, until],
  );

  const live = useLatest<{ edits: PlanEdit[]; layId: string; faceId: string }, LayView>(
    (question) => ask(api.POST('/api/readings/lay', { body: { ...question, pieceId: id } })),
    (answer) => act({ type: 'live', live: answer }),
    (problem) => act({ type: 'told', sentence: problem.message }),
  );
  const tryLay = useCallback(
    (edits: ReadonlyArray<PlanEdit>, layId: string, faceId: string) =>
      live.ask({ edits: [...edits], layId, faceId }),
    [live],
  );
  const stopTrying = useCallback(() => {
    live.drop();
    act({ type: 'live', live: null });
  }, [live]);

  const { piece, document, trouble } = state;
  const plan = useMemo<Plan>(
    () => ({
      piece,
      document,
      settled,
      trouble,
      edit,
      undo: () => step('undo'),
      redo: () => step('redo'),
      tryLay,
      stopTrying,
      forgetTrouble: () => act({ type: 'troubleRead' }),
    }),
    [piece, document, settled, trouble, edit, step, tryLay, stopTrying],
  );

  return (
    <PlanContext.Provider value={plan}>
      <LiveContext.Provider value={state.live}>{children}</LiveContext.Provider>
      {state.trouble?.kind === 'clash' && (
        <ClashDialog
          theirs={state.trouble.theirs}
          mine={state.trouble.mine}
          base={piece.document}
          choose={async (whose) => {
            const piece = await ask(api.GET('/api/pieces/{id}', { params: { path: { id } } }));
            clearDraft(id);
            client.setQueryData(keys.piece(id), piece);
            act(
              whose === 'theirs'
                ? { type: 'tookTheirs', piece }
                : { type: 'keptMine', theirs: piece },
            );
          }}
        />
      )}
    </PlanContext.Provider>
  );
}

/** Waits until the plan is as it has to be. */
function useUntil(state: PlanState) {
  const now = useRef(state);
  now.current = state;
  const waiting = useRef<ReadonlyArray<{ ready: (s: PlanState) => boolean; go: () => void }>>([]);
  useEffect(() => {
    const goes = waiting.current.filter((w) => w.ready(state));
    waiting.current = waiting.current.filter((w) => !goes.includes(w));
    for (const w of goes) {
      w.go();
    }
  }, [state]);
  return useCallback(
    (ready: (s: PlanState) => boolean) =>
      ready(now.current)
        ? Promise.resolve()
        : new Promise<void>((go) => {
            waiting.current = [...waiting.current, { ready, go }];
          }),
    [],
  );
}

/** Asks one question at a time; of those asked meanwhile only the newest is asked next. */
function useLatest<Q, A>(
  question: (q: Q) => Promise<A>,
  answered: (a: A) => void,
  refused: (problem: Problem) => void,
) {
  const busy = useRef(false);
  const next = useRef<Q | null>(null);
  const run = useRef(0);
  const calls = useRef({ question, answered, refused });
  calls.current = { question, answered, refused };
  return useMemo(() => {
    const go = async () => {
      busy.current = true;
      while (next.current !== null) {
        const q = next.current;
        const started = run.current;
        next.current = null;
        try {
          const a = await calls.current.question(q);
          if (started === run.current) {
            calls.current.answered(a);
          }
        } catch (problem) {
          // a server that is away is told when letting go saves; a refusal is worth its sentence
          const said = problem instanceof Problem && !problem.silent && problem.status < 500;
          if (said && started === run.current) {
            calls.current.refused(problem);
          }
        }
      }
      busy.current = false;
    };
    return {
      ask(q: Q) {
        next.current = q;
        if (!busy.current) {
          void go();
        }
      },
      drop() {
        next.current = null;
        run.current += 1;
      },
    };
  }, []);
}
