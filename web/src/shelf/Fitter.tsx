import { Box, Flex } from '@chakra-ui/react';
import { type PointerEvent, useRef, useState } from 'react';
import type { ArtworkView, Drawn } from '../api/client';
import { Button } from '../common/Button';
import { GripRing } from '../common/GripRing';
import { LengthField } from '../common/LengthField';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { boxBetween, corner, moved, type Place } from './fitting';

/** What is known of a picture: how long something on it is, or which part of it counts. */
export type FitWish = {
  readonly from?: Place;
  readonly to?: Place;
  readonly lengthMm?: number;
  readonly crop?: { left: number; top: number; width: number; height: number };
};

type Props = {
  readonly artwork: ArtworkView;
  readonly drawn: Exclude<Drawn, 'NOTHING'>;
  readonly onFit: (wish: FitWish) => void;
};

export const WIDTH = 640;
const HEIGHT = 430;
const RIM = 8;
/** A smaller part is a slip of the hand. */
const LEAST_SHARE = 0.01;

/** What is kept at first, before a corner of it is moved. */
const INNER = { a: { x: 0.1, y: 0.1 }, b: { x: 0.9, y: 0.9 } };

/** The picture with a line on it that can be laid along anything whose length is known. */
export function Fitter({ artwork, drawn, onFit }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [from, setFrom] = useState<Place>({ x: 0, y: 0.5 });
  const [to, setTo] = useState<Place>({ x: 1, y: 0.5 });
  const [held, setHeld] = useState<'from' | 'to' | 'a' | 'b' | null>(null);
  const [crop, setCrop] = useState<{ a: Place; b: Place } | null>(null);
  const cropping = crop !== null;
  const w = artwork.width.mm;
  const h = artwork.height.mm;
  const k = Math.min((WIDTH - 2 * RIM) / w, (HEIGHT - 2 * RIM) / h);
  const at = (e: PointerEvent): Place => {
    const frame = svg.current?.getBoundingClientRect();
    return corner({
      x: (e.clientX - (frame?.left ?? 0) - RIM) / (w * k),
      y: (e.clientY - (frame?.top ?? 0) - RIM) / (h * k),
    });
  };
  const put = (which: NonNullable<typeof held>, place: Place) => {
    if (which === 'from') {
      setFrom(place);
    } else if (which === 'to') {
      setTo(place);
    } else {
      setCrop(crop && { ...crop, [which]: place });
    }
  };
  const ring = (which: NonNullable<typeof held>, place: Place, label: string) => (
    <GripRing
      at={{ x: RIM + place.x * w * k, y: RIM + place.y * h * k }}
      share={place}
      label={label}
      onHold={(pointer) => {
        svg.current?.setPointerCapture(pointer);
        setHeld(which);
      }}
      onKey={(e) => {
        const now = moved(place, e.key, e.shiftKey);
        if (now) {
          e.preventDefault();
          put(which, now);
        }
      }}
    />
  );
  const box = crop && boxBetween(crop.a, crop.b);
  return (
    <Box>
      <svg
        ref={svg}
        width={num(w * k + 2 * RIM)}
        height={num(h * k + 2 * RIM)}
        role="group"
        aria-label="The picture, with the line along what is known"
        style={{ touchAction: 'none', cursor: cropping ? 'crosshair' : 'default' }}
        onPointerDown={(e) => {
          if (cropping) {
            e.currentTarget.setPointerCapture(e.pointerId);
            const p = at(e);
            setCrop({ a: p, b: p });
            setHeld('b');
          }
        }}
        onPointerMove={(e) => {
          if (held) {
            put(held, at(e));
          }
        }}
        onPointerUp={() => setHeld(null)}
      >
        <Shown artwork={artwork} drawn={drawn} scale={k} />
        {!cropping && (
          <>
            <path
              d={`M${num(RIM + from.x * w * k)} ${num(RIM + from.y * h * k)}L${num(RIM + to.x * w * k)} ${num(RIM + to.y * h * k)}`}
              stroke={ink('rust')}
              strokeWidth="2"
              strokeDasharray="6 4"
            />
            {ring('from', from, 'One end of what is known')}
            {ring('to', to, 'The other end of what is known')}
          </>
        )}
        {box && (
          <rect
            x={num(RIM + box.left * w * k)}
            y={num(RIM + box.top * h * k)}
            width={num(box.width * w * k)}
            height={num(box.height * h * k)}
            fill={ink('rust')}
            fillOpacity="0.1"
            stroke={ink('rust')}
            strokeWidth="1.6"
          />
        )}
        {crop && ring('a', crop.a, 'One corner of what is kept')}
        {crop && ring('b', crop.b, 'The corner across from it')}
      </svg>
      <Flex gap="3" align="flex-start" wrap="wrap" mt="1">
        <LengthField
          label="From ring to ring it is"
          value={
            artwork.trueSize
              ? { mm: Math.hypot((to.x - from.x) * w, (to.y - from.y) * h), text: '' }
              : null
          }
          kind="SIZE"
          width="200px"
          keepText
          hint={
            artwork.trueSize
              ? `the sheet is ${artwork.width.text} × ${artwork.height.text}`
              : 'lay the rings on something you measured'
          }
          onLength={(lengthMm) => onFit({ from, to, lengthMm })}
        />
        <Button
          mt="6"
          aria-pressed={cropping}
          look={cropping ? 'sea' : 'quiet'}
          onClick={() => setCrop(cropping ? null : INNER)}
        >
          Crop…
        </Button>
        {box && box.width > LEAST_SHARE && box.height > LEAST_SHARE && (
          <Button mt="6" look="sea" onClick={() => onFit({ crop: box })}>
            Keep only this part
          </Button>
        )}
      </Flex>
    </Box>
  );
}

/** The picture itself; of a stencil its openings, with the narrowest bridge and loose islands. */
function Shown({
  artwork,
  drawn,
  scale,
}: {
  artwork: ArtworkView;
  drawn: Props['drawn'];
  scale: number;
}) {
  const frame = {
    x: RIM,
    y: RIM,
    width: num(artwork.width.mm * scale),
    height: num(artwork.height.mm * scale),
  };
  const cut = drawn === 'OPENINGS';
  const openings = cut ? artwork.openings : undefined;
  return (
    <>
      <rect {...frame} fill={cut ? ink('seaWash') : ink('card')} stroke={ink('fold')} />
      {openings ? (
        <g transform={`translate(${RIM} ${RIM}) scale(${scale})`}>
          <path d={openings.pathData} fill={ink('sea')} fillRule="evenodd" />
          {openings.islands.map((i) => (
            <circle
              key={`${i.xMm}/${i.yMm}`}
              cx={i.xMm}
              cy={i.yMm}
              r={6 / scale}
              fill="none"
              stroke={ink('rust')}
              strokeWidth={2 / scale}
            />
          ))}
          {openings.bridgeFrom && openings.bridgeTo && (
            <path
              d={`M${openings.bridgeFrom.xMm} ${openings.bridgeFrom.yMm}L${openings.bridgeTo.xMm} ${openings.bridgeTo.yMm}`}
              stroke={ink('ochre')}
              strokeWidth={3 / scale}
              strokeLinecap="round"
            />
          )}
        </g>
      ) : (
        <image href={artwork.address} {...frame} preserveAspectRatio="none" />
      )}
    </>
  );
}
