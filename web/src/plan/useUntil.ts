import { useCallback, useEffect, useRef } from 'react';
import type { PlanState } from './planStore';

/** Waits until the plan is as it has to be. */
export function useUntil(state: PlanState) {
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
