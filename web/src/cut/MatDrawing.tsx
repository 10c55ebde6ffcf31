import type { ReactNode } from 'react';
import type { MatView } from '../api/client';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

const WIDEST_PX = 760;
const TALLEST_PX = 520;
const SQUARE_MM = 50;
const LONG = 1.3;

/** Beyond this many their numbers would hide the lines. */
const MOST_NUMBERED = 80;

type MatProps = {
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly label: string;
  /** in the mat's own millimetres; what is written is turned back where it lies on its side */
  readonly children: (k: number, lies: boolean) => ReactNode;
};

/** A mat with its squares of 50 mm. */
export function Mat({ widthMm, lengthMm, label, children }: MatProps) {
  // a mat that is longer than wide lies on its side, as there is more room
  const lies = lengthMm > LONG * widthMm;
  const [wide, tall] = lies ? [lengthMm, widthMm] : [widthMm, lengthMm];
  const k = Math.min(WIDEST_PX / wide, TALLEST_PX / tall);
  const squares = (to: number) =>
    Array.from({ length: Math.ceil(to / SQUARE_MM) - 1 }, (_, i) => (i + 1) * SQUARE_MM);
  return (
    <svg
      width={num(wide * k)}
      height={num(tall * k)}
      viewBox={`0 0 ${num(wide)} ${num(tall)}`}
      role="img"
      aria-label={label}
      style={{ flexShrink: 0, borderRadius: 6, boxShadow: '0 1px 6px rgb(0 0 0 / 18%)' }}
    >
      <g transform={lies ? `matrix(0 -1 1 0 0 ${num(widthMm)})` : undefined}>
        <rect width={widthMm} height={lengthMm} fill={ink('seaWash')} />
        <g stroke={ink('sea')} strokeOpacity="0.18" vectorEffect="non-scaling-stroke">
          {squares(widthMm).map((x) => (
            <line key={`x${x}`} x1={x} y1={0} x2={x} y2={lengthMm} strokeWidth={num(1 / k)} />
          ))}
          {squares(lengthMm).map((y) => (
            <line key={`y${y}`} x1={0} y1={y} x2={widthMm} y2={y} strokeWidth={num(1 / k)} />
          ))}
        </g>
        {children(k, lies)}
      </g>
    </svg>
  );
}

type Props = {
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly label: string;
  readonly lines: MatView['lines'];
};

/** The lines of a mat, each numbered where the blade goes down. */
export function MatDrawing({ widthMm, lengthMm, label, lines }: Props) {
  return (
    <Mat widthMm={widthMm} lengthMm={lengthMm} label={label}>
      {(k, lies) => (
        <>
          {lines.map((line) => (
            <path
              key={line.data}
              d={line.data}
              fill={line.depth % 2 === 1 ? ink('card') : 'none'}
              fillOpacity="0.75"
              stroke={line.depth === 0 ? ink('sea') : ink('rust')}
              strokeWidth="1.3"
              vectorEffect="non-scaling-stroke"
            />
          ))}
          {lines.length <= MOST_NUMBERED &&
            lines.map((line, i) => (
              <text
                key={line.data}
                transform={`translate(${num(line.startXMm)} ${num(line.startYMm)})${lies ? ' rotate(90)' : ''}`}
                style={{ fontSize: `${num(10.5 / k)}px`, fontWeight: 600 }}
                fill={ink('ink')}
                stroke={ink('seaWash')}
                strokeWidth={num(2.5 / k)}
                paintOrder="stroke"
              >
                {i + 1}
              </text>
            ))}
        </>
      )}
    </Mat>
  );
}
