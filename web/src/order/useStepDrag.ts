import { type PointerEvent, type RefObject, useRef, useState } from 'react';
import type { OrderStep } from '../api/client';
import { NAMES } from './chartSizes';
import { snapped, type TimeScale } from './timeScale';

/** Minutes by which the keys move a step. */
export const STEP_OF_A_DRAG = 15;

/** Nearer than this, a step was pressed and not dragged. */
const PRESSED_PX = 4;

export type Dragged = { readonly stepId: string; readonly minute: number };

/** A step that follows the pointer along the hours; where it is let go is told. */
export function useStepDrag(
  svg: RefObject<SVGSVGElement | null>,
  scale: TimeScale,
  onDrop: (step: OrderStep, minute: number) => void,
) {
  const [dragged, setDragged] = useState<Dragged | null>(null);
  const was = useRef(false);
  const grab = (event: PointerEvent, step: OrderStep) => {
    if (event.button !== 0) {
      return;
    }
    was.current = false;
    const began = event.clientX;
    const left = svg.current?.getBoundingClientRect().left ?? 0;
    const inBar = began - left - NAMES - scale.x(step.from);
    const at = (clientX: number) => {
      const moved = (svg.current?.getBoundingClientRect().left ?? left) + NAMES;
      return snapped(scale.minute(clientX - moved - inBar));
    };
    const move = (e: globalThis.PointerEvent) => {
      if (was.current || Math.abs(e.clientX - began) > PRESSED_PX) {
        was.current = true;
        setDragged({ stepId: step.id, minute: at(e.clientX) });
      }
    };
    const end = () => {
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', end);
      window.removeEventListener('keydown', giveUp);
      setDragged(null);
    };
    const up = (e: globalThis.PointerEvent) => {
      end();
      if (was.current) {
        onDrop(step, at(e.clientX));
      }
    };
    const giveUp = (e: globalThis.KeyboardEvent) => e.key === 'Escape' && end();
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', end);
    window.addEventListener('keydown', giveUp);
  };
  return {
    dragged,
    grab,
    /** Whether what is about to be taken for a click was a drag; asked once. */
    wasDragged: () => {
      const it = was.current;
      was.current = false;
      return it;
    },
  };
}
