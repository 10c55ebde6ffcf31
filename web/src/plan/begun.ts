import type { PlanDocument } from '../api/client';

/** Whether any step of a piece is done: its plan keeps the figures that were known then. */
export function isBegun(plan: PlanDocument): boolean {
  return Object.values(plan.order?.steps ?? {}).some((s) => s.done !== undefined);
}
