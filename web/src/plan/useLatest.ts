import { useMemo, useRef } from 'react';
import { Problem } from '../api/client';

/** Asks one question at a time; of those asked meanwhile only the newest is asked next. */
export function useLatest<Q, A>(
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
