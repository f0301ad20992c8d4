import { create } from 'zustand';
import { isStuck, readReading, type DryerReading, type RoomReading, type ScaleReading } from '../core/devices';

/** Devices near by, as they were last heard. Passing state of this tab; nothing waits for it. */
interface Devices {
  readonly state: 'off' | 'connecting' | 'on' | 'lost';
  readonly scale: ScaleReading | null;
  readonly dryer: DryerReading | null;
  readonly room: RoomReading | null;
  /** The scale said the same too often, or nothing for a while. */
  readonly scaleStuck: boolean;
  readonly scaleSilent: boolean;
}
const NONE = { scale: null, dryer: null, room: null, scaleStuck: false, scaleSilent: false } as const;
export const useDevices = create<Devices>(() => ({ state: 'off', ...NONE }));

let source: EventSource | null = null;
let heard: number[] = [];
let lastScaleMs = 0;
let watch: ReturnType<typeof setInterval> | null = null;
const SILENT_MS = 5000;

/** Listens; a lost connection is tried again by the browser itself, and everything goes on by hand meanwhile. */
export function connectDevices(): void {
  if (source) return;
  useDevices.setState({ state: 'connecting', ...NONE });
  source = new EventSource('/api/devices/events');
  source.onopen = () => {
    lastScaleMs = performance.now();
    useDevices.setState({ state: 'on' });
  };
  source.onerror = () => useDevices.setState({ state: 'lost', ...NONE });
  source.onmessage = (event: MessageEvent<string>) => {
    const reading = readReading(event.data);
    if (!reading) return;
    if (reading.device === 'scale') {
      heard = [...heard.slice(-30), reading.value];
      lastScaleMs = performance.now();
      useDevices.setState({ scale: reading, scaleStuck: isStuck(heard), scaleSilent: false, state: 'on' });
    } else if (reading.device === 'dryer') useDevices.setState({ dryer: reading });
    else useDevices.setState({ room: reading });
  };
  watch = setInterval(() => {
    if (useDevices.getState().state === 'on' && performance.now() - lastScaleMs > SILENT_MS)
      useDevices.setState({ scale: null, scaleSilent: true });
  }, 1000);
}
export function disconnectDevices(): void {
  source?.close();
  source = null;
  if (watch) clearInterval(watch);
  heard = [];
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
