import { Box } from '@chakra-ui/react';
import {
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
  type RefObject,
  useRef,
} from 'react';
import { wayOf } from '../../common/arrows';
import { ink } from '../../theme/theme';
import type { At } from './perspective';

type Size = { readonly width: number; readonly height: number };

const FAR = 10;

/** The photo, over it what will be, and over both whatever is pointed at. */
export function PhotoStage({
  address,
  alt,
  photo,
  shown,
  canvas,
  share,
  measuring,
  cross,
  spots,
  onCross,
  onSpot,
  toSpot,
  children,
}: {
  address: string;
  alt: string;
  photo: Size;
  shown: Size;
  canvas: RefObject<HTMLCanvasElement | null>;
  share: number;
  measuring: boolean;
  cross: At;
  spots: ReadonlyArray<At>;
  onCross: (at: At) => void;
  onSpot: (at: At) => void;
  toSpot: (e: PointerEvent) => At;
  children: ReactNode;
}) {
  const k = shown.width / photo.width;
  const begun = useRef<At | null>(null);
  const pressed = (e: KeyboardEvent) => {
    const step = wayOf(e.key);
    if (step) {
      e.preventDefault();
      const by = e.shiftKey ? FAR : 1;
      onCross({
        x: Math.min(photo.width, Math.max(0, cross.x + step[0] * by)),
        y: Math.min(photo.height, Math.max(0, cross.y + step[1] * by)),
      });
    } else if (e.key === 'Enter') {
      e.preventDefault();
      onSpot(cross);
    }
  };
  return (
    <Box
      position="relative"
      width={`${shown.width}px`}
      height={`${shown.height}px`}
      borderRadius="md"
      overflow="hidden"
      boxShadow="0 1px 10px rgb(37 49 58 / 0.25)"
      data-stage-of-photo
    >
      <img
        src={address}
        alt={alt}
        width={shown.width}
        height={shown.height}
        draggable={false}
        style={{ display: 'block' }}
      />
      <canvas
        ref={canvas}
        aria-hidden
        style={{ position: 'absolute', inset: 0, opacity: share, pointerEvents: 'none' }}
      />
      <svg
        viewBox={`0 0 ${photo.width} ${photo.height}`}
        width={shown.width}
        height={shown.height}
        style={{
          position: 'absolute',
          inset: 0,
          cursor: measuring ? 'crosshair' : undefined,
          touchAction: measuring ? 'none' : undefined,
        }}
        role={measuring ? 'application' : 'group'}
        aria-label={
          measuring
            ? 'Measuring on the photo: the arrow keys move the cross, Enter sets it'
            : 'Faces on the photo'
        }
        tabIndex={measuring ? 0 : undefined}
        onKeyDown={measuring ? pressed : undefined}
        onPointerDown={(e) => {
          begun.current = toSpot(e);
        }}
        onPointerUp={(e) => {
          if (measuring && begun.current) {
            const at = toSpot(e);
            onCross(at);
            onSpot(at);
          }
          begun.current = null;
        }}
      >
        {children}
        {measuring && (
          <g transform={`translate(${cross.x} ${cross.y}) scale(${1 / k})`} aria-hidden>
            <path d="M-14 0H14M0-14V14" stroke={ink('sheet')} strokeWidth="3.4" />
            <path d="M-14 0H14M0-14V14" stroke={ink('rust')} strokeWidth="1.4" />
          </g>
        )}
        <Measured spots={spots} k={k} />
      </svg>
    </Box>
  );
}

function Measured({ spots, k }: { spots: ReadonlyArray<At>; k: number }) {
  const [a, b] = spots;
  return (
    <g aria-hidden>
      {a && b && (
        <>
          <path
            d={`M${a.x} ${a.y}L${b.x} ${b.y}`}
            stroke={ink('ink')}
            strokeWidth="5"
            vectorEffect="non-scaling-stroke"
          />
          <path
            d={`M${a.x} ${a.y}L${b.x} ${b.y}`}
            stroke={ink('tape')}
            strokeWidth="3"
            vectorEffect="non-scaling-stroke"
          />
        </>
      )}
      {spots.map((s, i) => (
        <g
          // biome-ignore lint/suspicious/noArrayIndexKey: the first and the second
          key={i}
          transform={`translate(${s.x} ${s.y}) scale(${1 / k})`}
        >
          <circle r="6" fill={ink('tape')} stroke={ink('ink')} strokeWidth="1.6" />
        </g>
      ))}
    </g>
  );
}
