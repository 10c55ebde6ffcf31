import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo } from 'react';
import {
  BackSide,
  Box3,
  BufferAttribute,
  BufferGeometry,
  CanvasTexture,
  FrontSide,
  SRGBColorSpace,
  Vector3,
} from 'three';
import type { FaceView, FoldedFace } from '../api/client';
import { Floor } from './Floor';
import { type Net, netOf } from './net';
import { Turning } from './Turning';

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

/** The piece in the room, to turn with the pointer and with the arrow keys. */
export function FoldedPiece(props: Props) {
  return (
    <Canvas
      frameloop="demand"
      // colours as they are: what makes a film of light makes mud of dark paint
      flat
      dpr={1}
      camera={{ fov: 32, near: 1, far: 40_000 }}
      gl={{ antialias: true, preserveDrawingBuffer: true }}
      role="img"
      aria-label="The piece as it stands; arrow keys turn it, plus and minus step nearer and back"
      tabIndex={0}
      data-testid="standing"
    >
      {/* from a window above and in front: what lies level is the brightest, a side the darkest */}
      <hemisphereLight args={['#ffffff', '#efe6d4', 2.5]} />
      <directionalLight position={[0.35, 1.5, 0.9]} intensity={1.3} />
      <directionalLight position={[-1, 0.3, -0.6]} intensity={0.4} />
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
      <Turning folded={folded} box={box} net={net} fold={fold} wheel={wheel ?? false} />
      {fold > 0.98 && <Floor folded={folded} box={box} />}
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
