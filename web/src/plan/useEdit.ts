import { api, ask, type Edit, Problem } from '../api/client';
import { usePlan } from './PlanProvider';

/**
 * Changes of a plan that need sums, such as marks turned over to the other of a pair: the server
 * gives the changed plan, which is then saved as any other change is.
 */
export function useEdit(done?: (faceId: string) => void) {
  const plan = usePlan();
  return async (edit: Edit) => {
    try {
      const edited = await ask(api.POST('/api/edits', { body: { document: plan.document, edit } }));
      plan.change(edited.document, edited.summary);
      done?.(edited.faceId);
    } catch (problem) {
      plan.refuse(problem instanceof Problem ? problem.message : String(problem));
    }
  };
}
