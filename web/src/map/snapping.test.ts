import { describe, expect, it } from 'vitest';
import { onDivision, snap } from './snapping';

const guides = [
  { upright: true, atMm: 300, text: 'middle', distanceText: '' },
  { upright: true, atMm: 200, text: 'third', distanceText: '' },
  { upright: false, atMm: 150, text: 'middle', distanceText: '' },
  { upright: false, atMm: 152, text: 'in line with ferns', distanceText: '', layId: 'ferns' },
];

describe('snapping', () => {
  it('draws to the nearest line in reach, each way by itself', () => {
    const snapped = snap({ x: 297, y: 90 }, guides, 5, 'own');
    expect(snapped.at).toEqual({ x: 300, y: 90 });
    expect(snapped.to.map((g) => g.text)).toEqual(['middle']);
  });

  it('leaves alone what is out of reach', () => {
    expect(snap({ x: 250, y: 100 }, guides, 5, 'own')).toEqual({ at: { x: 250, y: 100 }, to: [] });
  });

  it('is drawn to other lays but never to its own lines', () => {
    expect(snap({ x: 0, y: 153 }, guides, 5, 'own').at.y).toBe(152);
    expect(snap({ x: 0, y: 153 }, guides, 5, 'ferns').at.y).toBe(150);
  });

  it('moves by whole divisions of the tape between its limits', () => {
    expect(onDivision(100.4, 1, 0, 500)).toBe(100);
    expect(onDivision(-3, 1, 20, 500)).toBe(20);
    expect(onDivision(900, 25.4 / 16, 0, 500)).toBe(500);
  });
});
