import { Fragment, memo, useId } from 'react';
import type { BoxView, FaceView, ItemView, LayView, StencilView } from '../api/client';
import { ink } from '../theme/theme';
import { num } from './viewport';

export type Stencils = ReadonlyMap<string, StencilView>;

type Props = {
  readonly face: FaceView;
  readonly stencils: Stencils;
  /** a lay that is drawn elsewhere while it is dragged */
  readonly without?: string;
};

/** A face in true colours, in millimetres: ground, designs at true size and place, keep-outs. */
export const FaceDrawing = memo(function FaceDrawing({ face, stencils, without }: Props) {
  const id = useId();
  const light = face.darkGround;
  return (
    <g>
      <defs>
        <pattern
          id={`${id}hatch`}
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="7" height="7" fill={ink('fold')} />
          <line x1="0" y1="0" x2="0" y2="7" stroke={ink('soft')} strokeWidth="1.6" opacity="0.55" />
        </pattern>
        <clipPath id={`${id}face`}>
          <rect width={face.width.mm} height={face.height.mm} />
        </clipPath>
      </defs>
      <rect
        width={face.width.mm}
        height={face.height.mm}
        fill={face.ground}
        stroke={ink('ink')}
        strokeOpacity={light ? 0.9 : 0.45}
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
      <g clipPath={`url(#${id}face)`}>
        {face.lays.map(
          (lay) =>
            lay.id !== without && (
              <LayDrawing key={lay.id} lay={lay} stencil={stencils.get(lay.designId)} />
            ),
        )}
      </g>
      {face.keepOuts.map((k) => (
        <rect
          key={k.id}
          x={k.box.leftMm}
          y={k.box.topMm}
          width={k.box.widthMm}
          height={k.box.heightMm}
          rx="3"
          fill={`url(#${id}hatch)`}
          stroke={ink('soft')}
          strokeWidth="1.2"
          vectorEffect="non-scaling-stroke"
        >
          <title>{k.name}</title>
        </rect>
      ))}
    </g>
  );
});

/** One lay, in millimetres. */
export const LayDrawing = memo(function LayDrawing({
  lay,
  stencil,
}: {
  lay: LayView;
  stencil: StencilView | undefined;
}) {
  if (!stencil || !lay.laid) {
    return null;
  }
  return <Prints items={lay.laid.items} stencil={stencil} colour={lay.paintColour} />;
});

/** Prints of one stencil, each where its item lies; what runs off is cut where it is cut. */
export const Prints = memo(function Prints({
  items,
  stencil,
  colour,
}: {
  items: ReadonlyArray<ItemView>;
  stencil: StencilView;
  colour: string;
}) {
  const id = useId();
  const cx = stencil.printLeftMm + stencil.printWidth.mm / 2;
  const cy = stencil.printTopMm + stencil.printHeight.mm / 2;
  return (
    <g fill={colour}>
      <defs>
        <path
          id={`${id}print`}
          d={stencil.pathData}
          transform={`translate(${num(-cx)} ${num(-cy)})`}
          fillRule="evenodd"
        />
      </defs>
      {items.map((item, i) => {
        const turn = item.turnDeg ? ` rotate(${item.turnDeg})` : '';
        const print = (
          <use
            key="print"
            href={`#${id}print`}
            transform={`translate(${num(item.xMm)} ${num(item.yMm)})${turn}`}
          />
        );
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: items are their places in the row
          <Fragment key={i}>
            {item.share < 1 && (
              <clipPath id={`${id}part${i}`}>
                <Rect box={item.visible} />
              </clipPath>
            )}
            {item.share < 1 ? <g clipPath={`url(#${id}part${i})`}>{print}</g> : print}
          </Fragment>
        );
      })}
    </g>
  );
});

function Rect({ box }: { box: BoxView }) {
  return <rect x={box.leftMm} y={box.topMm} width={box.widthMm} height={box.heightMm} />;
}
