import { afterEach, describe, expect, it, vi } from 'vitest';
import { walkBegins, walkBegun, walkIsOver } from './walkBegun';

describe('the walk of this window', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('is found again until it is over', () => {
    const kept = new Map<string, string>();
    vi.stubGlobal('sessionStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    });
    expect(walkBegun()).toBeNull();
    walkBegins('board-7');
    expect(walkBegun()).toBe('board-7');
    walkIsOver();
    expect(walkBegun()).toBeNull();
  });

  it('is begun anew where a browser keeps nothing', () => {
    const refuses = () => {
      throw new DOMException('denied', 'SecurityError');
    };
    vi.stubGlobal('sessionStorage', { getItem: refuses, setItem: refuses, removeItem: refuses });
    walkBegins('board-7');
    expect(walkBegun()).toBeNull();
    expect(walkIsOver).not.toThrow();
  });
});
