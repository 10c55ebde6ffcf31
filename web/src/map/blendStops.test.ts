import { describe, expect, it } from 'vitest';
import { blendStops } from './blendStops';

const blend = (bandMm: number) => [
  { hex: '#1F4650', from: 0, to: 0.4, bandMm },
  { hex: '#F1EADA', from: 0.4, to: 1, bandMm },
];

describe('the colours of a blend on a face', () => {
  it('are plain in their zones and meet over the band', () => {
    expect(blendStops(blend(80), 400)).toEqual([
      { at: 0, hex: '#1F4650' },
      { at: expect.closeTo(0.3, 9), hex: '#1F4650' },
      { at: expect.closeTo(0.5, 9), hex: '#F1EADA' },
      { at: 1, hex: '#F1EADA' },
    ]);
  });

  it('never run backwards, however wide the band', () => {
    const at = blendStops(blend(2000), 400).map((s) => s.at);
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect(Math.min(...at)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...at)).toBeLessThanOrEqual(1);
  });
});
