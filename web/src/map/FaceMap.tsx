import { Box, Flex } from '@chakra-ui/react';
import {
  type ReactNode,
  type PointerEvent as ReactPointerEvent,
  type RefObject,
  useCallback,
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
} from 'react';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { useElementSize } from '../common/useElementSize';
import {
  fitInto,
  type Margins,
  moveBy,
  num,
  type Spot,
  toPlan,
  type View,
  zoomAt,
} from './viewport';

type Props = {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly label: string;
  readonly margins: Margins;
  /** a click on the map places something instead of moving it */
  readonly onPlace?: (at: Spot) => void;
  /** drawn in millimetres */
  readonly plan: ReactNode;
  /** drawn in pixels, for a scale, and at rest while something is dragged */
  readonly under?: (k: number) => ReactNode;
  /**
   * What is carried along under the pointer, in millimetres, and how far it was carried: it has a
   * layer of its own that is shifted as it is, not painted anew.
   */
  readonly carried?: { readonly plan: ReactNode; readonly byMm: Spot } | null;
  /**
   * The same on a layer of its own: what moves under the pointer. Only this layer is painted anew
   * while it does, however much lies on the face below.
   */
  readonly over: (k: number) => ReactNode;
  readonly toPlanRef?: RefObject<((client: Spot) => Spot) | null>;
};

const STEP = 1.25;
const SETTLE_MS = 140;
const LAYERS = { position: 'absolute', inset: 0, transformOrigin: '0 0' } as const;
const LAYER = {
  position: 'absolute',
  inset: 0,
  overflow: 'visible',
  willChange: 'transform',
} as const;

/**
 * A window on a face: moved by dragging, brought nearer by the wheel, by pinching or by keys. While
 * it moves, the drawing that is there already is shifted as a whole; it is drawn anew when it rests.
 */
export function FaceMap({
  widthMm,
  heightMm,
  label,
  margins,
  onPlace,
  plan,
  under,
  carried,
  over,
  toPlanRef,
}: Props) {
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
  useKeys({
    '+': () => zoomCentre(STEP),
    '=': () => zoomCentre(STEP),
    '-': () => zoomCentre(1 / STEP),
    '0': refit,
  });

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
      move(zoomAt(from, at, Math.exp(-e.deltaY * 0.0016)), true);
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
  useEffect(() => {
    if (toPlanRef) {
      toPlanRef.current = spot;
    }
  }, [spot, toPlanRef]);

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

  return (
    <Box
      ref={frame}
      position="relative"
      w="100%"
      h="100%"
      overflow="hidden"
      cursor={onPlace ? 'crosshair' : 'grab'}
      touchAction="none"
      userSelect="none"
      data-testid="map"
      onPointerDown={down}
      onPointerMove={drag}
      onPointerUp={up}
      onPointerCancel={up}
    >
      {size && shown && (
        <Box ref={layer} style={LAYERS}>
          <svg
            width={size.width}
            height={size.height}
            role="group"
            aria-label={label}
            style={LAYER}
          >
            <g transform={`translate(${num(shown.x)} ${num(shown.y)})`}>
              <g transform={`scale(${shown.k})`}>{plan}</g>
              {under?.(shown.k)}
            </g>
          </svg>
          {carried && (
            <svg
              width={size.width}
              height={size.height}
              aria-hidden
              style={{
                ...LAYER,
                transform: `translate(${num(carried.byMm.x * shown.k)}px, ${num(carried.byMm.y * shown.k)}px)`,
              }}
            >
              <g transform={`translate(${num(shown.x)} ${num(shown.y)}) scale(${shown.k})`}>
                {carried.plan}
              </g>
            </svg>
          )}
          <svg
            width={size.width}
            height={size.height}
            role="group"
            aria-label="Lines, marks and tape"
            style={LAYER}
          >
            <g transform={`translate(${num(shown.x)} ${num(shown.y)})`}>{over(shown.k)}</g>
          </svg>
        </Box>
      )}
      <Flex
        position="absolute"
        right="4"
        bottom="4"
        gap="1"
        onPointerDown={(e) => e.stopPropagation()}
      >
        <Button aria-label="Step back" onClick={() => zoomCentre(1 / STEP)}>
          −
        </Button>
        <Button onClick={refit}>fit</Button>
        <Button aria-label="Look closer" onClick={() => zoomCentre(STEP)}>
          +
        </Button>
      </Flex>
    </Box>
  );
}

const distance = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y);
