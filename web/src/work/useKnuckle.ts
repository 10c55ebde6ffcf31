import { useEffect, useRef } from 'react';

/** A foot switch, or a knuckle on a keyboard; what has the focus keeps its own keys. */
export function useKnuckle(on: { done: () => void; before: () => void; after: () => void }) {
  // a second press may come before what the first has changed is painted
  const now = useRef(on);
  now.current = on;
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const at = event.target as HTMLElement;
      const own = at.closest('button, a, input, textarea, select') !== null;
      const what =
        event.key === 'ArrowLeft'
          ? now.current.before
          : event.key === 'ArrowRight'
            ? now.current.after
            : now.current.done;
      const known = ['ArrowLeft', 'ArrowRight', ' ', 'Enter'].includes(event.key);
      if (known && !event.repeat && !(own && (event.key === ' ' || event.key === 'Enter'))) {
        event.preventDefault();
        what();
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
}
