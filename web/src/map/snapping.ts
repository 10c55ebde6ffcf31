import type { FaceView } from '../api/client';
import type { Spot } from './viewport';

type Guide = FaceView['guides'][number];

/** What a hand was drawn to, and where it then is. */
export type Snapped = { readonly at: Spot; readonly to: ReadonlyArray<Guide> };

/**
 * Draws a place to the nearest line in reach, across and down by itself.
 *
 * @param without the lay that is moved: it is not drawn to its own lines
 */
export function snap(
  at: Spot,
  guides: ReadonlyArray<Guide>,
  reachMm: number,
  without: string,
): Snapped {
  const x = nearest(at.x, guides, true, reachMm, without);
  const y = nearest(at.y, guides, false, reachMm, without);
  return {
    at: { x: x?.atMm ?? at.x, y: y?.atMm ?? at.y },
    to: [x, y].filter((g) => g !== undefined),
  };
}

function nearest(
  at: number,
  guides: ReadonlyArray<Guide>,
  upright: boolean,
  reachMm: number,
  without: string,
): Guide | undefined {
  let best: Guide | undefined;
  for (const guide of guides) {
    const off = Math.abs(guide.atMm - at);
    if (
      guide.upright === upright &&
      guide.layId !== without &&
      off <= reachMm &&
      (!best || off < Math.abs(best.atMm - at))
    ) {
      best = guide;
    }
  }
  return best;
}

/** The nearest division of the tape, kept between two limits. */
export const onDivision = (value: number, division: number, least: number, most: number) =>
  Math.min(most, Math.max(least, Math.round(value / division) * division));
