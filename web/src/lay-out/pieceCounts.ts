/** How many copies of a design a collage has. */
export type PieceCount = { readonly id: string; readonly count: number };

/** By design, in the order they come first. */
export function pieceCounts(ids: readonly string[]): PieceCount[] {
  const counts = new Map<string, number>();
  for (const id of ids) {
    counts.set(id, (counts.get(id) ?? 0) + 1);
  }
  return [...counts].map(([id, count]) => ({ id, count }));
}

/**
 * The pieces in an order in which the copies of each design are spread evenly among the others:
 * the k-th of n stands at the share (k + 1/2) / n of the way.
 */
export function mixed(counts: readonly PieceCount[]): string[] {
  return counts
    .flatMap(({ id, count }, place) =>
      Array.from({ length: count }, (_, k) => ({ id, place, at: (k + 0.5) / count })),
    )
    .sort((a, b) => a.at - b.at || a.place - b.place)
    .map((piece) => piece.id);
}

/** With so many copies of one design; those of the others stay. */
export function withCount(ids: readonly string[], id: string, count: number): string[] {
  const counts = pieceCounts(ids);
  const others = counts.some((c) => c.id === id) ? counts : [...counts, { id, count: 0 }];
  return mixed(others.map((c) => (c.id === id ? { id, count } : c)).filter((c) => c.count > 0));
}
