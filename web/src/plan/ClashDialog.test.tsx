import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { PlanDocument, PlanEdit, Theirs } from '../api/client';
import { answering, drawn } from '../testing/page';
import { ClashDialog } from './ClashDialog';
import type { Change } from './planStore';

const base = { name: 'before' } as PlanDocument;
const change = (id: string): Change => ({ id, edits: [{ kind: id } as unknown as PlanEdit] });

const clash = (theirs: Partial<Theirs>, choose = vi.fn()) => (
  <ClashDialog
    theirs={
      {
        savedAt: '2026-10-14T09:30:00Z',
        changes: ['Fern band moved'],
        both: [],
        ...theirs,
      } as Theirs
    }
    mine={[change('first'), change('second')]}
    base={base}
    choose={choose}
  />
);

describe('two windows that changed the same piece', () => {
  it('are both told, mine one after the other on what came before', async () => {
    const asked: unknown[] = [];
    answering(({ body }) => {
      asked.push(body);
      const n = asked.length;
      return { summary: `mine ${n}`, document: { name: `after ${n}` } };
    });
    drawn(clash({}));
    expect(await screen.findByText('mine 2')).toBeTruthy();
    expect(screen.getByText('mine 1')).toBeTruthy();
    expect(screen.getByText('Fern band moved')).toBeTruthy();
    expect(asked.map((a) => (a as { document: PlanDocument }).document.name)).toEqual([
      'before',
      'after 1',
    ]);
  });

  it('hear why one of theirs cannot be done any more, and still of the next', async () => {
    answering(({ body }) => {
      if ((body as { edits: PlanEdit[] }).edits[0]?.kind === ('first' as never)) {
        throw 'That lay is gone.';
      }
      return { summary: 'mine 2', document: base };
    });
    drawn(clash({}));
    expect(await screen.findByText('mine 2')).toBeTruthy();
    expect(screen.getByText('That lay is gone.')).toBeTruthy();
  });

  it('are told what both have changed, the first few by name', async () => {
    answering(() => ({ summary: 'mine', document: base }));
    drawn(clash({ both: ['fern band', 'lid', 'left', 'right', 'back', 'foot'] }));
    expect(await screen.findByText('Two of you changed the same thing')).toBeTruthy();
    expect(screen.getByText('Fern band, lid, left, right and 2 more')).toBeTruthy();
  });

  it('go on as is chosen, and only then', async () => {
    answering(() => ({ summary: 'mine', document: base }));
    const choose = vi.fn();
    drawn(clash({}, choose));
    fireEvent.keyDown(await screen.findByRole('alertdialog'), { key: 'Escape' });
    expect(choose).not.toHaveBeenCalled();
    fireEvent.click(screen.getByText('Put mine on top'));
    fireEvent.click(screen.getByText('Let mine go'));
    expect(choose.mock.calls).toEqual([['mine'], ['theirs']]);
  });
});
