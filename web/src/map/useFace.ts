import type { FaceView } from '../api/client';
import { usePlan } from '../plan/PlanProvider';

/** The face an address names, or the first of the piece; and the one after it. */
export function useFace(faceId: string | undefined): { face: FaceView; next: FaceView } {
  const { faces } = usePlan().piece.reading;
  const at = Math.max(
    0,
    faces.findIndex((f) => f.id === faceId),
  );
  const face = faces[at];
  const next = faces[(at + 1) % faces.length];
  if (!face || !next) {
    throw new Error('impossible state: a piece without faces');
  }
  return { face, next };
}
