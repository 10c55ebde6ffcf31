import { num } from '../map/viewport';
import { ink } from '../theme/theme';

type Props = {
  readonly colour: string;
  readonly fullShare: number;
  /** how full it will be when all planned work is done */
  readonly afterShare?: number;
  readonly holdsMl: number;
  readonly label: string;
};

const INSIDE = 84;

/** A pot as it stands on the shelf: its paint up to its level, a dashed line for after the work. */
export function PotJar({ colour, fullShare, afterShare, holdsMl, label }: Props) {
  const wide = holdsMl > 200 ? 66 : holdsMl > 80 ? 54 : 44;
  const high = holdsMl > 200 ? INSIDE : holdsMl > 80 ? 68 : 54;
  const top = 110 - high;
  const x = (92 - wide) / 2;
  const level = fullShare * (high - 6);
  const after = afterShare === undefined ? null : 106 - afterShare * (high - 6);
  return (
    <svg width="92" height="116" role="img" aria-label={label}>
      <rect x={x - 3} y={top - 11} width={wide + 6} height="11" rx="2" fill={ink('lid')} />
      <rect
        x={x}
        y={top}
        width={wide}
        height={high}
        rx="5"
        fill={ink('glass')}
        stroke={ink('soft')}
        strokeWidth="1.3"
      />
      {level > 0.5 && (
        <rect
          x={x + 2.5}
          y={num(107.5 - level)}
          width={wide - 5}
          height={num(level)}
          rx="3"
          fill={colour}
          stroke={ink('soft')}
          strokeOpacity="0.25"
        />
      )}
      {after !== null && (
        <path
          d={`M${x - 7} ${num(after)}h${wide + 14}`}
          stroke={ink('rust')}
          strokeWidth="1.4"
          strokeDasharray="3 2.500"
        />
      )}
    </svg>
  );
}
