/** Of which pieces; of all where none is named. */
export function chosenOf(params: URLSearchParams): string[] {
  return (params.get('pieces') ?? '').split(',').filter((id) => id !== '');
}

/** The address once a piece is chosen, or is not any more; the last one stays chosen. */
export function toggled(
  pieces: readonly { readonly id: string; readonly chosen: boolean }[],
  id: string,
): URLSearchParams {
  const now = pieces.filter((p) => (p.id === id ? !p.chosen : p.chosen));
  return now.length === pieces.length || now.length === 0
    ? new URLSearchParams()
    : new URLSearchParams({ pieces: now.map((p) => p.id).join(',') });
}
