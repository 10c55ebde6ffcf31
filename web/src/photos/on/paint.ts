import { bent, type Lens, type Matrix, onFace, onPhoto, straightened, taken } from './perspective';

/** Pixels as a canvas has them: red, green, blue and how much they cover, row by row. */
export type Pixels = {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
};

/** A face that lies on the photo, and its picture; what the picture leaves out shows the photo. */
export type PaintedFace = {
  readonly toFace: Matrix;
  readonly toPhoto: Matrix;
  readonly bulge: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly picture: Pixels;
};

const LINEAR = Float32Array.from({ length: 256 }, (_, v) =>
  v / 255 <= 0.04045 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4,
);

function shown(linear: number): number {
  const v = Math.min(1, Math.max(0, linear));
  return 255 * (v <= 0.0031308 ? v * 12.92 : 1.055 * v ** (1 / 2.4) - 0.055);
}

/** How bright each pixel is, as light adds up. */
export function lightOf({ width, height, data }: Pixels): Float32Array {
  const light = new Float32Array(width * height);
  for (let i = 0; i < light.length; i++) {
    light[i] =
      0.2126 * (LINEAR[data[4 * i] ?? 0] ?? 0) +
      0.7152 * (LINEAR[data[4 * i + 1] ?? 0] ?? 0) +
      0.0722 * (LINEAR[data[4 * i + 2] ?? 0] ?? 0);
  }
  return light;
}

/** The mean around each place: shadows stay, grain goes. */
export function softened(light: Float32Array, width: number, height: number, radius: number) {
  const across = new Float32Array(light.length);
  const out = new Float32Array(light.length);
  for (let y = 0; y < height; y++) {
    run(light, across, y * width, 1, width, radius);
  }
  for (let x = 0; x < width; x++) {
    run(across, out, x, width, height, radius);
  }
  return out;
}

function run(
  from: Float32Array,
  to: Float32Array,
  start: number,
  step: number,
  n: number,
  r: number,
) {
  let sum = 0;
  let count = 0;
  for (let i = 0; i < Math.min(r, n); i++) {
    sum += from[start + i * step] ?? 0;
    count += 1;
  }
  for (let i = 0; i < n; i++) {
    if (i + r < n) {
      sum += from[start + (i + r) * step] ?? 0;
      count += 1;
    }
    if (i - r - 1 >= 0) {
      sum -= from[start + (i - r - 1) * step] ?? 0;
      count -= 1;
    }
    to[start + i * step] = sum / count;
  }
}

/** How much of the old surface's grain shows through: brush marks hide about half of it. */
const GRAIN = 0.45;
const DARKEST = 0.3;
const BRIGHTEST = 1.9;

/** White paint in the light of the room is about as bright as the brightest tenth of the photo. */
const WHITE = 0.55;

/**
 * A photo with faces painted as they will be. The light stays the photo's own: shadows, the glow from
 * a window, a little of the grain.
 *
 * @param photo at any size; `full` is the size that the matrices speak of
 * @param share how much of it: 0 as it is, 1 as it will be
 * @param lit false for plain colours
 */
export function painted(
  photo: Pixels,
  full: { readonly width: number; readonly height: number },
  faces: ReadonlyArray<PaintedFace>,
  share: number,
  lit: boolean,
): Uint8ClampedArray {
  const out = new Uint8ClampedArray(photo.data);
  if (share === 0 || faces.length === 0) {
    return out;
  }
  const light = lightOf(photo);
  const soft = softened(light, photo.width, photo.height, Math.round(photo.width / 90));
  const sorted = Float32Array.from(light).sort();
  const room = (sorted[Math.floor(sorted.length * 0.9)] ?? 1) / WHITE;
  for (const face of faces) {
    paintFace(
      out,
      photo,
      full,
      face,
      share,
      lit ? shade(light, soft, photo, full, face, room) : one,
    );
  }
  return out;
}

const one = () => 1;

/** How bright paint looks at a pixel: by the light there against the middle of the face. */
function shade(
  light: Float32Array,
  soft: Float32Array,
  photo: Pixels,
  full: { readonly width: number; readonly height: number },
  face: PaintedFace,
  room: number,
): (i: number) => number {
  const inside: number[] = [];
  eachPixel(photo, full, face, (i) => {
    inside.push(soft[i] ?? 0);
  });
  inside.sort((a, b) => a - b);
  const middle = inside[Math.floor(inside.length / 2)] || 1;
  const level = Math.min(1, Math.max(DARKEST, room));
  return (i) => {
    const s = soft[i] ?? middle;
    const grain = s > 0 ? ((light[i] ?? s) / s) ** GRAIN : 1;
    return level * Math.min(BRIGHTEST, Math.max(DARKEST, (s / middle) * grain));
  };
}

