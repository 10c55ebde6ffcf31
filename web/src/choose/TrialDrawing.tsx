import { useId } from 'react';
import type { ArtView, FaceView, StencilView, TrialView } from '../api/client';
import { FaceDrawing, LayDrawing } from '../map/FaceDrawing';
import { Items } from '../map/Items';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { partOf } from './looking';

type Props = {
  readonly face: FaceView;
  readonly trial: TrialView;
  /** the openings, where it is painted through some */
  readonly stencil: StencilView | undefined;
  readonly paint: string;
  readonly width: number;
  readonly height: number;
  /** screen pixels to a millimetre, the same for all that are looked at side by side */
  readonly scale: number;
};

const NONE: ReadonlyMap<string, StencilView> = new Map();

/**
 * The face with one design tried on it at true scale; what is laid already stays as a pale strip.
 * Where a part of it is looked at, all of it is small in a corner.
 */
export function TrialDrawing({ face, trial, stencil, paint, width, height, scale }: Props) {
  const id = useId();
  const pad = 3;
  const over = overhang(face, trial);
  const k = Math.min(
    (width - 2 * pad) / (face.width.mm + 2 * over.x),
    (height - 2 * pad) / (face.height.mm + 2 * over.y),
  );
  const x = (width - face.width.mm * k) / 2;
  const y = height - (face.height.mm + over.y) * k - pad;
  const no = trial.verdict === 'DOES_NOT_FIT';
  const size = { width: face.width.mm, height: face.height.mm };
  const part = no ? null : partOf(size, { width, height }, scale, trial);
  const whole = part
    ? `translate(${num((width - part.widthMm * scale) / 2 - part.leftMm * scale)} ${num((height - part.heightMm * scale) / 2 - part.topMm * scale)}) scale(${scale})`
    : `translate(${num(x)} ${num(y)}) scale(${k})`;
  return (
    <svg width="100%" viewBox={`0 0 ${width} ${height}`} aria-hidden>
      <g transform={whole}>
        <FaceDrawing face={{ ...face, lays: [] }} stencils={NONE} />
        <g opacity="0.1">
          {face.lays.map((lay) => (
            <LayDrawing key={lay.id} lay={lay} stencils={NONE} />
          ))}
        </g>
        {stencil ? (
          no ? (
            <TooLarge face={face} stencil={stencil} />
          ) : (
            <Items items={trial.items} arts={[artOf(stencil)]} stencils={NONE} colour={paint} />
          )
        ) : (
          <g clipPath={no ? undefined : `url(#${id}face)`}>
            <clipPath id={`${id}face`}>
              <path d={face.pathData} clipRule="evenodd" />
            </clipPath>
            <Placed face={face} trial={trial} id={id} />
          </g>
        )}
      </g>
      {part && (
        <Whole
          face={size}
          part={part}
          ground={face.shows}
          path={face.pathData}
          width={width}
          height={height}
        />
      )}
    </svg>
  );
}

const WHOLE_PX = 44;

/** All of the face in a corner, and which part of it is looked at. */
function Whole({
  face,
  part,
  ground,
  path,
  width,
  height,
}: {
  face: { width: number; height: number };
  part: { leftMm: number; topMm: number; widthMm: number; heightMm: number };
  ground: string;
  path: string;
  width: number;
  height: number;
}) {
  const k = WHOLE_PX / Math.max(face.width, face.height);
  const [w, h] = [face.width * k, face.height * k];
  return (
    <g transform={`translate(${num(width - w - 7)} ${num(height - h - 7)})`} data-whole>
      <rect x="-4" y="-4" width={num(w + 8)} height={num(h + 8)} rx="3" fill={ink('sheet')} />
      <g transform={`scale(${k})`}>
        <path
          d={path}
          fill={ground}
          fillRule="evenodd"
          stroke={ink('soft')}
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      </g>
      <rect
        x={num(part.leftMm * k)}
        y={num(part.topMm * k)}
        width={num(part.widthMm * k)}
        height={num(part.heightMm * k)}
        fill={ink('ochre')}
        fillOpacity="0.35"
        stroke={ink('ochre')}
        strokeWidth="1.4"
      />
    </g>
  );
}

/** A stencil that is only tried, as what its copies show. */
const artOf = (stencil: StencilView): ArtView => ({
  pathData: stencil.pathData,
  look: 'PLAIN',
  sheetWidthMm: stencil.printWidth.mm,
  sheetHeightMm: stencil.printHeight.mm,
  print: {
    leftMm: stencil.printLeftMm,
    topMm: stencil.printTopMm,
    widthMm: stencil.printWidth.mm,
    heightMm: stencil.printHeight.mm,
  },
});

/** How far what does not fit hangs over the face, so that it is seen whole. */
function overhang(face: FaceView, trial: TrialView) {
  let x = 0;
  let y = 0;
  if (trial.verdict === 'DOES_NOT_FIT') {
    for (const p of trial.placed) {
      x = Math.max(x, -p.leftMm, p.leftMm + p.widthMm - face.width.mm);
      y = Math.max(y, -p.topMm, p.topMm + p.heightMm - face.height.mm);
    }
  }
  return { x, y };
}

