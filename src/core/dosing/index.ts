/**
 * How much cleaner. The bottle's own dose wins; without one a range is guessed and said to be a guess. Refuses: choosing the cleaner.
 */
import type { Supply, SupplyClass, WasherKind } from '../gear';
import { hardnessClass, ML_PER_US_FL_OZ, type HardnessClass } from '../units';
import { DOSING_FIGURES } from '../knowledge';

/** Ranges used without a label dose, mL. */
export const GUESSED_ML = DOSING_FIGURES.guessedMl.value;
const ANY_GUESS_ML = DOSING_FIGURES.anyGuessMl.value;
/** Kits and pieces that are used, not measured out. */
const UNMEASURED: readonly SupplyClass[] = ['suede-kit', 'melamine-sponge', 'dryer-balls', 'felt-balls', 'dryer-sheets'];
/** True when an amount of it can be measured. */
export const isMeasured = (cls: SupplyClass): boolean => !UNMEASURED.includes(cls);
/** Grams of so many mL of a powder, or null for what is liquid. */
export function powderG(cls: SupplyClass, ml: number): number | null {
  const density = DOSING_FIGURES.powderGPerMl.value[cls as keyof typeof DOSING_FIGURES.powderGPerMl.value];
  return density === undefined ? null : ml * density;
}

/* Each factor is 1 at the usual case: half a kilogram, worn, moderately hard water, an efficient front loader. */
const HARDNESS_FACTOR: Readonly<Record<HardnessClass, number>> = DOSING_FIGURES.hardnessFactor.value;
const SOIL_FACTOR = DOSING_FIGURES.soilFactor.value;
/** Used only where no label speaks for the machine: more water wants more cleaner. */
const MACHINE_FACTOR = DOSING_FIGURES.machineFactor.value;
/** Load factor between these loads, kg dry: a single garment is the usual case, one big bag or three jackets want half as much again. */
const LOAD_KNOTS = DOSING_FIGURES.loadKnots.value;
/** From this load on a guessed range reaches higher. */
const BIG_LOAD = { kg: DOSING_FIGURES.bigLoadKg.value, factor: DOSING_FIGURES.bigLoadFactor.value } as const;
/** Taken where it was not said, or not measured. */
const USUAL = { soil: DOSING_FIGURES.usualSoil.value, hardnessMgPerL: DOSING_FIGURES.usualHardness.value } as const;

export interface DoseInput {
  readonly cleaner: SupplyClass;
  /** The bottle, when one is owned. */
  readonly bottle: Pick<Supply, 'labelDoseMl' | 'labelDoseRangeMl' | 'labelDoseByWasher'> | null;
  readonly machine: WasherKind;
  /** Dry load, kg, > 0. */
  readonly loadKg: number;
  /** 0 to 4; undefined = taken as worn. */
  readonly soil: number | undefined;
  /** mg/L as CaCO₃, ≥ 0; undefined = taken as usual. */
  readonly hardnessMgPerL: number | undefined;
  /** Our own ceiling, mL, or null. */
  readonly ceilingMl: number | null;
  /** Litres of the bath, by hand; a figure for a full load is for a bathtub's or a machine's. Absent in a machine. */
  readonly bathL?: number;
  /** A guessed range that fits better than the class's own, mL; for such a thing in its own bath, so litres do not move it. */
  readonly guessMl?: readonly [number, number];
}
export type DoseBasis = 'label' | 'label-range' | 'guess' | 'own';
export interface DoseFactors {
  readonly load: number;
  readonly soil: number;
  readonly hardness: number;
  readonly machine: number;
}
export interface Dose {
  /** Whole mL; tenths below 3 mL. */
  readonly ml: number;
  readonly basis: DoseBasis;
  readonly rangeMl: readonly [number, number];
  readonly capped: boolean;
  /** What the factors start from, mL. */
  readonly baseMl: number;
  readonly factors: DoseFactors;
  /** Base times factors, before any clamp, mL. */
  readonly freeMl: number;
}

/** Straight between the knots, level outside them. */
function loadFactor(kg: number): number {
  let [fromKg, from]: readonly [number, number] = LOAD_KNOTS[0];
  for (const [toKg, to] of LOAD_KNOTS) {
    if (kg <= toKg) return toKg === fromKg ? to : from + ((kg - fromKg) / (toKg - fromKg)) * (to - from);
    [fromKg, from] = [toKg, to];
  }
  return from;
}

/**
 * The four factors of a dose.
 * @throws RangeError when the load is not above 0 or the hardness is below 0.
 */
