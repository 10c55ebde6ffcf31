const KEPT = 'craft-map-walk';

/** The board of the walk that this window began and has not ended. */
export function walkBegun(): string | null {
  try {
    return sessionStorage.getItem(KEPT);
  } catch {
    return null;
  }
}

export function walkBegins(pieceId: string) {
  try {
    sessionStorage.setItem(KEPT, pieceId);
  } catch {
    // a browser that keeps nothing begins another one
  }
}

export function walkIsOver() {
  try {
    sessionStorage.removeItem(KEPT);
  } catch {
    // nothing was kept
  }
}