/** Copies, sheets or strips where they would lie, each with its part of the picture. */
function Placed({ face, trial, id }: { face: FaceView; trial: TrialView; id: string }) {
  const { window: w, picture, shades, kind } = trial;
  const no = trial.verdict === 'DOES_NOT_FIT';
  if (kind === 'PAINTED_ZONE') {
    return (
      <>
        <radialGradient id={`${id}zone`}>
          {[...shades].reverse().map((c, i) => (
            <stop key={c} offset={shades.length < 2 ? 1 : i / (shades.length - 1)} stopColor={c} />
          ))}
        </radialGradient>
        <rect width={face.width.mm} height={face.height.mm} fill={`url(#${id}zone)`} />
      </>
    );
  }
  if (trial.placed.length === 0) {
    return (
      <path
        d={face.pathData}
        fill="none"
        stroke={ink('lid')}
        strokeOpacity="0.7"
        strokeWidth={Math.max(6, w.heightMm)}
      />
    );
  }
  if (kind === 'DOTS') {
    return (
      <g fill={shades[0] ?? ink('rust')}>
        {trial.placed.map((p) => (
          <circle
            key={`${p.leftMm}/${p.topMm}`}
            cx={num(p.leftMm + p.widthMm / 2)}
            cy={num(p.topMm + p.heightMm / 2)}
            r={p.widthMm / 2}
          />
        ))}
      </g>
    );
  }
  return (
    <g>
      {trial.placed.map((p) => {
        const turned = p.turnDeg !== 0;
        const pw = turned ? p.heightMm : p.widthMm;
        const ph = turned ? p.widthMm : p.heightMm;
        const strip = STRIPS.has(kind) && picture === undefined;
        return (
          <g
            key={`${p.leftMm}/${p.topMm}`}
            transform={
              turned
                ? `translate(${num(p.leftMm + p.widthMm)} ${num(p.topMm)}) rotate(90)`
                : `translate(${num(p.leftMm)} ${num(p.topMm)})`
            }
            opacity={no ? 0.72 : kind === 'NAPKIN' || kind === 'TEXTURE' ? 0.94 : 1}
          >
            {picture === undefined ? (
              <rect
                width={pw}
                height={ph}
                fill={shades[0] ?? (strip ? ink('card') : ink('wood'))}
                fillOpacity="0.92"
              />
            ) : kind === 'PAPER' || kind === 'TEXTURE' ? (
              <Tiled
                picture={picture}
                w={w}
                width={pw}
                height={ph}
                id={`${id}t${p.leftMm}${p.topMm}`}
              />
            ) : (
              <svg
                width={pw}
                height={ph}
                viewBox={`${w.leftMm} ${w.topMm} ${w.widthMm} ${w.heightMm}`}
                preserveAspectRatio="none"
                aria-hidden="true"
              >
                <image
                  href={picture}
                  width={w.sheetWidthMm}
                  height={w.sheetHeightMm}
                  preserveAspectRatio="none"
                />
              </svg>
            )}
            {(no || SEAMS.has(kind)) && (
              <rect
                width={pw}
                height={ph}
                fill="none"
                stroke={no ? ink('rust') : ink('ink')}
                strokeOpacity={no ? 1 : 0.28}
                strokeWidth={no ? 1.6 : 0.8}
                strokeDasharray={no ? '5 3' : undefined}
                vectorEffect="non-scaling-stroke"
              />
            )}
          </g>
        );
      })}
    </g>
  );
}

const STRIPS = new Set<TrialView['kind']>(['FOIL', 'PLASTER_FABRIC']);
const SEAMS = new Set<TrialView['kind']>(['PAPER', 'NAPKIN', 'FOIL', 'PLASTER_FABRIC', 'TEXTURE']);

/** A print over a strip that may be longer than its sheet. */
function Tiled({
  picture,
  w,
  width,
  height,
  id,
}: {
  picture: string;
  w: TrialView['window'];
  width: number;
  height: number;
  id: string;
}) {
  const key = id.replace(/[^a-z0-9]/gi, '');
  return (
    <>
      <pattern
        id={key}
        width={w.sheetWidthMm}
        height={w.sheetHeightMm}
        patternUnits="userSpaceOnUse"
      >
        <image
          href={picture}
          width={w.sheetWidthMm}
          height={w.sheetHeightMm}
          preserveAspectRatio="none"
        />
      </pattern>
      <rect width={width} height={height} fill={`url(#${key})`} />
    </>
  );
}

/** What does not fit is shown at true size as well, hanging over the edge it breaks. */
function TooLarge({ face, stencil }: { face: FaceView; stencil: StencilView }) {
  const x = face.width.mm / 2 - stencil.printLeftMm - stencil.printWidth.mm / 2;
  const y = face.height.mm - stencil.printTopMm - stencil.printHeight.mm;
  return (
    <g transform={`translate(${num(x)} ${num(y)})`}>
      <path d={stencil.pathData} fill={ink('rust')} fillOpacity="0.75" fillRule="evenodd" />
      <rect
        x={stencil.printLeftMm}
        y={stencil.printTopMm}
        width={stencil.printWidth.mm}
        height={stencil.printHeight.mm}
        fill="none"
        stroke={ink('rust')}
        strokeWidth="1.2"
        strokeDasharray="4 3"
        vectorEffect="non-scaling-stroke"
      />
    </g>
  );
}
