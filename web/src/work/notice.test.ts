import { afterEach, describe, expect, it, vi } from 'vitest';
import { allowed, notice, pageTitle } from './notice';

afterEach(() => vi.unstubAllGlobals());

describe('notices', () => {
  it('are shown by the worker of the page, where they are allowed', async () => {
    const shown: string[] = [];
    vi.stubGlobal('Notification', { permission: 'granted' });
    vi.stubGlobal('navigator', {
      serviceWorker: {
        getRegistration: async () => ({
          showNotification: async (title: string) => void shown.push(title),
        }),
      },
    });
    await notice('Seal is ripe', 'Sea chest');
    expect(shown).toEqual(['Seal is ripe']);
  });

  it('are left where nobody allowed them, and never break the page', async () => {
    vi.stubGlobal('Notification', { permission: 'denied' });
    expect(allowed()).toBe('NO');
    await notice('Seal is ripe', 'Sea chest');
    class Refuses {
      static permission = 'granted';
      constructor() {
        throw new TypeError('only by a worker');
      }
    }
    vi.stubGlobal('Notification', Refuses);
    vi.stubGlobal('navigator', {});
    await notice('Seal is ripe', 'Sea chest');
    vi.stubGlobal('Notification', undefined);
    expect(allowed()).toBe('NO');
  });

  it('stand in the title of the page, the first of them and how many more', () => {
    expect(pageTitle('Sea chest', [])).toBe('At the bench · Sea chest');
    expect(pageTitle('Sea chest', ['Seal'])).toBe('Ripe: Seal · At the bench · Sea chest');
    expect(pageTitle('Tin', ['Seal', 'Size', 'Wax'])).toContain('Ripe: Seal and 2 more');
  });
});
