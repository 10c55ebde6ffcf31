import { describe, expect, it } from 'vitest';
import type { FaceOnPhoto } from '../../api/client';
import { edgeOf, faceAt, inTheMiddle, quadOf, withPlace } from './places';

const PHOTO = { width: 1311, height: 977 };
const ANCHORS = [
  { id: 'top-left', name: 'Top left corner', xMm: 0, yMm: 0, main: true },
  { id: 'top-right', name: 'Top right corner', xMm: 433.3, yMm: 0, main: true },
  { id: 'bottom-right', name: 'Bottom right corner', xMm: 433.3, yMm: 211.1, main: true },
  { id: 'bottom-left', name: 'Bottom left corner', xMm: 0, yMm: 211.1, main: true },
  { id: 'mark:knob', name: 'Knob', xMm: 216.65, yMm: 100, main: false },
];

/** Two pixels to a millimetre, from (100, 50). */
const LIES = {
  toPhoto: [2, 0, 100, 0, 2, 50, 0, 0, 1],
  toFace: [0.5, 0, -50, 0, 0.5, -25, 0, 0, 1],
  bulge: 0,
};

function face(faceId: string, lies: FaceOnPhoto['lies'] = LIES): FaceOnPhoto {
  return {
    faceId,
    name: faceId,
    version: 1,
    anchors: ANCHORS,
    pins: [{ anchor: 'top-left', name: 'Top left corner', x: 100, y: 50, offPx: 0 }],
    lies,
  };
}

const SIZES = new Map([
  ['front', { widthMm: 433.3, heightMm: 211.1 }],
  ['lid', { widthMm: 433.3, heightMm: 211.1 }],
]);

describe('a face that is put on a photo', () => {
  it('stands in the middle, undistorted, within the picture', () => {
    const pins = inTheMiddle({ faceId: 'front', name: 'Front', anchors: ANCHORS }, PHOTO);
    expect(pins.map((p) => p.anchor)).toEqual([
      'top-left',
      'top-right',
      'bottom-right',
      'bottom-left',
    ]);
    const [tl, tr, br] = pins;
    expect((tr?.x ?? 0) - (tl?.x ?? 0)).toBeGreaterThan(300);
    expect(((tr?.x ?? 0) - (tl?.x ?? 0)) / ((br?.y ?? 0) - (tr?.y ?? 0))).toBeCloseTo(
      433.3 / 211.1,
      1,
    );
    for (const p of pins) {
      expect(p.x).toBeGreaterThanOrEqual(0);
      expect(p.x).toBeLessThanOrEqual(PHOTO.width);
    }
  });

  it('gets another place where it is seen if all is right, and none that it has not', () => {
    const with5 = withPlace(face('front'), 'mark:knob', PHOTO);
    expect(with5.at(-1)).toEqual({ anchor: 'mark:knob', x: 533.3, y: 250 });
    expect(withPlace(face('front'), 'mark:moon', PHOTO)).toHaveLength(1);
    expect(withPlace({ ...face('front'), lies: undefined }, 'mark:knob', PHOTO)).toHaveLength(1);
  });

  it('is outlined by its own corners, bowed where the lens bows', () => {
    const size = SIZES.get('front') ?? { widthMm: 0, heightMm: 0 };
    expect(edgeOf(face('front'), size, PHOTO)).toMatch(/^M100\.0 50\.0L172\.2 50\.0/);
    const bowed = edgeOf(face('front', { ...LIES, bulge: 0.1 }), size, PHOTO);
    expect(bowed).not.toContain('L172.2 50.0');
    expect(quadOf(face('front'), face('front').pins)).toBe('');
    const four = inTheMiddle({ faceId: 'front', name: 'Front', anchors: ANCHORS }, PHOTO);
    expect(quadOf(face('front'), four).match(/L/g)).toHaveLength(3);
  });

  it('is found under a spot; the one that is worked on first', () => {
    const both = [face('front'), face('lid')];
    expect(faceAt(both, SIZES, 'lid', PHOTO, { x: 500, y: 200 })?.faceId).toBe('lid');
    expect(faceAt(both, SIZES, null, PHOTO, { x: 500, y: 200 })?.faceId).toBe('front');
    expect(faceAt(both, SIZES, 'lid', PHOTO, { x: 5, y: 5 })).toBeNull();
    expect(
      faceAt([{ ...face('front'), lies: undefined }], SIZES, null, PHOTO, { x: 500, y: 200 }),
    ).toBeNull();
  });
});
