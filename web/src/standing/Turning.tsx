import { useThree } from '@react-three/fiber';
import { useEffect, useRef } from 'react';
import { type Box3, type PerspectiveCamera, Vector3 } from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { FoldedFace } from '../api/client';
import { backFor, placesOf } from './eye';
import type { Net } from './net';

const TURN_STEP = Math.PI / 18;

/** The eye: walks round the piece, comes nearer, and stands back far enough to see all of it. */
export function Turning({
  folded,
  box,
  net,
  fold,
  wheel,
}: {
  folded: ReadonlyArray<FoldedFace>;
  box: Box3;
  net: Net;
  fold: number;
  wheel: boolean;
}) {
  const camera = useThree((s) => s.camera) as PerspectiveCamera;
  const canvas = useThree((s) => s.gl.domElement);
  const invalidate = useThree((s) => s.invalidate);
  const size = useThree((s) => s.size);
  const controls = useRef<OrbitControls | null>(null);

  useEffect(() => {
    const made = new OrbitControls(camera, canvas);
    made.enablePan = false;
    made.enableDamping = false;
    if (wheel) {
      made.minPolarAngle = Math.PI / 2.25;
      made.maxPolarAngle = Math.PI / 2.25;
    }
    made.addEventListener('change', () => invalidate());
    controls.current = made;
    const outer = canvas.closest('[data-testid="standing"]') ?? canvas;
    const key = (event: Event) => {
      const e = event as KeyboardEvent;
      const at = camera.position.clone();
      const up = new Vector3(0, 1, 0);
      const side = new Vector3().crossVectors(at, up).normalize();
      switch (e.key) {
        case 'ArrowLeft':
          at.applyAxisAngle(up, -TURN_STEP);
          break;
        case 'ArrowRight':
          at.applyAxisAngle(up, TURN_STEP);
          break;
        case 'ArrowUp':
          if (!wheel) {
            at.applyAxisAngle(side, TURN_STEP / 2);
          }
          break;
        case 'ArrowDown':
          if (!wheel) {
            at.applyAxisAngle(side, -TURN_STEP / 2);
          }
          break;
        case '+':
        case '=':
          at.multiplyScalar(0.88);
          break;
        case '-':
          at.multiplyScalar(1.14);
          break;
        default:
          return;
      }
      e.preventDefault();
      e.stopPropagation();
      camera.position.copy(at);
      made.update();
      invalidate();
    };
    outer.addEventListener('keydown', key);
    return () => {
      outer.removeEventListener('keydown', key);
      made.dispose();
    };
  }, [camera, canvas, invalidate, wheel]);

  const standing = fold > 0.5;
  useEffect(() => {
    const tall = Math.tan((camera.fov * Math.PI) / 360);
    const aspect = Math.max(0.2, size.width / Math.max(1, size.height));
    const way = standing
      ? new Vector3(wheel ? 0 : 0.52, wheel ? 0.18 : 0.42, 1).normalize()
      : new Vector3(0, 0, 1);
    const back =
      1.12 *
      (standing
        ? backFor(placesOf(folded, box.getCenter(new Vector3())), way.toArray(), tall, aspect)
        : Math.max(net.height, net.width / aspect) / 2 / tall);
    camera.position.copy(way.multiplyScalar(back));
    // a narrow range keeps what lies close together apart
    camera.near = back / 8;
    camera.far = back * 5;
    camera.lookAt(0, 0, 0);
    camera.updateProjectionMatrix();
    controls.current?.update();
    invalidate();
  }, [folded, box, net, standing, camera, size, wheel, invalidate]);
  return null;
}
