import { describe, expect, it } from 'vitest';
import type { CoatsEdited, PieceView, PlanEdit } from '../api/client';
import { afterCoats, isOfCoats } from './answer';

const edit = (kind: PlanEdit['kind']) => ({ kind }) as PlanEdit;

describe('what is answered without the lays', () => {
  it('is what is done to coats alone', () => {
    expect(isOfCoats([edit('MOVE_COAT'), edit('CHANGE_COAT')])).toBe(true);
    expect(isOfCoats([edit('MOVE_COAT'), edit('MEASURE_LAY')])).toBe(false);
  });

  it('is no mend, which may move a lay', () => {
    expect(isOfCoats([edit('TAKE_COAT_MEND')])).toBe(false);
  });

  it('leaves what was read of the lays, and nothing of the plan before', () => {
    const reading = { totalText: '2 m²' } as PieceView['reading'];
    const before = { id: 'chest', version: 4, reading, undo: 'primer left out' } as PieceView;
    const document = { name: 'Sea chest' } as PieceView['document'];
    const savedAt = '2027-01-04T10:00:00Z';
    const { piece } = afterCoats(before, {
      version: 5,
      document,
      savedAt,
      archived: false,
      redo: 'once more',
      coats: { groups: [] } as unknown as CoatsEdited['coats'],
    });
    expect(piece).toEqual({
      id: 'chest',
      version: 5,
      document,
      reading,
      savedAt,
      archived: false,
      redo: 'once more',
    });
  });
});
