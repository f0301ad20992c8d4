import type { DryerKind, Heat, Material, SupplyClass, WasherKind } from '../gear';
import type { BasisKind } from './condition';

/*
 * Numbers that models rest on and that no standard gives: each once, with its unit, the range in which a careful owner would still find it
 * reasonable, and its basis. What they mean in words stands in `words/figures.ts`.
 */

/** What the air does where it hangs: beside a radiator and in the sun it is warmer than the room's, and as moist. */
export type AirMoves = 'still' | 'fan' | 'outdoors' | 'radiator' | 'sun';

export interface Figure<V = unknown> {
  readonly value: V;
  /** Of the value; "1" for a share or a power. */
  readonly unit: string;
  /** Every number of the value lies between these. */
  readonly least: number;
  readonly most: number;
  readonly basis: BasisKind;
}
/*#__NO_SIDE_EFFECTS__*/
const m = <const V>(value: V, unit: string, least: number, most: number): Figure<V> => ({
  value,
  unit,
  least,
  most,
  basis: 'memory',
});
/*#__NO_SIDE_EFFECTS__*/
const p = <const V>(value: V, unit: string, least: number, most: number): Figure<V> => ({
  ...m(value, unit, least, most),
  basis: 'practice',
});

export const RINSING_FIGURES = {
  /** Reproduces common practice: a quilt pressed in a bath 4–5 refills, a front loader at low spin 2. */
  sorbedShare: m(0.5, '1', 0.2, 0.8),
  releaseByHand: m(0.5, '1', 0.3, 0.7),
  releaseInDrum: m(0.85, '1', 0.6, 0.95),
  clearAt: m(0.03, '1', 0.01, 0.1),
  /** After the EU spin-drying classes: A < 45 % near 1600 rpm, C < 63 % near 1000. */
  spinPower: m(0.65, '1', 0.4, 0.9),
  drainedHold: m(2.2, '1', 1.5, 4),
  pressedHold: m(1.4, '1', 1, 2),
  leastHeld: m(0.3, 'kg/kg', 0.1, 0.6),
  rinseMin: m(12, 'min', 6, 20),
} as const;

/** Upper ends of what people call water; above warm it is hot. */
export const WATER_FIGURES = { waterEndsC: m({ cold: 20, cool: 25, lukewarm: 35, warm: 59 }, '°C', 15, 60) } as const;

export const DOSING_FIGURES = {
  /** Where no label says: from least to most. */
  guessedMl: p<Readonly<Partial<Record<SupplyClass, readonly [number, number]>>>>(
    {
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
      powder: [40, 70],
      vinegar: [50, 100],
    },
    'mL',
    10,
    150,
  ),
  anyGuessMl: p([20, 40], 'mL', 10, 150),
  usualSoil: m(2, 'of 4', 1, 3),
  usualHardness: m(100, 'mg/L', 60, 180),
  hardnessFactor: m({ soft: 0.9, 'moderately hard': 1, hard: 1.15, 'very hard': 1.3 }, '1', 0.7, 1.5),
  soilFactor: m([0.85, 0.9, 1, 1.1, 1.25], '1', 0.7, 1.5),
  machineFactor: m<Readonly<Record<WasherKind, number>>>(
    { 'front-loader': 1, impeller: 1.1, agitator: 1.2, tub: 1, basin: 0.7 },
    '1',
    0.5,
    1.5,
  ),
  /** Load, kg, and its factor. */
  loadKnots: m(
    [
      [0.05, 0.8],
      [0.3, 1],
      [0.6, 1],
      [1.4, 1.5],
    ],
    'kg, 1',
    0,
    2,
  ),
  /** Reproduces common practice: about 150 mL for two jackets or one big bag. */
  bigLoadKg: p(0.8, 'kg', 0.6, 1.2),
  bigLoadFactor: p(1.25, '1', 1.1, 1.6),
  /** Water that a figure for a full load is meant for: about a bathtub that covers a quilt. */
  fullLoadL: m(40, 'L', 25, 60),
  /** What "a little" or a drop of cleaner comes to. */
  littleMl: m(5, 'mL', 2, 10),
  /** Poured, not pressed. */
  powderGPerMl: m({ powder: 0.65, 'oxygen-booster': 1, 'baking-soda': 0.95 }, 'g/mL', 0.4, 1.3),
  /** Of an extractor's tank, and what each of its litres takes. */
  tankL: m(2, 'L', 1, 6),
  tankMlPerL: m(5, 'mL/L', 2, 15),
  /** One pull of the trigger of a spray bottle. */
  pullMl: m(1, 'mL', 0.7, 1.3),
  /** Of a sprayed finish: where rain falls first and straps rub, beside the rest. */
  sprayMore: m(1.5, '1', 1.3, 1.7),
  /** And where drops still roll off, or nearly do, beside a zone that soaks. */
  wipeAfterMin: m(3, 'min', 1, 10),
  spraySheds: m(0.5, '1', 0.3, 0.8),
  sprayNearly: m(0.75, '1', 0.6, 0.9),
} as const;

