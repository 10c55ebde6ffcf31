import type { FaceView } from '../api/client';
import { usePlan } from '../plan/PlanProvider';

/** The face an address names, or the first that is shown; and the one after it. */
export function useFace(faceId: string | undefined): { face: FaceView; next: FaceView } {
  const { faces } = usePlan().piece.reading;
  const shown = faces.filter((f) => f.shown);
  const face = faces.find((f) => f.id === faceId) ?? shown[0] ?? faces[0];
  const at = shown.findIndex((f) => f.id === face?.id);
  const next = shown[(at + 1) % Math.max(1, shown.length)] ?? face;
  if (!face || !next) {
    throw new Error('impossible state: a piece without faces');
  }
  return { face, next };
}
