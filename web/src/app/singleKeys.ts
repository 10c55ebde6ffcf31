const KEPT = 'craft-map-single-keys';

/** Whether letters and signs alone do something. Whoever speaks to a machine types by accident. */
export function singleKeysAreOn(): boolean {
  try {
    return localStorage.getItem(KEPT) !== 'off';
  } catch {
    return true;
  }
}

export function turnSingleKeys(on: boolean) {
  try {
    if (on) {
      localStorage.removeItem(KEPT);
    } else {
      localStorage.setItem(KEPT, 'off');
    }
  } catch {
    // a browser that keeps nothing leaves them on
  }
}

/** Letters, figures and signs; not Space, nor what has a name. */
export const isSingleKey = (name: string) => name.length === 1 && name !== ' ';