export const DRYING_FIGURES = {
  roomC: m(20, '°C', 15, 25),
  roomRh: m(50, '%', 35, 65),
  dryBandShare: m(0.015, '1', 0.01, 0.03),
  dryBandG: m(5, 'g', 2, 10),
  heatC: m<Readonly<Record<Exclude<Heat, 'air'>, number>>>({ low: 50, medium: 62, high: 72 }, '°C', 45, 80),
  dryerAirKgPerS: m<Readonly<Record<DryerKind, number>>>(
    { vented: 0.05, condenser: 0.05, 'heat-pump': 0.05, commercial: 0.18 },
    'kg/s',
    0.03,
    0.3,
  ),
  dryerTakesUp: m<Readonly<Record<DryerKind, number>>>(
    { vented: 0.6, condenser: 0.5, 'heat-pump': 0.42, commercial: 0.6 },
    '1',
    0.3,
    0.8,
  ),
  tumbleExchangeMin: m<Readonly<Record<Heat, number>>>({ air: 30, low: 22, medium: 18, high: 14 }, 'min', 8, 60),
  /** How much warmer than the room the air is beside a radiator and in the sun. */
  warmerK: m<Partial<Readonly<Record<AirMoves, number>>>>({ radiator: 12, sun: 8 }, 'K', 3, 20),
  /** Of the thing for which the two times before are meant, and the power by which a heavier one takes longer. */
  exchangeAtG: m(450, 'g', 250, 700),
  exchangePower: m(0.25, '1', 0, 0.5),
  hangExchangeMin: m(75, 'min', 30, 180),
  /** Over a wet surface that hangs. */
  airMPerS: m<Readonly<Record<AirMoves, number>>>(
    { still: 0.1, radiator: 0.1, fan: 1.5, outdoors: 0.6, sun: 0.6 },
    'm/s',
    0.05,
    3,
  ),
  filledCore: m(5, '1', 3, 8),
  mostCore: m(0.8, '1', 0.6, 0.95),
  freeFill: m(0.6, '1', 0.4, 0.8),
  mostRounds: m(12, 'rounds', 8, 20),
  finishLookMin: p(10, 'min', 5, 15),
  hourAgoMin: m(45, 'min', 30, 60),
  nearlyMin: m(10, 'min', 5, 20),
  criticalHeld: m(0.1, 'kg/kg', 0.05, 0.3),
  priorSd: m([0.4, 0.45, 0.3], '1', 0.1, 0.8),
  learnedSd: m(0.2, '1', 0.05, 0.4),
  scaleSdG: m(2, 'g', 0.5, 10),
  modelShare: m(0.06, '1', 0.02, 0.15),
  modelSdG: m(3, 'g', 1, 10),
  misfitLog: m(0.14, '1', 0.05, 0.3),
  misfitMin: m(3, 'min', 1, 10),
  lastHourShare: m(0.01, '1', 0.005, 0.02),
  mostHeld: m(8, 'kg/kg', 5, 12),
  /** Against the last weight, and grams over that. */
  heavierShare: m(0.02, '1', 0.01, 0.05),
  heavierG: m(5, 'g', 2, 15),
  dryWeighedSdG: m(3, 'g', 1, 10),
  dryTypicalSd: m(0.08, '1', 0.03, 0.2),
  /** At 65 % relative humidity, after ASTM D1909, but the figures are from memory. What is not listed takes up next to nothing. */
  regain65: m<Partial<Readonly<Record<Material, number>>>>(
    {
      cotton: 0.0775,
      'cotton-canvas': 0.0775,
      wool: 0.136,
      merino: 0.136,
      fur: 0.136,
      down: 0.12,
      leather: 0.15,
      suede: 0.15,
      nubuck: 0.15,
      'polyamide-woven': 0.045,
      'polyamide-knit': 0.045,
      'split-microfibre': 0.012,
      'polyester-woven': 0.004,
      'polyester-knit': 0.004,
      'polyester-mesh': 0.004,
      'polyester-fill': 0.004,
      'acrylic-pile': 0.015,
      'elastane-mesh': 0.013,
    },
    'kg/kg',
    0,
    0.2,
  ),
  /** So that 300 g of down moves about 15 g between 40 and 70 %. */
  isothermPower: m(0.38, '1', 0.25, 0.6),
} as const;

