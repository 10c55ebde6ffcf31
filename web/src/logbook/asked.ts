/** What is asked of the logbook. */
export type LogAsked = {
  readonly find: string;
  readonly piece: string | undefined;
  readonly until: string | undefined;
};

/** As it stands in the address of the page. */
export function asked(params: URLSearchParams): LogAsked {
  return {
    find: params.get('find') ?? '',
    piece: params.get('piece') ?? undefined,
    until: params.get('until') ?? undefined,
  };
}

/** The same as a file. */
export function fileLink(kind: 'table' | 'sheet', { find, piece }: LogAsked): string {
  const query = new URLSearchParams({ find });
  if (piece !== undefined) {
    query.set('piece', piece);
  }
  return `/api/logbook/${kind}?${query}`;
}

/** The day before one, by the calendar. */
export function dayBefore(day: string): string {
  const at = new Date(`${day}T12:00:00Z`);
  at.setUTCDate(at.getUTCDate() - 1);
  return at.toISOString().slice(0, 10);
}

export function shareOf(minutes: number, most: number): string {
  return `${Math.round((1000 * minutes) / most) / 10}%`;
}
