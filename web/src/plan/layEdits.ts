import { hashKey } from '@tanstack/react-query';
import type { LayDoc, PlanEdit } from '../api/client';

/** By what they say, in whatever order their fields stand. */
const differs = (a: unknown, b: unknown) => hashKey([a]) !== hashKey([b]);

/** What a hand did to a lay on the map, as edits: only what is not as it was. */
export function layEdits(from: LayDoc, to: LayDoc): PlanEdit[] {
  const layId = from.id;
  const measures = changed(from.rule.measures, to.rule.measures);
  const choices = changed(from.rule.choices, to.rule.choices);
  const edits: PlanEdit[] = [];
  if (Object.keys(measures).length + Object.keys(choices).length > 0) {
    edits.push({ kind: 'MEASURE_LAY', layId, measures, choices });
  }
  if (differs(from.rule.points, to.rule.points)) {
    edits.push({ kind: 'POINTS_OF_LAY', layId, points: to.rule.points });
  }
  if (differs(from.eye, to.eye)) {
    edits.push({ kind: 'BY_EYE', layId, ...(to.eye && { eye: to.eye }) });
  }
  if (differs(from.pick, to.pick)) {
    edits.push({ kind: 'PICK_OPTION', layId, ...(to.pick && { pick: to.pick }) });
  }
  return edits;
}

function changed<T>(
  before: { readonly [key: string]: T },
  after: { readonly [key: string]: T },
): { [key: string]: T } {
  return Object.fromEntries(
    Object.entries(after).filter(([key, value]) => differs(before[key], value)),
  );
}
