import type { StudioRole } from '../api/client';

/** What one can be in a studio, each with what it means. */
export const ROLES: ReadonlyArray<readonly [StudioRole, string, string]> = [
  ['OWNER', 'Owner', 'does everything, also about people, habits and hourly rates'],
  ['MAKER', 'Maker', 'plans, books and cuts'],
  ['GUEST', 'Guest', 'looks at everything and changes nothing'],
];

/** What a role is called. */
export const roleName = (role: StudioRole): string =>
  ROLES.find(([key]) => key === role)?.[1] ?? '';

const AT_ONCE_MS = 90_000;
const UNITS: ReadonlyArray<readonly [Intl.RelativeTimeFormatUnit, number]> = [
  ['day', 86_400_000],
  ['hour', 3_600_000],
  ['minute', 60_000],
];

/** How far away a moment is, as one says it. */
export function fromNow(moment: string, now: number): string {
  const ms = Date.parse(moment) - now;
  if (Math.abs(ms) < AT_ONCE_MS) {
    return 'just now';
  }
  const [unit, length] = UNITS.find(([, l]) => Math.abs(ms) >= l) ?? ['minute', 60_000];
  return new Intl.RelativeTimeFormat('en', { numeric: 'always' }).format(
    Math.round(ms / length),
    unit,
  );
}
