import { useNavigate } from 'react-router';
import type { EditedPiece } from '../api/client';

/** The lay an edit made; nowhere where that was answered once already and is not told again. */
export const toLay =
  (pieceId: string) =>
  ({ faceId, layId }: EditedPiece): string | null =>
    faceId && layId ? `/pieces/${pieceId}/lay-out/${faceId}/${layId}` : null;

/** The face an edit made, or left. */
export const toFace =
  (pieceId: string) =>
  ({ faceId }: EditedPiece): string | null =>
    faceId ? `/pieces/${pieceId}/survey/${faceId}` : null;

/**
 * Goes to what an edit made once it is there; not where one has gone elsewhere meanwhile, for nobody
 * is called back from where they went.
 */
export function useGoAfter() {
  const go = useNavigate();
  return (to: (edited: EditedPiece) => string | null) => {
    const from = window.location.pathname;
    return {
      after: (edited: EditedPiece) => {
        const path = to(edited);
        if (path !== null && window.location.pathname === from) {
          go(path);
        }
      },
    };
  };
}
