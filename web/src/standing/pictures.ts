import { BY_DAY } from '../theme/colours';

/**
 * A drawn face as a picture for the surface of the standing piece. Colours of the theme are
 * variables of the page; in a picture by itself they have to stand as they are.
 */
const LONGER_SIDE_PX = 1024;

export async function pictureOf(
  svg: SVGSVGElement,
  longerSide = LONGER_SIDE_PX,
): Promise<HTMLCanvasElement> {
  const width = svg.viewBox.baseVal.width;
  const height = svg.viewBox.baseVal.height;
  const k = longerSide / Math.max(width, height);
  const text = new XMLSerializer()
    .serializeToString(await withPictures(svg))
    .replace(/var\((--[\w-]+)\)/g, (_, name: `--${string}`) => BY_DAY[name] ?? '');
  return drawn(
    `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`,
    width * k,
    height * k,
  );
}

/** A picture by its address, as large as it is to be looked at. */
export function pictureAt(
  address: string,
  width: number,
  height: number,
): Promise<HTMLCanvasElement> {
  const k = LONGER_SIDE_PX / Math.max(width, height);
  return drawn(address, width * k, height * k);
}

async function drawn(address: string, width: number, height: number): Promise<HTMLCanvasElement> {
  const image = new Image();
  image.width = Math.max(1, Math.round(width));
  image.height = Math.max(1, Math.round(height));
  image.src = address;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = image.width;
  canvas.height = image.height;
  canvas.getContext('2d')?.drawImage(image, 0, 0, image.width, image.height);
  return canvas;
}

const read = new Map<string, Promise<string>>();

/** A picture by itself cannot fetch others: they are written into it. */
async function withPictures(svg: SVGSVGElement): Promise<SVGSVGElement> {
  const own = svg.cloneNode(true) as SVGSVGElement;
  await Promise.all(
    [...own.querySelectorAll('image')].map(async (image) => {
      const href = image.getAttribute('href') ?? '';
      if (href.startsWith('/')) {
        const asData = read.get(href) ?? asDataUrl(href);
        read.set(href, asData);
        image.setAttribute('href', await asData);
      }
    }),
  );
  return own;
}

async function asDataUrl(href: string): Promise<string> {
  const blob = await (await fetch(href)).blob();
  return new Promise((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.onerror = () => failed(reader.error);
    reader.readAsDataURL(blob);
  });
}

/** Whether this browser can draw in three dimensions. */
export function hasWebGl(): boolean {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null;
  } catch {
    return false;
  }
}
