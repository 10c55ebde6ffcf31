type Stop = { readonly stop: string; readonly done: boolean };

/**
 * Where a walk goes on: at the first stop where there is something left to do and that was not
 * passed by; where nothing is, at the last, which is looked at.
 */
export function nextStop(stops: readonly Stop[], passedBy: readonly string[]): number {
  const at = stops.findIndex((s) => !s.done && !passedBy.includes(s.stop));
  return at < 0 ? stops.length - 1 : at;
}
