import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { FaceOnPhoto, Pin } from '../../api/client';
import { wayOf } from '../../common/arrows';
import { ink } from '../../theme/theme';
import { edgeOf, quadOf } from './places';
import type { PinAt } from './useFacesOnPhoto';

type Size = { readonly width: number; readonly height: number };

/** The line round a face, and its places as handles where it is worked on. */
export function PhotoPins({
  face,
  pins,
  size,
  photo,
  k,
  chosen,
  toSpot,
  onMove,
  onEnd,
}: {
  face: FaceOnPhoto;
  pins: ReadonlyArray<PinAt>;
  size: { readonly widthMm: number; readonly heightMm: number } | undefined;
  photo: Size;
  /** screen pixels to one of the photo */
  k: number;
  chosen: boolean;
  toSpot: (e: PointerEvent) => { x: number; y: number };
  onMove: (pins: ReadonlyArray<PinAt>) => void;
  /** the pin was let go, or set by keys; `catches` where an edge near by may catch it */
  onEnd: (pins: ReadonlyArray<PinAt>, anchor: string, catches: boolean) => void;
}) {
  const moved = pins !== face.pins;
  const line = !moved && size ? edgeOf(face, size, photo) : quadOf(face, pins);
  return (
    <g>
      <path
        d={line}
        fill="none"
        stroke={ink('sheet')}
        strokeWidth={chosen ? 4 : 2.5}
        strokeOpacity="0.7"
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={line}
        fill="none"
        stroke={ink(chosen ? 'rust' : 'sea')}
        strokeWidth={chosen ? 2 : 1.2}
        vectorEffect="non-scaling-stroke"
      />
      {chosen &&
        pins.map((pin) => (
          <PinHandle
            key={pin.anchor}
            pin={pin}
            name={nameOf(face, pin)}
            main={face.anchors.find((a) => a.id === pin.anchor)?.main ?? false}
            k={k}
            toSpot={toSpot}
            onMove={(x, y) => onMove(at(pins, pin.anchor, x, y))}
            onEnd={(x, y, catches) => onEnd(at(pins, pin.anchor, x, y), pin.anchor, catches)}
          />
        ))}
    </g>
  );
}

function at(pins: ReadonlyArray<PinAt>, anchor: string, x: number, y: number) {
  return pins.map((p) => (p.anchor === anchor ? { ...p, x, y } : p));
}

function nameOf(face: FaceOnPhoto, pin: PinAt): string {
  return (
    face.anchors.find((a) => a.id === pin.anchor)?.name ?? (pin as Partial<Pin>).name ?? pin.anchor
  );
}

const FAR = 10;

function PinHandle({
  pin,
  name,
  main,
  k,
  toSpot,
  onMove,
  onEnd,
}: {
  pin: PinAt;
  name: string;
  main: boolean;
  k: number;
  toSpot: (e: PointerEvent) => { x: number; y: number };
  onMove: (x: number, y: number) => void;
  onEnd: (x: number, y: number, catches: boolean) => void;
}) {
  const held = useRef<{ dx: number; dy: number } | null>(null);
  const spot = (e: PointerEvent) => {
    const { x, y } = toSpot(e);
    return { x: x + (held.current?.dx ?? 0), y: y + (held.current?.dy ?? 0) };
  };
  const pressed = (e: KeyboardEvent) => {
    const step = wayOf(e.key);
    if (step) {
      e.preventDefault();
      const by = e.shiftKey ? FAR : 1;
      onEnd(pin.x + step[0] * by, pin.y + step[1] * by, false);
    } else if (e.key === 'Enter') {
      e.preventDefault();
      onEnd(pin.x, pin.y, true);
    }
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${name}: ${Math.round(pin.x)} across, ${Math.round(pin.y)} down; arrow keys move it, Enter catches the corner near by`}
      transform={`translate(${pin.x} ${pin.y}) scale(${1 / k})`}
      style={{ cursor: 'grab', touchAction: 'none' }}
      data-pin={pin.anchor}
      onKeyDown={pressed}
      onPointerDown={(e) => {
        e.preventDefault();
        e.stopPropagation();
        e.currentTarget.focus();
        e.currentTarget.setPointerCapture(e.pointerId);
        const { x, y } = toSpot(e);
        held.current = { dx: pin.x - x, dy: pin.y - y };
      }}
      onPointerMove={(e) => {
        if (held.current) {
          const { x, y } = spot(e);
          onMove(x, y);
        }
      }}
      onPointerUp={(e) => {
        if (held.current) {
          const { x, y } = spot(e);
          held.current = null;
          onEnd(x, y, !e.altKey);
        }
      }}
      onPointerCancel={() => {
        held.current = null;
      }}
    >
      <title>{name}</title>
      <circle r="17" fill="transparent" />
      {/* what is pointed at stays to be seen: a ring with a cross of hairs */}
      <circle r="10" fill="none" stroke={ink('sheet')} strokeWidth="4" />
      <circle
        r="10"
        fill="none"
        stroke={ink(main ? 'rust' : 'sea')}
        strokeWidth="2.2"
        strokeDasharray={main ? undefined : '4 3'}
      />
      <path d="M-6 0H6M0-6V6" stroke={ink('sheet')} strokeWidth="2.6" />
      <path d="M-6 0H6M0-6V6" stroke={ink('ink')} strokeWidth="1.1" />
    </g>
  );
}
