import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { moved, type Place } from './fitting';

export type DrawnBox = {
  readonly leftMm: number;
  readonly topMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
};

type Corners = {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
};

/** Where the sheet lies in the drawing, and how large it is, in millimetres. */
type Sheet = {
  readonly left: number;
  readonly top: number;
  readonly scale: number;
  readonly width: number;
  readonly height: number;
};

/** A smaller one is a slip of the hand. */
const LEAST_MM = 1;

/** A place of the drawing on the sheet, kept to it. */
export function onSheet(sheet: Sheet, x: number, y: number) {
  return {
    x: Math.min(sheet.width, Math.max(0, (x - sheet.left) / sheet.scale)),
    y: Math.min(sheet.height, Math.max(0, (y - sheet.top) / sheet.scale)),
  };
}

/** The box between two corners, whichever was first. */
export const boxBetween = (c: Corners): DrawnBox => ({
  leftMm: Math.min(c.x0, c.x1),
  topMm: Math.min(c.y0, c.y1),
  widthMm: Math.abs(c.x1 - c.x0),
  heightMm: Math.abs(c.y1 - c.y0),
});

/** The middle of a sheet, in shares of it: where a box begins that is drawn by keys. */
const MIDDLE = { a: { x: 0.25, y: 0.25 }, b: { x: 0.75, y: 0.75 } };

/** Two corners in shares of a sheet, in its millimetres. */
export const cornersOn = (sheet: Pick<Sheet, 'width' | 'height'>, a: Place, b: Place): Corners => ({
  x0: a.x * sheet.width,
  y0: a.y * sheet.height,
  x1: b.x * sheet.width,
  y1: b.y * sheet.height,
});

const isMeant = (box: DrawnBox) => box.widthMm > LEAST_MM && box.heightMm > LEAST_MM;

/**
 * A box that is drawn on a sheet, told when it is let go; or by keys, its two corners moved by
 * arrows, told on Enter.
 */
export function useDrawnBox(sheet: Sheet, onBox: ((box: DrawnBox) => void) | null) {
  const on = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<Corners | null>(null);
  const at = (e: PointerEvent) => {
    const frame = on.current?.getBoundingClientRect();
    return onSheet(sheet, e.clientX - (frame?.left ?? 0), e.clientY - (frame?.top ?? 0));
  };
  const [keyed, setKeyed] = useState(MIDDLE);
  const box = drag && boxBetween(drag);
  const tell = (told: DrawnBox | null) => {
    if (told && onBox && isMeant(told)) {
      onBox(told);
      setKeyed(MIDDLE);
    }
  };
  const pointer = {
    onPointerDown: (e: PointerEvent<SVGSVGElement>) => {
      if (onBox) {
        e.currentTarget.setPointerCapture(e.pointerId);
        const p = at(e);
        setDrag({ x0: p.x, y0: p.y, x1: p.x, y1: p.y });
      }
    },
    onPointerMove: (e: PointerEvent) => {
      if (drag) {
        const p = at(e);
        setDrag({ ...drag, x1: p.x, y1: p.y });
      }
    },
    onPointerUp: () => {
      tell(box);
      setDrag(null);
    },
  };
  const byKeys =
    onBox && drag === null
      ? {
          ...keyed,
          box: boxBetween(cornersOn(sheet, keyed.a, keyed.b)),
          onKey: (which: 'a' | 'b') => (e: KeyboardEvent) => {
            const now = moved(keyed[which], e.key, e.shiftKey);
            if (now) {
              setKeyed({ ...keyed, [which]: now });
            } else if (e.key === 'Enter') {
              tell(boxBetween(cornersOn(sheet, keyed.a, keyed.b)));
            } else {
              return;
            }
            e.preventDefault();
          },
        }
      : null;
  return { on, box, pointer, byKeys };
}