export const ENERGY_FIGURES = {
  motorKw: m({ washer: 0.12, dryer: 0.22, fan: 0.04, iron: 0.6, 'hair-dryer': 1.2 }, 'kW', 0.02, 2),
  dryerYield: m<Readonly<Record<DryerKind, number>>>(
    { vented: 0.65, condenser: 0.6, 'heat-pump': 1.8, commercial: 0.65 },
    '1',
    0.4,
    3,
  ),
  inletC: m(12, '°C', 4, 25),
  hotEmptyC: m(60, '°C', 60, 95),
  leavesC: m(40, '°C', 25, 60),
} as const;

export const LOFT_FIGURES = {
  thinShare: m(0.1, '1', 0.05, 0.2),
  rulerSdMm: m(2, 'mm', 1, 5),
  unmeasuredShare: m(0.15, '1', 0.05, 0.4),
  emptyWarmth: m(0.05, '1', 0, 0.15),
  lookNearDays: m(120, 'd', 30, 200),
  groupApart: m(0.05, '1', 0.02, 0.15),
  pinchG: m(1, 'g', 0.3, 2),
  moveMin: m(1.5, 'min', 0.5, 4),
  pinchMin: m(0.5, 'min', 0.2, 2),
  seamDoubt: m(0.75, '1', 0.3, 1),
  runOneWay: m(3, 'baffles', 2, 5),
  runBothWays: m(6, 'baffles', 4, 12),
  tieG: m(3, 'g', 1, 10),
  conductivity: m({ low: 0.035, middle: 0.0375, high: 0.04 }, 'W/(m·K)', 0.03, 0.045),
  skinC: m({ low: 31, middle: 33, high: 35 }, '°C', 30, 36),
  fillHolds: m(4, 'g/g', 2, 8),
  mendBelow: m(0.6, '1', 0.4, 0.8),
  /** Evening out by hand without a map, and the least with one. */
  evenMin: p({ bag: 60, garment: 20, least: 10 }, 'min', 5, 120),
  openingMm: p(25, 'mm', 10, 60),
  worthGain: m(0.01, '1', 0.005, 0.05),
} as const;

/** What peroxide is put in to whiten. */
export const LIGHT_KINDS = ['sun', 'cloud', 'lamp'] as const;
export type LightKind = (typeof LIGHT_KINDS)[number];

