import type { Plan } from '../programme';
import {
  idealFills,
  learnRelease,
  RINSE_DEFAULTS,
  rinseCount,
  rinseCurve,
  usualRelease,
  type CleanerLeft,
  type RinseCount,
  type RinseInput,
} from '../rinsing';
import { readFields, type Fields, type Read } from './fields';

export const RINSE_FIELDS = {
  by: {
    kind: 'choice',
    label: 'Rinsed',
    options: ['hand', 'drum'],
    usual: 'hand',
    words: { hand: 'pressed by hand in a bath', drum: 'in a drum' },
  },
  mass: { kind: 'number', label: 'Dry weight', unit: 'g', min: 10, max: 20000, usual: 700 },
  held: { kind: 'number', label: 'Water it holds after pressing or spinning', unit: 'kg per kg', min: 0.05, max: 12, usual: 4 },
  fresh: { kind: 'number', label: 'Fresh water a rinse', unit: 'L', min: 0.5, max: 300, usual: 40 },
  sorbed: {
    kind: 'number',
    label: 'Of the cleaner, clings to the fibre',
    unit: '%',
    min: 0,
    max: 100,
    usual: RINSE_DEFAULTS.sorbedShare * 100,
  },
  release: { kind: 'number', label: 'Of that, one rinse lets go', unit: '%', min: 0, max: 100, usual: null },
  target: { kind: 'number', label: 'Clear at', unit: '% of the start', min: 0.1, max: 50, usual: RINSE_DEFAULTS.target * 100 },
  after: { kind: 'number', label: 'It was clear after', unit: 'rinses', min: 1, max: 30, whole: true, usual: null },
} as const satisfies Fields;

export interface RinseAnswer {
  readonly input: RinseInput;
  readonly target: number;
  readonly count: RinseCount;
  readonly curve: readonly CleanerLeft[];
  readonly ideal: number;
  /** The exchange fraction that explains what was seen; null when nothing was. */
  readonly learned: number | null;
}
const MORE = 2;

/** The rinse count and its curve from an address. */
export function rinseBench(get: (name: string) => string | null): {
  readonly read: Read<typeof RINSE_FIELDS>;
  readonly answer: RinseAnswer | null;
} {
  const read = readFields(RINSE_FIELDS, get);
  const v = read.values;
  if (!v) return { read, answer: null };
  const input: RinseInput = {
    by: v.by,
    dryKg: v.mass / 1000,
    heldKgPerKg: v.held,
    freshL: v.fresh,
    sorbedShare: v.sorbed / 100,
    release: v.release === undefined ? usualRelease(v.by) : v.release / 100,
  };
  const target = v.target / 100;
  const learned = v.after === undefined ? null : learnRelease(input, v.after);
  const used = learned === null ? input : { ...input, release: learned };
  const count = rinseCount(used, target);
  return {
    read,
    answer: {
      input: used,
      target,
      count,
      curve: rinseCurve(used, Math.min(count.fills + MORE, RINSE_DEFAULTS.limit)),
      ideal: idealFills(used, target),
      learned,
    },
  };
}

/** What a thing's own plan puts into the fields. */
export function rinseFrom(made: Plan): Partial<Record<keyof typeof RINSE_FIELDS, string>> {
  const m = made.rinse;
  const round = (x: number): string => String(Math.round(x * 100) / 100);
  if (!m) return { mass: String(made.massG) };
  return {
    by: m.by,
    mass: String(made.massG),
    held: round(m.heldKgPerKg),
    fresh: round(m.freshL),
    sorbed: round(m.sorbedShare * 100),
    release: round(m.release * 100),
    target: round(m.target * 100),
    after: '',
  };
}
