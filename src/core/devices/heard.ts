import { isStuck, type DeviceId, type DryerReading, type Reading, type RoomReading, type ScaleReading } from './index';

/* What is to be believed of devices by now: each by what it said last and how long ago. Pure: told the time. */

/** A device that says nothing for so long is not heard any more, ms. They speak about once a second. */
export const SILENT_MS = 5000;
/** Of so many readings the middle one stands for the weight. */
const MIDDLE_OF = 5;
const KEPT = 30;

export interface Heard {
  readonly weights: readonly ScaleReading[];
  readonly dryer: DryerReading | null;
  readonly room: RoomReading | null;
  /** When each was last heard, or listening began, ms. */
  readonly atMs: Readonly<Record<DeviceId, number>>;
}
/** Before anything was heard. @param nowMs when listening began. */
export const nothingHeard = (nowMs: number): Heard => ({
  weights: [],
  dryer: null,
  room: null,
  atMs: { scale: nowMs, dryer: nowMs, room: nowMs },
});

/** What is known after one more reading. */
export function hear(heard: Heard, reading: Reading, nowMs: number): Heard {
  const atMs = { ...heard.atMs, [reading.device]: nowMs };
  switch (reading.device) {
    case 'scale': {
      // Another unit is another row of figures.
      const before = heard.weights.at(-1)?.unit === reading.unit ? heard.weights : [];
      return { ...heard, atMs, weights: [...before.slice(1 - KEPT), reading] };
    }
    case 'dryer':
      return { ...heard, atMs, dryer: reading };
    case 'room':
      return { ...heard, atMs, room: reading };
  }
}

/** What stands on the page: nothing of a device that is silent, and a weight that one stray reading does not move. */
export interface Believed {
  readonly scale: { readonly value: number; readonly unit: ScaleReading['unit']; readonly sways: number } | null;
  readonly dryer: DryerReading | null;
  readonly room: RoomReading | null;
  readonly scaleStuck: boolean;
  readonly silent: readonly DeviceId[];
}
/** What can be relied on just now: medians of what was said, and which devices have fallen silent. */
export function believe(heard: Heard, nowMs: number): Believed {
  const silent = (Object.keys(heard.atMs) as DeviceId[]).filter((id) => nowMs - heard.atMs[id] > SILENT_MS);
  const speaks = (id: DeviceId): boolean => !silent.includes(id);
  const last = heard.weights.slice(-MIDDLE_OF);
  const values = last.map((w) => w.value).sort((a, b) => a - b);
  const middle = values[Math.floor((values.length - 1) / 2)];
  const unit = last[0]?.unit;
  return {
    scale:
      speaks('scale') && middle !== undefined && unit
        ? { value: middle, unit, sways: Math.round(((values.at(-1) ?? middle) - (values[0] ?? middle)) * 100) / 100 }
        : null,
    dryer: speaks('dryer') ? heard.dryer : null,
    room: speaks('room') ? heard.room : null,
    scaleStuck: speaks('scale') && isStuck(heard.weights.map((w) => w.value)),
    silent,
  };
}
