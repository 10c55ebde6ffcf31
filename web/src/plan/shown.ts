import type { FaceDoc, LayDoc, PlanDocument, PlanEdit, RuleDoc } from '../api/client';

/**
 * The plan as it is shown until the server has answered: what was typed or ticked stands where it
 * was put. It decides nothing. What an edit means, and whether it can be, is the server's to say;
 * edits that need sums show once they are answered.
 */
export function shown(document: PlanDocument, edit: PlanEdit): PlanDocument {
  switch (edit.kind) {
    case 'PIECE_FOR_SALE':
      return { ...document, forSale: edit.forSale };
    case 'NAME_PIECE':
      return { ...document, name: edit.name };
    case 'MEASURE_PIECE':
      return { ...document, form: answered(document.form, edit) };
    case 'PUT_KEEP_OUT':
      return withFace(document, edit.faceId, (f) => ({
        ...f,
        keepOuts: put(f.keepOuts, edit.keepOut),
      }));
    case 'PUT_HOLE':
      return withFace(document, edit.faceId, (f) => ({ ...f, holes: put(f.holes, edit.hole) }));
    case 'PUT_BREAK':
      return withFace(document, edit.faceId, (f) => ({ ...f, breaks: put(f.breaks, edit.joint) }));
    case 'PUT_BLEMISH':
      return withFace(document, edit.faceId, (f) => ({
        ...f,
        blemishes: put(f.blemishes, edit.blemish),
      }));
    case 'PUT_ZONE':
      return withFace(document, edit.faceId, (f) => ({ ...f, zones: put(f.zones, edit.zone) }));
    case 'MEASURE_LAY':
      return withRule(document, edit.layId, (rule) => answered(rule, edit));
    case 'POINTS_OF_LAY':
      return withRule(document, edit.layId, (rule) => ({ ...rule, points: edit.points }));
    case 'TEXT_OF_LAY':
      return withRule(document, edit.layId, (rule) => ({ ...rule, text: edit.text }));
    case 'PICK_OPTION':
      return withLay(document, edit.layId, ({ pick: _, ...l }) =>
        edit.pick ? { ...l, pick: edit.pick } : l,
      );
    case 'GO_AROUND':
      return withLay(document, edit.layId, ({ clearMm: _, ...l }) =>
        edit.clearMm === undefined ? l : { ...l, clearMm: edit.clearMm },
      );
    case 'BY_EYE':
      return withLay(document, edit.layId, ({ eye: _, ...l }) =>
        edit.eye ? { ...l, eye: edit.eye } : l,
      );
    case 'LAY_OVER':
      return withLay(document, edit.layId, (l) => ({ ...l, alsoOn: edit.alsoOn }));
    case 'AIM_AT':
      return withLay(document, edit.layId, ({ zoneId: _, ...l }) =>
        edit.zoneId === undefined ? l : { ...l, zoneId: edit.zoneId },
      );
    case 'USE_PART':
      return withLay(document, edit.layId, ({ part: _, ...l }) =>
        edit.part ? { ...l, part: edit.part } : l,
      );
    case 'PUT_ON_WITH':
      return withLay(document, edit.layId, (l) => ({ ...l, potId: edit.potId }));
    case 'CHANGE_COATS':
      return withLay(document, edit.layId, (l) => ({ ...l, coats: edit.coats }));
    default:
      return document;
  }
}

type Answers = {
  readonly measures?: { readonly [key: string]: number };
  readonly choices?: { readonly [key: string]: string };
};

const answered = <T extends { measures: Record<string, number>; choices: Record<string, string> }>(
  sheet: T,
  given: Answers,
): T => ({
  ...sheet,
  measures: { ...sheet.measures, ...given.measures },
  choices: { ...sheet.choices, ...given.choices },
});

const withFace = (plan: PlanDocument, id: string, edit: (face: FaceDoc) => FaceDoc) => ({
  ...plan,
  faces: plan.faces.map((f) => (f.id === id ? edit(f) : f)),
});

const withLay = (plan: PlanDocument, id: string, edit: (lay: LayDoc) => LayDoc) => ({
  ...plan,
  lays: plan.lays.map((l) => (l.id === id ? edit(l) : l)),
});

const withRule = (plan: PlanDocument, id: string, edit: (rule: RuleDoc) => RuleDoc) =>
  withLay(plan, id, (lay) => ({ ...lay, rule: edit(lay.rule) }));

const put = <T extends { readonly id: string }>(marks: ReadonlyArray<T>, mark: T): T[] =>
  marks.map((m) => (m.id === mark.id ? mark : m));
