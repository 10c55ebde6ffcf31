import type { Draft } from './planStore';

/**
 * A change on its way to the server is kept in the browser until it has arrived, so that neither a
 * closed window nor a stopped server loses it.
 */
const key = (pieceId: string) => `craftmap.unsaved.${pieceId}`;

export function keepDraft(pieceId: string, draft: Draft) {
  try {
    localStorage.setItem(key(pieceId), JSON.stringify(draft));
  } catch {
    // A browser without storage only loses this second safety net.
  }
}

export function clearDraft(pieceId: string) {
  try {
    localStorage.removeItem(key(pieceId));
  } catch {
    // as above
  }
}

export function readDraft(pieceId: string): Draft | null {
  try {
    const text = localStorage.getItem(key(pieceId));
    return text === null ? null : (JSON.parse(text) as Draft);
  } catch {
    return null;
  }
}
