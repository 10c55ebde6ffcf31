import { useQuery, useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useReducer,
} from 'react';
import { GUESTS_LOOK, useMayChange } from '../account/useMe';
import {
  api,
  ask,
  type EditedPiece,
  type LayView,
  type PieceView,
  type PlanEdit,
} from '../api/client';
import { keys } from '../api/keys';
import { ErrorState, Loading } from '../common/States';
import { ClashDialog } from './ClashDialog';
import { clearDraft, readDraft } from './drafts';
import { newId } from './ids';
import { isSettled, type Making, opened, type PlanState, reduce } from './planStore';
import { useLatest } from './useLatest';
import { useSaving } from './useSaving';
import { useSteps } from './useSteps';

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
  readonly edit: (edit: PlanEdit | Making['edits'], told?: Told) => void;
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

function OpenPlan({ fromServer, children }: { fromServer: PieceView; children: ReactNode }) {
  const client = useQueryClient();
  const [state, act] = useReducer(reduce, fromServer, (piece) =>
    opened(piece, readDraft(piece.id)),
  );
  const id = fromServer.id;

  // The same piece read again, in other units or after it was changed elsewhere.
  useEffect(() => {
    act({ type: 'reread', piece: fromServer });
  }, [fromServer]);

  useSaving(id, state, act);

  const mayChange = useMayChange();
  const edit = useCallback(
    (edits: PlanEdit | Making['edits'], told?: Told) => {
      if (!mayChange) {
        act({ type: 'told', sentence: GUESTS_LOOK });
        return;
      }
      act({
        type: 'changed',
        change: {
          id: newId(),
          edits: typeof edits === 'function' ? edits : [edits].flat(),
          ...told,
          gesture: told?.gesture?.slice(-LONGEST_GESTURE),
        },
      });
    },
    [mayChange],
  );

  const step = useSteps(id, state, act);
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

  const settled = isSettled(state);
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
