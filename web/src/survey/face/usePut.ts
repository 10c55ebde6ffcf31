import type { PlanDocument, PlanEdit } from '../../api/client';
import { usePlan } from '../../plan/PlanProvider';

type FaceDoc = PlanDocument['faces'][number];

/**
 * Changes a mark of a face as it is by then: of two measures that are typed one after the other,
 * the second knows the first, however quickly they come.
 */
export function usePut<M extends { readonly id: string }>(
  faceId: string,
  id: string,
  among: (face: FaceDoc) => ReadonlyArray<M>,
  put: (mark: M) => PlanEdit,
) {
  const plan = usePlan();
  const find = (document: PlanDocument) => {
    const face = document.faces.find((f) => f.id === faceId);
    return face && among(face).find((m) => m.id === id);
  };
  const set = (change: Partial<M> | ((mark: M) => Partial<M>), word: string) =>
    plan.edit(
      (document) => {
        const mark = find(document);
        return mark
          ? put({ ...mark, ...(typeof change === 'function' ? change(mark) : change) })
          : null;
      },
      { gesture: `${id} ${word}` },
    );
  return { mark: find(plan.document), set };
}
