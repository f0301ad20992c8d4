import { create } from 'zustand';
import { readReading } from '../core/devices';
import { believe, type Believed, hear, type Heard, nothingHeard } from '../core/devices/heard';

/** Devices near by, as they are to be believed just now. Passing state of this tab; nothing waits for it. */
interface Devices extends Believed {
  readonly state: 'off' | 'connecting' | 'on' | 'lost';
}
const NONE: Believed = { scale: null, dryer: null, room: null, scaleStuck: false, silent: [] };
export const useDevices = create<Devices>(() => ({ state: 'off', ...NONE }));

let source: EventSource | null = null;
let heard: Heard = nothingHeard(0);
let watch: ReturnType<typeof setInterval> | null = null;
const show = (): void => useDevices.setState(believe(heard, performance.now()));

/** Listens; a lost connection is tried again by the browser itself, and everything goes on by hand meanwhile. */
export function connectDevices(): void {
  if (source) return;
  useDevices.setState({ state: 'connecting', ...NONE });
  source = new EventSource('/api/devices/events');
  source.onopen = () => {
    heard = nothingHeard(performance.now());
    useDevices.setState({ state: 'on' });
  };
  source.onerror = () => useDevices.setState({ state: 'lost', ...NONE });
  source.onmessage = (event: MessageEvent<string>) => {
    const reading = readReading(event.data);
    if (!reading) return;
    heard = hear(heard, reading, performance.now());
    show();
  };
  watch = setInterval(() => {
    if (useDevices.getState().state === 'on') show();
  }, 1000);
}
export function disconnectDevices(): void {
  source?.close();
  source = null;
  if (watch) clearInterval(watch);
  useDevices.setState({ state: 'off', ...NONE });
}

/** Tells a stand-in what hangs on it, or how the dryer is set; without one it is simply not heard. */
export async function steerDevice(path: 'load' | 'dryer', body: object): Promise<void> {
  if (useDevices.getState().state !== 'on') return;
  await fetch(`/api/devices/${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  }).catch(() => undefined);
}
