import { useMutation } from '@tanstack/react-query';
import { api, ask, type BeginsAnswer, type OrderStep } from '../api/client';
import { usePlan } from '../plan/PlanProvider';

/** Has a step begin at another minute: it goes where it can, and is told why not where not. */
export function useMoving() {
  const { piece, edit } = usePlan();
  return useMutation<BeginsAnswer, Error, { step: OrderStep; minute: number }>({
    mutationFn: ({ step, minute }) =>
      ask(
        api.GET('/api/pieces/{id}/order/begin', {
          params: { path: { id: piece.id }, query: { step: step.key, minute } },
        }),
      ),
    onSuccess: (answer, { step }) => edit({ kind: 'STEP_BEGINS', step: step.key, at: answer.at }),
  });
}
