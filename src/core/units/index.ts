/** Quantities and conversion. Factors: NIST Handbook 44 appendix C and SP 811. Refuses: rounding for display. */

import type { HardnessUnit } from '../gear';
import { DAY_MIN } from './time';

export const ML_PER_US_FL_OZ = 29.5735295625;
export const ML_PER_IMP_FL_OZ = 28.4130625;
export const G_PER_OZ = 28.349523125;
export const G_PER_LB = 16 * G_PER_OZ;
export const MM_PER_IN = 25.4;
export const BYTES_PER_MB = 1_000_000;

/**
 * mg/L as CaCO₃ in one unit of hardness. °dH: 10 mg CaO/L; gpg: grains a US gallon; °fH: 10 mg/L; °Clark: grains an imperial gallon.
 * mmol/L: CaCO₃ 100.0869 g/mol (IUPAC 2021 atomic weights).
 */
export const MG_PER_L: Readonly<Record<HardnessUnit, number>> = {
  'mg/L': 1,
  '°dH': 17.848,
  gpg: 17.118,
  '°fH': 10,
  '°Clark': 14.254,
  'mmol/L': 100.0869,
};
/** Hardness in a unit, to mg/L as CaCO₃. */
export const toMgPerL = (value: number, unit: HardnessUnit): number => value * MG_PER_L[unit];
/** Hardness in another unit. @param mgPerL as CaCO₃. */
export const fromMgPerL = (mgPerL: number, unit: HardnessUnit): number => mgPerL / MG_PER_L[unit];
/** Classes of water and their upper ends, mg/L as CaCO₃. Source: USGS. */
const HARDNESS_CLASSES = [
  { name: 'soft', upTo: 60 },
  { name: 'moderately hard', upTo: 120 },
  { name: 'hard', upTo: 180 },
  { name: 'very hard', upTo: Infinity },
] as const;
export type HardnessClass = (typeof HARDNESS_CLASSES)[number]['name'];
/** The class of water. @param mgPerL as CaCO₃. Source: USGS. */
export const hardnessClass = (mgPerL: number): HardnessClass =>
  (HARDNESS_CLASSES.find((c) => mgPerL <= c.upTo) ?? HARDNESS_CLASSES[3]).name;

/** °C to °F: °F = 1.8 °C + 32. */
export const fahrenheit = (celsius: number): number => 1.8 * celsius + 32;

/** °F as °C, exact. */
export const celsius = (fahrenheitValue: number): number => (fahrenheitValue - 32) / 1.8;

/** A typed number: a decimal comma is a point; undefined for nothing, NaN for what is no number. */
export function typedNumber(text: string): number | undefined {
  const plain = text.trim().replace(/\s/g, '').replace(',', '.');
  if (plain === '') return undefined;
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : Number.NaN;
}

/** "45 min", "2 h", "2 h 15", "1 day 4 h". */
export function minutesText(minutes: number): string {
  const total = Math.round(minutes);
  if (total < 60) return `${total} min`;
  if (total < DAY_MIN)
    return total % 60 === 0 ? `${total / 60} h` : `${Math.floor(total / 60)} h ${String(total % 60).padStart(2, '0')}`;
  const hours = Math.round(total / 60);
  const days = Math.floor(hours / 24);
  return `${days} day${days > 1 ? 's' : ''}${hours % 24 ? ` ${hours % 24} h` : ''}`;
}
