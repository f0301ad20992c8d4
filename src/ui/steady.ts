import { useCallback, useLayoutEffect, useRef, useState } from 'react';

/** What stays itself from one drawing to the next, so that a heavy control is drawn anew only when something of it has changed. */

/** The very same object as long as it says the same: for small plain values, written out where they are used. */
export function useSame<T>(value: T): T {
  const [kept, setKept] = useState(value);
  if (kept === value || JSON.stringify(kept) === JSON.stringify(value)) return kept;
  setKept(value);
  return value;
}
/** One function for good; it calls the newest. For what a hand does, not while drawing. */
export function useSteady<A extends unknown[]>(newest: (...args: A) => void): (...args: A) => void {
  const latest = useRef(newest);
  useLayoutEffect(() => {
    latest.current = newest;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
