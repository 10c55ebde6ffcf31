import { describe, expect, it } from 'vitest';
import { lightOf, linedUp, type PaintedFace, type Pixels, painted, softened } from './paint';
import { bent, onFace, onPhoto, straightened } from './perspective';

function plain(width: number, height: number, rgb: readonly [number, number, number]): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i++) {
    data.set([...rgb, 255], 4 * i);
  }
  return { width, height, data };
}

const at = (p: { width: number; data: Uint8ClampedArray }, x: number, y: number) => [
  ...p.data.slice(4 * (y * p.width + x), 4 * (y * p.width + x) + 4),
];

/** A face of 100 by 50 mm that stands on the photo from (20, 10), two pixels to a millimetre. */
const FACE: Omit<PaintedFace, 'picture'> = {
  toPhoto: [2, 0, 20, 0, 2, 10, 0, 0, 1],
  toFace: [0.5, 0, -10, 0, 0.5, -5, 0, 0, 1],
  bulge: 0,
  widthMm: 100,
  heightMm: 50,
};

describe('perspective', () => {
  it('goes there and back through a lens and a matrix', () => {
    const lens = { width: 1311, height: 977, bulge: 0.083 };
    const toPhoto = [1.31, 0.12, 233, -0.07, 1.22, 171, 0.00021, 0.00013, 1];
    for (const [x, y] of [
      [13.7, 401.1],
      [733.3, 91.9],
      [0, 0],
    ] as const) {
      expect(straightened(lens, bent(lens, { x, y })).x).toBeCloseTo(x, 6);
      const seen = onPhoto(toPhoto, lens, { x, y });
      expect(seen).not.toBeNull();
    }
    expect(bent({ ...lens, bulge: 0 }, { x: 5, y: 6 })).toEqual({ x: 5, y: 6 });
  });

  it('sees nothing behind the eye', () => {
    expect(
      onFace([1, 0, 0, 0, 1, 0, -1, 0, 1], { width: 10, height: 10, bulge: 0 }, { x: 5, y: 5 }),
    ).toBeNull();
  });
});

describe('painted', () => {
  const photo = plain(260, 130, [120, 110, 100]);
  const red = plain(100, 50, [200, 30, 20]);

  it('leaves the photo as it is where no face lies, and where nothing of it is wanted', () => {
    const out = { width: 260, data: painted(photo, photo, [{ ...FACE, picture: red }], 1, false) };
    expect(at(out, 5, 5)).toEqual([120, 110, 100, 255]);
    expect(at(out, 240, 60)).toEqual([120, 110, 100, 255]);
    const none = { width: 260, data: painted(photo, photo, [{ ...FACE, picture: red }], 0, true) };
    expect(none.data.every((v, i) => v === photo.data[i])).toBe(true);
  });

  it('paints what lies within the face in its own colours', () => {
    const out = { width: 260, data: painted(photo, photo, [{ ...FACE, picture: red }], 1, false) };
    expect(at(out, 120, 60)).toEqual([200, 30, 20, 255]);
    expect(at(out, 22, 12)).toEqual([200, 30, 20, 255]);
    expect(at(out, 18, 12)).toEqual([120, 110, 100, 255]);
  });

  it('lies at the same place at another size of the photo', () => {
    const half = plain(130, 65, [120, 110, 100]);
    const out = { width: 130, data: painted(half, photo, [{ ...FACE, picture: red }], 1, false) };
    expect(at(out, 60, 30)).toEqual([200, 30, 20, 255]);
    expect(at(out, 8, 30)).toEqual([120, 110, 100, 255]);
  });

  it('shows the photo where the picture leaves something out', () => {
    const holed = plain(100, 50, [200, 30, 20]);
    for (let y = 0; y < 50; y++) {
      for (let x = 40; x < 60; x++) {
        holed.data[4 * (y * 100 + x) + 3] = 0;
      }
    }
    const out = {
      width: 260,
      data: painted(photo, photo, [{ ...FACE, picture: holed }], 1, false),
    };
    expect(at(out, 120, 60)).toEqual([120, 110, 100, 255]);
    expect(at(out, 60, 60)).toEqual([200, 30, 20, 255]);
  });

  it('is half of each half way, as light mixes', () => {
    const white = plain(100, 50, [255, 255, 255]);
    const black = plain(260, 130, [0, 0, 0]);
    const out = {
      width: 260,
      data: painted(black, black, [{ ...FACE, picture: white }], 0.5, false),
    };
    expect(at(out, 120, 60)[0]).toBe(188);
  });

  it('keeps the shadow that lies across a face', () => {
    const lit = plain(260, 130, [150, 150, 150]);
    for (let y = 0; y < 130; y++) {
      for (let x = 130; x < 260; x++) {
        lit.data.set([60, 60, 60], 4 * (y * 260 + x));
      }
    }
    const out = { width: 260, data: painted(lit, lit, [{ ...FACE, picture: red }], 1, true) };
    const bright = at(out, 60, 60)[0] ?? 0;
    const dark = at(out, 200, 60)[0] ?? 0;
    expect(bright).toBeGreaterThan(dark * 1.5);
    expect(dark).toBeGreaterThan(at(out, 200, 60)[1] ?? 255);
  });
});

describe('light', () => {
  it('is told as it adds up, and its mean stays where it is softened', () => {
    expect(lightOf(plain(1, 1, [255, 255, 255]))[0]).toBeCloseTo(1, 5);
    const light = Float32Array.from({ length: 70 }, (_, i) => (i * 37) % 11);
    const soft = softened(light, 10, 7, 2);
    expect(soft).toHaveLength(70);
    // the middle has all twenty-five around it
    let sum = 0;
    for (let y = 1; y <= 5; y++) {
      for (let x = 3; x <= 7; x++) {
        sum += light[y * 10 + x] ?? 0;
      }
    }
    expect(soft[3 * 10 + 5]).toBeCloseTo(sum / 25, 4);
    expect(softened(new Float32Array([4, 4]), 2, 1, 9)[0]).toBeCloseTo(4, 5);
  });
});

describe('linedUp', () => {
  it('moves the second photo under the first, and leaves empty what it does not show', () => {
    const second = plain(100, 100, [10, 200, 10]);
    second.data.set([250, 0, 0], 4 * (50 * 100 + 60));
    const lens = { width: 100, height: 100, bulge: 0 };
    const out = linedUp(lens, lens, second, lens, [1, 0, 20, 0, 1, 10, 0, 0, 1]);
    expect([...out.slice(4 * (40 * 100 + 40), 4 * (40 * 100 + 40) + 4)]).toEqual([250, 0, 0, 255]);
    expect(out[4 * (5 * 100 + 5) + 3]).toBe(255);
    expect(out[4 * (95 * 100 + 95) + 3]).toBe(0);
  });
});
