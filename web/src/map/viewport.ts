/** How a face is seen: screen pixels are plan millimetres times k, moved by x and y. */
export type View = { readonly k: number; readonly x: number; readonly y: number };
export type Spot = { readonly x: number; readonly y: number };
export type Size = { readonly width: number; readonly height: number };
export type Margins = {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
};

const LEAST_K = 0.02;
const MOST_K = 12;

export const toScreen = (view: View, plan: Spot): Spot => ({
  x: plan.x * view.k + view.x,
  y: plan.y * view.k + view.y,
});

export const toPlan = (view: View, screen: Spot): Spot => ({
  x: (screen.x - view.x) / view.k,
  y: (screen.y - view.y) / view.k,
});

/** The view that shows a plan box as large as the window allows, centred between the margins. */
export function fitInto(plan: Size, window: Size, margins: Margins): View {
  const wide = Math.max(40, window.width - margins.left - margins.right);
  const high = Math.max(40, window.height - margins.top - margins.bottom);
  const k = clampK(Math.min(wide / plan.width, high / plan.height));
  return {
    k,
    x: margins.left + (wide - plan.width * k) / 2,
    y: margins.top + (high - plan.height * k) / 2,
  };
}

/** Nearer or farther, so that what is under the given spot stays there. */
export function zoomAt(view: View, at: Spot, factor: number): View {
  const k = clampK(view.k * factor);
  const grip = toPlan(view, at);
  return { k, x: at.x - grip.x * k, y: at.y - grip.y * k };
}

export const moveBy = (view: View, dx: number, dy: number): View => ({
  k: view.k,
  x: view.x + dx,
  y: view.y + dy,
});

const clampK = (k: number) => Math.min(MOST_K, Math.max(LEAST_K, k));

/** A number as an attribute of a drawing: a hundredth of a pixel is finer than any screen. */
export const num = (value: number): string => String(Math.round(value * 100) / 100);
