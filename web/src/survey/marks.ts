import type { AreaDoc, FaceDoc, PlanDocument } from '../api/client';
import type { Spot } from '../map/viewport';
import { nextBlemishNumber, withFace } from '../plan/edits';

export type MarkKind = 'keepOut' | 'hole' | 'break' | 'blemish' | 'zone';
export type KeepOutShape = AreaDoc['kind'];

/** What a new mark starts as, until its measures are typed. */
const NEW = {
  keepOut: { widthMm: 50, heightMm: 40, diameterMm: 40, depthMm: 20 },
  hole: { diameterMm: 5, count: 1, spacingMm: 0, upright: false },
  break: { lengthMm: 120, widthMm: 2, stepMm: 0 },
  blemishMm: 10,
  zone: { widthMm: 120, heightMm: 80, colour: '#A9B8B2' },
};

const LISTS = {
  keepOut: 'keepOuts',
  hole: 'holes',
  break: 'breaks',
  blemish: 'blemishes',
  zone: 'zones',
} as const;

export const MARK_NAMES: Record<MarkKind, string> = {
  keepOut: 'keep-out',
  hole: 'hole',
  break: 'break',
  blemish: 'blemish',
  zone: 'zone',
};

export function area(kind: KeepOutShape, at: Spot, size = NEW.keepOut): AreaDoc {
  switch (kind) {
    case 'UPRIGHT':
      return {
        kind,
        leftMm: at.x - size.widthMm / 2,
        topMm: at.y - size.heightMm / 2,
        widthMm: size.widthMm,
        heightMm: size.heightMm,
      };
    case 'ROUND':
      return { kind, xMm: at.x, yMm: at.y, diameterMm: size.diameterMm };
    case 'STRIP':
      return { kind, side: 'TOP', depthMm: size.depthMm };
    case 'RIM':
      return { kind, depthMm: size.depthMm };
    case 'CORNERS': {
      const w = size.widthMm / 2;
      const h = size.heightMm / 2;
      return {
        kind,
        points: [
          { xMm: at.x - w, yMm: at.y + h },
          { xMm: at.x, yMm: at.y - h },
          { xMm: at.x + w, yMm: at.y + h },
        ],
      };
    }
  }
}

/** The plan with one more mark. */
export function addMark(
  plan: PlanDocument,
  faceId: string,
  kind: MarkKind,
  at: Spot,
  id: string,
): PlanDocument {
  return withFace(plan, faceId, (f) => {
    switch (kind) {
      case 'keepOut':
        return {
          ...f,
          keepOuts: [
            ...f.keepOuts,
            {
              id,
              name: `Keep-out ${f.keepOuts.length + 1}`,
              area: area('UPRIGHT', at),
              forbids: [],
            },
          ],
        };
      case 'hole':
        return {
          ...f,
          holes: [
            ...f.holes,
            { id, name: `Knob ${f.holes.length + 1}`, xMm: at.x, yMm: at.y, ...NEW.hole },
          ],
        };
      case 'break': {
        const { lengthMm, widthMm, stepMm } = NEW.break;
        return {
          ...f,
          breaks: [
            ...f.breaks,
            {
              id,
              name: `Joint ${f.breaks.length + 1}`,
              fromXMm: at.x - lengthMm / 2,
              fromYMm: at.y,
              toXMm: at.x + lengthMm / 2,
              toYMm: at.y,
              widthMm,
              stepMm,
            },
          ],
        };
      }
      case 'blemish':
        return {
          ...f,
          blemishes: [
            ...f.blemishes,
            {
              id,
              number: nextBlemishNumber(plan),
              kind: 'chip',
              xMm: at.x,
              yMm: at.y,
              diameterMm: NEW.blemishMm,
            },
          ],
        };
      case 'zone': {
        const { widthMm, heightMm, colour } = NEW.zone;
        return {
          ...f,
          zones: [
            ...f.zones,
            {
              id,
              name: `Zone ${f.zones.length + 1}`,
              colour,
              area: area('UPRIGHT', at, { ...NEW.keepOut, widthMm, heightMm }),
            },
          ],
        };
      }
    }
    return f;
  });
}

type Marks = Pick<FaceDoc, 'keepOuts' | 'holes' | 'breaks' | 'blemishes' | 'zones'>;

/** One mark changed. */
export const withMark = <K extends MarkKind>(
  plan: PlanDocument,
  faceId: string,
  kind: K,
  id: string,
  edit: (mark: Marks[(typeof LISTS)[K]][number]) => Marks[(typeof LISTS)[K]][number],
) =>
  withFace(plan, faceId, (f) => ({
    ...f,
    [LISTS[kind]]: (f[LISTS[kind]] as Marks[(typeof LISTS)[K]]).map((m) =>
      m.id === id ? edit(m as Marks[(typeof LISTS)[K]][number]) : m,
    ),
  }));

export const withoutMark = (plan: PlanDocument, faceId: string, id: string) =>
  withFace(plan, faceId, (f) => {
    const rest = <T extends { readonly id: string }>(marks: ReadonlyArray<T>) =>
      marks.filter((m) => m.id !== id);
    return {
      ...f,
      keepOuts: rest(f.keepOuts),
      holes: rest(f.holes),
      breaks: rest(f.breaks),
      blemishes: rest(f.blemishes),
      zones: rest(f.zones),
    };
  });
