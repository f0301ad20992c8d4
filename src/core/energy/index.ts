/**
 * Energy, water and money of washing and drying, each line with its working. Heat is worked out from what physics asks for and a plain
 * efficiency; prices are the user's. Refuses: prices of its own, and emissions.
 */
import { latentKJPerKg } from '../drying';
import type { DryerKind, Heat } from '../gear';
import { ENERGY_FIGURES } from '../knowledge';

/** Specific heat of water between 5 and 60 °C, kJ/(kg·K). Saturated-water tables give 4.18 to 4.20; 4.186 is the usual mean (the 15 °C calorie). */
export const WATER_KJ_PER_KG_K = 4.186;
const KJ_PER_KWH = 3600;
/** Mean draw, kW: of a washing machine's motor and pump, of a dryer's drum and fan, and of what warms a finish. */
export const MOTOR_KW = ENERGY_FIGURES.motorKw.value;
/** Temperature at which the water leaves, for its latent heat, °C. */
const LEAVES_AT_C = ENERGY_FIGURES.leavesC.value;

/**
 * Heat to warm water, kWh: m·4.186·ΔT/3600. Nothing when it need not be warmed.
 * @param litres ≥ 0 @throws RangeError when a quantity is not a number, or litres are below 0.
 */
export function heatingKWh(litres: number, fromC: number, toC: number): number {
  if (!(litres >= 0) || !Number.isFinite(fromC) || !Number.isFinite(toC))
    throw new RangeError('Litres must be 0 or more, and both temperatures numbers.');
  return (litres * WATER_KJ_PER_KG_K * Math.max(0, toC - fromC)) / KJ_PER_KWH;
}

/** Latent heat of the water driven off, kWh: the least that drying costs. @param waterKg ≥ 0. */
export function latentKWh(waterKg: number, atC: number = LEAVES_AT_C): number {
  if (!(waterKg >= 0)) throw new RangeError('Water must be 0 kg or more.');
  return (waterKg * latentKJPerKg(atC)) / KJ_PER_KWH;
}

export interface DryingInput {
  readonly waterKg: number;
  /** How long the drum turns, hours ≥ 0. */
  readonly hours: number;
  readonly heat: Heat;
  readonly dryer: DryerKind;
}
/** Electricity of tumbling, kWh: latent heat over the dryer's yield, and drum and fan; without heat only drum and fan. */
export function tumblingKWh({ waterKg, hours, heat, dryer }: DryingInput): {
  readonly heatKWh: number;
  readonly motorKWh: number;
} {
  if (!(hours >= 0)) throw new RangeError('Hours must be 0 or more.');
  return {
    heatKWh: heat === 'air' ? 0 : latentKWh(waterKg) / ENERGY_FIGURES.dryerYield.value[dryer],
    motorKWh: hours * MOTOR_KW.dryer,
  };
}

export interface WashInput {
  /** Water that is heated, litres. */
  readonly heatedL: number;
  readonly inletC: number;
  readonly tempC: number;
  readonly motorKWh: number;
}
/** Electricity of a wash, kWh. */
export const washKWh = ({ heatedL, inletC, tempC, motorKWh }: WashInput): number => heatingKWh(heatedL, inletC, tempC) + motorKWh;
/** Share of a wash's electricity saved by a cooler one, 0 to 1; below 0 when it is warmer. */
export function coolerSaving(wash: WashInput, coolerC: number): number {
  const now = washKWh(wash);
  return now > 0 ? 1 - washKWh({ ...wash, tempC: coolerC }) / now : 0;
}
