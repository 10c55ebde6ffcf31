import { describe, expect, it } from 'vitest';
import { addPhotos, photoName } from './photoPrints';

const files = (...names: string[]) => names.map((n) => new File(['x'], n));

describe('photoName', () => {
  it.each([
    ['low_tide-at_dusk.JPG', 'low tide at dusk'],
    ['gulls.webp', 'gulls'],
    ['.png', 'Photo'],
    ['a.b.c.jpeg', 'a.b.c'],
  ])('calls %s %s', (file, name) => expect(photoName(file)).toBe(name));

  it('is never longer than a name may be', () => {
    expect(photoName(`${'sea '.repeat(60)}.png`).length).toBeLessThanOrEqual(80);
  });
});

describe('addPhotos', () => {
  it('keeps the order of the files and goes on behind one that is refused', async () => {
    const told: number[] = [];
    const added = await addPhotos(
      files('a.png', 'b.txt', 'c.png'),
      90,
      (n) => told.push(n),
      async (file, mm) => {
        if (file.name === 'b.txt') {
          throw new Error('is no picture');
        }
        return `${file.name} at ${mm}`;
      },
    );
    expect(added.ids).toEqual(['a.png at 90', 'c.png at 90']);
    expect(added.refused).toEqual([{ name: 'b.txt', why: 'is no picture' }]);
    expect(told).toEqual([1, 2, 3]);
  });
});
