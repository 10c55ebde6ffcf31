import { fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type LedgerView } from '../api/client';
import { drawn } from '../testing/page';
import { Ledger } from './Ledger';

const line = (id: number) => ({
  id,
  kind: 'USED',
  kindText: 'used',
  changeText: '− 3.7 ml',
  raises: false,
  levelText: `${id} ml`,
  note: `line ${id}`,
  madeBy: '',
  // the first of them a long time ago
  madeAt: id === 1 ? '2019-02-03T09:12:00Z' : new Date().toISOString(),
});

/** A pot that was booked on seven times, of which three are told for a hundred that are asked for. */
function pot(id: string, asked: number) {
  const shown = Math.min((asked / 100) * 3, 7);
  return {
    holding: { id, code: 'P-7', form: 'POT', unit: 'ML', levelText: '81.3 ml', claims: [] },
    of: 'Bone white',
    colour: '#F3EEE2',
    entries: Array.from({ length: shown }, (_, i) => line(7 - i)),
    older: 7 - shown,
  } as unknown as LedgerView;
}

describe('a ledger', () => {
  const asked: number[] = [];
  let answer: (view: LedgerView) => void = () => undefined;

  beforeEach(() => {
    asked.length = 0;
    vi.spyOn(api, 'GET').mockImplementation((async (
      address: string,
      init: { params: { path: { id: string }; query: { entries: number } } },
    ) => {
      if (address !== '/api/holdings/{id}') {
        return { error: { detail: 'nobody asked' }, response: new Response(null, { status: 404 }) };
      }
      const { path, query } = init.params;
      asked.push(query.entries);
      const view = pot(path.id, query.entries);
      const data =
        asked.length === 1
          ? view
          : await new Promise<LedgerView>((now) => {
              answer = () => now(view);
            });
      return { data, response: new Response() };
    }) as never);
  });

  const lines = () => screen.getByTestId('ledger').children.length;
  const older = () => screen.queryByText(/^Show older lines/);

  it('tells its last lines, and older ones when it is asked', async () => {
    drawn(<Ledger holdingId="bone" />);
    await screen.findByText('line 7');
    expect(lines()).toBe(3);
    expect(older()?.textContent).toBe('Show older lines: 4 more');
    fireEvent.click(older() as HTMLElement);
    // while they come, what is told stays, and is not asked for twice
    await vi.waitFor(() => expect(asked).toEqual([100, 200]));
    expect(lines()).toBe(3);
    expect((older() as HTMLButtonElement).disabled).toBe(true);
    answer(pot('bone', 200));
    await screen.findByText('line 2');
    expect(lines()).toBe(6);
    fireEvent.click(older() as HTMLElement);
    await vi.waitFor(() => expect(asked).toEqual([100, 200, 300]));
    answer(pot('bone', 300));
    await screen.findByText('line 1');
    expect(lines()).toBe(7);
    expect(screen.getByText(/^3 Feb 2019, used/)).toBeTruthy();
    expect(screen.queryAllByText(/20\d\d, used/)).toHaveLength(1);
    expect(older()).toBeNull();
  });
});
