import type { CoatWhere } from '../api/client';

type Place = readonly [string, CoatWhere];

const EDGES: Place = ['edges', { kind: 'EDGES', widthMm: 12 }];
const SPOTS: Place = ['high spots', { kind: 'HIGH_SPOTS', share: 0.12 }];

const COAT: ReadonlyArray<Place> = [
  ['all of it', { kind: 'ALL' }],
  EDGES,
  SPOTS,
  ['recesses', { kind: 'RECESSES', share: 0.15 }],
  ['splatter', { kind: 'SPLATTER', share: 0.05 }],
  ['on and wiped back', { kind: 'WIPED_BACK' }],
];

/** Where something of a role can go, as it usually does; a zone of a blend only stays one. */
export const placesOf = (role: string, now: CoatWhere): ReadonlyArray<Place> => {
  if (role === 'DRESSING') {
    return [['edges', { kind: 'EDGES', widthMm: 6, share: 0.4 }], SPOTS];
  }
  if (role === 'RESIN') {
    return [['poured', { kind: 'POURED', thicknessMm: 2 }], ...COAT.slice(0, 1)];
  }
  return now.kind === 'BLENDED' ? [['a zone of the blend', now], ...COAT] : COAT;
};

/** Figures to choose from, with the one there is among them. */
export const among = (usual: ReadonlyArray<number>, now: number) =>
  [...new Set([...usual, now])].sort((a, b) => a - b);