export const COLOUR_FIGURES = {
  paper: m(0.87, '1', 0.8, 0.92),
  darkest: m(0.1, '1', 0.04, 0.2),
  mostTint: m(4, '1', 2, 8),
  mostAway: m(0.25, '1', 0.1, 0.5),
  alike: m(4, '1', 1, 30),
  placing: m(0.1, '1', 0.05, 0.4),
  levelDoubt: m(0.012, '1', 0.005, 0.05),
  tintDoubt: m(0.003, '1', 0.001, 0.02),
  awayDoubt: m(0.15, '1', 0.05, 1),
  unevenDoubt: m(0.3, '1', 0.1, 1),
  colouredDoubt: m(0.3, '1', 0, 2),
  cameraDoubt: m(0.06, '1', 0.03, 0.2),
  whiteningRate: m(0.5, '1/h', 0.05, 3),
  whiteningSpread: m(2.2, '1', 1.3, 4),
  seenYellow: m(2, '1', 1, 4),
  hopeful: m(0.5, '1', 0.3, 0.8),
  hopeless: m(0.2, '1', 0.05, 0.4),
  seenBeside: p(1, 'CIEDE2000', 0.5, 2),
  seenByAll: p(2.5, 'CIEDE2000', 2, 5),
  /** A lamp is one for curing, held a hand away. */
  sunHours: m<Readonly<Record<LightKind, number>>>({ sun: 1, cloud: 0.4, lamp: 0.7 }, 'h/h', 0.2, 1.2),
} as const;

export const REPELLENCY_FIGURES = {
  mark: m(70, '1', 60, 80),
  exposedWeight: m(2, '1', 1, 4),
  usualHours: m(4, 'h', 1, 8),
  usualPerDay: m(0.4, 'h/d', 0.05, 3),
  rainFactor: m(1.6, '1', 1, 3),
  hardFactor: m(1.5, '1', 1, 3),
  fadePerHour: m({ 'long-chain': 0.003, reduced: 0.005, 'fluorine-free': 0.009, unknown: 0.006 }, '1/h', 0.001, 0.03),
  fadeSpread: m(1.8, '1', 1.2, 3),
  backByHeat: m(0.4, '1', 0.1, 0.8),
  backByWash: m(0.2, '1', 0.02, 0.5),
  backByRenewal: m(0.8, '1', 0.5, 0.95),
  newSd: m(8, '1', 3, 20),
  driftPerHour: m(0.6, '1', 0.1, 2),
  driftPerDay: m(0.8, '1', 0.2, 2),
  careSd: m(5, '1', 2, 12),
  testSd: m(6, '1', 3, 12),
  dropHeightMm: m(100, 'mm', 50, 300),
  dropCount: m(5, '1', 3, 12),
  dropWaitS: m(60, 's', 30, 300),
  leakMin: p(10, 'min', 5, 20),
  likely: m(0.7, '1', 0.5, 0.9),
} as const;

/** Reading drops off a picture; set on pictures of our own making. */
export const WETTING_FIGURES = {
  leastWetPx: m(100, 'px', 60, 200),
  leastDryPx: m(40, 'px', 20, 100),
  /** Of the logarithm of the light. */
  leastDarker: m(0.07, '1', 0.03, 0.15),
  brighter: m(0.2, '1', 0.1, 0.4),
  textureTimes: m(3, '1', 2, 5),
  unevenLight: m(0.22, '1', 0.1, 0.5),
  /** Shares of the place that was wetted. */
  glareWhole: m(0.05, '1', 0.02, 0.2),
  glareOne: m(0.02, '1', 0.005, 0.1),
  grainShare: m(0.0002, '1', 0.00005, 0.001),
  allWet: m(0.78, '1', 0.6, 0.95),
  /** Parts of its contrast within which the picture turns over one px. */
  leastSharp: m(0.12, '1', 0.03, 0.3),
  /** Of the area of a drop. */
  speck: m(0.3, '1', 0.1, 0.5),
  beyond: m(2.4, '1', 1.5, 4),
  roundness: m(0.62, '1', 0.4, 0.8),
  mostByDrops: m(0.3, '1', 0.1, 0.5),
} as const;

