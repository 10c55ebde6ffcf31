import { useRef } from 'react';
import { type PlanDocument, Problem } from '../api/client';
import { usePlan } from './PlanProvider';

/**
 * Changes of a plan that need sums: the server gives the changed plan, which is then saved as any
 * other change is. Where the plan has changed while the server was at it, it is asked again, so that
 * neither change is lost.
 */
export function useServerEdit<E, A extends { document: PlanDocument; summary: string }>(
  ask: (document: PlanDocument, edit: E) => Promise<A>,
  done?: (edited: A) => void,
) {
  const plan = usePlan();
  const now = useRef(plan.document);
  now.current = plan.document;
  return async (edit: E) => {
    try {
      let asked = now.current;
      let edited = await ask(asked, edit);
      while (now.current !== asked) {
        asked = now.current;
        edited = await ask(asked, edit);
      }
      plan.change(edited.document, edited.summary);
      done?.(edited);
    } catch (problem) {
      plan.refuse(problem instanceof Problem ? problem.message : String(problem));
    }
  };
}
