/**
 * How a face lies on a photo, as the server has worked it out: the page only draws by it. Matrices
 * are three by three, row by row; a lens moves a spot at a distance r from the middle, in half
 * diagonals, to r (1 + k r²), where lines are straight.
 */
export type Matrix = ReadonlyArray<number>;
export type At = { readonly x: number; readonly y: number };
export type Lens = { readonly width: number; readonly height: number; readonly bulge: number };

/** Where a matrix takes a place; null behind the eye and on the horizon. */
export function taken(by: Matrix, x: number, y: number): At | null {
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0, i = 1] = by;
  const w = g * x + h * y + i;
  return w > 1e-12 ? { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w } : null;
}

export function straightened({ width, height, bulge }: Lens, { x, y }: At): At {
  const dx = x - width / 2;
  const dy = y - height / 2;
  const by = 1 + (bulge * (dx * dx + dy * dy) * 4) / (width * width + height * height);
  return { x: width / 2 + dx * by, y: height / 2 + dy * by };
}

const STEPS = 8;

/** The other way round, by Newton's steps. */
export function bent(lens: Lens, { x, y }: At): At {
  const half = Math.hypot(lens.width, lens.height) / 2;
  const straight = Math.hypot(x - lens.width / 2, y - lens.height / 2) / half;
  if (straight === 0 || lens.bulge === 0) {
    return { x, y };
  }
  let r = straight;
  for (let n = 0; n < STEPS; n++) {
    r -= (r * (1 + lens.bulge * r * r) - straight) / (1 + 3 * lens.bulge * r * r);
  }
  const by = r / straight;
  return {
    x: lens.width / 2 + (x - lens.width / 2) * by,
    y: lens.height / 2 + (y - lens.height / 2) * by,
  };
}

/** The place of a face that is seen at a spot of the photo. */
export function onFace(toFace: Matrix, lens: Lens, spot: At): At | null {
  const straight = straightened(lens, spot);
  return taken(toFace, straight.x, straight.y);
}

/** Where a place of a face is seen on the photo. */
export function onPhoto(toPhoto: Matrix, lens: Lens, place: At): At | null {
  const straight = taken(toPhoto, place.x, place.y);
  return straight && bent(lens, straight);
}
