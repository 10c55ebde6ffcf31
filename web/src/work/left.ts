/** Minutes and seconds, or hours and minutes, that are left; none once it is over. */
export function leftText(ms: number): string {
  if (ms <= 0) {
    return '';
  }
  const seconds = Math.ceil(ms / 1000);
  const two = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  return hours >= 24
    ? `${Math.round((hours / 24) * 10) / 10} days`
    : hours > 0
      ? `${hours} h ${two(Math.floor((seconds % 3600) / 60))}`
      : `${Math.floor(seconds / 60)}:${two(seconds % 60)}`;
}

/** How much of the time between two moments is over, 0 to 1. */
export function share(since: number, until: number, now: number): number {
  return until <= since ? 1 : Math.min(1, Math.max(0, (now - since) / (until - since)));
}

/** Those that became ripe between two looks at the clock: they ring once. */
export function ringing<T extends { ripe: string }>(
  all: ReadonlyArray<T>,
  before: number,
  now: number,
): ReadonlyArray<T> {
  return all.filter((r) => Date.parse(r.ripe) > before && Date.parse(r.ripe) <= now);
}
