import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import { keys } from '../api/keys';
import type { Spot } from '../map/viewport';

/** How far apart two places are, as the tape shows it; unknown while there is no second one. */
export function useBetween(from: Spot, to: Spot | null) {
  return useQuery({
    queryKey: keys.between(from, to),
    enabled: to !== null,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () =>
      ask(
        api.POST('/api/lengths/between', {
          body: {
            fromXMm: from.x,
            fromYMm: from.y,
            toXMm: to?.x ?? from.x,
            toYMm: to?.y ?? from.y,
          },
        }),
      ),
  }).data;
}
