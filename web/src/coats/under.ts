import type { CoatGroup } from '../api/client';

/** What shows under a band: the last coat below it that goes everywhere, else the bare surface. */
export function underOf(group: Pick<CoatGroup, 'bands' | 'surface'>, key: string): string {
  let seen = group.surface.now;
  for (const band of group.bands) {
    if (band.key === key) {
      break;
    }
    const last = band.shades.at(-1);
    if (last && (band.look === 'COAT' || band.look === 'WASH')) {
      seen = last.hex;
    }
  }
  return seen;
}
