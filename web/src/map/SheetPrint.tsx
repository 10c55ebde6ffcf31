import type { ArtView } from '../api/client';
import { SvgFig } from '../common/Fig';
import { ink } from '../theme/theme';
import { num } from './viewport';

/** A sheet as it is printed, in its own millimetres. */
export function SheetPrint({ art, opacity }: { art: ArtView; opacity: number }) {
  return art.address !== undefined ? (
    <image
      href={art.address}
      width={art.sheetWidthMm}
      height={art.sheetHeightMm}
      preserveAspectRatio="none"
      opacity={opacity}
    />
  ) : (
    <rect
      width={art.sheetWidthMm}
      height={art.sheetHeightMm}
      fill={art.shade ?? ink('fold')}
      opacity={opacity}
    />
  );
}

type NumberProps = {
  readonly number: number;
  readonly xMm: number;
  readonly yMm: number;
  /** pixels for a millimetre, so that the figure keeps its size */
  readonly k: number;
};

/** A part's number in a ring. */
export function PartNumber({ number, xMm, yMm, k }: NumberProps) {
  return (
    <g>
      <circle
        cx={num(xMm)}
        cy={num(yMm)}
        r={num(10 / k)}
        fill={ink('card')}
        stroke={ink('rust')}
        strokeWidth={num(1.2 / k)}
      />
      <text
        x={num(xMm)}
        y={num(yMm + 4.2 / k)}
        textAnchor="middle"
        fill={ink('rust')}
        style={{ fontSize: 12 / k, fontWeight: 700 }}
      >
        <SvgFig text={String(number)} />
      </text>
    </g>
  );
}
