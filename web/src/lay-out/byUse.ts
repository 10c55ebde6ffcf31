import type { PotView } from '../api/client';

type Roles = PotView['roles'];

/** Pots of what is wanted first, the usual thing before what also serves; then all others. */
export function byUse(pots: ReadonlyArray<PotView>, wanted: Roles): PotView[] {
  const rank = (pot: PotView) => {
    const at = wanted.findIndex((role) => pot.roles.includes(role));
    return at < 0 ? wanted.length : at;
  };
  return [...pots].sort((a, b) => rank(a) - rank(b));
}
