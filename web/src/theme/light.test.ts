import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { choose, lightNow, shineOn } from './light';

/** As much of a page as is asked of it. */
function page() {
  const classes = new Set<string>();
  const style: { colorScheme?: string } = {};
  return {
    classes,
    style,
    root: {
      classList: {
        toggle: (name: string, on: boolean) => (on ? classes.add(name) : classes.delete(name)),
      },
      style,
    } as unknown as HTMLElement,
  };
}

function machineIs(dark: boolean) {
  vi.stubGlobal('matchMedia', () => ({ matches: dark }));
}

describe('the light of the page', () => {
  beforeEach(() => {
    const kept = new Map<string, string>();
    vi.stubGlobal('localStorage', {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => kept.set(k, v),
    });
    vi.stubGlobal('document', { documentElement: page().root });
    vi.stubGlobal('window', { dispatchEvent: () => true });
    machineIs(false);
  });
  afterEach(() => vi.unstubAllGlobals());

  it('goes by the machine until somebody chooses', () => {
    expect(lightNow()).toBe('day');
    machineIs(true);
    expect(lightNow()).toBe('evening');
    choose('day');
    expect(lightNow()).toBe('day');
  });

  it('is on the page before anything is drawn', () => {
    choose('evening');
    const { root, classes, style } = page();
    shineOn(root);
    expect(classes.has('dark')).toBe(true);
    expect(style.colorScheme).toBe('dark');
    choose('day');
    shineOn(root);
    expect(classes.has('dark')).toBe(false);
  });

  it('holds for the page where the browser keeps nothing', () => {
    vi.stubGlobal('localStorage', {
      getItem: () => {
        throw new Error('not here');
      },
      setItem: () => {
        throw new Error('not here');
      },
    });
    expect(() => choose('evening')).not.toThrow();
    expect(lightNow()).toBe('day');
  });

  it('takes whatever stands there wrongly for nothing', () => {
    localStorage.setItem('craft-map-light', 'moon');
    expect(lightNow()).toBe('day');
  });
});
