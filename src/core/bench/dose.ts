import { SOIL_GRADE_WORDS } from '../words';
import { doseMeasures, cleanerDose, GUESSED_ML, type Dose, type DoseInput } from '../dosing';
import { HARDNESS_UNITS, WASHER_KINDS, type SupplyClass } from '../gear';
import type { Plan } from '../programme';
import { toMgPerL } from '../units';
import { SUPPLY_WORDS, WASHER_WORDS } from '../words/names';
import { readFields, type ChoiceField, type Fields, type Read } from './fields';

const SOILS = ['0', '1', '2', '3', '4'] as const;
const CLEANERS = Object.keys(GUESSED_ML) as SupplyClass[];

export const DOSE_FIELDS = {
  cleaner: {
    kind: 'choice',
    label: 'Cleaner',
    options: CLEANERS,
    usual: 'technical-cleaner',
    words: SUPPLY_WORDS,
  } as ChoiceField<SupplyClass>,
  machine: { kind: 'choice', label: 'Washed in', options: WASHER_KINDS, usual: 'front-loader', words: WASHER_WORDS },
  label: { kind: 'number', label: 'Dose on the label', unit: 'mL', min: 0.5, max: 2000, usual: null },
  low: { kind: 'number', label: 'Label range from', unit: 'mL', min: 0.5, max: 2000, usual: null },
  high: { kind: 'number', label: 'Label range to', unit: 'mL', min: 0.5, max: 2000, usual: null },
  load: { kind: 'number', label: 'Dry load', unit: 'kg', min: 0.02, max: 20, usual: 0.5 },
  soil: {
    kind: 'choice',
    label: 'How dirty',
    options: SOILS,
    usual: '2',
    words: Object.fromEntries(SOIL_GRADE_WORDS.entries()),
  },
  hardness: { kind: 'number', label: 'Water hardness', unit: '', min: 0, max: 1500, usual: null },
  unit: { kind: 'choice', label: 'Hardness in', options: HARDNESS_UNITS, usual: 'mg/L' },
  cap: { kind: 'number', label: 'This bottle’s cap', unit: 'mL', min: 1, max: 500, usual: null },
  left: { kind: 'number', label: 'Left in it', unit: 'mL', min: 0, max: 100000, usual: null },
  size: { kind: 'number', label: 'Held when new', unit: 'mL', min: 1, max: 100000, usual: null },
  price: { kind: 'number', label: 'Price of it', unit: '', min: 0, max: 100000, usual: null },
} as const satisfies Fields;

export interface DoseAnswer {
  readonly dose: Dose;
  readonly measures: ReturnType<typeof doseMeasures>;
}
/** The dose from an address. The hardest water that is taken for real is 1500 mg/L, in any unit. */
export function doseBench(get: (name: string) => string | null): {
  readonly read: Read<typeof DOSE_FIELDS>;
  readonly answer: DoseAnswer | null;
} {
  const read = readFields(DOSE_FIELDS, get);
  const v = read.values;
  if (!v) return { read, answer: null };
  const faults: { -readonly [K in keyof typeof DOSE_FIELDS]?: string } = {};
  const mgPerL = v.hardness === undefined ? undefined : toMgPerL(v.hardness, v.unit);
  if (mgPerL !== undefined && mgPerL > 1500)
    faults.hardness = `Water hardness: ${v.hardness} ${v.unit} is ${Math.round(mgPerL)} mg/L, more than any tap water. Check the unit.`;
  if ((v.low === undefined) !== (v.high === undefined))
    faults[v.low === undefined ? 'low' : 'high'] = 'A range has two ends: write both, or neither.';
  if (v.low !== undefined && v.high !== undefined && v.low > v.high)
    faults.high = 'The upper end of the range is below the lower one.';
  if (v.low !== undefined && v.high !== undefined && v.label !== undefined && (v.label < v.low || v.label > v.high))
    faults.label = 'The label’s dose lies outside the label’s own range. Read the label again.';
  if (Object.keys(faults).length > 0) return { read: { ...read, values: null, faults }, answer: null };
  const bottle: DoseInput['bottle'] = {
    ...(v.label === undefined ? {} : { labelDoseMl: v.label }),
    ...(v.low === undefined || v.high === undefined ? {} : { labelDoseRangeMl: [v.low, v.high] }),
  };
  const dose = cleanerDose({
    cleaner: v.cleaner,
    bottle,
    machine: v.machine,
    loadKg: v.load,
    soil: Number(v.soil),
    hardnessMgPerL: mgPerL,
    ceilingMl: null,
  });
  return {
    read,
    answer: {
      dose,
      measures: doseMeasures(dose.ml, {
        ...(v.cap === undefined ? {} : { capMl: v.cap }),
        ...(v.left === undefined ? {} : { remainingMl: v.left }),
        ...(v.size === undefined ? {} : { sizeMl: v.size }),
        ...(v.price === undefined ? {} : { price: { amount: v.price, currency: '' } }),
      }),
    },
  };
}

/** What a thing's own plan puts into the fields; nothing for what it does not know. */
export function doseFrom(made: Plan): Partial<Record<keyof typeof DOSE_FIELDS, string>> {
  const { kit, inspection } = made.request;
  const { bottle, cleaner } = made;
  const kind = made.washer?.kind ?? (made.method === 'tub' ? 'tub' : made.method === 'hand' ? 'basin' : 'front-loader');
  const label = bottle?.labelDoseByWasher?.[kind] ?? bottle?.labelDoseMl;
  const put = (x: number | undefined): string => (x === undefined ? '' : String(x));
  return {
    ...(cleaner && (CLEANERS as string[]).includes(cleaner) ? { cleaner } : {}),
    machine: kind,
    label: put(label),
    low: put(bottle?.labelDoseRangeMl?.[0]),
    high: put(bottle?.labelDoseRangeMl?.[1]),
    load: String(made.massG / 1000),
    soil: String(inspection?.soil ?? 2),
    hardness: put(kit.equipment?.waterHardnessMgPerL),
    unit: 'mg/L',
    cap: put(bottle?.capMl),
    left: put(bottle?.remainingMl),
    size: put(bottle?.sizeMl),
    price: put(bottle?.price?.amount),
  };
}
