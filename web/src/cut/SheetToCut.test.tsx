import { fireEvent, screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { ArtView, SheetCut } from '../api/client';
import { drawn } from '../testing/page';
import { SheetToCut } from './SheetToCut';

const box = (leftMm: number, topMm: number, widthMm: number, heightMm: number) => ({
  leftMm,
  topMm,
  widthMm,
  heightMm,
});

const art = { sheetWidthMm: 500, sheetHeightMm: 900, shade: '#ccc' } as ArtView;

const part = (number: number, at: ReturnType<typeof box>, placeText: string) => ({
  number,
  pieceId: 'wardrobe',
  layId: 'marsh',
  faceId: 'door',
  faceName: 'Left door',
  sizeText: '10 × 20 mm',
  placeText,
  box: at,
});

const whole = {
  title: 'Sheet 1',
  isLeftover: false,
  sections: [box(0, 0, 500, 900)],
  pieces: [part(1, box(10, 10, 200, 600), '10 mm from the left')],
  rests: [{ sizeText: '290 × 900 mm', box: box(210, 0, 290, 900) }],
  keeps: [],
  cuts: [
    { letters: 'A', text: 'down, 210 mm', fromXMm: 210, fromYMm: 0, toXMm: 210, toYMm: 900 },
    { letters: 'B', text: 'across, 610 mm', fromXMm: 0, fromYMm: 610, toXMm: 210, toYMm: 610 },
  ],
  scrapText: '4 %',
} as unknown as SheetCut;

const inThree = {
  ...whole,
  sections: [box(0, 0, 500, 300), box(0, 300, 500, 300), box(0, 600, 500, 300)],
} as SheetCut;

const sheet = (of: SheetCut, more: Partial<Parameters<typeof SheetToCut>[0]> = {}) => (
  <SheetToCut
    art={art}
    sheet={of}
    small={false}
    isCut={false}
    locked={null}
    onLock={vi.fn()}
    isKept={() => true}
    onKeep={vi.fn()}
    {...more}
  />
);

const picture = () => screen.getByRole('img');
const letters = () =>
  [...picture().querySelectorAll('[data-letters]')].map((e) => e.getAttribute('data-letters'));

describe('a sheet to cut', () => {
  it('that comes whole is drawn as one', () => {
    drawn(sheet(whole));
    expect(picture().getAttribute('aria-label')).toBe('Sheet 1: 1 parts');
    expect(within(picture()).queryByText(/^section/)).toBeNull();
    expect(letters()).toEqual(['A', 'B']);
  });

  it('that comes in sections is drawn as them, each cut once, a part over joints on each', () => {
    drawn(sheet(inThree));
    expect(
      within(picture())
        .getAllByText(/^section/)
        .map((t) => t.textContent),
    ).toEqual(['section 1', 'section 2', 'section 3']);
    expect(letters()).toEqual(['A', 'B']);
    // 10 to 610 down lies on all three
    expect(within(picture()).getAllByText('1')).toHaveLength(3);
  });

  it('shows the cut that is gone to in the list over all others', () => {
    drawn(sheet(whole));
    const list = screen.getByRole('list', { name: 'Cuts, in this order' });
    const second = within(list).getAllByRole('button')[1];
    fireEvent.focus(second as HTMLElement);
    const followed = picture().querySelectorAll('line[data-followed]');
    expect(followed).toHaveLength(1);
    expect(followed[0]?.getAttribute('y1')).toBe('610');
    expect([...picture().querySelectorAll('line')].at(-1)).toBe(followed[0]);
  });

  it('has parts that stay where they lie, where that is asked for only', () => {
    const onLock = vi.fn();
    const page = drawn(sheet(whole));
    expect(screen.queryByRole('button', { name: 'Part 1 stays where it lies' })).toBeNull();
    page.again(sheet(whole, { locked: new Set([1]), onLock }));
    const lock = screen.getByRole('button', { name: 'Part 1 stays where it lies' });
    expect(lock.getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(lock);
    expect(onLock).toHaveBeenCalledExactlyOnceWith(1);
  });

  it('keeps what is left unless it is told otherwise, and not any more once it is cut', () => {
    const onKeep = vi.fn();
    const page = drawn(sheet(whole, { onKeep }));
    const kept = screen.getByRole('checkbox') as HTMLInputElement;
    expect(kept.checked).toBe(true);
    fireEvent.click(kept);
    expect(onKeep).toHaveBeenCalledExactlyOnceWith(0);
    page.again(sheet(whole, { isCut: true }));
    expect((screen.getByRole('checkbox') as HTMLInputElement).disabled).toBe(true);
    expect(screen.getByText('Was left over')).toBeTruthy();
  });
});
