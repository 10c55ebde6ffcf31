import { useEffect } from 'react';
import { useMatches } from 'react-router';
import { api, ask } from '../api/client';
import { windowId } from '../api/window';

/** A window that says nothing for longer is taken for closed. */
const STILL_HERE_MS = 20_000;

/** Tells the other windows what is looked at in this one, and when it is not looked at any more. */
export function useHere() {
  const { pieceId, faceId } = useMatches().at(-1)?.params ?? {};
  useEffect(() => {
    // nobody misses it where it does not arrive: it is told again, and others see who is there
    const tell = () => {
      if (document.visibilityState === 'visible') {
        const body = { window: windowId, pieceId, faceId };
        ask(api.PUT('/api/live/here', { body }), true).catch(() => undefined);
      } else {
        leave();
      }
    };
    tell();
    const again = setInterval(tell, STILL_HERE_MS);
    document.addEventListener('visibilitychange', tell);
    window.addEventListener('pagehide', leave);
    return () => {
      clearInterval(again);
      document.removeEventListener('visibilitychange', tell);
      window.removeEventListener('pagehide', leave);
    };
  }, [pieceId, faceId]);
}

function leave() {
  const params = { query: { window: windowId } };
  ask(api.DELETE('/api/live/here', { params, keepalive: true }), true).catch(() => undefined);
}
