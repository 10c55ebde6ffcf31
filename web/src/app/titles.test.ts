import type { RouteObject } from 'react-router';
import { describe, expect, it } from 'vitest';
import { routes } from './routes';
import { titled, windowTitle } from './titles';

describe('the title of the window', () => {
  it('names the page, then the piece, then the application', () => {
    expect(windowTitle([undefined, titled('Lay out')], 'Sea chest')).toBe(
      'Lay out · Sea chest · Craft Map',
    );
    expect(windowTitle([undefined, titled('Shelf')])).toBe('Shelf · Craft Map');
  });

  it('takes the innermost page that has one', () => {
    expect(windowTitle([titled('Cut'), undefined])).toBe('Cut · Craft Map');
    expect(windowTitle([titled('Cut'), titled('Cutter')])).toBe('Cutter · Craft Map');
  });

  it('is the application alone where nothing has a name', () => {
    expect(windowTitle([])).toBe('Craft Map');
    expect(windowTitle([null, 7, {}], '')).toBe('Craft Map');
  });

  it('is known for every page but the ones that lead elsewhere', () => {
    // a page without a name of its own is a frame for those within it
    const within = (all: readonly RouteObject[]): readonly RouteObject[] =>
      all.flatMap((r) => (r.children && !r.handle ? within(r.children) : [r]));
    // before one is in, and at the bench, pages name themselves
    const named = ['/sign-in', '/join', '/pair', '/look', '/pieces/:pieceId/work/:stepId?'];
    const pages = within(routes).filter((p) => !named.includes(p.path ?? ''));
    const untitled = pages.filter((p) => !p.index && p.path !== '*' && p.handle === undefined);
    expect(untitled.map((p) => p.path)).toEqual([]);
    const titles = pages.map((p) => p.handle?.title).filter((t) => t !== undefined);
    expect(new Set(titles).size).toBe(titles.length);
  });
});
