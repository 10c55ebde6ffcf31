/** Where a cut goes, in the sheet's millimetres. */
export type Line = {
  readonly fromXMm: number;
  readonly fromYMm: number;
  readonly toXMm: number;
  readonly toYMm: number;
};

/** The middle of something round or square that is drawn on the sheet, and half its width. */
export type Spot = { readonly xMm: number; readonly yMm: number; readonly halfMm: number };

/** So many places are looked at along a cut. */
const PLACES = 60;

/**
 * Where the letters of cuts stand: each on its cut, near where it begins, whole on the sheet, and
 * over no other letter and no part's number as long as its cut leaves a place for that.
 *
 * @param taken what may not be covered: the numbers of the parts
 */
export function tagPlaces(
  cuts: ReadonlyArray<Line>,
  taken: ReadonlyArray<Spot>,
  sheet: { readonly widthMm: number; readonly heightMm: number },
  tagMm: number,
): Spot[] {
  const halfMm = tagMm / 2;
  const placed: Spot[] = [];
  for (const cut of cuts) {
    let best: Spot | null = null;
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i <= PLACES && least > 0; i++) {
      const along = i / PLACES;
      const spot = {
        xMm: within(cut.fromXMm + (cut.toXMm - cut.fromXMm) * along, halfMm, sheet.widthMm),
        yMm: within(cut.fromYMm + (cut.toYMm - cut.fromYMm) * along, halfMm, sheet.heightMm),
        halfMm,
      };
      const covers = [...placed, ...taken].reduce((sum, other) => sum + covered(spot, other), 0);
      if (covers < least) {
        [best, least] = [spot, covers];
      }
    }
    // there is always a place, since the first covers less than everything
    placed.push(best as Spot);
  }
  return placed;
}

const within = (at: number, halfMm: number, most: number) =>
  Math.max(Math.min(halfMm, most / 2), Math.min(at, most - halfMm));

/** How much of each other two cover, as squares. */
function covered(one: Spot, other: Spot): number {
  const reach = one.halfMm + other.halfMm;
  const x = reach - Math.abs(one.xMm - other.xMm);
  const y = reach - Math.abs(one.yMm - other.yMm);
  return x > 0 && y > 0 ? x * y : 0;
}
