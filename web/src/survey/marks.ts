import type { FaceDoc, PlanDocument } from '../api/client';
import type { Spot } from '../map/viewport';
import { newId, nextBlemishNumber, withFace } from '../plan/edits';

export type Placing = 'keepOut' | 'blemish';

/** What a new mark starts as, until its measures are typed. */
const NEW_KEEP_OUT = { widthMm: 50, heightMm: 40 };
const NEW_BLEMISH_MM = 10;

export function addKeepOut(plan: PlanDocument, faceId: string, at: Spot): PlanDocument {
  return withFace(plan, faceId, (f) => ({
    ...f,
    keepOuts: [
      ...f.keepOuts,
      {
        id: newId(),
        name: f.keepOuts.length === 0 ? 'Lock plate' : `Keep-out ${f.keepOuts.length + 1}`,
        leftMm: at.x - NEW_KEEP_OUT.widthMm / 2,
        topMm: at.y - NEW_KEEP_OUT.heightMm / 2,
        ...NEW_KEEP_OUT,
      },
    ],
  }));
}

export function addBlemish(plan: PlanDocument, faceId: string, at: Spot): PlanDocument {
  return withFace(plan, faceId, (f) => ({
    ...f,
    blemishes: [
      ...f.blemishes,
      {
        id: newId(),
        number: nextBlemishNumber(plan),
        kind: 'chip',
        xMm: at.x,
        yMm: at.y,
        diameterMm: NEW_BLEMISH_MM,
      },
    ],
  }));
}

type KeepOut = FaceDoc['keepOuts'][number];
type Blemish = FaceDoc['blemishes'][number];

export const withKeepOut = (
  plan: PlanDocument,
  faceId: string,
  id: string,
  edit: Partial<KeepOut>,
) =>
  withFace(plan, faceId, (f) => ({
    ...f,
    keepOuts: f.keepOuts.map((k) => (k.id === id ? { ...k, ...edit } : k)),
  }));

export const withBlemish = (
  plan: PlanDocument,
  faceId: string,
  id: string,
  edit: Partial<Blemish>,
) =>
  withFace(plan, faceId, (f) => ({
    ...f,
    blemishes: f.blemishes.map((b) => (b.id === id ? { ...b, ...edit } : b)),
  }));

export const withoutMark = (plan: PlanDocument, faceId: string, id: string) =>
  withFace(plan, faceId, (f) => ({
    ...f,
    keepOuts: f.keepOuts.filter((k) => k.id !== id),
    blemishes: f.blemishes.filter((b) => b.id !== id),
  }));
