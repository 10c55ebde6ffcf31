import { fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { FaceView, LaidView, LayView, OptionView } from '../api/client';
import { drawn } from '../testing/page';
import { OptionList } from './OptionList';
import * as items from './useOptionItems';

const option = (n: number, more: Partial<OptionView> = {}) =>
  ({
    way: 'CENTRED',
    count: n,
    across: 1,
    title: `${n} whole`,
    detail: `ends ${n}`,
    reason: `because of ${n}`,
    onKeepOut: false,
    strip: { first: 0.1, pitch: 0.1, motif: 0.05 },
    ...more,
  }) as OptionView;

const list = (options: OptionView[], chosen: number, onPick = vi.fn()) => (
  <OptionList
    face={{ shows: '#fff' } as FaceView}
    lay={{ shownIn: '#000' } as LayView}
    laid={{ options, chosen } as unknown as LaidView}
    stencils={new Map()}
    onPick={onPick}
  />
);

const titles = () => screen.getAllByRole('radio').map((r) => r.textContent?.match(/^\d+/)?.[0]);

describe('the options of a lay', () => {
  beforeEach(() => {
    // what is drawn of options without a strip is asked of the open plan
    vi.spyOn(items, 'useOptionItems').mockReturnValue({ data: [] } as never);
  });

  const five = [7, 6, 8, 5, 9].map((n) => option(n));

  it('are the best three, and the others when asked for', () => {
    drawn(list(five, 0));
    expect(titles()).toEqual(['7', '6', '8']);
    fireEvent.click(screen.getByText('2 more options'));
    expect(titles()).toEqual(['7', '6', '8', '5', '9']);
    fireEvent.click(screen.getByText('fewer options'));
    expect(titles()).toEqual(['7', '6', '8']);
  });

  it('have the chosen one among them, however far down it ranks, and only its reason', () => {
    drawn(list(five, 4));
    expect(titles()).toEqual(['7', '6', '8', '9']);
    expect(screen.getByRole('radio', { checked: true }).textContent).toContain('because of 9');
    expect(screen.queryByText('because of 7')).toBeNull();
    // the best is told even where another is taken
    expect(screen.getAllByRole('radio')[0]?.textContent).toContain('best');
  });

  it('are picked by where they stand among all', () => {
    const onPick = vi.fn();
    drawn(list(five, 4, onPick));
    fireEvent.click(screen.getByText('9 whole'));
    expect(onPick).toHaveBeenCalledExactlyOnceWith(4);
  });

  it('tell one that lies on a keep-out, and count a single one more as one', () => {
    drawn(list([...five.slice(0, 3), option(4, { onKeepOut: true })], 3));
    expect(screen.getByRole('radio', { checked: true }).textContent).toContain('on a keep-out');
    expect(screen.getByText('1 more option')).toBeTruthy();
  });
});
