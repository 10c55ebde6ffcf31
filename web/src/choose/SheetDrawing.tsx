import type { StencilView } from '../api/client';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

/** A stencil's sheet as it lies on the shelf: its outline, its openings, its printed part. */
export function SheetDrawing({
  stencil,
  width,
  height,
}: {
  stencil: StencilView;
  width: number;
  height: number;
}) {
  const k = Math.min((width - 8) / stencil.sheetWidth.mm, (height - 8) / stencil.sheetHeight.mm);
  const w = stencil.sheetWidth.mm;
  const h = stencil.sheetHeight.mm;
  return (
    <svg width={width} height={num(h * k + 8)} role="img" aria-label={`Sheet of ${stencil.name}`}>
      <g transform={`translate(${num((width - w * k) / 2)} 4) scale(${k})`}>
        <rect
          width={w}
          height={h}
          rx="3"
          fill={ink('seaWash')}
          stroke={ink('sea')}
          strokeWidth="1.2"
          vectorEffect="non-scaling-stroke"
        />
        <rect
          x={stencil.printLeftMm}
          y={stencil.printTopMm}
          width={stencil.printWidth.mm}
          height={stencil.printHeight.mm}
          fill="none"
          stroke={ink('sea')}
          strokeDasharray="3 3"
          strokeOpacity="0.5"
          vectorEffect="non-scaling-stroke"
        />
        <path d={stencil.pathData} fill={ink('sea')} fillRule="evenodd" />
      </g>
    </svg>
  );
}
