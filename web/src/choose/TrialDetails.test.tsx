import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type DesignView, type TrialView } from '../api/client';
import { drawn } from '../testing/page';
import { TrialDetails } from './TrialDetails';

const trial = (more: Partial<TrialView> = {}) =>
  ({
    designId: 'd',
    kindText: 'stencil',
    name: 'Fern band',
    verdict: 'FITS',
    verdictText: '7 whole',
    stockText: '1 sheet to use',
    maySell: true,
    painted: true,
    cutToFit: false,
    ...more,
  }) as TrialView;

const design = {
  id: 'd',
  given: { name: 'Fern band', note: 'Two fronds from one bud.', kind: 'STENCIL' },
  picture: '/fern.svg',
  holdings: [],
  reading: { sheetWidthMm: 503.7, sheetHeightMm: 711.3, painted: true, facts: [] },
} as unknown as DesignView;

const details = (of: TrialView, onLay = vi.fn(), canLay = true) => (
  <TrialDetails trial={of} pieceId="p" faceName="lid, rim" onLay={onLay} canLay={canLay} />
);

const button = () => screen.getByRole('button', { name: 'Lay it on the lid, rim' });

/** What stands above the button, and so moves it when it becomes more. */
function above() {
  const all: string[] = [];
  for (let e = button().previousElementSibling; e; e = e.previousElementSibling) {
    all.unshift(e.outerHTML);
  }
  return all;
}

describe('what is tried', () => {
  let come: () => void = () => undefined;

  beforeEach(() => {
    const coming = new Promise<void>((now) => {
      come = now;
    });
    vi.spyOn(api, 'GET').mockImplementation((async () => {
      await coming;
      return { data: design, response: new Response() };
    }) as never);
  });

  it('has its button where it was when the design has come: whoever presses it meets it', async () => {
    drawn(details(trial()));
    const before = above();
    expect(before.join()).toContain('7 whole');
    come();
    await waitFor(() => expect(screen.queryByText(design.given.note ?? '')).not.toBeNull());
    expect(screen.queryByRole('img', { name: 'Sheet of Fern band' })).not.toBeNull();
    expect(above()).toEqual(before);
  });

  it('is laid by the button, unless it does not fit and may not be cut', () => {
    const onLay = vi.fn();
    const { again } = drawn(details(trial(), onLay));
    button().click();
    expect(onLay).toHaveBeenCalledTimes(1);
    again(details(trial({ verdict: 'DOES_NOT_FIT' }), onLay));
    button().click();
    expect(onLay).toHaveBeenCalledTimes(1);
    again(details(trial({ verdict: 'DOES_NOT_FIT', cutToFit: true }), onLay));
    button().click();
    expect(onLay).toHaveBeenCalledTimes(2);
    // what is painted through needs a pot to be painted from
    again(details(trial(), onLay, false));
    button().click();
    expect(onLay).toHaveBeenCalledTimes(2);
  });
});
