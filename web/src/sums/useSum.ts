import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { api, ask, type SumView } from '../api/client';
import { keys } from '../api/keys';
import { useLastKnown } from '../common/useLastKnown';
import type { Texts } from './typed';

/**
 * A sum as it is with what was typed. While something is refused, or not answered yet, the last
 * answer stays, to be told as what it is: an answer to something else.
 */
export function useSum(usual: SumView, texts: Texts, way: number) {
  const asked = useDeferredValue(texts);
  const other = Object.values(asked).some((t) => t.trim() !== '') || way > 0;
  const answer = useQuery({
    queryKey: keys.sum(usual.kind, asked, way),
    enabled: other,
    placeholderData: keepPreviousData,
    queryFn: () =>
      ask(
        api.POST('/api/sums/{kind}', {
          params: { path: { kind: usual.kind } },
          body: { texts: asked, way },
        }),
      ),
    retry: false,
  });
  const known = useLastKnown(answer.data);
  return {
    sum: other ? (known ?? usual) : usual,
    refused: other && answer.isError ? answer.error.message : null,
    /** nothing was ever answered to what is typed there */
    unknown: other && known === undefined,
    /** it answers just what stands in the fields */
    settled: asked === texts && (!other || (answer.isSuccess && !answer.isPlaceholderData)),
  };
}
