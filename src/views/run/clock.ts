import { useEffect, useRef, useState } from 'react';
import { nowMs } from '../../app/now';
import { pageTitle } from '../../app/title';
import { current, mendClock, type Run, shiftClock, tick } from '../../core/run';
import { changeRun } from '../../data/repo';

const TICK_MS = 500;
/** A step of the wall clock that the page's own clock did not see, larger than this, is told. */
const JUMP_MS = 30_000;

/**
 * Keeps a live run's time, keeps the screen awake (ringing is the shell's, for every run at once), and notices when the device's clock jumps. A clock set back
 * moves the timers with it at once; a jump forward may have been sleep, so the user is asked.
 */
export function useRunClock(run: Run): { now: number; jumped: number; wasSet: () => void } {
  const [now, setNow] = useState(nowMs);
  const [jumped, setJumped] = useState(0);
  const last = useRef<{ wall: number; mono: number } | null>(null);
  useEffect(() => {
    void changeRun(run.id, (r) => mendClock(r, nowMs()));
    const timer = setInterval(() => {
      const wall = nowMs();
      const mono = performance.now();
      if (last.current) {
        const drift = wall - last.current.wall - (mono - last.current.mono);
        if (drift > JUMP_MS) setJumped((j) => j + drift);
        else if (drift < -JUMP_MS) void changeRun(run.id, (r) => shiftClock(r, drift));
      }
      last.current = { wall, mono };
      setNow(wall);
      void changeRun(run.id, (r) => tick(r, wall));
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [run.id]);
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
  const wasSet = (): void => {
    void changeRun(run.id, (r) => shiftClock(r, jumped));
    setJumped(0);
  };
  return { now, jumped, wasSet };
}
