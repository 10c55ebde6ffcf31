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
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: items are their places in the lay
          <Fragment key={i}>
            {item.clip !== undefined ? (
              <>
                <clipPath id={`${id}part${i}`}>
                  <path d={item.clip} clipRule="evenodd" />
                </clipPath>
                <g clipPath={`url(#${id}part${i})`}>{copy}</g>
              </>
            ) : (
              copy
            )}
          </Fragment>
        );
      })}
    </g>
  );
});

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
