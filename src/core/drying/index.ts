/**
 * How long drying takes, how sure that is, and whether it is dry. Plans use the closed forms here; `integrate` steps the same thing through
 * time with its heat. Check values of common practice: light down jacket on low 1.5–2.5 h, quilt on air 3.5–5.5 h, big bag in a commercial
 * dryer 1.5–3 h, jersey with a fan 0.5–2 h, stuffed shoes 20–48 h, insulated shell on a line 12–30 h. Refuses: saying that something is dry
 * without the whole rule.
 */
import type { DryerKind, Heat, Room } from '../gear';
import { saturationKPa, evaporationKgPerS, humidityRatio, relativeHumidity, wetBulbC } from './air';
import { bodyOf, secondsToDry, soaked, type Body } from './body';
import { DRYING_FIGURES, type AirMoves } from '../knowledge';

export * from './air';
export * from './body';

/** Air taken when the room was never measured. */
export const DEFAULT_ROOM = { airC: DRYING_FIGURES.roomC.value, rhPercent: DRYING_FIGURES.roomRh.value } as const;
/** Core factor of a filled thing, when the family does not say. */
const FILLED: number = DRYING_FIGURES.filledCore.value;

/** Half-width of the dry band, g. */
export function dryBandG(dryG: number): number {
  return Math.max(DRYING_FIGURES.dryBandG.value, dryG * DRYING_FIGURES.dryBandShare.value);
}

export interface DryerAir {
  readonly heat: Heat;
  readonly dryer: DryerKind;
  readonly room?: Room | undefined;
  /** Measured air temperature of the setting, °C. */
  readonly heatC?: number | undefined;
  /** Share of the drum that the dry load fills, loosely laid; above `DRYING_FIGURES.freeFill` it turns less freely. */
  readonly fill?: number;
}
/** The air in the drum: its temperature and its wet bulb, °C. */
export function drumAir({ heat, room, heatC }: DryerAir): {
  readonly airC: number;
  readonly wetC: number;
  readonly ratio: number;
} {
  const roomC = room?.airC ?? DEFAULT_ROOM.airC;
  const ratio = humidityRatio(roomC, room?.rhPercent ?? DEFAULT_ROOM.rhPercent);
  const airC = heatC ?? (heat === 'air' ? roomC : Math.max(roomC, DRYING_FIGURES.heatC.value[heat]));
  return { airC, wetC: wetBulbC(airC, relativeHumidity(airC, ratio)), ratio };
}
/** Water that a dryer takes off a wet surface, kg/s: its air leaves nearer to saturation at its wet bulb. */
export function drumKgPerS(air: DryerAir): number {
  const { wetC, ratio } = drumAir(air);
  const airKgPerS = DRYING_FIGURES.dryerAirKgPerS.value[air.dryer];
  const takesUp = DRYING_FIGURES.dryerTakesUp.value[air.dryer];
  const turns = Math.min(1, DRYING_FIGURES.freeFill.value / Math.max(air.fill ?? 0, 1e-9));
  return Math.max(0, airKgPerS * takesUp * turns * (humidityRatio(wetC, 100) - ratio));
}
/** The body of a thing that tumbles. */
export function tumblingBody(dryG: number, heat: Heat, coreFactor = FILLED): Body {
  const heavier = (dryG / DRYING_FIGURES.exchangeAtG.value) ** DRYING_FIGURES.exchangePower.value;
  return bodyOf(dryG / 1000, coreFactor, DRYING_FIGURES.tumbleExchangeMin.value[heat] * 60 * heavier);
}

/** What a drying is worked out from: dry mass, water at the start, evaporation of the wet surface, and how slowly core and shell even out. */
export interface DryModel {
  readonly dryG: number;
  readonly heldKgPerKg: number;
  readonly rateKgPerS: number;
  readonly coreFactor: number;
  readonly exchangeS: number;
}
/** Minutes until it is inside its dry band; Infinity when the air cannot take up water. @throws RangeError when a mass is not above 0. */
export function modelMinutes({ dryG, heldKgPerKg, rateKgPerS, coreFactor, exchangeS }: DryModel): number {
  if (!(heldKgPerKg > 0)) throw new RangeError('Held water must be above 0.');
  const body = bodyOf(dryG / 1000, coreFactor, exchangeS);
  return secondsToDry(body, soaked(body, heldKgPerKg), rateKgPerS, dryBandG(dryG) / 1000) / 60;
}

export interface TumbleInput extends DryerAir {
  readonly dryG: number;
  /** Water at the start, kg per kg dry. */
  readonly heldKgPerKg: number;
  readonly coreFactor?: number;
}
/** The model of a thing that tumbles. */
export function tumbleModel(input: TumbleInput): DryModel {
  const { dryG, heldKgPerKg, heat, coreFactor = FILLED } = input;
  const { exchangeS } = tumblingBody(dryG, heat, coreFactor);
  return { dryG, heldKgPerKg, rateKgPerS: drumKgPerS(input), coreFactor, exchangeS };
}
/** Minutes of tumbling until it is inside its dry band, as `modelMinutes`. */
export const tumbleMinutes = (input: TumbleInput): number => modelMinutes(tumbleModel(input));

export interface HangInput {
  readonly dryG: number;
  readonly heldKgPerKg: number;
  readonly areaM2: number;
  /** How much slower the core is than a free cloth, ≥ 1. */
  readonly coreFactor: number;
  readonly air: AirMoves;
  readonly room: Room | undefined;
}
/** Water that the air takes off a hanging wet surface, kg/s. */
export function hangKgPerS({ areaM2, air, room }: Pick<HangInput, 'areaM2' | 'air' | 'room'>): number {
  const roomC = room?.airC ?? DEFAULT_ROOM.airC;
  const airC = roomC + (DRYING_FIGURES.warmerK.value[air] ?? 0);
  const rh = ((room?.rhPercent ?? DEFAULT_ROOM.rhPercent) * saturationKPa(roomC)) / saturationKPa(airC);
  return evaporationKgPerS(areaM2, airC, rh, DRYING_FIGURES.airMPerS.value[air]);
}
/** The body of a thing that hangs. */
export function hangingBody(dryG: number, coreFactor: number): Body {
  const minutes = Math.max(1, DRYING_FIGURES.hangExchangeMin.value * (coreFactor - 1));
  return bodyOf(dryG / 1000, coreFactor, minutes * 60);
}

/** The model of a thing on a line or rack. @throws RangeError when the area is not above 0. */
export function hangModel(input: HangInput): DryModel {
  const { dryG, heldKgPerKg, coreFactor } = input;
  if (!(input.areaM2 > 0)) throw new RangeError('The area must be above 0.');
  return { dryG, heldKgPerKg, rateKgPerS: hangKgPerS(input), coreFactor, exchangeS: hangingBody(dryG, coreFactor).exchangeS };
}
/** Minutes on a line or rack until it is inside its dry band, as `modelMinutes`. */
export const hangMinutes = (input: HangInput): number => modelMinutes(hangModel(input));
