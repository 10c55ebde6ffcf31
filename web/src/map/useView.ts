import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { useElementSize } from '../common/useElementSize';
import { fitInto, type Margins, type Spot, toPlan, type View, zoomAt } from './viewport';

const SETTLE_MS = 140;
const WHEEL = 0.0016;

/**
 * Where a window on a face looks, and how near. While it moves, the drawing that is there already is
 * shifted as a whole; it is drawn anew when it rests.
 */
export function useView(widthMm: number, heightMm: number, margins: Margins) {
  const [frame, size] = useElementSize();
  const layer = useRef<HTMLDivElement>(null);
  const [view, setView] = useState<View | null>(null);
  const moving = useRef<View | null>(null);
  const settle = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const touched = useRef(false);

  const fitted = size && fitInto({ width: widthMm, height: heightMm }, size, margins);
  const shown = touched.current && view ? view : fitted;

  const commit = useCallback(() => {
    clearTimeout(settle.current);
    if (moving.current) {
      setView(moving.current);
    }
  }, []);

  // Once React has drawn the new view, the shift of the old drawing is taken off in the same frame.
  useLayoutEffect(() => {
    if (layer.current && shown) {
      layer.current.style.transform = '';
      moving.current = null;
    }
  }, [shown]);

  const move = useCallback(
    (next: View, rest: boolean) => {
      if (!shown) {
        return;
      }
      touched.current = true;
      moving.current = next;
      const grown = next.k / shown.k;
      if (layer.current) {
        layer.current.style.transform = `translate(${next.x - shown.x * grown}px, ${
          next.y - shown.y * grown
        }px) scale(${grown})`;
      }
      clearTimeout(settle.current);
      if (rest) {
        settle.current = setTimeout(commit, SETTLE_MS);
      }
    },
    [shown, commit],
  );

  const now = useCallback(() => moving.current ?? shown, [shown]);

  const zoomCentre = (factor: number) => {
    const from = now();
    if (from && size) {
      move(zoomAt(from, { x: size.width / 2, y: size.height / 2 }, factor), false);
      commit();
    }
  };
  const refit = () => {
    touched.current = false;
    moving.current = null;
    setView(null);
    if (layer.current) {
      layer.current.style.transform = '';
    }
  };
  useEffect(() => {
    const element = frame.current;
    if (!element) {
      return;
    }
    const wheel = (e: WheelEvent) => {
      e.preventDefault();
      const from = now();
      if (!from) {
        return;
      }
      const rect = element.getBoundingClientRect();
      const at = { x: e.clientX - rect.left, y: e.clientY - rect.top };
      move(zoomAt(from, at, Math.exp(-e.deltaY * WHEEL)), true);
    };
    element.addEventListener('wheel', wheel, { passive: false });
    return () => element.removeEventListener('wheel', wheel);
  }, [frame, now, move]);

  const spot = useCallback(
    (client: Spot): Spot => {
      const rect = frame.current?.getBoundingClientRect();
      const from = now();
      return rect && from
        ? toPlan(from, { x: client.x - rect.left, y: client.y - rect.top })
        : { x: 0, y: 0 };
    },
    [frame, now],
  );
  return { frame, layer, size, shown, now, move, commit, zoomCentre, refit, spot };
}
