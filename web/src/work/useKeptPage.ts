import { useEffect } from 'react';

/** Has the browser keep this page and what it loaded, for when the server is away. */
export function useKeptPage(pieceId: string, ready: boolean) {
  useEffect(() => {
    if (!ready || !('serviceWorker' in navigator)) {
      return;
    }
    const keep = async () => {
      try {
        const page = `/pieces/${pieceId}/work`;
        await navigator.serviceWorker.register('/bench-worker.js', { scope: page });
        const worker = (await navigator.serviceWorker.ready).active;
        const files = performance
          .getEntriesByType('resource')
          .map((entry) => new URL(entry.name))
          .filter((address) => address.origin === location.origin)
          // what is told has no end, and is of no use later
          .filter((address) => address.pathname !== '/api/live')
          .map((address) => address.pathname + address.search);
        worker?.postMessage({ page, files: [...new Set(files)] });
      } catch {
        // without it, taps are kept all the same; only a reload needs the server
      }
    };
    void keep();
  }, [pieceId, ready]);
}
