import { useQueryClient } from '@tanstack/react-query';
import { type Dispatch, useEffect } from 'react';
import { api, ask, type CoatsView, type EditedPiece, type PieceView, Problem } from '../api/client';
import { keys } from '../api/keys';
import { afterCoats, isOfCoats } from './answer';
import { clearDraft, keepDraft } from './drafts';
import {
  type Change,
  isSettled,
  next,
  type PlanAction,
  type PlanState,
  pending,
} from './planStore';

const TRY_AGAIN_MS = 2500;

/**
 * Sends what was done, one change after the other, and keeps it in the browser until it has arrived.
 */
export function useSaving(id: string, state: PlanState, act: Dispatch<PlanAction>) {
  const client = useQueryClient();
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
    send(client.getQueryData<PieceView>(keys.piece(id)), id, version, change).then(
      async ({ edited, coats }) => {
        const { piece } = edited;
        // an older answer that is still under way would take the place of this one
        await client.cancelQueries({ queryKey: keys.piece(id), exact: true });
        if (coats) {
          client.setQueryData(keys.coats(id, piece.version), coats);
        }
        client.setQueryData(keys.piece(id), piece);
        act({ type: 'saved', piece });
        change.after?.(edited);
        if (coats) {
          // the colours of the faces are another matter, and nobody waits for them
          void client.invalidateQueries({ queryKey: keys.piece(id), exact: true });
        }
      },
      (problem: unknown) => {
        if (problem instanceof Problem && problem.signedOut) {
          // kept, and sent once somebody has signed in
          act({ type: 'silent', sentence: problem.message });
        } else if (!(problem instanceof Problem) || problem.silent || problem.status >= 500) {
          act({ type: 'silent', sentence: (problem as Error).message });
        } else if (problem.status === 409 && problem.theirs) {
          act({ type: 'clashed', theirs: problem.theirs });
        } else {
          act({ type: 'refused', sentence: problem.message });
        }
      },
    );
  }, [change, version, id, client, act]);

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
  }, [silent, act]);
}

/** Coats are answered with their findings at once; all else with what it makes of the lays. */
async function send(
  before: PieceView | undefined,
  id: string,
  version: number,
  change: Change,
): Promise<{ edited: EditedPiece; coats?: CoatsView }> {
  const params = { path: { id }, header: { 'If-Match': `"${version}"` } };
  const body = { id: change.id, edits: [...change.edits], gesture: change.gesture };
  if (before === undefined || !isOfCoats(change.edits)) {
    return { edited: await ask(api.POST('/api/pieces/{id}/edits', { params, body })) };
  }
  const answer = await ask(api.POST('/api/pieces/{id}/coats/edits', { params, body }));
  return { edited: afterCoats(before, answer), coats: answer.coats };
}
