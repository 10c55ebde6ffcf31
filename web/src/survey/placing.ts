import { wayOf } from '../common/arrows';
import type { Spot } from '../map/viewport';

const STEP_MM = 1;
const LARGE_STEP_MM = 20;

/** Where a place on a face is after an arrow key, kept to the face; none for another key. */
export function movedOnFace(
  at: Spot,
  key: string,
  large: boolean,
  widthMm: number,
  heightMm: number,
): Spot | null {
  const way = wayOf(key);
  const step = large ? LARGE_STEP_MM : STEP_MM;
  return way
    ? {
        x: Math.min(widthMm, Math.max(0, at.x + step * way[0])),
        y: Math.min(heightMm, Math.max(0, at.y + step * way[1])),
      }
    : null;
}
