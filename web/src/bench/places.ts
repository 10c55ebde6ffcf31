import type { BenchDoc } from '../api/client';

export type DryingPlaceDoc = NonNullable<BenchDoc['dryingPlaces']>[number];

export const MOST_KINDS = 12;
export const MOST_PLACES = 50;

/** The kinds of places to dry; on those of which nothing is said anything finds room. */
export function kinds(bench: BenchDoc): ReadonlyArray<DryingPlaceDoc> {
  return bench.dryingPlaces ?? [{ name: 'Places', count: bench.places ?? 1 }];
}

/** How many things may dry at once. */
export function placesInAll(all: ReadonlyArray<DryingPlaceDoc>): number {
  return all.reduce((sum, p) => sum + p.count, 0);
}

/** One more kind: a shelf, as shelves are. */
export function another(): DryingPlaceDoc {
  return { name: 'A shelf', count: 1 };
}

/** How large a place is of which nobody said how large yet. */
export function sided() {
  return { longMm: 600, shortMm: 400 };
}
