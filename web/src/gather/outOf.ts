import type { PlanEdit, PotSplit } from '../api/client';

/** What is done to the plan so that each comes out of the pot it is moved to. */
export function outOf(moves: PotSplit['moves']): PlanEdit[] {
  return moves.map(({ useId, coat, potId }) =>
    coat
      ? { kind: 'OUT_OF_POT', groupId: coat.groupId, band: coat.band, potId }
      : { kind: 'PUT_ON_WITH', layId: useId, potId },
  );
}
