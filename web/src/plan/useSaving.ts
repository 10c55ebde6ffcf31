import { useQueryClient } from '@tanstack/react-query';
import { type Dispatch, useEffect } from 'react';
import { api, ask, Problem } from '../api/client';
import { keys } from '../api/keys';
import { clearDraft, keepDraft } from './drafts';
import { isSettled, next, type PlanAction, type PlanState, pending } from './planStore';

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
