import { wayOf } from '../common/arrows';

/** A place on a picture, in shares of its width and height. */
export type Place = { readonly x: number; readonly y: number };

const STEP = 0.005;
const LARGE_STEP = 0.05;

const kept = (share: number) => Math.min(1, Math.max(0, share));

/** A place kept to the picture. */
export const corner = (p: Place): Place => ({ x: kept(p.x), y: kept(p.y) });

/** Where a place is after an arrow key; none for another key. */
export function moved(place: Place, key: string, large: boolean): Place | null {
  const way = wayOf(key);
  const step = large ? LARGE_STEP : STEP;
  return way ? corner({ x: place.x + step * way[0], y: place.y + step * way[1] }) : null;
}

/** The box between two corners, whichever was first. */
export const boxBetween = (a: Place, b: Place) => ({
  left: Math.min(a.x, b.x),
  top: Math.min(a.y, b.y),
  width: Math.abs(a.x - b.x),
  height: Math.abs(a.y - b.y),
});
