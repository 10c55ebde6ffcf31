import type { FaceDoc, LayDoc, PlanDocument, RuleDoc } from '../api/client';

/** Changes of a plan as the artist means them: each takes a plan and gives the changed one. */

export const withFace = (
  plan: PlanDocument,
  faceId: string,
  edit: (face: FaceDoc) => FaceDoc,
): PlanDocument => ({
  ...plan,
  faces: plan.faces.some((f) => f.id === faceId)
    ? plan.faces.map((f) => (f.id === faceId ? edit(f) : f))
    : [...plan.faces, edit(nothingFound(faceId))],
});

/** A face on which nothing was written down yet. */
const nothingFound = (id: string): FaceDoc => ({
  id,
  makeUp: 'WOOD',
  finish: 'BARE',
  ground: '#D9CFBC',
  exposure: [],
  standing: 'OF_THE_FORM',
  ownMarks: false,
  keepOuts: [],
  holes: [],
  breaks: [],
  blemishes: [],
  zones: [],
});

export const withLay = (
  plan: PlanDocument,
  layId: string,
  edit: (lay: LayDoc) => LayDoc,
): PlanDocument => ({
  ...plan,
  lays: plan.lays.map((l) => (l.id === layId ? edit(l) : l)),
});

export const withRule = (plan: PlanDocument, layId: string, rule: Partial<RuleDoc>): PlanDocument =>
  withLay(plan, layId, (lay) => ({ ...lay, rule: { ...lay.rule, ...rule } }));

/** The lay one place earlier or later among those of a face. */
export const movedLay = (
  plan: PlanDocument,
  layId: string,
  faceId: string,
  by: -1 | 1,
): PlanDocument => {
  const lay = plan.lays.find((l) => l.id === layId);
  const onFace = plan.lays.filter((l) => l.faceId === faceId || l.alsoOn?.includes(faceId));
  const other = onFace[onFace.findIndex((l) => l.id === layId) + by];
  if (!lay || !other) {
    return plan;
  }
  return {
    ...plan,
    lays: plan.lays.map((l) => (l.id === layId ? other : l.id === other.id ? lay : l)),
  };
};

export const withoutLay = (plan: PlanDocument, layId: string): PlanDocument => ({
  ...plan,
  lays: plan.lays.filter((l) => l.id !== layId),
});

/** The number for a new pin: one more than the highest on the piece. */
export const nextBlemishNumber = (plan: PlanDocument): number =>
  1 + Math.max(0, ...plan.faces.flatMap((f) => f.blemishes.map((b) => b.number)));

export const newId = (): string => crypto.randomUUID();
