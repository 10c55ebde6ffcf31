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
    const pages = routes.flatMap((frame) => frame.children ?? []);
    const untitled = pages.filter((p) => !p.index && p.path !== '*' && p.handle === undefined);
    expect(untitled.map((p) => p.path)).toEqual([]);
    const titles = pages.map((p) => p.handle?.title).filter((t) => t !== undefined);
    expect(new Set(titles).size).toBe(titles.length);
  });
});
