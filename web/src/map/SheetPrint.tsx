import { type ReactNode, type SVGProps, useId } from 'react';
import type { ArtView, BoxView } from '../api/client';
import { SvgFig } from '../common/Fig';
import { ink } from '../theme/theme';
import { num } from './viewport';

/** A sheet as it is printed, in its own millimetres. */
function SheetPrint({ art, opacity }: { art: ArtView; opacity: number }) {
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

type FigureProps = {
  readonly art: ArtView;
  readonly widthPx: number;
  readonly tallestPx: number;
  readonly label: string;
  /** what is cut out, as path data: it shows in full colour, the rest pale */
  readonly shown: string;
  readonly over: (k: number) => ReactNode;
};

/** A sheet to scale, what is cut from it in full colour, with whatever is drawn over it. */
export function SheetFigure({ art, widthPx, tallestPx, label, shown, over }: FigureProps) {
  const id = useId();
  const w = art.sheetWidthMm;
  const h = art.sheetHeightMm;
  const k = Math.min(widthPx / w, tallestPx / h);
  return (
    <svg
      width={num(w * k)}
      height={num(h * k)}
      viewBox={`0 0 ${num(w)} ${num(h)}`}
      role="img"
      aria-label={label}
    >
      <defs>
        <clipPath id={id}>
          <path d={shown} clipRule="evenodd" />
        </clipPath>
      </defs>
      <rect width={w} height={h} fill={ink('card')} />
      <SheetPrint art={art} opacity={0.32} />
      <g clipPath={`url(#${id})`}>
        <rect width={w} height={h} fill={ink('card')} />
        <SheetPrint art={art} opacity={1} />
      </g>
      {over(k)}
      <rect
        width={w}
        height={h}
        fill="none"
        stroke={ink('soft')}
        strokeWidth="1.2"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

/** A box on a sheet, its line as wide as it is asked for, whatever the scale. */
export function SheetBox({
  box,
  ...line
}: { readonly box: BoxView } & Omit<SVGProps<SVGRectElement>, 'x' | 'y' | 'width' | 'height'>) {
  return (
    <rect
      x={num(box.leftMm)}
      y={num(box.topMm)}
      width={num(box.widthMm)}
      height={num(box.heightMm)}
      fill="none"
      vectorEffect="non-scaling-stroke"
      {...line}
    />
  );
}

type NumberProps = {
  readonly number: number;
  /** it stands in the middle of this */
  readonly box: BoxView;
  /** pixels for a millimetre, so that the figure keeps its size */
  readonly k: number;
};

/** A part's number in a ring. */
export function PartNumber({ number, box, k }: NumberProps) {
  const xMm = box.leftMm + box.widthMm / 2;
  const yMm = box.topMm + box.heightMm / 2;
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
