import type { FaceView, StencilView, TrialView } from '../api/client';
import { FaceDrawing, Prints } from '../map/FaceDrawing';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

type Props = {
  readonly face: FaceView;
  readonly trial: TrialView;
  readonly stencil: StencilView;
  readonly paint: string;
  readonly width: number;
  readonly height: number;
};

const NONE: ReadonlyMap<string, StencilView> = new Map();

/** The face with one stencil tried on it; what is laid already stays as a pale strip. */
export function TrialDrawing({ face, trial, stencil, paint, width, height }: Props) {
  const pad = 3;
  const k = Math.min((width - 2 * pad) / face.width.mm, (height - 2 * pad) / face.height.mm);
  const x = (width - face.width.mm * k) / 2;
  const y = height - face.height.mm * k - pad;
  return (
    <svg width="100%" viewBox={`0 0 ${width} ${height}`} aria-hidden>
      <g transform={`translate(${num(x)} ${num(y)}) scale(${k})`}>
        <FaceDrawing face={{ ...face, lays: [] }} stencils={NONE} />
        {face.lays.map((lay) =>
          lay.laid?.items.map((item) => (
            <rect
              key={`${lay.id}${item.xMm}`}
              x={item.visible.leftMm}
              y={item.visible.topMm}
              width={item.visible.widthMm}
              height={item.visible.heightMm}
              rx="8"
              fill={lay.paintColour}
              opacity="0.16"
            />
          )),
        )}
        {trial.verdict === 'DOES_NOT_FIT' ? (
          <TooLarge face={face} stencil={stencil} />
        ) : (
          <Prints items={trial.items} stencil={stencil} colour={paint} />
        )}
      </g>
    </svg>
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
