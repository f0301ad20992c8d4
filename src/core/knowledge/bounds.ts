import type { NumberRange } from '../units/quantity';

/**
 * What can be meant in a field, in the unit of its record; from memory. Beyond it a figure has slipped: a comma forgotten, another unit
 * meant. They bound what is typed, not what a file may hold. Without `min` a value lies above 0.
 */
export const BOUNDS = {
  dryMassG: { max: 50_000 },
  fillG: { max: 5000 },
  /** in³ an ounce. */
  fillPower: { max: 1200 },
  /** Grams of 9 km of yarn. */
  denier: { max: 5000 },
  pieces: { min: 1, max: 1000, whole: true },
  targetYears: { max: 200 },
  /** Of a baffle, beside the ruler; one that is empty has none. */
  thicknessMm: { min: 0, max: 1000 },
  newThicknessMm: { max: 1000 },
  panelMm: { max: 4000 },
  panelRows: { max: 40, whole: true },
  useHours: { max: 2000 },
  useNights: { max: 400 },
  useKm: { max: 20_000 },
  washC: { min: 0, max: 95 },
  cycleMin: { max: 600 },
  spinRpm: { min: 0, max: 2000 },
  rinses: { min: 0, max: 20, whole: true },
  cycleLitres: { max: 500 },
  loadKg: { max: 60 },
  /** Ten pulls of a trigger. */
  tenPullsMl: { max: 50 },
  dropHeightMm: { min: 10, max: 1000 },
  drops: { min: 1, max: 50, whole: true },
  dropWaitS: { min: 5, max: 3600 },
  drumLitres: { max: 1000 },
  dryerC: { max: 150 },
  ironC: { max: 260 },
  lineM: { max: 200 },
  roomC: { min: -20, max: 45 },
  percent: { min: 0, max: 100 },
  inletC: { min: 0, max: 40 },
  hardnessMgPerL: { min: 0, max: 1500 },
  /** Prices, in the user's currency. */
  money: { min: 0, max: 1_000_000 },
  perKWh: { min: 0, max: 100 },
  perM3: { min: 0, max: 1000 },
  bottleMl: { max: 100_000 },
  leftMl: { min: 0, max: 100_000 },
  leftPieces: { min: 0, max: 10_000, whole: true },
  bottlePrice: { min: 0, max: 100_000 },
} as const satisfies Readonly<Record<string, NumberRange>>;
