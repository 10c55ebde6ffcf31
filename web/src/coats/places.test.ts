import { describe, expect, it } from 'vitest';
import { among, placesOf } from './places';

const kinds = (role: string, now: Parameters<typeof placesOf>[1]) =>
  placesOf(role, now).map(([, where]) => where.kind);

describe('where a coat can go', () => {
  it('is poured only where it is resin', () => {
    expect(kinds('RESIN', { kind: 'POURED', thicknessMm: 2 })).toContain('POURED');
    expect(kinds('PAINT', { kind: 'ALL' })).not.toContain('POURED');
  });

  it('stays a zone of its blend as it is', () => {
    const zone = { kind: 'BLENDED', from: 0.3, to: 1, widthMm: 70 } as const;
    expect(placesOf('PAINT', zone)[0]?.[1]).toEqual(zone);
    expect(kinds('PAINT', { kind: 'ALL' })).not.toContain('BLENDED');
  });

  it('is rubbed along edges or on what stands out', () => {
    expect(kinds('DRESSING', { kind: 'EDGES', widthMm: 6 })).toEqual(['EDGES', 'HIGH_SPOTS']);
  });
});

describe('figures to choose from', () => {
  it('have the one there is in its place, once', () => {
    expect(among([5, 12, 25], 17)).toEqual([5, 12, 17, 25]);
    expect(among([5, 12, 25], 12)).toEqual([5, 12, 25]);
  });
});
