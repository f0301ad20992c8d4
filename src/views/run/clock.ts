import { useObservable } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { TICK_MS } from '../../app/clock';
import { nowMs } from '../../app/now';
import { pageTitle } from '../../app/title';
import { current, type Run } from '../../core/run';
import { readMeta } from '../../data/db';
import { live } from '../../data/live';

const liveClock = live(['meta/clock'], () => readMeta('clock'));

/** Keeps a live run's time, and the screen awake. Ringing and the device's clock are the shell's, for every run at once. */
export function useRunClock(run: Run): { now: number; jumped: number } {
  const [now, setNow] = useState(nowMs);
  useEffect(() => {
    const timer = setInterval(() => setNow(nowMs()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  const clock = useObservable(liveClock);
  // A step that came before this run began is none of its concern.
  const jumped = clock && clock.atMs - clock.askedMs > run.startedAtMs ? clock.askedMs : 0;
  const title = current(run)?.title ?? null;
  useEffect(() => {
    pageTitle(title);
    return () => pageTitle(null);
  }, [title]);
  useEffect(() => {
    let lock: { release: () => Promise<void> } | null = null;
    const wake = async (): Promise<void> => {
      try {
        if (document.visibilityState === 'visible') lock = (await navigator.wakeLock?.request('screen')) ?? null;
      } catch {
        lock = null;
      }
    };
    void wake();
    document.addEventListener('visibilitychange', wake);
    return () => {
      document.removeEventListener('visibilitychange', wake);
      void lock?.release();
    };
  }, []);
  return { now, jumped };
}
