import type { PhotoView, Stage } from '../api/client';

export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  BEFORE: 'Before',
  DURING: 'During',
  AFTER: 'After',
};

/**
 * What is compared unless somebody chooses: the first photo of before, and the last one of after, or
 * of during where it is not done yet. Of photos with captions of single faces, those that show the
 * same face.
 */
export function firstAndLast(
  photos: ReadonlyArray<PhotoView>,
): { readonly first: PhotoView; readonly second: PhotoView } | null {
  const before = photos.filter((p) => p.stage === 'BEFORE');
  const later =
    photos.findLast((p) => p.stage === 'AFTER') ?? photos.findLast((p) => p.stage === 'DURING');
  const first = before.find((p) => p.faceId === later?.faceId) ?? before[0];
  return first && later ? { first, second: later } : null;
}
