import type { Vector3 } from 'three';
import type { FoldedFace } from '../api/client';

export type At = readonly [x: number, y: number, z: number];

/** As the piece is turned on its spot, it is seen from this many sides. */
const SIDES = 24;

/**
 * How far back the eye has to stand, looking along a way at the middle of the room, for all places to
 * be within the frame from whichever side the piece is turned to.
 *
 * @param places from the middle, y upwards
 * @param way where the eye is from there, of length one
 * @param tall the tangent of half the angle seen from the top of the frame to its foot
 * @param aspect the frame's width over its height
 */
export function backFor(places: Iterable<At>, way: At, tall: number, aspect: number): number {
  // what is to the right of the eye, and what is up for it
  const level = Math.hypot(way[0], way[2]) || 1;
  const right = [way[2] / level, 0, -way[0] / level] as const;
  const up = [way[1] * right[2], level, -way[1] * right[0]] as const;
  let back = 0;
  for (const [x, y, z] of places) {
    for (let i = 0; i < SIDES; i++) {
      const angle = (2 * Math.PI * i) / SIDES;
      const px = x * Math.cos(angle) + z * Math.sin(angle);
      const pz = z * Math.cos(angle) - x * Math.sin(angle);
      const near = px * way[0] + y * way[1] + pz * way[2];
      const aside = Math.abs(px * right[0] + pz * right[2]);
      const over = Math.abs(px * up[0] + y * up[1] + pz * up[2]);
      back = Math.max(back, near + over / tall, near + aside / (tall * aspect));
    }
  }
  return back;
}

/** Every corner of every face, from the middle of the room. */
export function placesOf(folded: ReadonlyArray<FoldedFace>, middle: Vector3): At[] {
  const places: At[] = [];
  for (const { inRoom } of folded) {
    for (let i = 0; i + 2 < inRoom.length; i += 3) {
      places.push([
        (inRoom[i] ?? 0) - middle.x,
        (inRoom[i + 1] ?? 0) - middle.y,
        (inRoom[i + 2] ?? 0) - middle.z,
      ]);
    }
  }
  return places;
}
