import type { OrderStep, OrderView } from '../api/client';

/**
 * Steps of the same piece that may be put before one: none that is done, itself, there already, or
 * waits for it by what lies under it.
 */
export function mayComeFirst(
  order: Pick<OrderView, 'rows'>,
  step: OrderStep,
  pieceId: string,
): ReadonlyArray<{ readonly key: string; readonly title: string }> {
  const steps = order.rows.filter((r) => r.pieceId === pieceId).flatMap((r) => r.steps);
  const later = new Set([step.id]);
  const open = [step.id];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    for (const w of steps.find((s) => s.id === id)?.waits ?? []) {
      if (!later.has(w.toStep)) {
        later.add(w.toStep);
        open.push(w.toStep);
      }
    }
  }
  const waiting = new Set(steps.filter((s) => later.has(s.id)).map((s) => s.wholeKey));
  const there = new Set(step.firsts.map((f) => f.key));
  const seen = new Set<string>();
  return steps
    .filter((s) => !s.done && !waiting.has(s.wholeKey) && !there.has(s.wholeKey))
    .filter((s) => !seen.has(s.wholeKey) && seen.add(s.wholeKey))
    .map((s) => ({ key: s.wholeKey, title: s.title }));
}
