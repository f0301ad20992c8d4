/**
 * What measuring devices say, and what to make of it. The stand-ins on the server speak so; a real one would be translated to it.
 * Refuses: trusting a reading that cannot be.
 */
import type { Heat } from '../gear';

export const DEVICES = ['scale', 'dryer', 'room'] as const;
export type DeviceId = (typeof DEVICES)[number];
export const DEVICE_FAULTS = ['drop-out', 'noise', 'wrong-unit', 'stuck'] as const;
export type DeviceFault = (typeof DEVICE_FAULTS)[number];

export interface ScaleReading {
  readonly device: 'scale';
  readonly minute: number;
  readonly value: number;
  readonly unit: 'g' | 'lb';
}
export interface DryerReading {
  readonly device: 'dryer';
  readonly minute: number;
  /** Where the knob really stands. */
  readonly knob: Heat;
  readonly running: boolean;
  readonly airC: number;
}
export interface RoomReading {
  readonly device: 'room';
  readonly minute: number;
  readonly airC: number;
  readonly rhPercent: number;
}
export type Reading = ScaleReading | DryerReading | RoomReading;

const finite = (x: unknown): x is number => typeof x === 'number' && Number.isFinite(x);
const HEAT_NAMES = new Set<unknown>(['air', 'low', 'medium', 'high']);

/** A reading from the text of an event, or null when it is none. */
export function readReading(text: string): Reading | null {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return null;
  }
  if (typeof raw !== 'object' || raw === null) return null;
  const r = raw as Record<string, unknown>;
  if (!finite(r.minute)) return null;
  if (r.device === 'scale' && finite(r.value) && (r.unit === 'g' || r.unit === 'lb')) return raw as ScaleReading;
  if (r.device === 'dryer' && HEAT_NAMES.has(r.knob) && finite(r.airC)) return raw as DryerReading;
  if (r.device === 'room' && finite(r.airC) && finite(r.rhPercent) && r.rhPercent >= 0 && r.rhPercent <= 100)
    return raw as RoomReading;
  return null;
}

/** True when the same value came so many times in a row that the device is likely stuck. A thing that dries never weighs the same for long. */
export function isStuck(values: readonly number[]): boolean {
  const last = values.slice(-STUCK_AFTER);
  return last.length === STUCK_AFTER && last.every((v) => v === last[0]);
}
const STUCK_AFTER = 12;
