import type { BenchStep, Telling } from '../api/client';

/** Something that was tapped and not taken by the server yet. */
export type Kept = Telling & {
  readonly pieceId: string;
  /** what it was called, for whoever reads what is kept */
  readonly title: string;
  /** why the server did not take it */
  readonly problem?: string;
};

/** What became of what was sent: what stays, with the server's reason where it refused. */
export function afterSending(
  kept: ReadonlyArray<Kept>,
  answer: ReadonlyArray<{ id: string; problem?: string | undefined }>,
): { taken: ReadonlyArray<string>; refused: ReadonlyArray<Kept> } {
  const byId = new Map(answer.map((a) => [a.id, a.problem]));
  return {
    taken: kept.filter((k) => byId.has(k.id) && byId.get(k.id) === undefined).map((k) => k.id),
    refused: kept.flatMap((k) => {
      const problem = byId.get(k.id);
      return problem === undefined ? [] : [{ ...k, problem }];
    }),
  };
}

/** Those that are still to be sent, in the order in which they were tapped. */
export function toSend(kept: ReadonlyArray<Kept>): ReadonlyArray<Kept> {
  return kept
    .filter((k) => k.problem === undefined)
    .toSorted((a, b) => a.toldAt.localeCompare(b.toldAt) || a.id.localeCompare(b.id));
}

/** The steps that are left once what was tapped here counts too; those taken back stay away. */
export function stillLeft(
  ahead: ReadonlyArray<BenchStep>,
  kept: ReadonlyArray<Kept>,
): ReadonlyArray<BenchStep> {
  const done = doneHere(kept);
  return ahead.filter((s) => !done.has(s.key));
}

/** Keys of the steps whose last tap says that they are done. */
export function doneHere(kept: ReadonlyArray<Kept>): ReadonlySet<string> {
  const done = new Set<string>();
  for (const k of toSend(kept)) {
    // what was right after all is not mended
    if (k.kind === 'DONE' || k.kind === 'RIGHT' || isTried(k)) {
      done.add(k.step);
    } else if (k.kind === 'TAKEN_BACK') {
      done.delete(k.step);
    }
  }
  return done;
}

/** Whether something went wrong with it: it was tried, other than what was begun too late. */
function isTried(k: Kept): boolean {
  return k.kind === 'WRONG' && k.trouble !== 'MISSED_WINDOW';
}

/** The last step that was tapped as done here and not taken back, to be taken back. */
export function lastDoneHere(kept: ReadonlyArray<Kept>): Kept | undefined {
  const done = doneHere(kept);
  return toSend(kept).findLast((k) => (k.kind === 'DONE' || isTried(k)) && done.has(k.step));
}

/** The time of a tap: never that of the tap before, nor earlier, should the clock be put right. */
export function laterThan(before: string, now: number): string {
  const last = before === '' ? Number.NEGATIVE_INFINITY : Date.parse(before);
  return new Date(Math.max(now, last + 1)).toISOString();
}
