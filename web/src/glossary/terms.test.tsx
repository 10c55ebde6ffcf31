import { describe, expect, it } from 'vitest';
import { anchorOf, CHAPTERS, found } from './terms';

const all = CHAPTERS.flatMap((c) => c.terms);

describe('the words of the trade', () => {
  it('stand once each, with an address of their own', () => {
    expect(new Set(all.map((t) => t.word)).size).toBe(all.length);
    expect(new Set(all.map(anchorOf)).size).toBe(all.length);
    expect(anchorOf({ word: 'Through, or closed up', means: '' })).toBe('through-or-closed-up');
    expect(all.every((t) => /^[a-z]+(-[a-z]+)*$/.test(anchorOf(t)))).toBe(true);
  });

  it('are each told in a sentence, and none is drawn twice', () => {
    expect(all.every((t) => /^[A-Z].*\.$/.test(t.means))).toBe(true);
    const drawn = all.flatMap((t) => (t.drawing ? [t.drawing] : []));
    expect(new Set(drawn).size).toBe(drawn.length);
    expect(drawn.length).toBeGreaterThan(18);
  });

  it('are found by all that is typed, in the word or in what it means', () => {
    const words = (text: string) =>
      found(CHAPTERS, text).flatMap((c) => c.terms.map((t) => t.word));
    expect(words('')).toHaveLength(all.length);
    expect(words('half step')).toEqual(['Half-drop', 'Brick']);
    expect(words('  OFFCUT ')).toEqual(['Offcut']);
    expect(words('nothing of the kind')).toEqual([]);
  });

  it('leave no chapter without words', () => {
    expect(found(CHAPTERS, 'tacky').map((c) => c.title)).toEqual(['Pots, coats and days']);
  });
});
