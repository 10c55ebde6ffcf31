import { memo } from 'react';
import type { FaceView, Reading } from '../api/client';
import { SvgFig } from '../common/Fig';
import { ink } from '../theme/theme';
import { FaceDrawing } from './FaceDrawing';
import { FaceTarget } from './FaceTarget';
import type { Stencils } from './Items';
import { num } from './viewport';

type Props = {
  readonly reading: Reading;
  readonly stencils: Stencils;
  readonly width: number;
  readonly height: number;
  readonly chosen?: string;
  readonly onChoose?: (faceId: string) => void;
  /** without names */
  readonly plain?: boolean;
};

/** All faces unfolded, the front in the middle, at one scale and in true colours. */
export function Net({ reading, stencils, width, height, chosen, onChoose, plain }: Props) {
  const pad = 4;
  const { widthMm, heightMm } = reading.net;
  const k = Math.min((width - 2 * pad) / widthMm, (height - 2 * pad) / heightMm);
  const left = (width - widthMm * k) / 2;
  const top = (height - heightMm * k) / 2;
  return (
    <svg width={width} height={height} role="group" aria-label="The piece, unfolded">
      <g transform={`translate(${num(left)} ${num(top)})`}>
        <g transform={`scale(${k})`}>
          <NetFaces reading={reading} stencils={stencils} />
        </g>
        {!plain && <NetLabels reading={reading} k={k} chosen={chosen} onChoose={onChoose} />}
      </g>
    </svg>
  );
}

/** Faces that are shown, insets over the faces they are set into. */
export const shownFaces = (reading: Reading) => {
  const shown = reading.faces.filter((f) => f.onNet);
  return [...shown.filter((f) => !f.setInto), ...shown.filter((f) => f.setInto)];
};

/** The faces of the net, in millimetres. */
export const NetFaces = memo(function NetFaces({
  reading,
  stencils,
}: {
  reading: Reading;
  stencils: Stencils;
}) {
  return shownFaces(reading).map((face) => (
    <g
      key={face.id}
      transform={`translate(${num(face.onNet?.leftMm ?? 0)} ${num(face.onNet?.topMm ?? 0)})`}
    >
      <FaceDrawing face={face} stencils={stencils} />
    </g>
  ));
});

type LabelProps = {
  readonly reading: Reading;
  readonly k: number;
  readonly chosen?: string;
  readonly onChoose?: (faceId: string) => void;
  readonly large?: boolean;
};

const LEAST_NAME_PX = 30;

/** Over the drawn faces, in pixels: names where there is room, numbers of parts, what is chosen. */
export const NetLabels = memo(function NetLabels({
  reading,
  k,
  chosen,
  onChoose,
  large,
}: LabelProps) {
  const size = large ? 13.5 : Math.max(11, Math.min(14, 90 * k));
  const parents = new Set(reading.faces.map((f) => f.onNet && f.setInto));
  return shownFaces(reading).map((face) => {
    const w = face.width.mm * k;
    const h = face.height.mm * k;
    const bare = face.lays.length === 0 && !parents.has(face.id);
    const named =
      (bare || large) &&
      w > Math.max(LEAST_NAME_PX, face.name.length * size * 0.54) &&
      h > size * 1.5;
    return (
      <g
        key={face.id}
        transform={`translate(${num((face.onNet?.leftMm ?? 0) * k)} ${num((face.onNet?.topMm ?? 0) * k)})`}
      >
        {face.id === chosen && (
          <rect
            x="-1.5"
            y="-1.5"
            width={w + 3}
            height={h + 3}
            rx="2"
            fill="none"
            stroke={ink('ochre')}
            strokeWidth="3"
          />
        )}
        {named && (
          <text
            // it stands on the face, which is as dark or light by the lamp as by day
            data-daylight
            x={bare ? face.labelAt.xMm * k : 8}
            y={bare ? nameY(face, k) : h - 8}
            dy={bare ? '0.35em' : 0}
            textAnchor={bare ? 'middle' : 'start'}
            fill={face.darkGround ? ink('sheet') : ink('ink')}
            stroke={face.shows}
            strokeWidth={bare ? 0 : 5}
            strokeLinejoin="round"
            style={{ fontSize: size, paintOrder: 'stroke' }}
          >
            {face.name}
          </text>
        )}
        {large && face.partNumber !== undefined && w > 40 && h > 24 && !face.setInto && (
          <PartNumber number={face.partNumber} dark={face.darkGround} />
        )}
        {onChoose && (
          <FaceTarget
            width={w}
            height={h}
            label={`${face.name}, ${face.width.text} by ${face.height.text}`}
            isPressed={face.id === chosen}
            onMap={large}
            onGo={() => onChoose(face.id)}
          />
        )}
      </g>
    );
  });
});

/** A name stands clear of the holes in the middle of a front. */
const nameY = (face: FaceView, k: number) =>
  face.holes.length > 0 && face.height.mm * k > 60
    ? face.height.mm * k * 0.22
    : face.labelAt.yMm * k;

/** The number on the label of a part that comes off. */
function PartNumber({ number, dark }: { number: number; dark: boolean }) {
  return (
    <g data-daylight transform="translate(14 14)">
      <title>{`Comes off: number ${number} on the labels`}</title>
      <circle r="9" fill={ink('sheet')} stroke={ink(dark ? 'sheet' : 'ink')} strokeWidth="1.2" />
      <text
        dy="0.36em"
        textAnchor="middle"
        fill={ink('ink')}
        style={{ fontSize: 11, fontWeight: 700 }}
      >
        {number}
      </text>
    </g>
  );
}

type DimensionProps = {
  readonly x1: number;
  readonly x2: number;
  readonly y: number;
  readonly text: string;
};

/** A measured length: a line with end strokes and its figure in the middle. */
export function Dimension({ x1, x2, y, text }: DimensionProps) {
  const room = text.length * 7 + 12;
  const middle = (x1 + x2) / 2;
  return (
    <g stroke={ink('rust')} strokeWidth="1.2" fill="none">
      <path d={`M${num(x1)} ${num(y - 5)}v10M${num(x2)} ${num(y - 5)}v10`} />
      {x2 - x1 > room + 16 && (
        <path
          d={`M${num(x1)} ${num(y)}H${num(middle - room / 2)}M${num(middle + room / 2)} ${num(y)}H${num(x2)}`}
        />
      )}
      <text
        x={middle}
        y={y}
        dy="0.34em"
        textAnchor="middle"
        stroke="none"
        fill={ink('rust')}
        style={{ fontSize: 12.5, fontWeight: 600 }}
      >
        <SvgFig text={text} />
      </text>
    </g>
  );
}
