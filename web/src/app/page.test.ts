import { createMemoryRouter, type RouteObject } from 'react-router';
import { describe, expect, it } from 'vitest';
import { NotFetched, page } from './page';
import { routes } from './routes';

type Fetched = () => Promise<{ readonly Component: unknown }>;

const Page = () => null;

describe('a page fetched when it is gone to', () => {
  it('is not fetched before', async () => {
    let times = 0;
    const { lazy } = page('Page', async () => {
      times++;
      return { Page };
    });
    expect(times).toBe(0);
    expect(await (lazy as Fetched)()).toEqual({ Component: Page });
    expect(times).toBe(1);
  });

  it('says which one does not come', async () => {
    const { lazy } = page('Page', () => Promise.reject(new TypeError('net')));
    const missing = (lazy as Fetched)();
    await expect(missing).rejects.toBeInstanceOf(NotFetched);
    await expect(missing).rejects.toThrow('the script of Page');
  });

  it('leaves it to the page above to say so', async () => {
    const router = createMemoryRouter(
      [
        {
          id: 'above',
          errorElement: null,
          children: [
            { path: '/', element: null },
            { path: '/late', ...page('Page', () => Promise.reject(new TypeError('net'))) },
          ],
        },
      ],
      { initialEntries: ['/'] },
    );
    await router.navigate('/late');
    expect(router.state.errors?.above).toBeInstanceOf(NotFetched);
    router.dispose();
  });

  it('is in its file by the name that is asked for, at every address', async () => {
    const all = (some: readonly RouteObject[]): readonly RouteObject[] =>
      some.flatMap((r) => [r, ...all(r.children ?? [])]);
    const late = all(routes).filter((r) => r.lazy !== undefined);
    expect(late.length).toBeGreaterThan(35);
    for (const { path, lazy } of late) {
      expect(typeof (await (lazy as Fetched)()).Component, path).toBe('function');
    }
    // all of the application is read for this
  }, 60_000);
});
