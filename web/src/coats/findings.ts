import type { CoatFinding } from '../api/client';

/** Those that still ask for something, each with the number it has on the section. */
export const numbered = (findings: ReadonlyArray<CoatFinding>) =>
  findings
    .filter((f) => f.note === undefined && f.level !== 'FINE')
    .map((f, i) => ({ ...f, number: i + 1 }));
