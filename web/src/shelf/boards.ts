import type { CardView } from '../api/client';

/** What stands together under one heading. */
export const GROUPS = [
  { thing: 'DESIGN', title: 'Designs' },
  { thing: 'OFFCUT', title: 'Offcuts' },
  { thing: 'POT', title: 'Pots' },
  { thing: 'TOOL', title: 'Tools' },
] as const;

/** How many screen pixels a millimetre takes at a scale of 1 : n; a CSS pixel is 1/96 inch. */
export const pxPerMm = (scale: number) => 96 / 25.4 / scale;

export const LEAST_PLACE = 124;
const GAP = 22;
const UNDER = 64;
const HEADING = 46;

export type Size = { readonly width: number; readonly height: number };

/** How large a thing is drawn. */
export function sizeOf(card: CardView, scale: number): Size {
  const k = pxPerMm(scale);
  switch (card.thing) {
    case 'POT':
      return { width: 92, height: 116 };
    case 'TOOL':
      return { width: 92, height: 76 };
    case 'OFFCUT':
      return {
        width: Math.max(24, (card.offcut?.widthMm ?? 0) * k),
        height: Math.max(18, (card.offcut?.heightMm ?? 0) * k),
      };
    case 'DESIGN': {
      const length = lengthShown(card);
      const tall = isBareRoll(card) ? card.widthMm : card.heightMm;
      const wide = isBareRoll(card) || length !== null ? (length ?? 240) : card.widthMm;
      return { width: Math.max(20, wide * k), height: Math.max(12, tall * k) };
    }
  }
}

/** Foil, plaster fabric and film have no picture: their card is a stretch of the roll. */
export const isBareRoll = (card: CardView) =>
  card.kind === 'FOIL' || card.kind === 'PLASTER_FABRIC' || card.kind === 'FILM';

/** Trim and borders by the length show as much of it as has room. */
export function lengthShown(card: CardView): number | null {
  if (card.unit !== 'MM' || (card.kind !== 'MOULDING' && card.kind !== 'STENCIL_ROLL')) {
    return null;
  }
  return Math.min(520, Math.max(card.widthMm, card.holds * card.fullShare));
}

/** A full board spreads what stands on it over its whole length. */
export type Row =
  | { readonly kind: 'heading'; readonly title: string; readonly count: number }
  | {
      readonly kind: 'board';
      readonly cards: ReadonlyArray<CardView>;
      readonly tallest: number;
      readonly full: boolean;
    };

/** Things side by side on boards as wide as the room, group under group. */
export function boards(cards: ReadonlyArray<CardView>, room: number, scale: number): Row[] {
  const rows: Row[] = [];
  for (const group of GROUPS) {
    const own = cards.filter((c) => c.thing === group.thing);
    if (own.length === 0) {
      continue;
    }
    rows.push({ kind: 'heading', title: group.title, count: own.length });
    let board: CardView[] = [];
    let used = 0;
    let tallest = 0;
    for (const card of own) {
      const size = sizeOf(card, scale);
      const place = Math.max(LEAST_PLACE, size.width) + GAP;
      if (board.length > 0 && used + place > room) {
        rows.push({ kind: 'board', cards: board, tallest, full: true });
        board = [];
        used = 0;
        tallest = 0;
      }
      board.push(card);
      used += place;
      tallest = Math.max(tallest, size.height);
    }
    rows.push({ kind: 'board', cards: board, tallest, full: used > 0.7 * room });
  }
  return rows;
}

export const heightOf = (row: Row) =>
  row.kind === 'heading' ? HEADING : Math.ceil(row.tallest) + UNDER + 14;
