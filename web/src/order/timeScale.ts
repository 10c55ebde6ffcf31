/** Hours in which somebody is there, in minutes from the beginning. */
export type Open = { readonly from: number; readonly to: number };

/** How far one looks, the nearest first: how many pixels an open hour is wide. */
export const ZOOMS = [12, 20, 37, 60, 110, 220] as const;

/** A night is as wide as this, however long it is: what dries in it is told, not measured. */
const NIGHT = 22;
/** Breaks shorter than this are drawn by their length. */
const BREAK_MINUTES = 150;

type Piece = {
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly width: number;
};

/** Where a minute is on the chart: hours that are worked by their length, nights pressed together. */
export type TimeScale = {
  readonly width: number;
  readonly x: (minute: number) => number;
  readonly minute: (x: number) => number;
  /** the stretches in which nobody is there, as they are drawn */
  readonly closed: ReadonlyArray<{
    readonly x: number;
    readonly width: number;
    readonly night: boolean;
  }>;
};

export function timeScale(openings: ReadonlyArray<Open>, end: number, perHour: number): TimeScale {
  const pieces: Piece[] = [];
  const closed: { x: number; width: number; night: boolean }[] = [];
  let x = 0;
  let at = openings[0]?.from ?? 0;
  const add = (to: number, width: number) => {
    if (to > at) {
      pieces.push({ from: at, to, x, width });
      x += width;
      at = to;
    }
  };
  for (const open of openings) {
    if (open.from > at) {
      const short = open.from - at <= BREAK_MINUTES;
      const width = short ? ((open.from - at) / 60) * perHour : NIGHT;
      closed.push({ x, width, night: !short });
      add(open.from, width);
    }
    add(open.to, ((open.to - open.from) / 60) * perHour);
  }
  if (end > at) {
    add(end, NIGHT);
  }
  return {
    width: x,
    closed,
    x: (minute) => {
      const in_ = pieces.find((p) => minute <= p.to) ?? pieces.at(-1);
      if (in_ === undefined) {
        return 0;
      }
      const share = (minute - in_.from) / (in_.to - in_.from);
      return in_.x + Math.min(1, Math.max(0, share)) * in_.width;
    },
    minute: (px) => {
      const in_ = pieces.find((p) => px <= p.x + p.width) ?? pieces.at(-1);
      if (in_ === undefined || in_.width === 0) {
        return 0;
      }
      const share = Math.min(1, Math.max(0, (px - in_.x) / in_.width));
      return in_.from + share * (in_.to - in_.from);
    },
  };
}

/** The look at which it just fills the window; never farther than the farthest. */
export function fitting(openings: ReadonlyArray<Open>, end: number, width: number): number {
  const nights = timeScale(openings, end, 0).width;
  const hour = timeScale(openings, end, 1).width - nights;
  return hour > 0 ? Math.min(220, Math.max(ZOOMS[0], (width - nights) / hour)) : ZOOMS[0];
}

/** What is dragged lies on five minutes: nobody keeps to less. */
const SNAP_MINUTES = 5;

/** The minute that is meant by one that was pointed at; never before the beginning. */
export function snapped(minute: number): number {
  return Math.max(0, Math.round(minute / SNAP_MINUTES) * SNAP_MINUTES);
}

/** Every so many hours a line, so that their figures do not run into each other. */
export function hourStep(perHour: number): number {
  return perHour >= 100 ? 1 : perHour >= 30 ? 2 : 4;
}

/** A text cut to so many pixels, about; nothing where not even a few letters fit. */
export function cutTo(text: string, px: number): string {
  const letters = Math.floor(px / 6.1);
  if (text.length <= letters) {
    return text;
  }
  return letters < 4 ? '' : `${text.slice(0, letters - 1).trimEnd()}…`;
}

/** The longer of two texts where it fits into so many pixels, else the shorter, else none. */
export function fits(text: string, brief: string, px: number): string {
  return [text, brief].find((t) => t.length * 5.6 <= px) ?? '';
}
