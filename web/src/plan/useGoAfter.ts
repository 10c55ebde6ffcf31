import { useNavigate } from 'react-router';
import type { EditedPiece } from '../api/client';

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
