import { CLOCK_STEP_MS } from '../core/run/clock';
import { clockStep, mendClocks } from '../data/repo';
import { nowMs } from './now';

const TICK_MS = 500;
/** Watches the device's clock on every page; returns how to stop it. What it means for the timers is settled once for all tabs. */
export function watchClock(): () => void {
  let last: { wall: number; mono: number } | null = null;
  void mendClocks(nowMs());
  const timer = setInterval(() => {
    const [wall, mono] = [nowMs(), performance.now()];
    const step = last ? wall - last.wall - (mono - last.mono) : 0;
    if (Math.abs(step) > CLOCK_STEP_MS) void clockStep(step, wall);
    last = { wall, mono };
  }, TICK_MS);
  return () => clearInterval(timer);
}
