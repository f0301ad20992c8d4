import { liveQuery } from 'dexie';
import { current, foldRun, tick, type Run } from '../core/run';
import { sharedAs } from '../core/run/load';
import { db } from '../data/db';
import { nowMs } from './now';
import { ringTitle } from './title';

/** Two short tones, made here: no sound file, no network. */
function ring(): void {
  try {
    const audio = new AudioContext();
    for (const [at, hz] of [
      [0, 660],
      [0.35, 880],
    ] as const) {
      const tone = audio.createOscillator();
      const gain = audio.createGain();
      tone.frequency.value = hz;
      gain.gain.setValueAtTime(0.2, audio.currentTime + at);
      gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.3);
      tone.connect(gain).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 0.32);
    }
    setTimeout(() => void audio.close(), 1500);
  } catch {
    // Without sound, the title and the screen still say it.
  }
}

/** Whether this browser could show notifications, and has been asked. */
export const notifying = (): 'can-ask' | 'on' | 'off' =>
  !('Notification' in globalThis) || Notification.permission === 'denied'
    ? 'off'
    : Notification.permission === 'granted'
      ? 'on'
      : 'can-ask';
export const askToNotify = async (): Promise<boolean> => (await Notification.requestPermission()) === 'granted';

/** What is waited for: the thing, or all of its drum. */
const nameOf = (run: Run): string => (run.load && sharedAs(run, run.currentId) !== null ? run.load.name : run.itemName);
async function notify(run: Run): Promise<void> {
  if (notifying() !== 'on' || document.visibilityState === 'visible') return;
  const title = `Look now: ${nameOf(run)}`;
  const options = { body: current(run)?.title ?? '', tag: run.id };
  try {
    const worker = await navigator.serviceWorker?.getRegistration();
    if (worker) await worker.showNotification(title, options);
    else new Notification(title, options);
  } catch {
    // The sound and the title have said it.
  }
}

const CHECK_MS = 1000;
/** Watches every run under way, on whatever page one is: a timer that ends rings once in this tab. Returns how to stop it. */
export function watchAlarms(): () => void {
  let runs: readonly Run[] = [];
  const announced = new Set<string>();
  const look = (): void => {
    let waits: string | null = null;
    for (const stored of runs) {
      const run = tick(stored, nowMs());
      const step = run.currentId ? run.steps[run.currentId] : undefined;
      // A drum of several things rings once.
      const shared = sharedAs(run, run.currentId);
      const at = shared === null ? `${run.id}/${step?.stepId}` : `${run.load?.id}/${shared}`;
      const key = `${at}/${step?.round}/${step?.times}`;
      if (step?.state === 'elapsed') waits ??= nameOf(run);
      if (step?.state !== 'elapsed' || announced.has(key)) continue;
      announced.add(key);
      ring();
      void notify(run);
    }
    ringTitle(waits);
  };
  const watching = liveQuery(() => db.runs.where('status').equals('live').toArray()).subscribe((next) => {
    runs = next.map(foldRun);
    look();
  });
  const timer = setInterval(look, CHECK_MS);
  return () => {
    watching.unsubscribe();
    clearInterval(timer);
    ringTitle(null);
  };
}
