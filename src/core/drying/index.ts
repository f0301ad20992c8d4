/**
 * Closed forms for how long drying takes, for plans. Run and Rehearse will integrate; both keep to the same check values (common practice):
 * light down jacket on low 1.5–2.5 h, quilt on air 3.5–5.5 h, big bag in a commercial dryer 1.5–3 h, jersey with a fan 0.5–2 h, stuffed shoes
 * 20–48 h, insulated shell on a line 12–30 h. Refuses: saying that something is dry.
 */
import type { DryerKind, Heat, Room } from '../gear';
import { evaporationKgPerS } from './air';

export * from './air';

/** Air taken when the room was never measured [from memory]. */
export const DEFAULT_ROOM = { airC: 20, rhPercent: 50 } as const;
const STILL_M_PER_S = 0.1;
const FAN_M_PER_S = 1.5;
const OUTDOOR_M_PER_S = 0.6;
/** Minutes in which a light filled item loses all but 1/e of its water, by heat [from memory]. */
const TUMBLE_MINUTES: Record<Heat, number> = { air: 56, low: 26, medium: 18, high: 14 };
/** Commercial drums move far more air; heat pumps run cooler [from memory]. */
const DRYER_FACTOR: Record<DryerKind, number> = { vented: 1, condenser: 1.1, 'heat-pump': 1.25, commercial: 0.75 };
/** Dry means within this share of the dry mass, but at least 5 g [from memory]. */
export const DRY_BAND = { share: 0.015, minG: 5 } as const;

export interface TumbleInput {
  readonly dryG: number;
  /** Water at the start, kg per kg dry. */
  readonly heldKgPerKg: number;
  readonly heat: Heat;
  readonly dryer: DryerKind;
}

/** Half-width of the dry band, g. */
export function dryBandG(dryG: number): number {
  return Math.max(DRY_BAND.minG, dryG * DRY_BAND.share);
}

/**
 * Minutes of tumbling until a filled item is inside its dry band: falling rate, t = τ·ln(W₀/W_end), τ growing with mass^0.25.
 * @throws RangeError when a mass is not above 0.
 */
export function tumbleMinutes({ dryG, heldKgPerKg, heat, dryer }: TumbleInput): number {
  if (!(dryG > 0) || !(heldKgPerKg > 0)) throw new RangeError('Dry mass and held water must be above 0.');
  const tau = TUMBLE_MINUTES[heat] * DRYER_FACTOR[dryer] * (dryG / 450) ** 0.25;
  return tau * Math.log((dryG * heldKgPerKg) / dryBandG(dryG));
}

export interface HangInput {
  readonly dryG: number;
  readonly heldKgPerKg: number;
  readonly areaM2: number;
  /** How much slower the core is than a free cloth, ≥ 1. */
  readonly coreFactor: number;
  readonly air: 'still' | 'fan' | 'outdoors';
  readonly room: Room | undefined;
}

/** Minutes on a line or rack; Infinity when the air cannot take up water. */
export function hangMinutes({ dryG, heldKgPerKg, areaM2, coreFactor, air, room }: HangInput): number {
  if (!(dryG > 0) || !(areaM2 > 0)) throw new RangeError('Dry mass and area must be above 0.');
  const speed = air === 'fan' ? FAN_M_PER_S : air === 'outdoors' ? OUTDOOR_M_PER_S : STILL_M_PER_S;
  const rate = evaporationKgPerS(areaM2, room?.airC ?? DEFAULT_ROOM.airC, room?.rhPercent ?? DEFAULT_ROOM.rhPercent, speed);
  if (!(rate > 0)) return Infinity;
  return ((dryG / 1000) * heldKgPerKg * coreFactor) / rate / 60;
}
