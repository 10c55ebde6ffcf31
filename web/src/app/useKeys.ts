import { useEffect, useRef } from 'react';
import { isSingleKey, singleKeysAreOn } from './singleKeys';

type Keys = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/** While one is open, what lies behind it hears no keys. */
const OPEN_DIALOG = '[aria-modal="true"][data-state="open"]';

const TYPING = new Set(['INPUT', 'TEXTAREA', 'SELECT']);

/**
 * Keys for the whole page, named like `f`, `mod+z`, `[`. Letters are left to whoever is typing in a
 * field; commands with Ctrl or Cmd are too, so that a field keeps its own undo.
 */
export function useKeys(keys: Keys) {
  const now = useRef(keys);
  now.current = keys;
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const at = event.target as HTMLElement;
      if (
        event.defaultPrevented ||
        TYPING.has(at.tagName) ||
        at.isContentEditable ||
        document.querySelector(OPEN_DIALOG) !== null
      ) {
        return;
      }
      const mod = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      const name = `${mod ? 'mod+' : ''}${mod && event.shiftKey ? 'shift+' : ''}${key}`;
      const action = now.current[name];
      if (action && (!isSingleKey(name) || singleKeysAreOn())) {
        event.preventDefault();
        action(event);
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
}
