import { describe, expect, it } from 'vitest';
import type { CardView } from '../api/client';
import { boards, heightOf, LEAST_PLACE, pxPerMm, sizeOf } from './boards';

const card = (id: string, thing: CardView['thing'], widthMm = 200, heightMm = 100): CardView => ({
  thing,
  id,
  kind: 'TRANSFER',
  name: id,
  kindText: '',
  widthMm,
  heightMm,
  shade: '#000000',
  stockText: '',
  fullShare: 1,
  holds: 0,
  standing: 'ENOUGH',
  code: '',
});

describe('boards', () => {
  it('draws everything at one scale', () => {
    const small = sizeOf(card('a', 'DESIGN', 100, 50), 10);
    const large = sizeOf(card('b', 'DESIGN', 400, 200), 10);
    expect(large.width / small.width).toBeCloseTo(4);
    expect(small.width).toBeCloseTo(100 * pxPerMm(10));
    expect(sizeOf(card('a', 'DESIGN', 100, 50), 5).width).toBeCloseTo(2 * small.width);
  });

  it('puts every card on exactly one board, groups in order', () => {
    const cards = [
      ...Array.from({ length: 17 }, (_, i) => card(`d${i}`, 'DESIGN')),
      card('p', 'POT'),
      card('o', 'OFFCUT'),
    ];
    const rows = boards(cards, 700, 10);
    const placed = rows.flatMap((r) => (r.kind === 'board' ? r.cards : []));
    expect(placed.map((c) => c.id)).toEqual([
      ...Array.from({ length: 17 }, (_, i) => `d${i}`),
      'o',
      'p',
    ]);
    expect(rows.filter((r) => r.kind === 'heading')).toHaveLength(3);
  });

  it('never makes a board wider than the room while it has more than one thing', () => {
    const rows = boards(
      Array.from({ length: 40 }, (_, i) => card(`d${i}`, 'DESIGN', 50 + 37 * (i % 9))),
      640,
      8,
    );
    for (const row of rows) {
      if (row.kind === 'board' && row.cards.length > 1) {
        const wide = row.cards.reduce(
          (sum, c) => sum + Math.max(LEAST_PLACE, sizeOf(c, 8).width),
          0,
        );
        expect(wide).toBeLessThanOrEqual(640);
      }
    }
  });

  it('gives a board the height of its tallest thing', () => {
    const rows = boards([card('a', 'DESIGN', 100, 50), card('b', 'DESIGN', 100, 400)], 900, 10);
    const board = rows.find((r) => r.kind === 'board');
    expect(board && heightOf(board)).toBeGreaterThan(400 * pxPerMm(10));
  });
});
