/** A band to stand before another in the build-up; on top of all where no other is named. */
export type Move = { readonly band: string; readonly before?: string };

/** The move that brings a band to a place counted from the surface; none where it stands there. */
export function beforeWhat(keys: ReadonlyArray<string>, band: string, to: number): Move | null {
  const from = keys.indexOf(band);
  if (from < 0 || to === from || to < 0 || to >= keys.length) {
    return null;
  }
  const left = keys.filter((k) => k !== band);
  const before = left[to];
  return before === undefined ? { band } : { band, before };
}
