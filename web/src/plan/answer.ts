import type { CoatsEdited, EditedPiece, PieceView, PlanEdit } from '../api/client';

/** What is done to coats alone; the lays come to the same before and after it. */
const OF_COATS: ReadonlySet<PlanEdit['kind']> = new Set<PlanEdit['kind']>([
  'CHANGE_COAT',
  'OUT_OF_POT',
  'PAINT_GROUND',
  'BLEND_GROUND',
  'CHOOSE_PRIMER',
  'ADD_COAT',
  'ADD_COAT_STEP',
  'LEAVE_COAT_OUT',
  'BRING_COAT_BACK',
  'MOVE_COAT',
  'NOTE_FINDING',
  'COATS_ANEW',
  'USE_SCHEME',
  'COPY_COATS',
  'NAME_GROUP',
  'CHOOSE_HABITS',
]);

export const isOfCoats = (edits: ReadonlyArray<PlanEdit>): boolean =>
  edits.every((e) => OF_COATS.has(e.kind));

/** A piece as an edit of its coats leaves it; what was read of its lays is as it was. */
export function afterCoats(piece: PieceView, edited: CoatsEdited): EditedPiece {
  const { coats: _, ...kept } = edited;
  return { piece: { id: piece.id, reading: piece.reading, practice: piece.practice, ...kept } };
}
