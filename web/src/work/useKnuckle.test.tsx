import { fireEvent, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useKnuckle } from './useKnuckle';

const three = () => ({ done: vi.fn(), before: vi.fn(), after: vi.fn() });
const press = (key: string, at: Element = document.body, more = {}) =>
  fireEvent.keyDown(at, { key, ...more });

describe('a foot switch at the bench', () => {
  it('is heard at once by what is there by now, listening all the time', () => {
    const listens = vi.spyOn(window, 'addEventListener');
    const first = three();
    const { rerender, unmount } = renderHook((on) => useKnuckle(on), { initialProps: first });
    press('ArrowRight');
    const second = three();
    rerender(second);
    press('ArrowLeft');
    press(' ');
    press('Enter');
    expect(first.after).toHaveBeenCalledTimes(1);
    expect(first.before).not.toHaveBeenCalled();
    expect(second.before).toHaveBeenCalledTimes(1);
    expect(second.done).toHaveBeenCalledTimes(2);
    expect(listens.mock.calls.filter(([kind]) => kind === 'keydown')).toHaveLength(1);
    unmount();
    press('ArrowLeft');
    expect(second.before).toHaveBeenCalledTimes(1);
  });

  it('does nothing while it is held down, and leaves a button its own keys', () => {
    const on = three();
    renderHook(() => useKnuckle(on));
    const button = document.body.appendChild(document.createElement('button'));
    press(' ', document.body, { repeat: true });
    press('Enter', button);
    press(' ', button);
    press('x');
    expect(on.done).not.toHaveBeenCalled();
    press('ArrowRight', button);
    expect(on.after).toHaveBeenCalledTimes(1);
    button.remove();
  });
});
