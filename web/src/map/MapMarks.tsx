import { memo } from 'react';
import type { FaceView } from '../api/client';
import { ink } from '../theme/theme';
import { num } from './viewport';

const BESIDE = 34;

/** Grid lines with letters and figures in the margin, so that two people can say "C4". */
export const MapGrid = memo(function MapGrid({ face, k }: { face: FaceView; k: number }) {
  const cell = face.gridCellMm * k;
  const w = face.width.mm * k;
  const h = face.height.mm * k;
  const columns = Math.ceil(w / cell - 1e-6);
  const rows = Math.ceil(h / cell - 1e-6);
  const lines: string[] = [];
  for (let i = 0; i <= columns; i++) {
    lines.push(`M${num(Math.min(i * cell, w))} ${-BESIDE - 18}V${num(h + BESIDE)}`);
  }
  for (let i = 0; i <= rows; i++) {
    lines.push(`M${-BESIDE} ${num(Math.min(i * cell, h))}H${num(w + BESIDE / 2)}`);
  }
  return (
    <g aria-hidden>
      <path
        d={lines.join('')}
        stroke={ink('fold')}
        strokeOpacity={face.darkGround ? 0.28 : 0.5}
        strokeWidth="1"
        fill="none"
      />
      <g
        fill={ink('soft')}
        textAnchor="middle"
        style={{ fontSize: 14, fontFamily: 'var(--chakra-fonts-heading)' }}
      >
        {Array.from({ length: columns }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a column is its number
          <text key={i} x={(Math.min((i + 1) * cell, w) + i * cell) / 2} y={-BESIDE - 6}>
            {i + 1}
          </text>
        ))}
        {Array.from({ length: rows }, (_, i) => (
          <text
            // biome-ignore lint/suspicious/noArrayIndexKey: a row is its letter
            key={i}
            x={-BESIDE + 8}
            y={(Math.min((i + 1) * cell, h) + i * cell) / 2}
            dy="0.35em"
          >
            {String.fromCharCode(65 + i)}
          </text>
        ))}
      </g>
    </g>
  );
});

/** Where the front of a round piece is, at the rim of a wall or the foot of a lid. */
export const FrontMark = memo(function FrontMark({ face, k }: { face: FaceView; k: number }) {
  if (!face.front) {
    return null;
  }
  const below = !face.wraps;
  const side = below ? 1 : -1;
  return (
    <g
      transform={`translate(${num(face.front.xMm * k)} ${num(face.front.yMm * k)})`}
      fill={ink('rust')}
      data-front
    >
      <title>The front</title>
      <path d={`M0 ${side * 2}l-6 ${side * 10}h12z`} />
      <text
        y={side * 16}
        dy={below ? '0.8em' : '0'}
        textAnchor="middle"
        style={{ fontSize: 13, fontWeight: 600 }}
      >
        front
      </text>
    </g>
  );
});

const PIN = {
  COVERED: { fill: 'moss', word: 'hidden' },
  PART: { fill: 'tapeEdge', word: 'part hidden' },
  BARE: { fill: 'rust', word: 'bare' },
} as const;

/** Numbered pins on the blemishes: filled when hidden, half when part, a ring with a dot when bare. */
export const BlemishPins = memo(function BlemishPins({ face, k }: { face: FaceView; k: number }) {
  return (
    <g>
      {face.blemishes.map((b) => {
        const look = PIN[b.state];
        return (
          <g key={b.id} transform={`translate(${num(b.xMm * k)} ${num(b.yMm * k)})`}>
            <title>{b.text}</title>
            <circle
              r={(b.diameter.mm * k) / 2}
              fill="none"
              stroke={ink('sheet')}
              strokeDasharray="2 2"
            />
            <circle r="9.5" fill={ink(look.fill)} stroke={ink('sheet')} strokeWidth="2" />
            <text
              dy="0.36em"
              textAnchor="middle"
              fill={b.state === 'PART' ? ink('tapeInk') : ink('sheet')}
              style={{ fontSize: 11, fontWeight: 700 }}
            >
              {b.number}
            </text>
          </g>
        );
      })}
    </g>
  );
});
