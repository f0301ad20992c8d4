import {
  comfortNow,
  FILL_HOLDS,
  fillGrams,
  loftVerdict,
  loftVolumeCm3,
  overfill,
  powerOn,
  POWER_BASES,
  type LoftLimits,
  type LoftVerdict,
} from '../loft';
import type { Plan } from '../programme';
import { readFields, type Fields, type Read } from './fields';

export const FILL_FIELDS = {
  fill: { kind: 'number', label: 'Down in it', unit: 'g', min: 1, max: 5000, usual: 400 },
  power: { kind: 'number', label: 'Fill power', unit: '', min: 50, max: 1100, usual: 750 },
  basis: {
    kind: 'choice',
    label: 'Stated in',
    options: POWER_BASES,
    usual: 'in3-per-oz',
    words: { 'in3-per-oz': 'in³ an ounce', 'in3-per-30g': 'in³ by 30 g', 'cm3-per-g': 'cm³ a gram' },
  },
  sewn: { kind: 'number', label: 'Sewn volume of its baffles', unit: 'L', min: 0.1, max: 1000, usual: null },
  now: { kind: 'number', label: 'Thickness now', unit: 'mm', min: 1, max: 400, usual: 42 },
  whenNew: { kind: 'number', label: 'Thickness when new', unit: 'mm', min: 1, max: 400, usual: 50 },
  rated: { kind: 'number', label: 'Comfort rating when new', unit: '°C', min: -60, max: 25, usual: null },
} as const satisfies Fields;

export interface FillAnswer {
  readonly fillG: number;
  readonly litres: number;
  /** The same power on every basis. */
  readonly powers: Readonly<Record<(typeof POWER_BASES)[number], number>>;
  readonly overfill: number | null;
  readonly ratio: number;
  readonly verdict: LoftVerdict;
  readonly comfort: ReturnType<typeof comfortNow> | null;
  readonly waterG: number;
}

/** Volume, overfill, loft ratio and what it does to a comfort rating, from an address. @param limits where the user washes and fluffs. */
export function fillBench(
  get: (name: string) => string | null,
  limits: LoftLimits,
): {
  readonly read: Read<typeof FILL_FIELDS>;
  readonly answer: FillAnswer | null;
} {
  const read = readFields(FILL_FIELDS, get);
  const v = read.values;
  if (!v) return { read, answer: null };
  const ratio = v.now / v.whenNew;
  return {
    read,
    answer: {
      fillG: v.fill,
      litres: loftVolumeCm3(v.fill, v.power, v.basis) / 1000,
      powers: {
        'in3-per-oz': powerOn(v.power, v.basis, 'in3-per-oz'),
        'in3-per-30g': powerOn(v.power, v.basis, 'in3-per-30g'),
        'cm3-per-g': powerOn(v.power, v.basis, 'cm3-per-g'),
      },
      overfill: v.sewn === undefined ? null : overfill(v.fill, v.power, v.basis, v.sewn * 1000),
      ratio,
      verdict: loftVerdict(ratio, limits),
      comfort: v.rated === undefined ? null : comfortNow(v.rated, ratio),
      waterG: v.fill * FILL_HOLDS,
    },
  };
}

/** What a thing's own construction and last look put into the fields. */
export function fillFrom(made: Plan): Partial<Record<keyof typeof FILL_FIELDS, string>> {
  const { item, inspection } = made.request;
  const fill = item.components.find((c) => c.part === 'fill' && c.attributes?.fillMassG !== undefined);
  const grams = fillGrams(item);
  const power = fill?.attributes?.fillPowerCuInPerOz;
  const readings = (inspection?.loft ?? []).filter((r) => r.newMm !== undefined);
  const mean = (of: (r: (typeof readings)[number]) => number): string =>
    String(Math.round((readings.reduce((sum, r) => sum + of(r), 0) / readings.length) * 10) / 10);
  const ratio = inspection?.loftRatio;
  return {
    ...(grams > 0 ? { fill: String(grams) } : {}),
    ...(power === undefined ? {} : { power: String(power), basis: 'in3-per-oz' }),
    ...(readings.length > 0
      ? { now: mean((r) => r.nowMm), whenNew: mean((r) => r.newMm ?? 1) }
      : ratio === undefined
        ? {}
        : { now: String(Math.round(ratio * 500) / 10), whenNew: '50' }),
  };
}
