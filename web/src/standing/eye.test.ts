import { PerspectiveCamera, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { type At, backFor } from './eye';

const FOV = 32;
const tall = Math.tan((FOV * Math.PI) / 360);

/** Where a place of the piece is in the frame, -1 to 1 both ways, with the piece turned. */
function seen(place: At, way: At, back: number, aspect: number, turned: number) {
  const camera = new PerspectiveCamera(FOV, aspect, 1, 100_000);
  camera.position.set(way[0] * back, way[1] * back, way[2] * back);
  camera.lookAt(0, 0, 0);
  camera.updateMatrixWorld();
  return new Vector3(...place).applyAxisAngle(new Vector3(0, 1, 0), turned).project(camera);
}

function corners(width: number, height: number, depth: number): At[] {
  const all: At[] = [];
  for (const x of [-width / 2, width / 2]) {
    for (const y of [-height / 2, height / 2]) {
      for (const z of [-depth / 2, depth / 2]) {
        all.push([x, y, z]);
      }
    }
  }
  return all;
}

const length = Math.hypot(0.52, 0.42, 1);
const ASLANT: At = [0.52 / length, 0.42 / length, 1 / length];
const PIECES = [corners(870, 421, 449), corners(183.7, 61.3, 97.1), corners(311, 1880, 560)];

describe('where the eye stands', () => {
  it('sees all of a piece from whichever side it is turned to', () => {
    for (const piece of PIECES) {
      for (const aspect of [0.49, 1.31, 2.06]) {
        const back = backFor(piece, ASLANT, tall, aspect);
        for (let i = 0; i < 24; i++) {
          for (const place of piece) {
            const at = seen(place, ASLANT, back, aspect, (i * Math.PI) / 12);
            expect(Math.abs(at.x)).toBeLessThan(1 + 1e-9);
            expect(Math.abs(at.y)).toBeLessThan(1 + 1e-9);
          }
        }
      }
    }
  });

  it('stands no further back than it has to', () => {
    for (const piece of PIECES) {
      const back = backFor(piece, ASLANT, tall, 1.6) * 0.99;
      const out = piece.some((place) =>
        Array.from({ length: 24 }, (_, i) =>
          seen(place, ASLANT, back, 1.6, (i * Math.PI) / 12),
        ).some((at) => Math.abs(at.x) > 1 || Math.abs(at.y) > 1),
      );
      expect(out).toBe(true);
    }
  });
});
