import type { StandingFace } from './FoldedPiece';

/** Where the faces lie when the piece is unfolded, and how much room that takes. */
export type Net = {
  readonly places: ReadonlyMap<string, readonly [number, number]>;
  readonly width: number;
  readonly height: number;
};

export function netOf(faces: ReadonlyArray<StandingFace>): Net {
  const places = new Map<string, readonly [number, number]>();
  let width = 1;
  let height = 1;
  for (const face of faces) {
    if (face.onNet) {
      places.set(face.id, [face.onNet.leftMm, face.onNet.topMm]);
      width = Math.max(width, face.onNet.leftMm + face.onNet.widthMm);
      height = Math.max(height, face.onNet.topMm + face.onNet.heightMm);
    }
  }
  return { places, width, height };
}