/** Every pixel of the photo that a face covers, with where on the face it is. */
function eachPixel(
  photo: Pixels,
  full: { readonly width: number; readonly height: number },
  face: PaintedFace,
  look: (i: number, xMm: number, yMm: number) => void,
) {
  const lens: Lens = { ...full, bulge: face.bulge };
  const k = full.width / photo.width;
  const box = boxOf(face, lens);
  const right = Math.min(photo.width - 1, Math.ceil(box.right / k));
  const bottom = Math.min(photo.height - 1, Math.ceil(box.bottom / k));
  for (let y = Math.max(0, Math.floor(box.top / k)); y <= bottom; y++) {
    for (let x = Math.max(0, Math.floor(box.left / k)); x <= right; x++) {
      const at = onFace(face.toFace, lens, { x: (x + 0.5) * k, y: (y + 0.5) * k });
      if (at && at.x >= 0 && at.y >= 0 && at.x <= face.widthMm && at.y <= face.heightMm) {
        look(y * photo.width + x, at.x, at.y);
      }
    }
  }
}

/** The box around a face on the photo; a lens bows its sides, so they are walked along. */
function boxOf(face: PaintedFace, lens: Lens) {
  const box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  for (let t = 0; t <= 8; t++) {
    for (const [u, v] of [
      [t / 8, 0],
      [t / 8, 1],
      [0, t / 8],
      [1, t / 8],
    ] as const) {
      const at = onPhoto(face.toPhoto, lens, { x: u * face.widthMm, y: v * face.heightMm });
      if (at === null) {
        return { left: 0, top: 0, right: lens.width, bottom: lens.height };
      }
      box.left = Math.min(box.left, at.x - 1);
      box.top = Math.min(box.top, at.y - 1);
      box.right = Math.max(box.right, at.x + 1);
      box.bottom = Math.max(box.bottom, at.y + 1);
    }
  }
  return box;
}

function paintFace(
  out: Uint8ClampedArray,
  photo: Pixels,
  full: { readonly width: number; readonly height: number },
  face: PaintedFace,
  share: number,
  bright: (i: number) => number,
) {
  const { width: w, height: h } = face.picture;
  const colour = new Float32Array(4);
  eachPixel(photo, full, face, (i, xMm, yMm) => {
    sample(face.picture, (xMm / face.widthMm) * w - 0.5, (yMm / face.heightMm) * h - 0.5, colour);
    const covers = (colour[3] ?? 0) * share;
    if (covers <= 0) {
      return;
    }
    const by = bright(i);
    for (let c = 0; c < 3; c++) {
      const was = LINEAR[photo.data[4 * i + c] ?? 0] ?? 0;
      out[4 * i + c] = shown(was * (1 - covers) + (colour[c] ?? 0) * by * covers);
    }
  });
}

/** The picture between its pixels: linear light, and how much it covers from 0 to 1. */
function sample({ width, height, data }: Pixels, x: number, y: number, into: Float32Array) {
  const x0 = Math.min(width - 1, Math.max(0, Math.floor(x)));
  const y0 = Math.min(height - 1, Math.max(0, Math.floor(y)));
  const x1 = Math.min(width - 1, x0 + 1);
  const y1 = Math.min(height - 1, y0 + 1);
  const fx = Math.min(1, Math.max(0, x - x0));
  const fy = Math.min(1, Math.max(0, y - y0));
  into.fill(0);
  for (const [px, py, weight] of [
    [x0, y0, (1 - fx) * (1 - fy)],
    [x1, y0, fx * (1 - fy)],
    [x0, y1, (1 - fx) * fy],
    [x1, y1, fx * fy],
  ] as const) {
    const i = 4 * (py * width + px);
    const covers = (weight * (data[i + 3] ?? 0)) / 255;
    into[3] = (into[3] ?? 0) + covers;
    for (let c = 0; c < 3; c++) {
      into[c] = (into[c] ?? 0) + covers * (LINEAR[data[i + c] ?? 0] ?? 0);
    }
  }
  const all = into[3] ?? 0;
  if (all > 0) {
    for (let c = 0; c < 3; c++) {
      into[c] = (into[c] ?? 0) / all;
    }
  }
}

/**
 * A second photo of the same piece as the first camera would have taken it.
 *
 * @param how from the first photo to the second
 */
export function linedUp(
  size: { readonly width: number; readonly height: number },
  first: Lens,
  second: Pixels,
  secondLens: Lens,
  firstToSecond: Matrix,
): Uint8ClampedArray<ArrayBuffer> {
  const out = new Uint8ClampedArray(size.width * size.height * 4);
  const colour = new Float32Array(4);
  const k = first.width / size.width;
  const to = second.width / secondLens.width;
  for (let y = 0; y < size.height; y++) {
    for (let x = 0; x < size.width; x++) {
      const straight = straightened(first, { x: (x + 0.5) * k, y: (y + 0.5) * k });
      const there = taken(firstToSecond, straight.x, straight.y);
      const at = there && bent(secondLens, there);
      if (!at || at.x < 0 || at.y < 0 || at.x > secondLens.width || at.y > secondLens.height) {
        continue;
      }
      sample(second, at.x * to - 0.5, at.y * to - 0.5, colour);
      const i = 4 * (y * size.width + x);
      for (let c = 0; c < 3; c++) {
        out[i + c] = shown(colour[c] ?? 0);
      }
      out[i + 3] = 255;
    }
  }
  return out;
}
