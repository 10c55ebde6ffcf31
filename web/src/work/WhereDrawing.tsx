import type { Reading } from '../api/client';
import type { Stencils } from '../map/Items';
import { NetFaces, shownFaces } from '../map/Net';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

/** The piece unfolded, with what is worked on now in front of all else. */
export function WhereDrawing({
  reading,
  stencils,
  faces,
  label,
}: {
  reading: Reading;
  stencils: Stencils;
  faces: ReadonlyArray<string>;
  label: string;
}) {
  const { widthMm, heightMm } = reading.net;
  const edge = Math.max(widthMm, heightMm) / 90;
  const shown = shownFaces(reading);
  const here = shown.filter((f) => faces.includes(f.id));
  return (
    <svg
      width="100%"
      height="100%"
      viewBox={`${-edge} ${-edge} ${num(widthMm + 2 * edge)} ${num(heightMm + 2 * edge)}`}
      role="img"
      aria-label={label}
    >
      <NetFaces reading={reading} stencils={stencils} />
      {here.length > 0 &&
        shown.map((f) => {
          const on = faces.includes(f.id);
          const into = f.setInto !== undefined && here.some((h) => h.id === f.setInto);
          return on || into ? null : (
            <rect
              key={f.id}
              x={num(f.onNet?.leftMm ?? 0)}
              y={num(f.onNet?.topMm ?? 0)}
              width={num(f.width.mm)}
              height={num(f.height.mm)}
              fill={ink('sheet')}
              opacity="0.78"
            />
          );
        })}
      {here.map((f) => (
        <rect
          key={f.id}
          x={num(f.onNet?.leftMm ?? 0)}
          y={num(f.onNet?.topMm ?? 0)}
          width={num(f.width.mm)}
          height={num(f.height.mm)}
          fill="none"
          stroke={ink('ochre')}
          strokeWidth={num(edge)}
        />
      ))}
    </svg>
  );
}
