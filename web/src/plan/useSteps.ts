import { useQueryClient } from '@tanstack/react-query';
import { type Dispatch, useCallback, useRef } from 'react';
import { api, ask, Problem } from '../api/client';
import { keys } from '../api/keys';
import { isBlocked, isSettled, type PlanAction, type PlanState } from './planStore';
import { useUntil } from './useUntil';

/** Steps back and forth in the history, each from what the step before it came to. */
export function useSteps(id: string, state: PlanState, act: Dispatch<PlanAction>) {
  const client = useQueryClient();
  const now = useRef(state);
  now.current = state;
  const until = useUntil(state);
  const steps = useRef(Promise.resolve());
  return useCallback(
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
    [client, id, until, act],
  );
}
