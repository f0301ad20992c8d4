import { CLOCK_STEP_MS } from '../core/run/clock';
import { clockStep, mendClocks } from '../data/repo';
import { nowMs } from './now';

/** How often the time is looked at, ms. */
export const TICK_MS = 500;
/** Watches the device's clock on every page; returns how to stop it. What it means for the timers is settled once for all tabs. */
export function watchClock(): () => void {
  const look = () => ({ wall: nowMs(), mono: performance.now() });
  let last = look();
  void mendClocks(last.wall);
  const timer = setInterval(() => {
    const here = look();
    const step = here.wall - last.wall - (here.mono - last.mono);
    if (Math.abs(step) > CLOCK_STEP_MS) void clockStep(step, here.wall);
    last = here;
  }, TICK_MS);
  return () => clearInterval(timer);
}
