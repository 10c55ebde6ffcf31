import { useQuery } from '@tanstack/react-query';
import { api, ask, type LayView } from '../api/client';
import { keys } from '../api/keys';
import { usePlan } from '../plan/PlanProvider';

/** The first options of a lay with their items, for pictures of them. */
export function useOptionItems(lay: LayView, wanted: boolean) {
  const plan = usePlan();
  const { id, version } = plan.piece;
  return useQuery({
    queryKey: keys.options(id, lay.id, lay.faceId, version),
    queryFn: () =>
      ask(
        api.POST('/api/readings/options', {
          body: {
            pieceId: id,
            layId: lay.id,
            faceId: lay.faceId,
            // what is picked among the options changes none of them
            edits: [{ kind: 'PICK_OPTION', layId: lay.id }],
          },
        }),
      ),
    enabled: wanted && plan.settled,
    placeholderData: (before) => before,
  });
}
