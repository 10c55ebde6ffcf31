import { useSyncExternalStore } from 'react';

/** By day, or dimmed for an evening at the bench. */
export type Light = 'day' | 'evening';

const KEPT = 'craft-map-light';
const CHANGED = 'craft-map-light-changed';

/** What was chosen in this browser, or else what the machine is set to. */
export function lightNow(): Light {
  try {
    const kept = localStorage.getItem(KEPT);
    if (kept === 'day' || kept === 'evening') {
      return kept;
    }
  } catch {
    // a browser that keeps nothing goes by the machine
  }
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'evening' : 'day';
}

/** Before anything is drawn, so that no page flashes up in the other light. */
export function shineOn(root: HTMLElement, light: Light = lightNow()) {
  root.classList.toggle('dark', light === 'evening');
  root.style.colorScheme = light === 'evening' ? 'dark' : 'light';
}

export function choose(light: Light) {
  try {
    localStorage.setItem(KEPT, light);
  } catch {
    // then it holds for this page
  }
  shineOn(document.documentElement, light);
  window.dispatchEvent(new Event(CHANGED));
}

export function useLight(): Light {
  return useSyncExternalStore(
    (changed) => {
      window.addEventListener(CHANGED, changed);
      return () => window.removeEventListener(CHANGED, changed);
    },
    () => (document.documentElement.classList.contains('dark') ? 'evening' : 'day'),
  );
}
