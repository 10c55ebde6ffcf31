import type { FaceView } from '../api/client';

type Stripe = FaceView['blend'][number];

/**
 * Where the colours of a blend begin and end from the foot of a face up, as shares of its height:
 * between two of them lies the band in which they are worked together.
 */
export const blendStops = (blend: ReadonlyArray<Stripe>, heightMm: number) =>
  blend.flatMap((s, i) => {
    const half = s.bandMm / 2 / heightMm;
    const from = i === 0 ? s.from : s.from + half;
    const to = i === blend.length - 1 ? s.to : s.to - half;
    // a band wider than its zone leaves it one line
    const middle = (s.from + s.to) / 2;
    return [
      { at: Math.min(from, middle), hex: s.hex },
      { at: Math.max(to, middle), hex: s.hex },
    ];
  });
