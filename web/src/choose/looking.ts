import type { TrialView } from '../api/client';

type Size = { readonly width: number; readonly height: number };
type Box = {
  readonly leftMm: number;
  readonly topMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
};

/** Two screen pixels to a millimetre: larger is seen better on the map of the face. */
export const CLOSEST = 2;

/** What is seen beyond the edge of a face. */
const MARGIN_PX = 6;

/** A design can be read from here on, in screen pixels to a millimetre. */
const READABLE = 0.5;

/** The scale at which a face is seen whole. */
export const wholeAt = (face: Size, card: Size) =>
  Math.min(card.width / face.width, card.height / face.height);

/** Whole where a design can be read then, else as near as it has to be. */
export const usualScale = (face: Size, card: Size) =>
  Math.min(CLOSEST, Math.max(wholeAt(face, card), READABLE));

/**
 * The part of a face that is looked at: around the copy that lies nearest to the middle of all of
 * them, and no farther out than the face goes. All of it at the scale at which it is whole.
 */
export function partOf(
  face: Size,
  card: Size,
  k: number,
  trial: Pick<TrialView, 'placed' | 'items' | 'window'>,
): Box | null {
  if (k <= wholeAt(face, card) * 1.01) {
    return null;
  }
  const width = Math.min(face.width, card.width / k);
  const height = Math.min(face.height, card.height / k);
  const at = focusOf(face, trial);
  return {
    leftMm: within(at.x - width / 2, width, face.width, MARGIN_PX / k),
    topMm: within(at.y - height / 2, height, face.height, MARGIN_PX / k),
    widthMm: width,
    heightMm: height,
  };
}

/** Not farther out than a little beyond the edge, so that it is seen where the face ends. */
function within(at: number, part: number, all: number, margin: number) {
  return part >= all ? 0 : Math.min(all - part + margin, Math.max(-margin, at));
}

function focusOf(face: Size, trial: Pick<TrialView, 'placed' | 'items' | 'window'>) {
  const w = trial.window;
  const middles =
    trial.placed.length > 0
      ? trial.placed.map((p) => ({ x: p.leftMm + p.widthMm / 2, y: p.topMm + p.heightMm / 2 }))
      : trial.items.map((i) => ({
          x: i.xMm + w.leftMm + w.widthMm / 2,
          y: i.yMm + w.topMm + w.heightMm / 2,
        }));
  if (middles.length === 0) {
    return { x: face.width / 2, y: face.height / 2 };
  }
  const x = middles.reduce((sum, m) => sum + m.x, 0) / middles.length;
  const y = middles.reduce((sum, m) => sum + m.y, 0) / middles.length;
  return middles.reduce((best, m) =>
    Math.hypot(m.x - x, m.y - y) < Math.hypot(best.x - x, best.y - y) ? m : best,
  );
}

/** A slider's place from 0 to 100 for a scale, and back: each step as much larger as the one before. */
export const toSlider = (k: number, whole: number) =>
  whole >= CLOSEST ? 0 : (100 * Math.log(k / whole)) / Math.log(CLOSEST / whole);

export const fromSlider = (place: number, whole: number) =>
  whole >= CLOSEST ? whole : whole * (CLOSEST / whole) ** (place / 100);
