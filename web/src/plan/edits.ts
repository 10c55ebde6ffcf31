import type { FaceDoc, LayDoc, PlanDocument, RunDoc } from '../api/client';

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

export const withRun = (plan: PlanDocument, layId: string, run: Partial<RunDoc>): PlanDocument =>
  withLay(plan, layId, (lay) => ({ ...lay, run: { ...lay.run, ...run } }));

export const withoutLay = (plan: PlanDocument, layId: string): PlanDocument => ({
  ...plan,
  lays: plan.lays.filter((l) => l.id !== layId),
});

/** The number for a new pin: one more than the highest on the piece. */
export const nextBlemishNumber = (plan: PlanDocument): number =>
  1 + Math.max(0, ...plan.faces.flatMap((f) => f.blemishes.map((b) => b.number)));

export const newId = (): string => crypto.randomUUID();
