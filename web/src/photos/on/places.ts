import type { FaceOnPhoto, FacesOnPhoto } from '../../api/client';
import { onFace, onPhoto } from './perspective';
import type { PinAt } from './useFacesOnPhoto';

type Size = { readonly width: number; readonly height: number };
type Face = FacesOnPhoto['others'][number];

/** Where a face is put first: in the middle of the photo, as wide as it is high, to be dragged. */
export function inTheMiddle(face: Face, photo: Size): ReadonlyArray<PinAt> {
  const main = face.anchors.filter((a) => a.main);
  const across = Math.max(1, ...main.map((a) => a.xMm)) || 1;
  const down = Math.max(1, ...main.map((a) => a.yMm)) || 1;
  const k = Math.min((photo.width * 0.5) / across, (photo.height * 0.5) / down);
  const left = (photo.width - across * k) / 2;
  const top = (photo.height - down * k) / 2;
  return main.map((a) => ({
    anchor: a.id,
    x: Math.round(left + a.xMm * k),
    y: Math.round(top + a.yMm * k),
  }));
}

/** Another place of a face, where it is seen if all is right. */
export function withPlace(face: FaceOnPhoto, anchorId: string, photo: Size): ReadonlyArray<PinAt> {
  const anchor = face.anchors.find((a) => a.id === anchorId);
  if (!anchor || !face.lies) {
    return face.pins;
  }
  const at = onPhoto(
    face.lies.toPhoto,
    { ...photo, bulge: face.lies.bulge },
    { x: anchor.xMm, y: anchor.yMm },
  );
  return at ? [...face.pins, { anchor: anchorId, x: at.x, y: at.y }] : face.pins;
}

const ALONG = 12;

/** The line round a face on the photo; bowed where the lens bows it. */
export function edgeOf(
  face: Pick<FaceOnPhoto, 'anchors' | 'lies'>,
  size: { readonly widthMm: number; readonly heightMm: number },
  photo: Size,
): string {
  const { lies } = face;
  if (!lies) {
    return '';
  }
  const lens = { ...photo, bulge: lies.bulge };
  const corners = [
    [0, 0],
    [size.widthMm, 0],
    [size.widthMm, size.heightMm],
    [0, size.heightMm],
  ] as const;
  const spots: string[] = [];
  corners.forEach(([x, y], i) => {
    const [nx, ny] = corners[(i + 1) % 4] ?? corners[0];
    for (let t = 0; t < ALONG; t++) {
      const at = onPhoto(lies.toPhoto, lens, {
        x: x + ((nx - x) * t) / ALONG,
        y: y + ((ny - y) * t) / ALONG,
      });
      if (at) {
        spots.push(`${at.x.toFixed(1)} ${at.y.toFixed(1)}`);
      }
    }
  });
  return spots.length > 2 ? `M${spots.join('L')}Z` : '';
}

/** The four that are asked for first, joined: what is seen while one of them is dragged. */
export function quadOf(face: Pick<FaceOnPhoto, 'anchors'>, pins: ReadonlyArray<PinAt>): string {
  const main = face.anchors.filter((a) => a.main);
  const at = main.flatMap((a) => pins.find((p) => p.anchor === a.id) ?? []);
  return at.length === 4 ? `M${at.map((p) => `${p.x} ${p.y}`).join('L')}Z` : '';
}

/** The face that lies under a spot; the one that is worked on where several do. */
export function faceAt(
  faces: ReadonlyArray<FaceOnPhoto>,
  sizes: ReadonlyMap<string, { readonly widthMm: number; readonly heightMm: number }>,
  preferred: string | null,
  photo: Size,
  spot: { readonly x: number; readonly y: number },
): FaceOnPhoto | null {
  const under = faces.filter((f) => {
    const size = sizes.get(f.faceId);
    if (!f.lies || !size) {
      return false;
    }
    const at = onFace(f.lies.toFace, { ...photo, bulge: f.lies.bulge }, spot);
    return at !== null && at.x >= 0 && at.y >= 0 && at.x <= size.widthMm && at.y <= size.heightMm;
  });
  return under.find((f) => f.faceId === preferred) ?? under[0] ?? null;
}
