import type { FaceView } from '../api/client';

type Box = NonNullable<FaceView['onNet']>;

export type Side = 'left' | 'right' | 'above' | 'below';

export type Neighbour = {
  readonly side: Side;
  readonly face: FaceView;
  /** where its top left corner lies along the edge they share, from that of the face */
  readonly alongMm: number;
};

/** What touches less of an edge than this is not what a hand goes on to. */
const LEAST_SHARED = 0.3;
/** Two doors over one drawer are as near as each other, but for what their hinges take. */
const AS_NEAR_MM = 10;

/**
 * What lies next to a face when the piece is unfolded, on each side the nearest: insets beside
 * insets, walls beside walls.
 */
export function neighbours(
  face: FaceView,
  faces: ReadonlyArray<FaceView>,
): ReadonlyArray<Neighbour> {
  const own = face.onNet;
  if (!own || face.wraps) {
    return [];
  }
  const alike = faces.filter(
    (f) => f.id !== face.id && !f.wraps && Boolean(f.setInto) === Boolean(face.setInto),
  );
  return (['left', 'right', 'above', 'below'] as const).flatMap((side) => {
    const touching = alike
      .map((other) => ({ side, face: other, ...beside(own, other.onNet, side) }))
      .filter((n) => n.apartMm > -1 && n.shared > LEAST_SHARED);
    const nearest = Math.min(...touching.map((n) => n.apartMm));
    return touching
      .filter((n) => n.apartMm <= nearest + AS_NEAR_MM)
      .map(({ face, alongMm }) => ({ side, face, alongMm }));
  });
}

/** How far off another lies on that side, and the share of the shorter edge along which it does. */
function beside(own: Box, other: Box | undefined, side: Side) {
  if (!other) {
    return { apartMm: 0, shared: 0, alongMm: 0 };
  }
  const upright = side === 'left' || side === 'right';
  const [from, length, at, size] = upright
    ? [own.topMm, own.heightMm, other.topMm, other.heightMm]
    : [own.leftMm, own.widthMm, other.leftMm, other.widthMm];
  return {
    apartMm: {
      left: own.leftMm - (other.leftMm + other.widthMm),
      right: other.leftMm - (own.leftMm + own.widthMm),
      above: own.topMm - (other.topMm + other.heightMm),
      below: other.topMm - (own.topMm + own.heightMm),
    }[side],
    shared: (Math.min(from + length, at + size) - Math.max(from, at)) / Math.min(length, size),
    alongMm: at - from,
  };
}
