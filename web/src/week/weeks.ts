/** Days are told as in {@code 2027-02-01}, by the calendar on the wall. */
export function daysLater(day: string, days: number): string {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  const then = new Date(Date.UTC(year, month - 1, date + days));
  return then.toISOString().slice(0, 10);
}

/** Told apart by their names as well. */
const COLOURS = ['sea', 'plum', 'moss', 'rust', 'slate', 'umber', 'rose', 'olive', 'ink'] as const;

/** One colour for each piece, the same however the pieces are sorted. */
export function colourOf(
  pieces: ReadonlyArray<{ readonly pieceId: string }>,
  piece: number,
): string {
  const id = pieces[piece]?.pieceId ?? '';
  const place = pieces.filter((p) => p.pieceId < id).length;
  return COLOURS[place % COLOURS.length] ?? 'sea';
}
