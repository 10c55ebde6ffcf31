import type { FaceView, LineView, RunDoc } from '../api/client';

/** Where a run's strip lies on its face, for drawing and gripping it. */
export type Strip = {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
};

type Edge = RunDoc['edge'];

export const isLevel = (edge: Edge) => edge === 'TOP' || edge === 'BOTTOM';

/**
 * Where the band lies.
 *
 * @param line how much of the face its line can use, and where that begins
 */
export function stripOf(
  face: FaceView,
  run: RunDoc,
  line: Pick<LineView, 'edgeMm' | 'startMm' | 'motifTallMm'>,
): Strip {
  const { edgeMm, startMm, motifTallMm: tallMm } = line;
  const level = isLevel(run.edge);
  const across = level ? face.height.mm : face.width.mm;
  const fromFar = run.edge === 'BOTTOM' || run.edge === 'RIGHT';
  const middle = fromFar ? across - run.distanceMm : run.distanceMm;
  const along = Math.max(0, edgeMm - run.startInsetMm - run.endInsetMm);
  return level
    ? { x: startMm + run.startInsetMm, y: middle - tallMm / 2, width: along, height: tallMm }
    : { x: middle - tallMm / 2, y: startMm + run.startInsetMm, width: tallMm, height: along };
}

/** The nearest division of the tape, kept between two limits. */
export const onDivision = (mm: number, divisionMm: number, least: number, most: number) =>
  Math.min(most, Math.max(least, Math.round(mm / divisionMm) * divisionMm));
