import { useRef } from 'react';
import { api, ask, type LayEdit, Problem } from '../api/client';
import { usePlan } from './PlanProvider';

/**
 * Changes of lays that need sums: a design laid by the rule that suits it, another rule, a copy.
 * Where the plan has changed while the server was at it, it is asked again.
 */
export function useLayEdit(done?: (faceId: string, layId: string) => void) {
  const plan = usePlan();
  const now = useRef(plan.document);
  now.current = plan.document;
  return async (edit: LayEdit) => {
    try {
      let asked = now.current;
      let edited = await ask(api.POST('/api/lay-edits', { body: { document: asked, edit } }));
      while (now.current !== asked) {
        asked = now.current;
        edited = await ask(api.POST('/api/lay-edits', { body: { document: asked, edit } }));
      }
      plan.change(edited.document, edited.summary);
      done?.(edited.faceId, edited.layId);
    } catch (problem) {
      plan.refuse(problem instanceof Problem ? problem.message : String(problem));
    }
  };
}
