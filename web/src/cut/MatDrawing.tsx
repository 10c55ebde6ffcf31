import type { ReactNode } from 'react';
import type { MatView } from '../api/client';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

const WIDEST_PX = 760;
const TALLEST_PX = 520;
const TICK_MM = 10;
const TICK_PX = 5;
const LONG_TICK_PX = 11;
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

/** The cutter's bed with a rule along its edges. */
export function Mat({ widthMm, lengthMm, label, children }: MatProps) {
  // a mat that is longer than wide lies on its side, as there is more room
  const lies = lengthMm > LONG * widthMm;
  const [wide, tall] = lies ? [lengthMm, widthMm] : [widthMm, lengthMm];
  const k = Math.min(WIDEST_PX / wide, TALLEST_PX / tall);
  const ticks = (to: number, tick: (at: number, long: number) => string) =>
    Array.from({ length: Math.ceil(to / TICK_MM) - 1 }, (_, i) =>
      tick((i + 1) * TICK_MM, (i + 1) % 5 === 0 ? LONG_TICK_PX : TICK_PX),
    ).join('');
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
        <rect width={widthMm} height={lengthMm} fill={ink('sheet')} />
        {/* a rule along two edges, every centimetre, longer at five */}
        <path
          d={`${ticks(widthMm, (at, long) => `M${at} 0V${num(long / k)}`)}${ticks(lengthMm, (at, long) => `M0 ${at}H${num(long / k)}`)}`}
          stroke={ink('soft')}
          strokeOpacity="0.7"
          strokeWidth={num(1 / k)}
          fill="none"
        />
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
                stroke={ink('sheet')}
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
