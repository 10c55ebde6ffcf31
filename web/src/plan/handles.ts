import type { HandleView, LayDoc, OptionView, RuleDoc } from '../api/client';
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
    if (move.key === 'count') {
      continue; // a count is picked among the options
    }
    if (move.key.startsWith('piece.')) {
      eye = pieceAt(eye, move.key, move.value + by.x * move.perXMm + by.y * move.perYMm);
      continue;
    }
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
    ...(handle.picks && { pick: handle.picks }),
  };
}

/**
 * The lay with the option that has one copy more or fewer for every pitch it is pulled by: the best
 * with that count, or with the nearest count there is.
 */
export function counted(
  lay: LayDoc,
  handle: HandleView,
  by: Spot,
  options: ReadonlyArray<OptionView>,
): LayDoc {
  const move = handle.moves[0];
  if (!move || options.length === 0) {
    return lay;
  }
  const wanted = move.value + by.x * move.perXMm + by.y * move.perYMm;
  const best = options.reduce((a, b) =>
    Math.abs(b.count - Math.round(wanted)) < Math.abs(a.count - Math.round(wanted)) ? b : a,
  );
  return best.count === move.value
    ? lay
    : { ...lay, pick: { way: best.way, count: best.count, across: best.across } };
}

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

/** A piece of a collage, put where the hand is; the first move writes it down. */
function pieceAt(eye: LayDoc['eye'], key: string, value: number): NonNullable<LayDoc['eye']> {
  const [, which, axis] = key.split('.');
  const now = eye ?? { wobbleMm: 0, wobbleDeg: 0, seed: 1, held: [] };
  const item = Number(which);
  const field = axis === 'x' ? 'xMm' : axis === 'y' ? 'yMm' : 'turnDeg';
  const held = now.held.find((h) => h.item === item) ?? { item, xMm: 0, yMm: 0, turnDeg: 0 };
  return {
    ...now,
    held: [...now.held.filter((h) => h.item !== item), { ...held, [field]: value }],
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
