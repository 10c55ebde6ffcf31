import { useRef } from 'react';

/** What was known last: what is asked stays on the screen while an answer to it is refused. */
export function useLastKnown<T>(now: T | undefined): T | undefined {
  const last = useRef(now);
  if (now !== undefined) {
    last.current = now;
  }
  return last.current;
}
