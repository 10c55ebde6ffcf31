import { Fragment, memo, useId } from 'react';
import type { ArtView, ItemView, StencilView } from '../api/client';
import { num } from './viewport';

export type Stencils = ReadonlyMap<string, StencilView>;

type Props = {
  readonly items: ReadonlyArray<ItemView>;
  readonly arts: ReadonlyArray<ArtView>;
  readonly stencils: Stencils;
  /** what openings are painted in */
  readonly colour: string;
};

/** Placed copies in millimetres, each as it lies; what is cut off is not drawn. */
export const Items = memo(function Items({ items, arts, stencils, colour }: Props) {
  const id = useId();
  return (
    <g fill={colour}>
      <defs>
        {arts.map((art, i) => {
          const stencil = art.designId ? stencils.get(art.designId) : undefined;
          // a copy shows what its art was when it was put in: one that comes later is a new one
          const key = `${i}${stencil ? 'known' : ''}`;
          return (
            <g key={key} id={`${id}art${i}`}>
              <Art art={art} stencil={stencil} id={`${id}print${i}`} />
            </g>
          );
        })}
      </defs>
      {items.map((item, i) => {
        const copy = <use key="copy" href={`#${id}art${item.art}`} transform={placed(item)} />;
        // The ground shines through what is thin.
        const through = arts[item.art]?.look === 'THIN' ? MULTIPLIED : undefined;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: items are their places in the lay
          <Fragment key={i}>
            {item.clip !== undefined ? (
              <>
                <clipPath id={`${id}part${i}`}>
                  <path d={item.clip} clipRule="evenodd" />
                </clipPath>
                <g clipPath={`url(#${id}part${i})`} style={through}>
                  {copy}
                </g>
              </>
            ) : (
              <g style={through}>{copy}</g>
            )}
          </Fragment>
        );
      })}
    </g>
  );
});

const MULTIPLIED = { mixBlendMode: 'multiply' } as const;

/** Scaled and turned over first, then turned, then moved. */
function placed(item: ItemView): string {
  const turn = item.turnDeg ? ` rotate(${num(item.turnDeg)})` : '';
  const size =
    item.scale !== 1 || item.mirrored
      ? ` scale(${num(item.mirrored ? -item.scale : item.scale)} ${num(item.scale)})`
      : '';
  return `translate(${num(item.xMm)} ${num(item.yMm)})${turn}${size}`;
}

/** What a copy shows, its print's middle at 0, 0. */
function Art({ art, stencil, id }: { art: ArtView; stencil: StencilView | undefined; id: string }) {
  const { print } = art;
  const toMiddle = `translate(${num(-print.leftMm - print.widthMm / 2)} ${num(-print.topMm - print.heightMm / 2)})`;
  const pathData = stencil?.pathData ?? art.pathData;
  if (pathData !== undefined) {
    return <path d={pathData} fillRule="evenodd" transform={toMiddle} />;
  }
  if (art.designId !== undefined) {
    return null; // the shelf's stencils are still on their way
  }
  if (art.address !== undefined) {
    return (
      <g transform={toMiddle}>
        <clipPath id={id}>
          <rect x={print.leftMm} y={print.topMm} width={print.widthMm} height={print.heightMm} />
        </clipPath>
        <image
          href={art.address}
          width={art.sheetWidthMm}
          height={art.sheetHeightMm}
          preserveAspectRatio="none"
          clipPath={`url(#${id})`}
        />
      </g>
    );
  }
  if (art.look === 'METAL' || art.look === 'GAUZE') {
    return <Strip art={art} id={id} toMiddle={toMiddle} />;
  }
  if (art.blend) {
    return <Blend art={art} blend={art.blend} id={id} toMiddle={toMiddle} />;
  }
  return (
    <rect
      x={print.leftMm}
      y={print.topMm}
      width={print.widthMm}
      height={print.heightMm}
      rx={Math.min(print.widthMm, print.heightMm) / 4}
      fill={art.shade}
      stroke="currentColor"
      strokeOpacity="0.4"
      strokeWidth="0.5"
      transform={toMiddle}
    />
  );
}

