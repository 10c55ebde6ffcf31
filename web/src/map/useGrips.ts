import { type PointerEvent as ReactPointerEvent, useRef } from 'react';
import { moveBy, type Spot, type View, zoomAt } from './viewport';

type Held = {
  readonly now: () => View | null;
  readonly move: (next: View, rest: boolean) => void;
  readonly commit: () => void;
  readonly spot: (client: Spot) => Spot;
};

/** Moves a window by one pointer, brings it nearer by two; or puts something where it is clicked. */
export function useGrips({ now, move, commit, spot }: Held, onPlace?: (at: Spot) => void) {
  const grips = useRef(new Map<number, Spot>());
  const down = (e: ReactPointerEvent) => {
    if (onPlace) {
      onPlace(spot({ x: e.clientX, y: e.clientY }));
      return;
    }
    e.currentTarget.setPointerCapture(e.pointerId);
    grips.current.set(e.pointerId, { x: e.clientX, y: e.clientY });
  };
  const drag = (e: ReactPointerEvent) => {
    const before = grips.current.get(e.pointerId);
    const from = now();
    if (!before || !from) {
      return;
    }
    const here = { x: e.clientX, y: e.clientY };
    const other = [...grips.current].find(([id]) => id !== e.pointerId)?.[1];
    grips.current.set(e.pointerId, here);
    if (other) {
      const rect = e.currentTarget.getBoundingClientRect();
      const factor = distance(here, other) / Math.max(1, distance(before, other));
      const at = { x: (here.x + other.x) / 2 - rect.left, y: (here.y + other.y) / 2 - rect.top };
      move(zoomAt(from, at, factor), false);
    } else {
      move(moveBy(from, here.x - before.x, here.y - before.y), false);
    }
  };
  const up = (e: ReactPointerEvent) => {
    grips.current.delete(e.pointerId);
    if (grips.current.size === 0) {
      commit();
    }
  };
  return { onPointerDown: down, onPointerMove: drag, onPointerUp: up, onPointerCancel: up };
}

const distance = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y);
