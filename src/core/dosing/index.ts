/**
 * How much cleaner. The bottle's own dose wins; without one a range is guessed and said to be a guess. Refuses: choosing the cleaner.
 */
import type { Supply, SupplyClass, WasherKind } from '../gear';

/** Ranges used without a label dose, mL [common practice, no source]. */
export const GUESSED_ML: Partial<Record<SupplyClass, readonly [number, number]>> = {
  'technical-cleaner': [80, 120],
  'down-cleaner': [80, 120],
  'unscented-cleaner': [80, 120],
  'plain-liquid': [30, 50],
  'bio-liquid': [30, 50],
  'microfibre-cleaner': [30, 60],
  'mild-soap': [20, 40],
  'shoe-cleaner': [15, 30],
  'oxygen-booster': [15, 30],
  'stain-remover': [20, 40],
  'suede-kit': [5, 10],
  powder: [40, 70],
  vinegar: [50, 100],
};
/** Hardness bands, mg/L as CaCO₃. Source: USGS water hardness classes. Factors from memory. */
const HARDNESS = [
  { upTo: 60, factor: 0.9 },
  { upTo: 120, factor: 1 },
  { upTo: 180, factor: 1.15 },
  { upTo: Infinity, factor: 1.3 },
] as const;
const SOIL_FACTOR = [0.85, 0.9, 1, 1.1, 1.25] as const;
const BULK_FACTOR = { small: 0.9, medium: 1, large: 1.3 } as const;

export interface DoseInput {
  readonly cleaner: SupplyClass;
  /** The bottle, when one is owned. */
  readonly bottle: Supply | null;
  readonly machine: WasherKind;
  readonly bulk: keyof typeof BULK_FACTOR;
  readonly soil: number | undefined;
  readonly hardnessMgPerL: number | undefined;
  /** Our own ceiling, mL, or null. */
  readonly ceilingMl: number | null;
}
export interface Dose {
  readonly ml: number;
  readonly basis: 'label' | 'label-range' | 'guess';
  readonly rangeMl: readonly [number, number];
  readonly capped: boolean;
}

/** The product of load, soil and hardness factors. */
export function doseFactor({ bulk, soil, hardnessMgPerL }: Pick<DoseInput, 'bulk' | 'soil' | 'hardnessMgPerL'>): number {
  const hardness = HARDNESS.find((band) => (hardnessMgPerL ?? 100) <= band.upTo) ?? HARDNESS[3];
  return BULK_FACTOR[bulk] * (SOIL_FACTOR[soil ?? 2] ?? 1) * hardness.factor;
}

/**
 * The dose in mL, whole. A single label dose is exact; factors move it only inside the label's own range; our ceiling comes last.
 * Without a label, factors move it inside the guessed range.
 */
export function doseMl(input: DoseInput): Dose {
  const { bottle, ceilingMl } = input;
  const label = bottle?.labelDoseByWasher?.[input.machine] ?? bottle?.labelDoseMl;
  const range = bottle?.labelDoseRangeMl;
  const factor = doseFactor(input);
  let ml: number;
  let rangeMl: readonly [number, number];
  let basis: Dose['basis'];
  if (range) {
    const [low, high] = [Math.min(...range), Math.max(...range)];
    ml = Math.min(high, Math.max(low, (label ?? (low + high) / 2) * factor));
    rangeMl = [low, high];
    basis = 'label-range';
  } else if (label !== undefined) {
    ml = label;
    rangeMl = [label, label];
    basis = 'label';
  } else {
    const guess = GUESSED_ML[input.cleaner] ?? [20, 40];
    const [low, high] = input.bulk === 'large' ? [guess[0], guess[1] * 1.25] : guess;
    ml = Math.min(high, Math.max(low, ((low + high) / 2) * factor));
    rangeMl = [low, high];
    basis = 'guess';
  }
  const capped = ceilingMl !== null && ml > ceilingMl;
  return { ml: Math.round(capped ? ceilingMl : ml), basis, rangeMl, capped };
}