type PlainProps = { readonly art: ArtView; readonly id: string; readonly toMiddle: string };

/** A strip off a roll: leaf with its sheen across, or gauze with its mesh. */
function Strip({ art, id, toMiddle }: PlainProps) {
  const { print } = art;
  const box = {
    x: print.leftMm,
    y: print.topMm,
    width: print.widthMm,
    height: print.heightMm,
    transform: toMiddle,
  };
  if (art.look === 'GAUZE') {
    return (
      <>
        <pattern id={id} width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="#F2EEE4" />
          <path d="M0 0H4M0 0V4" stroke="#CFC8B8" strokeWidth="0.7" />
        </pattern>
        <rect {...box} fill={`url(#${id})`} fillOpacity="0.9" stroke="#B9B09C" strokeWidth="0.4" />
      </>
    );
  }
  return (
    <>
      <linearGradient id={id} x1="0" y1="0" x2="1" y2="0.25">
        <stop offset="0" stopColor={art.shade} />
        <stop offset="0.28" stopColor={lighter(art.shade)} />
        <stop offset="0.5" stopColor={art.shade} />
        <stop offset="0.78" stopColor={lighter(art.shade)} />
        <stop offset="1" stopColor={art.shade} />
      </linearGradient>
      <rect {...box} fill={`url(#${id})`} stroke="#000" strokeOpacity="0.18" strokeWidth="0.4" />
    </>
  );
}

const lighter = (shade: string | undefined) =>
  `color-mix(in srgb, ${shade ?? '#C9A24A'} 62%, white)`;

/** Colours that meet on a face, from its edge to its middle. */
function Blend({
  art,
  blend,
  id,
  toMiddle,
}: PlainProps & { readonly blend: NonNullable<ArtView['blend']> }) {
  const { print } = art;
  const [edge = '#1F4650', ...inner] = blend.colours;
  const colours = inner.length > 0 ? inner : [edge];
  const box = {
    x: print.leftMm,
    y: print.topMm,
    width: print.widthMm,
    height: print.heightMm,
    transform: toMiddle,
  };
  if (blend.way === 'WASH') {
    return <rect {...box} fill={edge} fillOpacity="0.45" />;
  }
  if (blend.way === 'SPLATTER') {
    return (
      <>
        <pattern id={id} width="46" height="38" patternUnits="userSpaceOnUse">
          {SPLATS.map(([x, y, r], i) => (
            <circle
              key={`${x}`}
              cx={x}
              cy={y}
              r={r}
              fill={blend.colours[i % blend.colours.length]}
            />
          ))}
        </pattern>
        <rect {...box} fill={`url(#${id})`} />
      </>
    );
  }
  // the edge's colour reaches inwards, then the others follow evenly to the middle
  const from = Math.max(0, 1 - blend.reach);
  return (
    <>
      <radialGradient id={id} cx="0.5" cy="0.5" r="0.72">
        {colours.toReversed().map((c, i) => (
          <stop key={c} offset={(from * i) / colours.length} stopColor={c} />
        ))}
        <stop offset="1" stopColor={edge} />
      </radialGradient>
      <rect
        {...box}
        fill={`url(#${id})`}
        fillOpacity={blend.way === 'DRY_BRUSHED_EDGES' ? 0.6 : 1}
      />
    </>
  );
}

/** Drops as a brush flicks them: across, down, radius. */
const SPLATS = [
  [5, 7, 1.5],
  [18, 3, 0.7],
  [29, 14, 1.1],
  [11, 22, 0.6],
  [38, 25, 1.8],
  [24, 32, 0.9],
  [42, 6, 0.5],
  [3, 34, 1],
] as const;
