import { type ReactNode, type SVGProps, useId } from 'react';
import type { ArtView, BoxView } from '../api/client';
import { SvgFig } from '../common/Fig';
import { ink } from '../theme/theme';
import { type Spread, spreadOut } from './spread';
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
  /** what it comes as; nothing where that is the whole sheet */
  readonly sections?: ReadonlyArray<BoxView>;
  /** drawn over it, where things are as it is drawn */
  readonly over: (k: number, spread: Spread) => ReactNode;
};

/** Between two sections of a sheet. */
const APART_PX = 26;
/** Over each of them, its name. */
const NAME_PX = 22;

/** A sheet to scale, what is cut from it in full colour, with whatever is drawn over it. */
export function SheetFigure({
  art,
  widthPx,
  tallestPx,
  label,
  shown,
  sections = [],
  over,
}: FigureProps) {
  const id = useId();
  const k = Math.min(widthPx / art.sheetWidthMm, tallestPx / art.sheetHeightMm);
  const sheet = { widthMm: art.sheetWidthMm, heightMm: art.sheetHeightMm };
  const spread = spreadOut(sheet, sections, APART_PX / k);
  const { widthMm: w, heightMm: h } = spread;
  const several = spread.sections.length > 1;
  const head = several ? NAME_PX / k : 0;
  return (
    <svg
      width={num(w * k)}
      height={num((h + head) * k)}
      viewBox={`0 ${num(-head)} ${num(w)} ${num(h + head)}`}
      role="img"
      aria-label={label}
    >
      <defs>
        <clipPath id={id}>
          <path d={shown} clipRule="evenodd" />
        </clipPath>
      </defs>
      {spread.sections.map(({ box, byX, byY }, i) => (
        <g key={`${box.leftMm} ${box.topMm}`} transform={`translate(${num(byX)} ${num(byY)})`}>
          <clipPath id={`${id}section${i}`}>
            <SheetBox box={box} />
          </clipPath>
          <g clipPath={`url(#${id}section${i})`}>
            <rect width={sheet.widthMm} height={sheet.heightMm} fill={ink('card')} />
            <SheetPrint art={art} opacity={0.32} />
            <g clipPath={`url(#${id})`}>
              <rect width={sheet.widthMm} height={sheet.heightMm} fill={ink('card')} />
              <SheetPrint art={art} opacity={1} />
            </g>
          </g>
          {several && (
            <text
              x={num(box.leftMm + box.widthMm / 4)}
              y={num(box.topMm - 8 / k)}
              textAnchor="middle"
              fill={ink('soft')}
              style={{ fontSize: `${num(12 / k)}px` }}
            >
              {`section ${i + 1}`}
            </text>
          )}
        </g>
      ))}
      {spread.sections.map(({ box, byX, byY }) => (
        <g key={`${box.leftMm} ${box.topMm}`} transform={`translate(${num(byX)} ${num(byY)})`}>
          <SheetBox box={box} stroke={ink('soft')} strokeWidth="1.2" />
        </g>
      ))}
      {over(k, spread)}
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
