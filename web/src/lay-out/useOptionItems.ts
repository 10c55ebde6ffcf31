import { useQuery } from '@tanstack/react-query';
import { api, ask, type LayView } from '../api/client';
import { keys } from '../api/keys';
import { usePlan } from '../plan/PlanProvider';

/** The first options of a lay with their items, for pictures of them. */
export function useOptionItems(lay: LayView, wanted: boolean) {
  const plan = usePlan();
  // What is picked among the options changes none of them.
  const document = {
    ...plan.document,
    lays: plan.document.lays.map(({ pick: _, ...rest }) => rest),
  };
  return useQuery({
    queryKey: keys.options(plan.piece.id, lay.id, lay.faceId, document),
    queryFn: () =>
      ask(
        api.POST('/api/readings/options', {
          body: { document, layId: lay.id, faceId: lay.faceId, pieceId: plan.piece.id },
        }),
      ),
    enabled: wanted && plan.unsaved === null,
    placeholderData: (before) => before,
  });
}
