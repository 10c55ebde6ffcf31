import { useRef } from 'react';
import { api, ask, type Edit, Problem } from '../api/client';
import { usePlan } from './PlanProvider';

/**
 * Changes of a plan that need sums, such as marks turned over to the other of a pair: the server
 * gives the changed plan, which is then saved as any other change is. Where the plan has changed
 * while the server was at it, it is asked again, so that neither change is lost.
 */
export function useEdit(done?: (faceId: string) => void) {
  const plan = usePlan();
  const now = useRef(plan.document);
  now.current = plan.document;
  return async (edit: Edit) => {
    try {
      let asked = now.current;
      let edited = await ask(api.POST('/api/edits', { body: { document: asked, edit } }));
      while (now.current !== asked) {
        asked = now.current;
        edited = await ask(api.POST('/api/edits', { body: { document: asked, edit } }));
      }
      plan.change(edited.document, edited.summary);
      done?.(edited.faceId);
    } catch (problem) {
      plan.refuse(problem instanceof Problem ? problem.message : String(problem));
    }
  };
}