function doseFactors({
  loadKg,
  soil,
  hardnessMgPerL,
  machine,
}: Pick<DoseInput, 'loadKg' | 'soil' | 'hardnessMgPerL' | 'machine'>): DoseFactors {
  if (!(loadKg > 0)) throw new RangeError('The load must be above 0 kg.');
  if (hardnessMgPerL !== undefined && !(hardnessMgPerL >= 0)) throw new RangeError('The hardness must be 0 or more.');
  return {
    load: loadFactor(loadKg),
    soil: SOIL_FACTOR[soil ?? USUAL.soil] ?? 1,
    hardness: HARDNESS_FACTOR[hardnessClass(hardnessMgPerL ?? USUAL.hardnessMgPerL)],
    machine: MACHINE_FACTOR[machine],
  };
}

const whole = (ml: number): number => (ml < 3 ? Math.round(ml * 10) / 10 : Math.round(ml));
const clamp = (ml: number, [low, high]: readonly [number, number]): number => Math.min(high, Math.max(low, ml));

/** A bath's share of a full-load figure: that is for a bathtub's litres [common practice: the same for a machine load as for a bathtub]. */
export const bathShare = (litres: number): number => Math.min(1, litres / DOSING_FIGURES.fullLoadL.value);

/**
 * The dose in mL: base × load × soil × hardness × machine. A single label dose is exact; factors move it only inside the label's own range;
 * our ceiling comes last. Without a label, factors move it inside the guessed range.
 * @throws RangeError as `doseFactors`.
 */
export function cleanerDose(input: DoseInput): Dose {
  const { bottle, ceilingMl, bathL } = input;
  const forMachine = bottle?.labelDoseByWasher?.[input.machine];
  const label = forMachine ?? bottle?.labelDoseMl;
  const range = bottle?.labelDoseRangeMl;
  const all = doseFactors(input);
  let rangeMl: readonly [number, number];
  let baseMl: number;
  let basis: DoseBasis;
  let factors = all;
  if (range) {
    rangeMl = [Math.min(...range), Math.max(...range)];
    baseMl = label ?? (rangeMl[0] + rangeMl[1]) / 2;
    basis = 'label-range';
    if (forMachine !== undefined) factors = { ...all, machine: 1 };
    else if (bathL !== undefined) {
      const share = bathShare(bathL);
      factors = { ...all, machine: share };
      rangeMl = [rangeMl[0] * share, rangeMl[1] * share];
    }
  } else if (label !== undefined) {
    rangeMl = [label, label];
    baseMl = label;
    basis = 'label';
    factors = { load: 1, soil: 1, hardness: 1, machine: 1 };
    // A label that speaks of no bath speaks of a full load: a bowl takes its share.
    if (forMachine === undefined && bathL !== undefined) {
      factors = { ...factors, machine: bathShare(bathL) };
      rangeMl = [label * factors.machine, label * factors.machine];
    }
  } else {
    const [low, high] = input.guessMl ?? GUESSED_ML[input.cleaner] ?? ANY_GUESS_ML;
    rangeMl = input.guessMl || input.loadKg < BIG_LOAD.kg ? [low, high] : [low, high * BIG_LOAD.factor];
    baseMl = (low + high) / 2;
    basis = 'guess';
    if (bathL !== undefined && !input.guessMl) {
      const share = bathShare(bathL);
      factors = { ...all, machine: share };
      rangeMl = [rangeMl[0] * share, rangeMl[1] * share];
    }
  }
  const freeMl = baseMl * factors.load * factors.soil * factors.hardness * factors.machine;
  const ml = clamp(freeMl, rangeMl);
  const capped = ceilingMl !== null && ml > ceilingMl;
  return { ml: whole(capped ? ceilingMl : ml), basis, rangeMl, capped, baseMl, factors, freeMl };
}

/** True when a figure of one's own may stand in for this dose: inside the label, and under our ceiling. A guess binds nobody that closely. */
export function ownDoseAllowed(ml: number, dose: Dose, ceilingMl: number | null): boolean {
  if (!(ml > 0) || (ceilingMl !== null && ml > ceilingMl)) return false;
  const [low, high] = dose.rangeMl;
  return dose.basis === 'guess' ? ml <= 2 * high : ml >= low && ml <= high;
}

/** The same amount in other measures. Caps only with that bottle's own cap. `washes`: whole washes left in the bottle. */
export function doseMeasures(
  ml: number,
  bottle: Pick<Supply, 'capMl' | 'remainingMl' | 'sizeMl' | 'price'> | null,
): {
  readonly usFlOz: number;
  readonly caps: number | null;
  readonly washes: number | null;
  readonly cost: { readonly amount: number; readonly currency: string } | null;
} {
  const { capMl, remainingMl, sizeMl, price } = bottle ?? {};
  return {
    usFlOz: ml / ML_PER_US_FL_OZ,
    caps: capMl ? ml / capMl : null,
    washes: remainingMl === undefined || !(ml > 0) ? null : Math.floor(remainingMl / ml + 1e-9),
    cost: price && sizeMl ? { amount: (price.amount * ml) / sizeMl, currency: price.currency } : null,
  };
}
