import type { CoatBand, CoatProduct } from '../api/client';

/** One colour of a blend, from the foot up. */
export type BlendPart = { readonly product: CoatProduct; readonly share: number };

export const MOST_COLOURS = 3;
export const USUAL_BAND_MM = 80;

const zone = (band: CoatBand) =>
  band.coat?.where.kind === 'BLENDED' ? band.coat.where : undefined;

/** What a ground is blended of; one part where it is of one colour, none where there is none. */
export const blendOf = (bands: ReadonlyArray<CoatBand>): ReadonlyArray<BlendPart> => {
  const parts = bands
    .filter((b) => zone(b) !== undefined)
    .toSorted((a, b) => (zone(a)?.from ?? 0) - (zone(b)?.from ?? 0))
    .map((b) => ({ product: productOf(b), share: (zone(b)?.to ?? 1) - (zone(b)?.from ?? 0) }));
  if (parts.length > 0) {
    return parts;
  }
  const ground = bands.find((b) => b.key === 'ground');
  return ground?.coat ? [{ product: productOf(ground), share: 1 }] : [];
};

/** What is there now where nothing was chosen: its pot, or a paint of its colour. */
const productOf = (band: CoatBand): CoatProduct =>
  band.coat?.wish.product ??
  (band.coat?.potId === undefined
    ? { asIf: band.colour ?? '#FFFFFF' }
    : { potId: band.coat.potId });

export const bandMm = (bands: ReadonlyArray<CoatBand>) =>
  bands.map((b) => zone(b)?.widthMm).find((w) => w !== undefined) ?? USUAL_BAND_MM;

/** One more colour at the head, with a share like the others. */
export const withOneMore = (parts: ReadonlyArray<BlendPart>, product: CoatProduct) => [
  ...parts,
  { product, share: parts.reduce((sum, p) => sum + p.share, 0) / parts.length },
];

/** One part with another share; the others share what is left as before. */
export const shared = (parts: ReadonlyArray<BlendPart>, which: number, share: number) => {
  const others = parts.reduce((sum, p, i) => (i === which ? sum : sum + p.share), 0);
  return parts.map((p, i) =>
    i === which ? { ...p, share } : { ...p, share: (p.share / others) * (1 - share) },
  );
};
