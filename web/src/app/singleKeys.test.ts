import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { isSingleKey, singleKeysAreOn, turnSingleKeys } from './singleKeys';

describe('keys that act alone', () => {
  beforeEach(() => {
    const kept = new Map<string, string>();
    vi.stubGlobal('localStorage', {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => kept.set(k, v),
      removeItem: (k: string) => kept.delete(k),
    });
  });
  afterEach(() => vi.unstubAllGlobals());

  it('are on until somebody turns them off, and on again', () => {
    expect(singleKeysAreOn()).toBe(true);
    turnSingleKeys(false);
    expect(singleKeysAreOn()).toBe(false);
    turnSingleKeys(true);
    expect(singleKeysAreOn()).toBe(true);
  });

  it('are letters and signs, and nothing that is pressed on purpose', () => {
    expect(['f', '/', '?', '[', '0'].every(isSingleKey)).toBe(true);
    expect([' ', 'escape', 'delete', 'arrowleft', 'mod+z'].some(isSingleKey)).toBe(false);
  });
});
