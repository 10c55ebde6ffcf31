import { useMemo } from 'react';
import { useStencils } from '../api/queries';
import type { Stencils } from './Items';

/** The stencils of the shelf by id, for drawing. */
export function useStencilMap(): Stencils {
  const { data } = useStencils();
  return useMemo(() => new Map((data ?? []).map((s) => [s.id, s])), [data]);
}
