import { useLayoutEffect, useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';

/** On addresses that were written here, to be told from those that somebody went to. */
export const OURS = 'written';

/**
 * What stands in the address as well, so that it can be sent to somebody. It changes at once and the
 * address follows: that takes a moment, in which the next key may be pressed, and whatever that
 * changes must not be put onto what was there before.
 *
 * @param there what the address says, put into what was there before
 * @param addressOf where it stands
 */
export function useInAddress<T>(
  there: (before: T | undefined) => T,
  addressOf: (value: T) => string,
): [T, (change: (now: T) => T) => void] {
  const { key, state } = useLocation();
  const go = useNavigate();
  const [value, setValue] = useState(() => there(undefined));
  const [seen, setSeen] = useState(key);
  const newest = useRef(value);
  if (key !== seen) {
    setSeen(key);
    if (state !== OURS) {
      setValue(there(value));
    }
  }
  useLayoutEffect(() => {
    newest.current = value;
  }, [value]);
  const change = (to: (now: T) => T) => {
    newest.current = to(newest.current);
    setValue(newest.current);
    void go(addressOf(newest.current), { replace: true, state: OURS });
  };
  return [value, change];
}
