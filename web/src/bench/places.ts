import type { BenchDoc, BenchView } from '../api/client';

export type DryingPlaceDoc = NonNullable<BenchDoc['dryingPlaces']>[number];

type PlaceSize = BenchView['sizes'][number];

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

/** How large a place is: as it was kept, or not told yet, which is 0. */
export function sided(kept?: PlaceSize): NonNullable<DryingPlaceDoc['size']> {
  return { longMm: kept?.longSide?.mm ?? 0, shortMm: kept?.shortSide?.mm ?? 0 };
}

/** Whether both sides are told of each place on which not everything finds room. */
export function allSided(all: ReadonlyArray<DryingPlaceDoc>): boolean {
  return all.every((p) => !p.size || (p.size.longMm > 0 && p.size.shortMm > 0));
}
