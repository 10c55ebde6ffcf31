import { memo, useId } from 'react';
import type { FaceView, LayView } from '../api/client';
import { ink } from '../theme/theme';
import { BlendGradient } from './BlendGradient';
import { Items, type Stencils } from './Items';
import { num } from './viewport';

type Props = {
  readonly face: FaceView;
  readonly stencils: Stencils;
  /** a lay that is drawn elsewhere while it is dragged */
  readonly without?: string;
};

/** A face in true colours, in millimetres: ground, designs at true size and place, marks. */
export const FaceDrawing = memo(function FaceDrawing({ face, stencils, without }: Props) {
  const id = useId();
  const light = face.darkGround;
  const blended = face.blend.length > 1;
  const fill = blended ? `url(#${id}blend)` : face.shows;
  const laid = face.lays.length > 0 || face.zones.length > 0;
  return (
    <g data-daylight>
      {(laid || face.keepOuts.length > 0) && (
        <defs>
          <Hatch id={`${id}hatch`} />
          <clipPath id={`${id}face`}>
            <path d={face.pathData} clipRule="evenodd" />
          </clipPath>
        </defs>
      )}
      {blended && (
        <defs>
          <BlendGradient id={`${id}blend`} blend={face.blend} />
        </defs>
      )}
      <path
        d={face.pathData}
        data-face={face.id}
        fill={fill}
        fillRule="evenodd"
        stroke={ink('ink')}
        strokeOpacity={light ? 0.9 : 0.45}
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
      {laid && (
        <g clipPath={`url(#${id}face)`}>
          {/* once more within the clip: what is thin is seen over it */}
          <path d={face.pathData} fill={fill} fillRule="evenodd" />
          {face.zones.map((z) => (
            <path
              key={z.id}
              d={z.pathData}
              fill={z.shows ?? z.colour}
              fillOpacity={z.shows ? 1 : 0.8}
              fillRule="evenodd"
            >
              <title>{z.name}</title>
            </path>
          ))}
          {face.lays.map(
            (lay) =>
              lay.id !== without && <LayDrawing key={lay.id} lay={lay} stencils={stencils} />,
          )}
        </g>
      )}
      {face.keepOuts.map((k) => (
        <path
          key={k.id}
          d={k.pathData}
          fillRule="evenodd"
          fill={`url(#${id}hatch)`}
          stroke={ink('soft')}
          strokeWidth="1.2"
          vectorEffect="non-scaling-stroke"
        >
          <title>{k.name}</title>
        </path>
      ))}
      <Breaks face={face} />
      <Holes face={face} />
      {face.wraps && <Seam face={face} />}
    </g>
  );
});

/** The faces set into a face, where they lie on it. */
export const Insets = memo(function Insets({
  face,
  faces,
  stencils,
}: {
  face: FaceView;
  faces: ReadonlyArray<FaceView>;
  stencils: Stencils;
}) {
  return faces
    .filter((f) => f.setInto === face.id && f.shown)
    .map((f) => (
      <g key={f.id} transform={`translate(${num(f.at.xMm)} ${num(f.at.yMm)})`} opacity="0.85">
        <FaceDrawing face={f} stencils={stencils} />
      </g>
    ));
});

function Hatch({ id }: { id: string }) {
  return (
    <pattern
      id={id}
      width="7"
      height="7"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <rect width="7" height="7" fill={ink('fold')} fillOpacity="0.92" />
      <line x1="0" y1="0" x2="0" y2="7" stroke={ink('soft')} strokeWidth="1.6" opacity="0.55" />
    </pattern>
  );
}

/** Where the surface is interrupted: a double line as wide as the gap, or as wide as one can see. */
function Breaks({ face }: { face: FaceView }) {
  return face.breaks.map((b) => {
    const line = `M${num(b.from.xMm)} ${num(b.from.yMm)}L${num(b.to.xMm)} ${num(b.to.yMm)}`;
    return (
      <g key={b.id} fill="none" data-break={b.id}>
        <title>{`${b.name}: ${b.text}`}</title>
        <path
          d={line}
          stroke={ink(face.darkGround ? 'sheet' : 'ink')}
          strokeOpacity="0.75"
          strokeWidth="4.4"
          vectorEffect="non-scaling-stroke"
        />
        <path d={line} stroke={face.shows} strokeWidth="2.2" vectorEffect="non-scaling-stroke" />
      </g>
    );
  });
}

function Holes({ face }: { face: FaceView }) {
  return face.holes.map((hole) => (
    <g key={hole.id} data-hole={hole.id}>
      <title>{hole.name}</title>
      {hole.centres.map((c) => (
        <circle
          key={`${c.xMm} ${c.yMm}`}
          cx={num(c.xMm)}
          cy={num(c.yMm)}
          r={Math.max(hole.diameter.mm / 2, 4)}
          fill={ink('sheet')}
          stroke={ink('ink')}
          strokeWidth="1.6"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </g>
  ));
}

/** Where a rolled-up face meets itself at the back. */
function Seam({ face }: { face: FaceView }) {
  return (
    <path
      d={seamPath(face)}
      fill="none"
      stroke={ink('rust')}
      strokeWidth="2"
      strokeDasharray="7 5"
      vectorEffect="non-scaling-stroke"
    >
      <title>The seam, at the back</title>
    </path>
  );
}

/** The two ends: from each upper corner of the outline to the lower one. */
function seamPath(face: FaceView): string {
  const [topLeft, topRight, bottomRight, bottomLeft] = face.corners;
  return topLeft && topRight && bottomRight && bottomLeft
    ? `M${topLeft.xMm} ${topLeft.yMm}L${bottomLeft.xMm} ${bottomLeft.yMm}M${topRight.xMm} ${topRight.yMm}L${bottomRight.xMm} ${bottomRight.yMm}`
    : '';
}

/** One lay, in millimetres. */
export const LayDrawing = memo(function LayDrawing({
  lay,
  stencils,
}: {
  lay: LayView;
  stencils: Stencils;
}) {
  return lay.laid && !lay.hidden ? (
    <Items items={lay.laid.items} arts={lay.laid.arts} stencils={stencils} colour={lay.shownIn} />
  ) : null;
});