export const REHEARSED_FIGURES = {
  mayLieMin: m(30, 'min', 10, 60),
  smellsMin: m(480, 'min', 180, 1440),
  feltClumps: m(0.12, '1', 0.05, 0.25),
  drumShare: m({ small: 0.12, medium: 0.25, large: 0.42 }, '1', 0.05, 0.6),
  commercialDrum: m(2.5, '1', 1.5, 4),
  dampShare: m(0.3, '1', 0.1, 0.6),
  dryerOffC: m(5, '°C', 0, 12),
  rateSpread: m(0.15, '1', 0, 0.4),
  exchangeSpread: m(0.25, '1', 0, 0.5),
  slipChance: m(0.3, '1', 0, 1),
  feelsDryHeld: m(0.02, 'kg/kg', 0.005, 0.05),
  warmsMin: m(5, 'min', 2, 15),
  clumpedByWash: m(0.75, '1', 0.5, 0.95),
  clumpingMin: m(240, 'min', 60, 720),
  opensPerMin: m(0.016, '1/min', 0.005, 0.05),
  ballsHelp: m([0.45, 0.8, 1, 1.1], '1', 0.2, 1.3),
  tooWetHeld: m(0.35, 'kg/kg', 0.15, 0.6),
  pulledApart: m(0.35, '1', 0.1, 0.6),
  residueGlues: m(1.2, '1', 0.5, 3),
  mostGlued: m(0.5, '1', 0.3, 0.9),
  storedDampClumps: m(4, '1', 1, 8),
  drumLookMin: m(5, 'min', 2, 10),
  toldMin: m(10, 'min', 5, 30),
  toldWaterG: m(5, 'g', 2, 20),
  toldClumps: m(0.03, '1', 0.01, 0.1),
  toldCleaner: m(0.01, '1', 0.005, 0.05),
  toldHotMin: m(1, 'min', 1, 5),
} as const;

export const RHYTHM_FIGURES = {
  hardPace: m(0.7, '1', 0.5, 0.9),
  paceDays: m(60, 'd', 30, 120),
  paceLeastDays: m(7, 'd', 3, 14),
  unusedDays: m(365, 'd', 180, 400),
  newDays: m(120, 'd', 60, 180),
  laterDays: m(21, 'd', 7, 42),
  lookMin: m(5, 'min', 2, 15),
  upkeepMin: m(10, 'min', 3, 30),
  handsAWeekMin: m(180, 'min', 30, 900),
  handsADayMin: m(120, 'min', 15, 300),
  quietDays: m(60, 'd', 30, 120),
  soonDays: m(56, 'd', 28, 90),
  wakesMin: m(420, 'min', 300, 540),
  sleepsMin: m(1320, 'min', 1200, 1440),
  leastDays: m(7, 'd', 3, 14),
  usualDays: m(90, 'd', 30, 180),
} as const;

export const MACHINE_FIGURES = {
  gentleRpm: m(600, 'rpm', 400, 800),
  /** Hands for one part, an empty rinse, the drawer, an empty hot cycle, and setting the door ajar. */
  purgeMin: m({ hands: 3, rinse: 15, drawer: 5, hot: 75, ajar: 1 }, 'min', 0.5, 180),
} as const;

export const RUN_FIGURES = {
  lateMin: m(10, 'min', 5, 30),
  cutShort: m(0.1, '1', 0.05, 0.25),
} as const;

export const WASH_DAY_FIGURES = {
  atOnceMin: m(15, 'min', 5, 30),
  oneGoMin: m(45, 'min', 20, 90),
  visitGapMin: m(10, 'min', 5, 30),
} as const;
