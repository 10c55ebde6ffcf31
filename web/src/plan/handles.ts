import type { HandleView, LayDoc, RuleDoc } from '../api/client';
import { onDivision } from '../map/snapping';
import type { Spot } from '../map/viewport';

/**
 * The lay with a handle pulled from where it is. The server said which measures follow, and by how
 * much for each millimetre.
 */
export function pulled(
  lay: LayDoc,
  handle: HandleView,
  by: Spot,
  divisionMm: number,
  exact: boolean,
): LayDoc {
  let { rule, eye } = lay;
  for (const move of handle.moves) {
    const value = move.value + by.x * move.perXMm + by.y * move.perYMm;
    const least = Math.max(move.least, -20_000);
    const most = Math.min(move.most, 20_000);
    const next = exact
      ? Math.min(most, Math.max(least, value))
      : onDivision(value, divisionMm, least, most);
    if (move.key.startsWith('held.')) {
      eye = eye && heldAt(eye, move.key, next);
    } else {
      rule = withValue(rule, move.key, next);
    }
  }
  for (const set of handle.sets) {
    rule = { ...rule, choices: { ...rule.choices, [set.key]: set.value } };
  }
  return {
    ...lay,
    rule,
    ...(eye && { eye }),
    ...(handle.sets.length > 0 && { pick: PLACED }),
  };
}

/** What is put by hand stays where it is put. */
const PLACED = { way: 'STAND_PLACED', count: 1, across: 1 } as const;

/** The lay turned so that a knob at some place about a middle is under the hand. */
export function turned(lay: LayDoc, handle: HandleView, at: Spot, from: Spot): LayDoc {
  const { about } = handle;
  const move = handle.moves[0];
  if (!about || !move) {
    return lay;
  }
  const angle = (p: Spot) => (Math.atan2(p.y - about.yMm, p.x - about.xMm) * 180) / Math.PI;
  const deg = move.value + angle(at) - angle(from);
  const whole = Math.round(((((deg + 180) % 360) + 360) % 360) - 180);
  return { ...lay, rule: withValue(lay.rule, move.key, whole) };
}

/** A copy put by hand, moved across or down. */
function heldAt(eye: NonNullable<LayDoc['eye']>, key: string, value: number) {
  const [, which, axis] = key.split('.');
  const field = axis === 'x' ? 'xMm' : 'yMm';
  return {
    ...eye,
    held: eye.held.map((h, i) => (i === Number(which) ? { ...h, [field]: value } : h)),
  };
}

/** A measure, or a coordinate of a point of the rule. */
export function withValue(rule: RuleDoc, key: string, value: number): RuleDoc {
  const point = key.match(/^point\.(\d+)\.(x|y)$/);
  if (!point) {
    return { ...rule, measures: { ...rule.measures, [key]: value } };
  }
  const which = Number(point[1]);
  const field = point[2] === 'x' ? 'xMm' : 'yMm';
  return {
    ...rule,
    points: rule.points.map((p, i) => (i === which ? { ...p, [field]: value } : p)),
  };
}
