import { useId } from 'react';
import type { DesignView } from '../api/client';
import { GripRing } from '../common/GripRing';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { BareSheet } from './BareSheet';
import { type DrawnBox, useDrawnBox } from './useDrawnBox';

type Props = {
  readonly design: Pick<DesignView, 'given' | 'picture' | 'reading' | 'holdings'>;
  readonly width: number;
  readonly height: number;
  /** motif boxes and offcuts are shown on it */
  readonly marks?: boolean;
  /** a box is being drawn: told when it is let go */
  readonly onBox?: ((box: DrawnBox) => void) | null;
  readonly chosenMotif?: number | null;
  readonly corners?: ReadonlyArray<{ readonly xMm: number; readonly yMm: number }>;
};

/** A design's sheet with its picture, at whatever scale fits; boxes can be drawn on it. */
export function SheetView({ design, width, height, marks, onBox, chosenMotif, corners }: Props) {
  const { reading, given, picture } = design;
  const id = useId();
  const roll = reading.sheetHeightMm > 12 * reading.sheetWidthMm;
  const w = roll ? 240 : reading.sheetWidthMm;
  const h = roll ? reading.sheetWidthMm : reading.sheetHeightMm;
  const k = Math.min((width - 8) / w, (height - 8) / h);
  const ox = (width - w * k) / 2;
  const drawing = useDrawnBox({ left: ox, top: 4, scale: k, width: w, height: h }, onBox ?? null);
  const drawn = drawing.box ?? drawing.byKeys?.box;
  const openings = reading.pathData !== undefined && reading.painted;
  return (
    <svg
      ref={drawing.on}
      width={width}
      height={num(h * k + 8)}
      role={onBox ? 'group' : 'img'}
      aria-label={`Sheet of ${given.name}`}
      style={onBox ? { cursor: 'crosshair', touchAction: 'none' } : undefined}
      {...drawing.pointer}
    >
      <g transform={`translate(${num(ox)} 4) scale(${k})`}>
        {openings ? (
          <CutSheet reading={reading} width={w} height={h} />
        ) : picture ? (
          <image href={picture} width={w} height={h} preserveAspectRatio="none" />
        ) : (
          <BareSheet design={design} width={w} height={h} id={id} />
        )}
        {given.kind === 'NAPKIN' && (
          <path
            d={`M${w / 2} 0V${h}M0 ${h / 2}H${w}`}
            stroke={ink('fold')}
            strokeDasharray="4 4"
            vectorEffect="non-scaling-stroke"
          />
        )}
        {marks && <Joints reading={reading} w={w} h={h} />}
        {marks && <Offcuts design={design} />}
        {marks && <MotifBoxes design={design} chosen={chosenMotif ?? null} />}
        {corners && corners.length > 0 && (
          <path
            d={`M${corners.map((p) => `${num(p.xMm)} ${num(p.yMm)}`).join('L')}${corners.length > 2 ? 'Z' : ''}`}
            fill={ink('plum')}
            fillOpacity="0.18"
            stroke={ink('plum')}
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
        )}
        {drawn && (
          <rect
            x={drawn.leftMm}
            y={drawn.topMm}
            width={drawn.widthMm}
            height={drawn.heightMm}
            fill={ink('rust')}
            fillOpacity={drawing.box ? 0.12 : 0.04}
            stroke={ink('rust')}
            strokeWidth="1.6"
            strokeDasharray={drawing.box ? undefined : '5 4'}
            vectorEffect="non-scaling-stroke"
          />
        )}
      </g>
      {drawing.byKeys &&
        (['a', 'b'] as const).map((which) => {
          const share = drawing.byKeys?.[which] ?? { x: 0, y: 0 };
          return (
            <GripRing
              key={which}
              at={{ x: ox + share.x * w * k, y: 4 + share.y * h * k }}
              share={share}
              label={which === 'a' ? 'One corner of the box' : 'The corner across from it'}
              onKey={drawing.byKeys?.onKey(which) ?? (() => {})}
            />
          );
        })}
      {marks &&
        given.motifs.map((m, i) => (
          <text
            // biome-ignore lint/suspicious/noArrayIndexKey: boxes are their places in the list
            key={i}
            x={num(ox + m.leftMm * k + 5)}
            y={num(4 + m.topMm * k + 15)}
            fontSize="12"
            fontWeight="600"
            fill={ink('ink')}
            stroke={ink('sheet')}
            strokeWidth="3"
            paintOrder="stroke"
          >
            {m.name}
          </text>
        ))}
    </svg>
  );
}

/** A sheet with its openings, and the print they make together. */
function CutSheet({
  reading,
  width,
  height,
}: {
  reading: DesignView['reading'];
  width: number;
  height: number;
}) {
  return (
    <>
      <rect
        width={width}
        height={height}
        rx="3"
        fill={ink('seaWash')}
        stroke={ink('sea')}
        strokeWidth="1.2"
        vectorEffect="non-scaling-stroke"
      />
      <path d={reading.pathData} fill={ink('sea')} fillRule="evenodd" />
      <rect
        x={reading.printLeftMm}
        y={reading.printTopMm}
        width={reading.printWidthMm}
        height={reading.printHeightMm}
        fill="none"
        stroke={ink('sea')}
        strokeOpacity="0.5"
        strokeDasharray="3 3"
        vectorEffect="non-scaling-stroke"
      />
    </>
  );
}

/** Leftovers on the shelf, where they were on the sheet. */
function Offcuts({ design }: { design: Pick<DesignView, 'holdings'> }) {
  return design.holdings
    .filter((x) => x.holding.offcut !== undefined)
    .map((x) => (
      <path
        key={x.holding.id}
        d={`M${(x.holding.offcut?.outline ?? []).map((p) => `${num(p.xMm)} ${num(p.yMm)}`).join('L')}Z`}
        fill={ink('plum')}
        fillOpacity="0.12"
        stroke={ink('plum')}
        strokeDasharray="5 4"
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
    ));
}

/** The named parts of the picture. */
function MotifBoxes({
  design,
  chosen,
}: {
  design: Pick<DesignView, 'given'>;
  chosen: number | null;
}) {
  return design.given.motifs.map((m, i) => (
    <rect
      // biome-ignore lint/suspicious/noArrayIndexKey: boxes are their places in the list
      key={i}
      x={m.leftMm}
      y={m.topMm}
      width={m.widthMm}
      height={m.heightMm}
      fill={ink('ochre')}
      fillOpacity={i === chosen ? 0.22 : 0.05}
      stroke={ink('ochre')}
      strokeWidth={i === chosen ? 2.6 : 1.6}
      vectorEffect="non-scaling-stroke"
    />
  ));
}

/** Where the parts of one picture meet, as wide as the joint winds. */
function Joints({ reading, w, h }: { reading: DesignView['reading']; w: number; h: number }) {
  return reading.joints.map(({ upright, atMm, windsMm }) => {
    const band = upright
      ? { x: atMm - windsMm, width: 2 * windsMm, height: h }
      : { y: atMm - windsMm, height: 2 * windsMm, width: w };
    return (
      <g key={atMm}>
        <rect {...band} fill={ink('rust')} fillOpacity="0.1" />
        <path
          d={upright ? `M${atMm} 0V${h}` : `M0 ${atMm}H${w}`}
          stroke={ink('rust')}
          strokeDasharray="6 4"
          vectorEffect="non-scaling-stroke"
        />
      </g>
    );
  });
}
