import { type PaintedFace, painted } from './paint';
import { described } from './pngText';
import { pixelsOf } from './usePainted';

/** The photo as it will be, at its full size, as a PNG that says of itself that it is made up. */
export async function pictureFile(
  image: HTMLImageElement,
  faces: ReadonlyArray<PaintedFace>,
  share: number,
  lit: boolean,
  piece: string,
): Promise<Blob> {
  const full = { width: image.naturalWidth, height: image.naturalHeight };
  const photo = pixelsOf(image, full);
  const canvas = document.createElement('canvas');
  canvas.width = photo.width;
  canvas.height = photo.height;
  canvas
    .getContext('2d')
    ?.putImageData(
      new ImageData(
        new Uint8ClampedArray(painted(photo, full, faces, share, lit)),
        photo.width,
        photo.height,
      ),
      0,
      0,
    );
  const plain = await new Promise<Blob>((done, failed) =>
    canvas.toBlob((b) => (b ? done(b) : failed(new Error('no picture'))), 'image/png'),
  );
  const text = `${piece}: a made-up preview of what is planned, drawn on a photo`;
  return new Blob([described(new Uint8Array(await plain.arrayBuffer()), text)], {
    type: 'image/png',
  });
}

export function download(file: Blob, name: string) {
  const address = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}

/** As a file is called: letters and figures, with hyphens. */
export function fileName(piece: string): string {
  return `${
    piece
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '') || 'piece'
  }-on-photo.png`;
}
