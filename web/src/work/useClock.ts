import { useCallback, useEffect, useState } from 'react';

/**
 * The time by the server's clock: a tablet's own may be minutes off. `now` ticks by the second;
 * `at` tells it to the millisecond whenever it is asked.
 */
export function useClock(serverNow: string | undefined): { now: number; at: () => number } {
  const [off, setOff] = useState(0);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (serverNow !== undefined) {
      setOff(Date.parse(serverNow) - Date.now());
    }
  }, [serverNow]);
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, []);
  const at = useCallback(() => Date.now() + off, [off]);
  return { now: now + off, at };
}

/** The screen stays on while it is looked at, where the browser can. */
export function useScreenAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) {
        return;
      }
      try {
        lock = await navigator.wakeLock.request('screen');
        if (left) {
          void lock.release();
        }
      } catch {
        // a battery that is nearly empty says no: the page works all the same
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
