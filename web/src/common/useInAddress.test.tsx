import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { createMemoryRouter, RouterProvider, useSearchParams } from 'react-router';
import { beforeEach, describe, expect, it } from 'vitest';
import '../testing/page';
import { OURS, useInAddress } from './useInAddress';

type Sides = { readonly wide: string; readonly high: string };

function Both() {
  const [query] = useSearchParams();
  const [sides, change] = useInAddress<Sides>(
    (before) => ({
      wide: query.get('wide') ?? before?.wide ?? '',
      high: query.get('high') ?? before?.high ?? '',
    }),
    (s) => `/?wide=${s.wide}&high=${s.high}`,
  );
  return (['wide', 'high'] as const).map((side) => (
    <input
      key={side}
      aria-label={side}
      value={sides[side]}
      onChange={(e) => {
        const text = e.currentTarget.value;
        change((now) => ({ ...now, [side]: text }));
      }}
    />
  ));
}

const field = (side: string) => screen.getByLabelText(side) as HTMLInputElement;
const type = (side: string, text: string) =>
  fireEvent.change(field(side), { target: { value: text } });

describe('what is typed and stands in the address', () => {
  let router: ReturnType<typeof createMemoryRouter>;
  /** Addresses follow when they are let go. */
  let letGo: () => void;
  const address = () => router.state.location.search;

  beforeEach(() => {
    const held = new Promise<void>((done) => {
      letGo = done;
    });
    router = createMemoryRouter(
      [{ id: 'page', path: '/', element: <Both />, loader: () => held.then(() => null) }],
      { initialEntries: ['/?wide=87&high=42'], hydrationData: { loaderData: { page: null } } },
    );
    render(<RouterProvider router={router} />);
  });

  it('is kept though the next comes before the address has followed', async () => {
    type('wide', '310');
    type('high', '2');
    expect(field('wide').value).toBe('310');
    expect(field('high').value).toBe('2');
    expect(address()).toBe('?wide=87&high=42');
    act(letGo);
    await waitFor(() => expect(address()).toBe('?wide=310&high=2'));
    expect(field('wide').value).toBe('310');
  });

  it('does not go back to an address of its own that comes late', async () => {
    act(letGo);
    type('wide', '310');
    await act(() => router.navigate('/?wide=3&high=42', { state: OURS }));
    expect(address()).toBe('?wide=3&high=42');
    expect(field('wide').value).toBe('310');
  });

  it('is what an address says that somebody goes to', async () => {
    type('wide', '310');
    act(letGo);
    await act(() => router.navigate('/?wide=9&high=8'));
    expect(field('wide').value).toBe('9');
    // and goes on from there
    type('high', '7');
    await waitFor(() => expect(address()).toBe('?wide=9&high=7'));
  });

  it('keeps what an address does not tell', async () => {
    act(letGo);
    type('wide', '310');
    await act(() => router.navigate('/?high=8'));
    expect(field('wide').value).toBe('310');
    expect(field('high').value).toBe('8');
  });
});
