import type { BoxView } from '../api/client';

/** A section of a sheet, and how far it is drawn from where it belongs. */
export type Section = { readonly box: BoxView; readonly byX: number; readonly byY: number };

/** A sheet as the sections it comes in, drawn apart from each other by what is left between. */
export type Spread = {
  readonly sections: ReadonlyArray<Section>;
  readonly widthMm: number;
  readonly heightMm: number;
};

type Line = {
  readonly fromXMm: number;
  readonly fromYMm: number;
  readonly toXMm: number;
  readonly toYMm: number;
};

/** Finer than a knife: what ends on a joint is of the section it ends. */
const NEAR_MM = 0.01;

/**
 * A sheet drawn as what it comes as. Its joints are where one section that is there ends and the next
 * begins; of a leftover the rest of the sheet is drawn along, as it was.
 */
export function spreadOut(
  sheet: { readonly widthMm: number; readonly heightMm: number },
  sections: ReadonlyArray<BoxView>,
  apartMm: number,
): Spread {
  const [first, second] = sections;
  const upright = first !== undefined && second !== undefined && second.leftMm > first.leftMm + 1;
  const joints = sections.slice(1).map((s) => (upright ? s.leftMm : s.topMm));
  const ends = [...joints, upright ? sheet.widthMm : sheet.heightMm];
  const apart = apartMm * joints.length;
  return {
    sections: ends.map((end, i) => {
      const from = joints[i - 1] ?? 0;
      return upright
        ? {
            box: { leftMm: from, topMm: 0, widthMm: end - from, heightMm: sheet.heightMm },
            byX: i * apartMm,
            byY: 0,
          }
        : {
            box: { leftMm: 0, topMm: from, widthMm: sheet.widthMm, heightMm: end - from },
            byX: 0,
            byY: i * apartMm,
          };
    }),
    widthMm: sheet.widthMm + (upright ? apart : 0),
    heightMm: sheet.heightMm + (upright ? 0 : apart),
  };
}

/** A box where it is drawn: as many as there are sections it lies on. */
export function boxesOn(spread: Spread, box: BoxView): BoxView[] {
  return spread.sections.flatMap(({ box: s, byX, byY }) => {
    const left = Math.max(box.leftMm, s.leftMm);
    const top = Math.max(box.topMm, s.topMm);
    const widthMm = Math.min(box.leftMm + box.widthMm, s.leftMm + s.widthMm) - left;
    const heightMm = Math.min(box.topMm + box.heightMm, s.topMm + s.heightMm) - top;
    return widthMm > NEAR_MM && heightMm > NEAR_MM
      ? [{ leftMm: left + byX, topMm: top + byY, widthMm, heightMm }]
      : [];
  });
}

/** A cut where it is drawn, on the section its middle lies on: a joint at the end of the first. */
export function lineOn<L extends Line>(spread: Spread, line: L): L {
  const x = (line.fromXMm + line.toXMm) / 2;
  const y = (line.fromYMm + line.toYMm) / 2;
  const on = spread.sections.find(
    ({ box }) => x < box.leftMm + box.widthMm + NEAR_MM && y < box.topMm + box.heightMm + NEAR_MM,
  );
  const { byX, byY } = on ?? { byX: 0, byY: 0 };
  return {
    ...line,
    fromXMm: line.fromXMm + byX,
    fromYMm: line.fromYMm + byY,
    toXMm: line.toXMm + byX,
    toYMm: line.toYMm + byY,
  };
}
