import { describe, expect, it } from 'vitest';
import { crc, described } from './pngText';

const ONE_PIXEL = Uint8Array.from(
  atob(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  ),
  (c) => c.charCodeAt(0),
);

describe('described', () => {
  it('sums as every reader of the format does', () => {
    // the sum of the word that the format's own end chunk consists of
    expect(crc(new TextEncoder().encode('IEND'))).toBe(0xae426082);
  });

  it('puts a text between the header and the pixels, with the sum that readers check', () => {
    const out = described(ONE_PIXEL, 'Sea chest: a made-up preview');
    const view = new DataView(out.buffer);
    const length = view.getUint32(33);
    const body = out.subarray(37, 37 + 4 + length);
    expect(new TextDecoder().decode(body)).toBe(
      'iTXtDescription\0\0\0\0\0Sea chest: a made-up preview',
    );
    expect(view.getUint32(37 + 4 + length)).toBe(crc(body));
    expect(out.subarray(0, 33)).toEqual(ONE_PIXEL.subarray(0, 33));
    expect(out.subarray(33 + 12 + length)).toEqual(ONE_PIXEL.subarray(33));
  });
});
