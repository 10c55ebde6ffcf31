import { describe, expect, it } from 'vitest';
import type { CoatBand } from '../api/client';
import { bandMm, blendOf, shared, USUAL_BAND_MM, withOneMore } from './blend';

const band = (key: string, potId: string | undefined, where: object, colour = '#123456') =>
  ({ key, colour, coat: { potId, where, wish: {} } }) as unknown as CoatBand;

describe('a blend', () => {
  it('is told from the foot up, whatever the order of its bands', () => {
    const head = band('own:blend-2', 'bone', { kind: 'BLENDED', from: 0.4, to: 1, widthMm: 63 });
    const foot = band('ground', 'deep', { kind: 'BLENDED', from: 0, to: 0.4, widthMm: 63 });
    const parts = blendOf([head, foot]);
    expect(parts.map((p) => p.product.potId)).toEqual(['deep', 'bone']);
    expect(parts.map((p) => p.share)).toEqual([0.4, 0.6]);
    expect(bandMm([head, foot])).toBe(63);
  });

  it('is of one colour where the ground is', () => {
    const ground = band('ground', undefined, { kind: 'ALL' }, '#1F4650');
    expect(blendOf([ground])).toEqual([{ product: { asIf: '#1F4650' }, share: 1 }]);
    expect(bandMm([ground])).toBe(USUAL_BAND_MM);
    expect(blendOf([])).toEqual([]);
  });

  it('gets one more colour with a share like the others', () => {
    const parts = withOneMore(
      [
        { product: { potId: 'a' }, share: 0.3 },
        { product: { potId: 'b' }, share: 0.7 },
      ],
      { potId: 'c' },
    );
    expect(parts[2]).toEqual({ product: { potId: 'c' }, share: 0.5 });
  });

  it('gives what one colour gets from the others, as they stood to each other', () => {
    const parts = [0.2, 0.2, 0.6].map((share) => ({ product: { asIf: '#000000' }, share }));
    const after = shared(parts, 2, 0.36).map((p) => p.share);
    expect(after[2]).toBe(0.36);
    expect(after[0]).toBeCloseTo(0.32, 10);
    expect(after.reduce((sum, s) => sum + s, 0)).toBeCloseTo(1, 10);
  });
});
