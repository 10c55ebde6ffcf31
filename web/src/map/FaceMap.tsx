import { Box, Flex } from '@chakra-ui/react';
import { type ReactNode, type RefObject, useEffect } from 'react';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { useGrips } from './useGrips';
import { useView } from './useView';
import { type Margins, num, type Spot } from './viewport';

/** How many pixels of the map lie beyond the face on each side. */
export type Room = Readonly<Record<'left' | 'right' | 'above' | 'below', number>>;

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
  readonly under?: (k: number, room: Room) => ReactNode;
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
const LAYERS = { position: 'absolute', inset: 0, transformOrigin: '0 0' } as const;
const LAYER = {
  position: 'absolute',
  inset: 0,
  overflow: 'visible',
  willChange: 'transform',
} as const;

/**
 * A window on a face: moved by dragging, brought nearer by the wheel, by pinching or by keys.
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
  const view = useView(widthMm, heightMm, margins);
  const { frame, layer, size, shown, zoomCentre, refit, spot } = view;
  const grips = useGrips(view, onPlace);
  useKeys({
    '+': () => zoomCentre(STEP),
    '=': () => zoomCentre(STEP),
    '-': () => zoomCentre(1 / STEP),
    '0': refit,
  });

  useEffect(() => {
    if (toPlanRef) {
      toPlanRef.current = spot;
    }
  }, [spot, toPlanRef]);

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
      {...grips}
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
              {under?.(shown.k, {
                left: shown.x,
                right: size.width - shown.x - widthMm * shown.k,
                above: shown.y,
                below: size.height - shown.y - heightMm * shown.k,
              })}
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
