import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { SumView } from '../api/client';
import { answering, drawn } from '../testing/page';
import { SumPane } from './SumPane';
import type { Texts } from './typed';

const sum = (of: Partial<SumView>) =>
  ({
    kind: 'SQUARE',
    title: 'Out of square',
    answer: 'It is square.',
    fields: [],
    line: [],
    lines: [],
    marks: [],
    mind: [],
    text: '',
    way: 0,
    ways: [],
    why: [],
    ...of,
  }) as unknown as SumView;

const pane = (usual: Partial<SumView>, texts: Texts = {}, onWay = vi.fn()) => (
  <SumPane
    usual={sum(usual)}
    texts={texts}
    way={0}
    tape={undefined}
    onText={vi.fn()}
    onWay={onWay}
  />
);

const says = () => screen.getByTestId('says').textContent;
const copying = () => screen.getByText('Copy as text').closest('button') as HTMLButtonElement;

describe('a sum', () => {
  it('of nothing typed is the usual one, and nobody is asked', () => {
    const asked = answering(() => sum({}));
    drawn(pane({}));
    expect(says()).toBe('It is square.');
    expect(asked).not.toHaveBeenCalled();
    expect(copying().disabled).toBe(false);
  });

  it('tells no answer before there is one, and gives none along', async () => {
    let answer: (told: SumView) => void = () => undefined;
    const asked = answering(
      () =>
        new Promise((resolve) => {
          answer = resolve;
        }),
    );
    drawn(pane({}, { height: '421' }));
    expect(says()).toBe('…');
    expect(copying().disabled).toBe(true);
    await waitFor(() => expect(asked).toHaveBeenCalled());
    answer(sum({ answer: '3 mm out of square.' }));
    await waitFor(() => expect(says()).toBe('3 mm out of square.'));
    await waitFor(() => expect(copying().disabled).toBe(false));
  });

  it('keeps its last answer while something is refused, and gives it to nobody', async () => {
    answering(({ body }) => {
      if ((body as { texts: Texts }).texts.height === 'x') {
        throw 'x is no length.';
      }
      return sum({ answer: '3 mm out of square.' });
    });
    const { again } = drawn(pane({}, { height: '421' }));
    await waitFor(() => expect(says()).toBe('3 mm out of square.'));
    again(pane({}, { height: 'x' }));
    await waitFor(() => expect(copying().disabled).toBe(true));
    expect(says()).toBe('3 mm out of square.');
  });

  it('says why where there is a reason, and puts no heading over nothing', () => {
    const { again } = drawn(pane({}));
    expect(screen.queryByText('Why')).toBeNull();
    again(pane({ why: ['Both diagonals are as long.'] }));
    expect(screen.getByText('Why')).toBeTruthy();
    expect(screen.getByText('Both diagonals are as long.')).toBeTruthy();
  });

  it('offers its ways only where there is a choice', () => {
    const chosen = vi.fn();
    const way = (title: string) => ({
      way: title,
      count: 1,
      across: 1,
      detail: '',
      title,
      reason: '',
    });
    const { again } = drawn(pane({ ways: [way('Full')] as never }, {}, chosen));
    expect(screen.queryByRole('radiogroup')).toBeNull();
    again(pane({ ways: [way('Full'), way('Spread')] as never }, {}, chosen));
    fireEvent.click(screen.getByText('Spread'));
    expect(chosen).toHaveBeenCalledWith(1);
  });
});
