import type { SketchView } from '../api/client';
import { SvgFig } from '../common/Fig';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

type Role = SketchView['shapes'][number]['role'];

const LOOKS: Record<Role, { fill: string; stroke: string; dashed?: boolean }> = {
  GROUND: { fill: 'var(--chakra-colors-sheet)', stroke: ink('fold') },
  MOTIF: { fill: 'var(--chakra-colors-sea)', stroke: 'var(--chakra-colors-card)' },
  PART: {
    fill: 'var(--chakra-colors-sea-wash)',
    stroke: 'var(--chakra-colors-sea)',
    dashed: true,
  },
  WET: { fill: 'var(--chakra-colors-sea-wash)', stroke: 'var(--chakra-colors-sea)' },
  OTHER: { fill: 'var(--chakra-colors-ochre-wash)', stroke: ink('ochre') },
  REST: { fill: 'none', stroke: ink('fold'), dashed: true },
  GUIDE: { fill: 'none', stroke: ink('ochre'), dashed: true },
  COLOUR: { fill: 'none', stroke: ink('fold') },
};

/** What is left round a drawing, for figures that stand over its edge. */
const ROUND_PX = 26;

/** How high a drawing is that fills its width, within bounds. */
export function highAs(sketch: SketchView, width: number, least: number, most: number): number {
  const filling = (sketch.height / sketch.width) * (width - 2 * ROUND_PX) + 2 * ROUND_PX;
  return Math.round(Math.min(most, Math.max(least, filling)));
}

/** The drawing of a sum, as large as its place allows. */
export function SketchPicture({
  sketch,
  width,
  height,
  label,
}: {
  sketch: SketchView;
  width: number;
  height: number;
  label: string;
}) {
  const k = Math.min(
    (width - 2 * ROUND_PX) / sketch.width,
    (height - 2 * ROUND_PX) / sketch.height,
  );
  const left = (width - sketch.width * k) / 2 - sketch.left * k;
  const top = (height - sketch.height * k) / 2 - sketch.top * k;
  return (
    <svg width={width} height={height} role="img" aria-label={label} style={{ display: 'block' }}>
      <g transform={`translate(${num(left)} ${num(top)}) scale(${k})`}>
        {sketch.shapes.map((shape, i) => {
          const look = LOOKS[shape.role];
          return (
            <path
              // biome-ignore lint/suspicious/noArrayIndexKey: a shape is its place in the drawing
              key={i}
              d={shape.path}
              fill={shape.colour ?? look.fill}
              stroke={look.stroke}
              strokeWidth="1.2"
              strokeDasharray={look.dashed ? '4 3' : undefined}
              vectorEffect="non-scaling-stroke"
            />
          );
        })}
      </g>
      {sketch.notes.map((note) => (
        <text
          key={`${note.x}/${note.y}/${note.text}`}
          x={num(left + note.x * k)}
          y={num(top + note.y * k)}
          dy="0.35em"
          textAnchor="middle"
          fontSize="12.5"
          fill="var(--chakra-colors-ink)"
          stroke="var(--chakra-colors-card)"
          strokeWidth="3"
          strokeLinejoin="round"
          paintOrder="stroke"
        >
          <SvgFig text={note.text} />
        </text>
      ))}
    </svg>
  );
}
