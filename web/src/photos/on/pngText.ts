/** What a PNG file says of itself, beside its pixels: chunk iTXt, as the format has it. */
const HEAD = 8;

const TABLE = Uint32Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let k = 0; k < 8; k++) {
    c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  }
  return c >>> 0;
});

/** The sum at the end of each chunk. */
export function crc(bytes: Uint8Array): number {
  let c = 0xffffffff;
  for (const b of bytes) {
    c = (TABLE[(c ^ b) & 0xff] ?? 0) ^ (c >>> 8);
  }
  return (c ^ 0xffffffff) >>> 0;
}

/** The same picture with a description in it, right behind its header. */
export function described(png: Uint8Array, text: string): Uint8Array<ArrayBuffer> {
  // keyword, not compressed, no language, no translated keyword
  const body = new TextEncoder().encode(`iTXtDescription\0\0\0\0\0${text}`);
  const chunk = new Uint8Array(body.length + 8);
  const view = new DataView(chunk.buffer);
  view.setUint32(0, body.length - 4);
  chunk.set(body, 4);
  view.setUint32(body.length + 4, crc(body));
  // the header chunk comes first in every file: its length, its name, thirteen bytes, its sum
  const header = HEAD + 25;
  const out = new Uint8Array(png.length + chunk.length);
  out.set(png.subarray(0, header));
  out.set(chunk, header);
  out.set(png.subarray(header), header + chunk.length);
  return out;
}
