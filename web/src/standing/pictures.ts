/**
 * A drawn face as a picture for the surface of the standing piece. Colours of the theme are
 * variables of the page; in a picture by itself they have to stand as they are.
 */
const LONGER_SIDE_PX = 1024;

export async function pictureOf(svg: SVGSVGElement): Promise<HTMLCanvasElement> {
  const width = svg.viewBox.baseVal.width;
  const height = svg.viewBox.baseVal.height;
  const k = LONGER_SIDE_PX / Math.max(width, height);
  const style = getComputedStyle(document.documentElement);
  const text = new XMLSerializer()
    .serializeToString(svg)
    .replace(/var\((--[\w-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim());
  const image = new Image();
  image.width = Math.max(1, Math.round(width * k));
  image.height = Math.max(1, Math.round(height * k));
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = image.width;
  canvas.height = image.height;
  canvas.getContext('2d')?.drawImage(image, 0, 0, image.width, image.height);
  return canvas;
}

/** Whether this browser can draw in three dimensions. */
export function hasWebGl(): boolean {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null;
  } catch {
    return false;
  }
}
