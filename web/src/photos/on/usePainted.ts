import { useEffect, useMemo, useRef, useState } from 'react';
import type { FaceOnPhoto, FaceView } from '../../api/client';
import { type PaintedFace, type Pixels, painted } from './paint';

type Size = { readonly width: number; readonly height: number };

/** A photo's file as an image of the page; null until it is there. */
export function useImage(address: string): HTMLImageElement | null {
  const [image, setImage] = useState<HTMLImageElement | null>(null);
  useEffect(() => {
    let current = true;
    const loading = new Image();
    loading.src = address;
    loading
      .decode()
      .then(() => current && setImage(loading))
      .catch(() => {});
    return () => {
      current = false;
    };
  }, [address]);
  return image;
}

/** The pixels of an image at a size. */
export function pixelsOf(image: CanvasImageSource, { width, height }: Size): Pixels {
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width));
  canvas.height = Math.max(1, Math.round(height));
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) {
    return { width: 1, height: 1, data: new Uint8ClampedArray(4) };
  }
  pen.imageSmoothingQuality = 'high';
  pen.drawImage(image, 0, 0, canvas.width, canvas.height);
  return pen.getImageData(0, 0, canvas.width, canvas.height);
}

/** What is painted: the faces that lie on the photo and have a picture, in the order of the list. */
export function paintable(
  on: ReadonlyArray<FaceOnPhoto>,
  faces: ReadonlyArray<FaceView>,
  pictures: ReadonlyMap<string, Pixels>,
): ReadonlyArray<PaintedFace> {
  return on.flatMap((f) => {
    const face = faces.find((x) => x.id === f.faceId);
    const picture = pictures.get(f.faceId);
    return f.lies && face && picture
      ? [
          {
            toFace: f.lies.toFace,
            toPhoto: f.lies.toPhoto,
            bulge: f.lies.bulge,
            widthMm: face.width.mm,
            heightMm: face.height.mm,
            picture,
          },
        ]
      : [];
  });
}

/** Draws the photo as it will be onto a canvas, anew whenever something of it has changed. */
export function usePainted(
  image: HTMLImageElement | null,
  full: Size,
  shown: Size,
  faces: ReadonlyArray<PaintedFace>,
  lit: boolean,
) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [done, setDone] = useState(0);
  const { width, height } = shown;
  const photo = useMemo(
    () => (image && width > 1 ? pixelsOf(image, { width, height }) : null),
    [image, width, height],
  );
  useEffect(() => {
    const sheet = canvas.current;
    if (!sheet || !photo) {
      return;
    }
    sheet.width = photo.width;
    sheet.height = photo.height;
    const pixels = painted(photo, full, faces, 1, lit);
    sheet
      .getContext('2d')
      ?.putImageData(new ImageData(new Uint8ClampedArray(pixels), photo.width, photo.height), 0, 0);
    setDone((n) => n + 1);
  }, [photo, full, faces, lit]);
  return { canvas, done };
}
