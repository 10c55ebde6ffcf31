import { memo } from 'react';
import type { MarkView, StudioView } from '../api/client';
import { SvgFig } from '../common/Fig';
import { ink } from '../theme/theme';
import { num } from './viewport';

type Props = {
  readonly edgeMm: number;
  readonly k: number;
  readonly tape: StudioView['tape'];
  readonly marks: ReadonlyArray<MarkView>;
};

const DEPTH = 44;
const OVERHANG = 26;
const LEAST_TICK_PX = 3.2;
const LEAST_FIGURE_PX = 30;
const LEAST_MARK_PX = 46;

/** How a tape is divided, coarsest first: every so many units, and how deep the stroke goes. */
const DIVISIONS = {
  INCH: [
    [1, 20],
    [1 / 2, 14],
    [1 / 4, 11],
    [1 / 8, 8],
    [1 / 16, 6],
  ],
  MM: [
    [10, 20],
    [5, 13],
    [1, 7],
  ],
  CM: [
    [1, 20],
    [0.5, 13],
    [0.1, 7],
  ],
} as const;

const FIGURES = {
  INCH: [1, 2, 4, 6, 12, 24],
  MM: [10, 20, 50, 100, 200, 500],
  CM: [1, 2, 5, 10, 20, 50],
};

/**
 * A tape laid along the edge with its zero at the datum, at the same scale as the face, with the
 * places to tick. Its own length: 0 to the end of the edge.
 */
export const Tape = memo(function Tape({ edgeMm, k, tape, marks }: Props) {
  const unitPx = tape.unitMm * k;
  const every = FIGURES[tape.unit].find((n) => n * unitPx >= LEAST_FIGURE_PX) ?? 1000;
  const ticks: string[] = [];
  const drawn = new Set<number>();
  for (const [units, depth] of DIVISIONS[tape.unit]) {
    if (units * unitPx < LEAST_TICK_PX) {
      break;
    }
    let path = '';
    for (let i = 0; i * units * tape.unitMm <= edgeMm + 1e-6; i++) {
      const key = Math.round(i * units * 1000);
      if (!drawn.has(key)) {
        drawn.add(key);
        path += `M${num(i * units * unitPx)} 0v${depth}`;
      }
    }
    ticks.push(path);
  }
  const figures: number[] = [];
  for (let n = 0; n * tape.unitMm <= edgeMm + 1e-6; n += every) {
    figures.push(n);
  }
  const shown = readable(marks, k);
  return (
    <g>
      <rect
        x={-OVERHANG}
        y="0"
        width={edgeMm * k + 2 * OVERHANG}
        height={DEPTH}
        rx="4"
        fill={ink('tape')}
        stroke={ink('tapeEdge')}
      />
      {ticks.map((path, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: one path for each depth of stroke
        <path key={i} d={path} stroke={ink('tapeInk')} strokeWidth={i === 0 ? 1.5 : 1} />
      ))}
      {figures.map((n) => (
        <text
          key={n}
          x={n * unitPx}
          y="35"
          textAnchor="middle"
          fill={ink('tapeInk')}
          style={{ fontSize: 12, fontWeight: 600 }}
        >
          {n}
        </text>
      ))}
      {marks.map((m) => (
        <path
          key={m.number}
          d={`M${num(m.exactMm * k - 5.5)} -6h11l-5.5 12z`}
          fill={ink('rust')}
          stroke={ink('sheet')}
          strokeWidth="0.6"
        >
          <title>{`${m.number}: ${m.text}`}</title>
        </path>
      ))}
      {shown.map((m) => (
        <text
          key={m.number}
          x={m.exactMm * k}
          y="-13"
          textAnchor="middle"
          fill={ink('rust')}
          style={{ fontSize: 13, fontWeight: 600 }}
        >
          <SvgFig text={m.figure} />
        </text>
      ))}
    </g>
  );
});

/** The marks whose figures have room; the list beside the map has them all. */
function readable(marks: ReadonlyArray<MarkView>, k: number): MarkView[] {
  const shown: MarkView[] = [];
  let free = Number.NEGATIVE_INFINITY;
  for (const mark of marks) {
    const x = mark.exactMm * k;
    if (x >= free) {
      shown.push(mark);
      free = x + LEAST_MARK_PX;
    }
  }
  return shown;
}
