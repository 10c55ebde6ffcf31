import { useEffect, useMemo } from 'react';
import { Box3, CanvasTexture, Vector3 } from 'three';
import type { FoldedFace } from '../api/client';
import { placesOf } from './eye';

const SHADOW_PX = 128;

/** What the piece takes from the light of the floor it stands on. */
export function Floor({ folded, box }: { folded: ReadonlyArray<FoldedFace>; box: Box3 }) {
  const texture = useMemo(() => {
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = SHADOW_PX;
    const pen = canvas.getContext('2d');
    if (pen) {
      const half = SHADOW_PX / 2;
      const shade = pen.createRadialGradient(half, half, half * 0.35, half, half, half);
      shade.addColorStop(0, 'rgb(58 44 22 / 45%)');
      shade.addColorStop(0.6, 'rgb(58 44 22 / 14%)');
      shade.addColorStop(1, 'rgb(58 44 22 / 0%)');
      pen.fillStyle = shade;
      pen.fillRect(0, 0, SHADOW_PX, SHADOW_PX);
    }
    return new CanvasTexture(canvas);
  }, []);
  useEffect(() => () => texture.dispose(), [texture]);
  const foot = useMemo(() => {
    const floor = (box.min.y - box.max.y) / 2;
    const standing = placesOf(folded, box.getCenter(new Vector3())).filter(
      ([, y]) => y < floor * 0.96,
    );
    return new Box3().setFromPoints(standing.map((at) => new Vector3(...at)));
  }, [folded, box]);
  const size = foot.getSize(new Vector3());
  const middle = foot.getCenter(new Vector3());
  return (
    <mesh
      position={[middle.x, foot.min.y - 1, middle.z]}
      rotation={[-Math.PI / 2, 0, 0]}
      renderOrder={-1}
    >
      <planeGeometry args={[size.x * 1.32, size.z * 1.36]} />
      <meshBasicMaterial map={texture} transparent depthWrite={false} />
    </mesh>
  );
}
