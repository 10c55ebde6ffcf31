import { describe, expect, it } from 'vitest';
import type { SumView } from '../api/client';
import { highAs } from './SketchPicture';
import { addressOf, shownIn, textsOf, typedInto, withUnits } from './typed';

const field = (key: string, type: string, more: object = {}) => ({
  key,
  label: key,
  type,
  taken: false,
  among: [],
  ...more,
});

const run = {
  kind: 'RUN',
  fields: [
    field('length', 'LENGTH', { length: { mm: 870, text: '34 1/4"' } }),
    field('change', 'FIGURE', { figure: { value: 15, text: '15', unit: '%' } }),
    field('coats', 'COUNT', { count: 2 }),
    field('tool', 'CHOICE', { choice: 'BRUSH' }),
  ],
} as unknown as SumView;

describe('what is typed into a sum', () => {
  it('comes back from the address of the sum', () => {
    const texts = { length: '1\' 5 3/8"', gap: '24,5 mm', under: '#6B4A2F' };
    const address = addressOf('RUN', texts);
    expect(address.startsWith('/sums/run?')).toBe(true);
    expect(textsOf(new URL(address, 'http://here').searchParams)).toEqual(texts);
  });

  it('leaves what is empty out of the address', () => {
    expect(addressOf('MIX', {})).toBe('/sums/mix');
    expect(addressOf('MIX', { a: '' })).toBe('/sums/mix');
  });

  it('is sent with its unit where a bare number would mean another length', () => {
    expect(withUnits(run, { length: '34 1/4', change: '20' }, 'INCH')).toEqual({
      length: '34 1/4"',
      change: '20',
    });
    expect(withUnits(run, { length: ' 87,5 ' }, 'CM').length).toBe('87,5 cm');
    expect(withUnits(run, { length: '870mm' }, 'INCH').length).toBe('870mm');
  });

  it('stands before what is usual, of whatever kind', () => {
    const [length, change, coats, tool] = run.fields;
    expect(shownIn(length as never, {})).toBe('34 1/4"');
    expect(shownIn(length as never, { length: '' })).toBe('');
    expect(shownIn(change as never, {})).toBe('15');
    expect(shownIn(coats as never, {})).toBe('2');
    expect(shownIn(coats as never, { coats: '3' })).toBe('3');
    expect(shownIn(tool as never, {})).toBe('BRUSH');
  });

  it('is taken back to what is usual', () => {
    expect(typedInto({ a: '1', b: '2' }, 'a', null)).toEqual({ b: '2' });
    expect(typedInto({ a: '1' }, 'a', '7')).toEqual({ a: '7' });
  });
});

describe('the drawing of a sum', () => {
  const drawn = (width: number, height: number) =>
    ({ left: 0, top: 0, width, height, shapes: [], notes: [] }) as Parameters<typeof highAs>[0];

  it('is as high as it takes to fill its width, within bounds', () => {
    expect(highAs(drawn(1000, 250), 452, 84, 236)).toBe(152);
    expect(highAs(drawn(1000, 10), 452, 84, 236)).toBe(84);
    expect(highAs(drawn(100, 100), 452, 84, 236)).toBe(236);
  });
});
