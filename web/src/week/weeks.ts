/** Days are told as in {@code 2027-02-01}, by the calendar on the wall. */
export function daysLater(day: string, days: number): string {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  const then = new Date(Date.UTC(year, month - 1, date + days));
  return then.toISOString().slice(0, 10);
}

/** One colour for each piece, told apart by its name as well. */
const COLOURS = ['sea', 'plum', 'moss', 'rust', 'slate', 'umber', 'rose', 'olive', 'ink'] as const;

export const colourOf = (piece: number): string => COLOURS[piece % COLOURS.length] ?? 'sea';
