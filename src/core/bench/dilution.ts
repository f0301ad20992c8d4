import {
  dilute,
  hazardsOf,
  oxygenBathPercent,
  partsShare,
  percentToVolume,
  SUBSTANCES,
  volumeToPercent,
  type Hazard,
  type Substance,
} from '../dilution';
import { SUBSTANCE_WORDS } from '../words/hazards';
import { readFields, type Fields, type Read } from './fields';

const DILUTION_MODES = ['strength', 'parts', 'volume', 'oxygen'] as const;
export type DilutionMode = (typeof DILUTION_MODES)[number];

export const DILUTION_FIELDS = {
  mode: {
    kind: 'choice',
    label: 'What do you have?',
    options: DILUTION_MODES,
    usual: 'strength',
    words: {
      strength: 'two strengths in %',
      parts: 'parts, such as 1 to 9',
      volume: 'a “volume” strength',
      oxygen: 'oxygen powder for a bath',
    },
  },
  substance: { kind: 'choice', label: 'Of what', options: SUBSTANCES, usual: 'other', words: SUBSTANCE_WORDS },
  strong: { kind: 'number', label: 'Strength in the bottle', unit: '%', min: 0.01, max: 100, usual: 12 },
  weak: { kind: 'number', label: 'Strength wanted', unit: '%', min: 0.01, max: 100, usual: 3 },
  parts: { kind: 'number', label: 'Parts of water to one part', unit: '', min: 0.1, max: 10000, usual: 9 },
  total: { kind: 'number', label: 'Mixed, in all', unit: 'mL', min: 1, max: 500000, usual: 500 },
  volume: { kind: 'number', label: 'Volume strength', unit: 'vol', min: 0.1, max: 130, usual: 40 },
  grams: { kind: 'number', label: 'Powder', unit: 'g', min: 0.1, max: 10000, usual: 30 },
  litres: { kind: 'number', label: 'Bath', unit: 'L', min: 0.5, max: 500, usual: 5 },
  share: { kind: 'number', label: 'Percarbonate in the powder', unit: '%', min: 1, max: 100, usual: 30 },
} as const satisfies Fields;

/** Fields that each way of asking shows. */
export const DILUTION_SHOWS: Readonly<Record<DilutionMode, readonly (keyof typeof DILUTION_FIELDS)[]>> = {
  strength: ['substance', 'strong', 'weak', 'total'],
  parts: ['substance', 'strong', 'parts', 'total'],
  volume: ['volume', 'weak', 'total'],
  oxygen: ['grams', 'litres', 'share'],
};

export interface DilutionAnswer {
  readonly mode: DilutionMode;
  readonly substance: Substance;
  /** % of what is poured from, and of what comes out. */
  readonly fromPercent: number;
  readonly toPercent: number;
  /** Peroxide strengths in "volume"; null for anything else. */
  readonly toVolume: number | null;
  /** What to measure: of the strong one and of water. In an oxygen bath, nothing is poured. */
  readonly stockMl: number | null;
  readonly waterMl: number | null;
  readonly hazardsFrom: readonly Hazard[];
  readonly hazardsTo: readonly Hazard[];
}

/** A mixture from an address. */
export function dilutionBench(get: (name: string) => string | null): {
  readonly read: Read<typeof DILUTION_FIELDS>;
  readonly answer: DilutionAnswer | null;
} {
  // Fields that this way of asking does not show cannot be at fault.
  const mode = DILUTION_MODES.find((m) => m === get('mode')) ?? 'strength';
  const shows = new Set<string>(['mode', ...DILUTION_SHOWS[mode]]);
  const read = readFields(DILUTION_FIELDS, (name) => (shows.has(name) ? get(name) : null));
  const v = read.values;
  if (!v) return { read, answer: null };
  const fault = (name: 'weak', text: string) => ({ read: { ...read, values: null, faults: { [name]: text } }, answer: null });
  if (mode === 'oxygen') {
    const toPercent = oxygenBathPercent(v.grams / v.litres, v.share / 100);
    const answer: DilutionAnswer = {
      mode,
      substance: 'percarbonate',
      fromPercent: v.share,
      toPercent,
      toVolume: percentToVolume(toPercent),
      stockMl: null,
      waterMl: null,
      hazardsFrom: hazardsOf('percarbonate', v.share),
      hazardsTo: hazardsOf('peroxide', toPercent),
    };
    return { read, answer };
  }
  const substance = mode === 'volume' ? 'peroxide' : v.substance;
  const fromPercent = mode === 'volume' ? volumeToPercent(v.volume) : v.strong;
  const toPercent = mode === 'parts' ? fromPercent * partsShare(v.parts) : v.weak;
  if (toPercent > fromPercent)
    return fault(
      'weak',
      `Strength wanted: water only weakens. It can be at most ${Math.round(fromPercent * 100) / 100} %, as in the bottle.`,
    );
  const { stockMl, waterMl } = dilute(fromPercent, toPercent, v.total);
  return {
    read,
    answer: {
      mode,
      substance,
      fromPercent,
      toPercent,
      toVolume: substance === 'peroxide' ? percentToVolume(toPercent) : null,
      stockMl,
      waterMl,
      hazardsFrom: hazardsOf(substance, fromPercent),
      hazardsTo: hazardsOf(substance, toPercent),
    },
  };
}
