import type { CutRun } from '../api/client';

type Place = { readonly xMm: number; readonly yMm: number };

/** Where a cut stands after some seconds. */
export type Moment = {
  /** how many lines are cut through */
  readonly cut: number;
  /** what is cut of the line under the blade; nothing while it is raised */
  readonly trail: ReadonlyArray<Place>;
  readonly blade: Place;
  readonly down: boolean;
};

const HOME = (run: CutRun): Place => ({ xMm: 0, yMm: run.matLengthMm });

export function moment(run: CutRun, seconds: number): Moment {
  const next = run.strokes.findIndex((s) => seconds < s.untilSeconds);
  const cut = next < 0 ? run.strokes.length : next;
  const before = run.strokes[cut - 1]?.points.at(-1) ?? HOME(run);
  const stroke = run.strokes[cut];
  if (stroke === undefined) {
    const last = run.strokes.at(-1)?.untilSeconds ?? 0;
    return {
      cut,
      trail: [],
      blade: between(before, HOME(run), share(seconds, last, run.seconds)),
      down: false,
    };
  }
  const start = stroke.points[0] ?? before;
  if (seconds < stroke.fromSeconds) {
    const from = run.strokes[cut - 1]?.untilSeconds ?? 0;
    return {
      cut,
      trail: [],
      blade: between(before, start, share(seconds, from, stroke.fromSeconds)),
      down: false,
    };
  }
  const trail = along(stroke.points, share(seconds, stroke.fromSeconds, stroke.untilSeconds));
  return { cut, trail, blade: trail.at(-1) ?? start, down: true };
}

const share = (at: number, from: number, until: number) =>
  until <= from ? 1 : Math.min(1, Math.max(0, (at - from) / (until - from)));

const between = (a: Place, b: Place, k: number): Place => ({
  xMm: a.xMm + (b.xMm - a.xMm) * k,
  yMm: a.yMm + (b.yMm - a.yMm) * k,
});

/** The first part of a line, by its length. */
function along(points: ReadonlyArray<Place>, part: number): ReadonlyArray<Place> {
  const lengths = points
    .slice(1)
    .map((p, i) => Math.hypot(p.xMm - (points[i]?.xMm ?? 0), p.yMm - (points[i]?.yMm ?? 0)));
  let left = part * lengths.reduce((a, b) => a + b, 0);
  const trail: Place[] = points.slice(0, 1);
  for (const [i, length] of lengths.entries()) {
    const a = points[i];
    const b = points[i + 1];
    if (a === undefined || b === undefined) {
      break;
    }
    if (length >= left) {
      trail.push(between(a, b, length === 0 ? 0 : left / length));
      break;
    }
    trail.push(b);
    left -= length;
  }
  return trail;
}
