import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type DesignGiven, type DesignView, type MediumGiven } from '../api/client';
import { changed, keys, LINES_AT_FIRST } from '../api/keys';

export type Filters = {
  readonly words: string;
  readonly kinds: ReadonlyArray<string>;
  readonly things: ReadonlyArray<string>;
  readonly colours: ReadonlyArray<string>;
  readonly rights: ReadonlyArray<string>;
  readonly enough: boolean;
  readonly mostWidthMm: number | null;
  readonly mostHeightMm: number | null;
};

export function useShelf(filters: Filters) {
  return useQuery({
    queryKey: keys.shelf(filters),
    queryFn: () =>
      ask(
        api.GET('/api/shelf', {
          params: {
            query: {
              words: filters.words,
              kinds: filters.kinds as never,
              things: filters.things as never,
              colours: filters.colours as never,
              rights: filters.rights as never,
              enough: filters.enough,
              mostWidthMm: filters.mostWidthMm ?? undefined,
              mostHeightMm: filters.mostHeightMm ?? undefined,
            },
          },
          querySerializer: { array: { style: 'form', explode: false } },
        }),
      ),
    placeholderData: (before) => before,
  });
}

export function useWays() {
  return useQuery({
    queryKey: keys.ways(),
    queryFn: () => ask(api.GET('/api/shelf/ways')),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/**
 * A design, its stocks and what happened to them.
 *
 * @param lines of that; what is told already stays there while older ones come
 */
export function useDesign(id: string | null, lines = LINES_AT_FIRST) {
  return useQuery({
    queryKey: keys.design(id, lines),
    enabled: id !== null,
    placeholderData: (before: DesignView | undefined) => (before?.id === id ? before : undefined),
    queryFn: () =>
      ask(
        api.GET('/api/designs/{id}', {
          params: { path: { id: id ?? '' }, query: { entries: lines } },
        }),
      ),
  });
}

export function useUses(thing: 'design' | 'holding', id: string) {
  return useQuery({
    queryKey: keys.uses(thing, id),
    queryFn: () =>
      thing === 'design'
        ? ask(api.GET('/api/designs/{id}/uses', { params: { path: { id } } }))
        : ask(api.GET('/api/holdings/{id}/uses', { params: { path: { id } } })),
  });
}

export function useKinds() {
  return useQuery({
    queryKey: keys.kinds(),
    queryFn: () => ask(api.GET('/api/designs/kinds')),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** What the core makes of a design as it is told so far. */
export function useDesignReading(given: DesignGiven | null) {
  return useQuery({
    queryKey: keys.designReading(given),
    enabled: given !== null,
    retry: false,
    queryFn: () => ask(api.POST('/api/designs/reading', { body: given as DesignGiven })),
    placeholderData: (before) => before,
  });
}

export function useArtwork(id: string | null, openings: boolean) {
  return useQuery({
    queryKey: keys.artwork(id, openings),
    enabled: id !== null,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () =>
      ask(
        api.GET('/api/artworks/{id}/reading', {
          params: { path: { id: id ?? '' }, query: { openings } },
        }),
      ),
  });
}

export function useGenericMedia() {
  return useQuery({
    queryKey: keys.generic(),
    queryFn: () => ask(api.GET('/api/media/generic')),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export function useMediumReading(given: MediumGiven | null) {
  return useQuery({
    queryKey: keys.mediumReading(given),
    enabled: given !== null,
    retry: false,
    queryFn: () => ask(api.POST('/api/media/reading', { body: given as MediumGiven })),
    placeholderData: (before) => before,
  });
}

export function useMedium(id: string | null) {
  return useQuery({
    queryKey: keys.medium(id),
    enabled: id !== null,
    queryFn: () => ask(api.GET('/api/media/{id}', { params: { path: { id: id ?? '' } } })),
  });
}

/** Everything that follows from what is on the shelf is asked again. */
export function useShelfChanged() {
  const client = useQueryClient();
  return () => {
    void changed(client, 'SHELF');
  };
}
