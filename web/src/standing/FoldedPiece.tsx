import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo, useRef } from 'react';
import {
  BackSide,
  Box3,
  BufferAttribute,
  BufferGeometry,
  CanvasTexture,
  FrontSide,
  type PerspectiveCamera,
  SRGBColorSpace,
  Vector3,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { FaceView, FoldedFace } from '../api/client';

/** What is needed of a face for it to stand. */
export type StandingFace = Pick<FaceView, 'id' | 'onNet' | 'shows'> & {
  readonly width: { readonly mm: number };
  readonly height: { readonly mm: number };
};

type Props = {
  readonly faces: ReadonlyArray<StandingFace>;
  readonly folded: ReadonlyArray<FoldedFace>;
  readonly pictures: ReadonlyMap<string, HTMLCanvasElement>;
  /** 0 flat as the map, 1 standing */
  readonly fold: number;
  /** turns about the upright axis only, as a pot does on its wheel */
  readonly wheel?: boolean;
};

const TURN_STEP = Math.PI / 18;

/** The piece in the room, to turn with the pointer and with the arrow keys. */
export function FoldedPiece(props: Props) {
  return (
    <Canvas
      frameloop="demand"
      dpr={1}
      camera={{ fov: 32, near: 1, far: 40_000 }}
      gl={{ antialias: true, preserveDrawingBuffer: true }}
      role="img"
      aria-label="The piece as it stands; arrow keys turn it, plus and minus step nearer and back"
      tabIndex={0}
      data-testid="standing"
    >
      <ambientLight intensity={1.75} />
      <directionalLight position={[0.5, 1.1, 1.2]} intensity={1.5} />
      <directionalLight position={[-1, 0.3, -0.6]} intensity={0.5} />
      <Pieces {...props} />
    </Canvas>
  );
}

function Pieces({ faces, folded, pictures, fold, wheel }: Props) {
  const net = useMemo(() => netOf(faces), [faces]);
  const box = useMemo(() => roomOf(folded), [folded]);
  const shown = folded.filter((f) => fold > 0.98 || net.places.has(f.faceId));
  return (
    <>
      <Turning box={box} net={net} fold={fold} wheel={wheel ?? false} />
      {shown.map((f) => {
        const face = faces.find((x) => x.id === f.faceId);
        return (
          face && (
            <FoldedMesh
              key={f.faceId}
              face={face}
              folded={f}
              net={net}
              box={box}
              fold={fold}
              picture={pictures.get(f.faceId)}
            />
          )
        );
      })}
    </>
  );
}

type Net = {
  readonly places: ReadonlyMap<string, readonly [number, number]>;
  readonly width: number;
  readonly height: number;
};

function netOf(faces: ReadonlyArray<StandingFace>): Net {
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

function roomOf(folded: ReadonlyArray<FoldedFace>): Box3 {
  const box = new Box3();
  const at = new Vector3();
  for (const face of folded) {
    for (let i = 0; i + 2 < face.inRoom.length; i += 3) {
      box.expandByPoint(
        at.set(face.inRoom[i] ?? 0, face.inRoom[i + 1] ?? 0, face.inRoom[i + 2] ?? 0),
      );
    }
  }
  return box;
}

/**
 * How far a face stands off one it may lie on, so that both can be seen: an inset from what it is set
 * into, a lid's rim from the wall it reaches over.
 */
const LIFT_MM = 0.7;

function FoldedMesh({
  face,
  folded,
  net,
  box,
  fold,
  picture,
}: {
  face: StandingFace;
  folded: FoldedFace;
  net: Net;
  box: Box3;
  fold: number;
  picture: HTMLCanvasElement | undefined;
}) {
  const invalidate = useThree((s) => s.invalidate);
  const geometry = useMemo(() => {
    const corners = folded.onFace.length / 2;
    const uv = new Float32Array(corners * 2);
    for (let i = 0; i < corners; i++) {
      uv[2 * i] = (folded.onFace[2 * i] ?? 0) / face.width.mm;
      uv[2 * i + 1] = 1 - (folded.onFace[2 * i + 1] ?? 0) / face.height.mm;
    }
    const made = new BufferGeometry();
    made.setAttribute('position', new BufferAttribute(new Float32Array(corners * 3), 3));
    made.setAttribute('uv', new BufferAttribute(uv, 2));
    made.setIndex(folded.triangles);
    return made;
  }, [folded, face.width.mm, face.height.mm]);
  useEffect(() => () => geometry.dispose(), [geometry]);

  useEffect(() => {
    const position = geometry.getAttribute('position') as BufferAttribute;
    const middle = box.getCenter(new Vector3());
    const place = net.places.get(face.id);
    const t = place ? fold : 1;
    for (let i = 0; i < position.count; i++) {
      const x = (folded.inRoom[3 * i] ?? 0) - middle.x;
      const y = (folded.inRoom[3 * i + 1] ?? 0) - middle.y;
      const z = (folded.inRoom[3 * i + 2] ?? 0) - middle.z;
      const flatX = (place?.[0] ?? 0) + (folded.onFace[2 * i] ?? 0) - net.width / 2;
      const flatY = net.height / 2 - (place?.[1] ?? 0) - (folded.onFace[2 * i + 1] ?? 0);
      position.setXYZ(i, flatX + (x - flatX) * t, flatY + (y - flatY) * t, z * t);
    }
    position.needsUpdate = true;
    geometry.computeVertexNormals();
    standOff(geometry, folded.layer * LIFT_MM);
    geometry.computeBoundingSphere();
    invalidate();
  }, [geometry, folded, face, net, box, fold, invalidate]);

  const texture = useMemo(() => {
    if (!picture) {
      return null;
    }
    const made = new CanvasTexture(picture);
    made.colorSpace = SRGBColorSpace;
    made.anisotropy = 4;
    return made;
  }, [picture]);
  useEffect(() => () => texture?.dispose(), [texture]);

  // what is laid on a face is not seen from behind it: there is the bare inside, in its shade
  const closer = {
    polygonOffset: folded.layer > 0,
    polygonOffsetFactor: -2 * folded.layer,
    polygonOffsetUnits: -4 * folded.layer,
  };
  return (
    <>
      <mesh geometry={geometry}>
        <meshLambertMaterial
          key={texture ? 'picture' : 'plain'}
          map={texture}
          color={texture ? '#ffffff' : face.shows}
          side={FrontSide}
          {...closer}
        />
      </mesh>
      <mesh geometry={geometry}>
        <meshLambertMaterial color={face.shows} side={BackSide} />
      </mesh>
    </>
  );
}

/** Moves every corner outwards along the way its surface faces. */
function standOff(geometry: BufferGeometry, mm: number) {
  if (mm === 0) {
    return;
  }
  const position = geometry.getAttribute('position') as BufferAttribute;
  const normal = geometry.getAttribute('normal') as BufferAttribute;
  for (let i = 0; i < position.count; i++) {
    position.setXYZ(
      i,
      position.getX(i) + normal.getX(i) * mm,
      position.getY(i) + normal.getY(i) * mm,
      position.getZ(i) + normal.getZ(i) * mm,
    );
  }
}

/** The eye: walks round the piece, comes nearer, and stands back far enough to see all of it. */
function Turning({ box, net, fold, wheel }: { box: Box3; net: Net; fold: number; wheel: boolean }) {
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
    const room = box.getSize(new Vector3());
    const high = standing ? room.length() : net.height;
    const wide = standing ? room.length() : net.width;
    const angle = (camera.fov * Math.PI) / 360;
    const aspect = Math.max(0.2, size.width / Math.max(1, size.height));
    const back = (Math.max(high, wide / aspect) / 2 / Math.tan(angle)) * 1.06;
    const way = standing
      ? new Vector3(wheel ? 0 : 0.52, wheel ? 0.18 : 0.42, 1).normalize()
      : new Vector3(0, 0, 1);
    camera.position.copy(way.multiplyScalar(back));
    // a narrow range keeps what lies close together apart
    camera.near = back / 8;
    camera.far = back * 5;
    camera.lookAt(0, 0, 0);
    camera.updateProjectionMatrix();
    controls.current?.update();
    invalidate();
  }, [box, net, standing, camera, size, wheel, invalidate]);
  return null;
}
