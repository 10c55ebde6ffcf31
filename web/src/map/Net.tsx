import type { Reading } from '../api/client';
import { SvgFig } from '../common/Fig';
import { ink } from '../theme/theme';
import { FaceDrawing, type Stencils } from './FaceDrawing';
import { num } from './viewport';

type Props = {
  readonly reading: Reading;
  readonly stencils: Stencils;
  readonly width: number;
  readonly height: number;
  readonly chosen?: string;
  readonly onChoose?: (faceId: string) => void;
  /** write the measures along the edges, as on a surveyor's sheet */
  readonly measures?: boolean;
};

/** All faces unfolded, the front in the middle, at one scale and in true colours. */
export function Net({ reading, stencils, width, height, chosen, onChoose, measures }: Props) {
  const pad = measures ? 54 : 4;
  const { widthMm, heightMm } = reading.net;
  const k = Math.min((width - 2 * pad) / widthMm, (height - 2 * pad) / heightMm);
  const left = (width - widthMm * k) / 2;
  const top = (height - heightMm * k) / 2;
  const label = Math.max(11, Math.min(14, 90 * k));
  return (
    <svg width={width} height={height} role="group" aria-label="The piece, unfolded">
      <g transform={`translate(${num(left)} ${num(top)})`}>
        {reading.faces.map((face) => {
          const x = face.onNet.leftMm * k;
          const y = face.onNet.topMm * k;
          const w = face.onNet.widthMm * k;
          const h = face.onNet.heightMm * k;
          const isChosen = face.id === chosen;
          const bare = face.lays.length === 0;
          return (
            <g key={face.id} transform={`translate(${num(x)} ${num(y)})`}>
              <g transform={`scale(${k})`}>
                <FaceDrawing face={face} stencils={stencils} />
              </g>
              {isChosen && (
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
              {bare && w > 34 && h > 18 && (
                <text
                  x={w / 2}
                  y={h / 2}
                  dy="0.35em"
                  textAnchor="middle"
                  fill={face.darkGround ? ink('sheet') : ink('ink')}
                  opacity="0.85"
                  style={{ fontSize: label }}
                >
                  {face.name}
                </text>
              )}
              {measures && !bare && (
                <text
                  x={8}
                  y={h - 9}
                  style={{ fontSize: 13 }}
                  fill={face.darkGround ? ink('sheet') : ink('ink')}
                >
                  {face.name}
                </text>
              )}
              {onChoose && (
                <rect
                  width={w}
                  height={h}
                  fill="transparent"
                  style={{ cursor: 'pointer' }}
                  role="button"
                  tabIndex={0}
                  aria-label={`${face.name}, ${face.width.text} by ${face.height.text}`}
                  aria-pressed={isChosen}
                  onClick={() => onChoose(face.id)}
                  onKeyDown={(e) => {
                    if (e.key === 'Enter' || e.key === ' ') {
                      e.preventDefault();
                      onChoose(face.id);
                    }
                  }}
                />
              )}
            </g>
          );
        })}
        {measures && <NetMeasures reading={reading} k={k} />}
      </g>
    </svg>
  );
}

/** Width under the front, height and depth beside and over what they measure. */
function NetMeasures({ reading, k }: { reading: Reading; k: number }) {
  const front = reading.faces.find((f) => f.id === 'front');
  const lid = reading.faces.find((f) => f.id === 'lid');
  if (!front || !lid) {
    return null;
  }
  const f = front.onNet;
  const l = lid.onNet;
  return (
    <>
      <Dimension
        x1={f.leftMm * k}
        x2={(f.leftMm + f.widthMm) * k}
        y={(f.topMm + f.heightMm) * k + 24}
        text={reading.width.text}
      />
      <UprightDimension
        x={reading.net.widthMm * k + 20}
        y1={f.topMm * k}
        y2={(f.topMm + f.heightMm) * k}
        text={reading.height.text}
      />
      <UprightDimension
        x={(l.leftMm + l.widthMm) * k + 20}
        y1={l.topMm * k}
        y2={(l.topMm + l.heightMm) * k}
        text={reading.depth.text}
      />
    </>
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

function UprightDimension({
  x,
  y1,
  y2,
  text,
}: {
  x: number;
  y1: number;
  y2: number;
  text: string;
}) {
  return (
    <g transform={`translate(${num(x)} 0) rotate(90)`}>
      <Dimension x1={y1} x2={y2} y={0} text={text} />
    </g>
  );
}
