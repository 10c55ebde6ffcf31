import { describe, expect, it } from 'vitest';
import { COLOURS, type Colour } from './colours';

const [DAY, EVENING] = [0, 1] as const;

function bright(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((i) => {
    const v = Number.parseInt(hex.slice(i, i + 2), 16) / 255;
    return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** As WCAG 2.2 measures it. */
function contrast(a: string, b: string): number {
  const [dark = 0, light = 0] = [bright(a), bright(b)].sort((x, y) => x - y);
  return (light + 0.05) / (dark + 0.05);
}

const GROUNDS: ReadonlyArray<Colour> = ['paper', 'sheet', 'card'];
const TEXTS: ReadonlyArray<Colour> = ['ink', 'soft', 'sea', 'rust', 'moss', 'plum'];
const WASHES: ReadonlyArray<readonly [Colour, Colour]> = [
  ['sea', 'seaWash'],
  ['ink', 'seaWash'],
  ['rust', 'rustWash'],
  ['ink', 'rustWash'],
  ['moss', 'mossWash'],
  ['ink', 'mossWash'],
  ['ink', 'ochreWash'],
  ['tapeInk', 'tape'],
  ['tapeInk', 'ochre'],
  ['sheet', 'sea'],
  ['sheet', 'ink'],
  ['sheet', 'rust'],
  ['sheet', 'moss'],
];

describe.each([
  ['by day', DAY],
  ['in the evening', EVENING],
] as const)('colours %s', (_, light) => {
  const of = (c: Colour) => COLOURS[c][light];

  it('can be read on whatever they stand on', () => {
    for (const text of TEXTS) {
      for (const ground of GROUNDS) {
        expect(contrast(of(text), of(ground)), `${text} on ${ground}`).toBeGreaterThanOrEqual(4.5);
      }
    }
    for (const [text, wash] of WASHES) {
      expect(contrast(of(text), of(wash)), `${text} on ${wash}`).toBeGreaterThanOrEqual(4.5);
    }
  });

  it('show what the keys act on', () => {
    for (const ground of [...GROUNDS, 'seaWash', 'ochreWash'] as const) {
      expect(contrast(of('focus'), of(ground)), `focus on ${ground}`).toBeGreaterThanOrEqual(3);
    }
  });
});
