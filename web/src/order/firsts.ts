import type { OrderStep, OrderView } from '../api/client';

/** Steps of the same piece that may be put before one, and are not there already. */
export function mayComeFirst(
  order: Pick<OrderView, 'rows'>,
  step: OrderStep,
  pieceId: string,
): ReadonlyArray<{ readonly key: string; readonly title: string }> {
  const not = new Set([step.wholeKey, ...step.waiting, ...step.firsts.map((f) => f.key)]);
  return order.rows
    .filter((r) => r.pieceId === pieceId)
    .flatMap((r) => r.steps)
    .filter((s) => {
      const may = !s.done && !not.has(s.wholeKey);
      // of a step in parts, the whole is offered once
      not.add(s.wholeKey);
      return may;
    })
    .map((s) => ({ key: s.wholeKey, title: s.title }));
}
