import type { SchoolChoices } from './preferences';
import type * as v from './vocabulary';

export interface Money {
  amount: number;
  currency: string;
}

export interface Attributes {
  denier?: number;
  fillPowerCuInPerOz?: number;
  fillMassG?: number;
  hydrophobic?: boolean;
  thicknessMm?: number;
  /** What it is woven or knitted to, where its fibre alone does not tell. */
  fabric?: v.Fabric;
}

export interface Component {
  part: v.Part;
  material: v.Material;
  attributes?: Attributes;
  removable?: boolean;
  bonded?: (typeof v.BONDS)[number];
}

export interface Colour {
  class?: (typeof v.COLOURS)[number];
  bleed?: (typeof v.BLEEDS)[number];
}

export interface WashLabel {
  allowed: boolean;
  maxC?: (typeof v.LABEL_WASH_C)[number];
  action?: (typeof v.LABEL_ACTIONS)[number];
}

/** A care label as printed. A key absent = the label is silent on it. */
export interface CareLabel {
  wash?: WashLabel;
  bleach?: v.Bleach;
  tumble?: (typeof v.LABEL_TUMBLES)[number];
  naturalDrying?: (typeof v.NATURAL_DRYINGS)[number][];
  ironMaxC?: (typeof v.LABEL_IRON_C)[number];
  professional?: (typeof v.PROFESSIONALS)[number];
}

export interface MakerNote {
  about: (typeof v.MAKER_TOPICS)[number];
  says: (typeof v.MAKER_VERBS)[number];
  text?: string;
}

export interface Baffle {
  id: string;
  volumeCm3?: number;
  polygonMm?: [number, number][];
  newThicknessMm?: number;
}

export interface Opening {
  from: string;
  to: string;
  state?: (typeof v.OPENING_STATES)[number];
  widthMm?: number;
}

export interface FillMap {
  baffles: Baffle[];
  openings?: Opening[];
}

/** How it left for good. */
export interface Gone {
  how: v.GoneWay;
  to?: string;
}
/** A day that its owner has set for its next care or look; it holds until one of them is recorded. */
export interface PlannedCare {
  on: string;
  /** When that was set. */
  since: string;
}
/** Who has it. */
export interface Lent {
  to: string;
  on: string;
  /** When it is wanted back. */
  back?: string;
}

export interface OwnDoses {
  [supply: string]: number | undefined;
}

/** Figures the user worked out or knows better, used inside the limits: doses in mL by class, fresh fills in all, °C of the wash. */
export interface OwnFigures {
  dosesMl?: OwnDoses;
  drumRinses?: number;
  bathRinses?: number;
  tempC?: number;
}

/**
 * What runs have taught about it: the share of held residue that one fill lets go, pressed by hand and in a drum; how much faster it dries
 * and evens out than its kind, as natural logarithms.
 */
export interface Learned {
  handRelease?: number;
  drumRelease?: number;
  rinseRuns?: number;
  dryRate?: number;
  dryExchange?: number;
  dryRuns?: number;
}

/** An honest guess at a price. */
export interface Guess {
  low: number;
  high: number;
}
export interface Listing {
  on: string;
  amount: number;
  where?: string;
}
/** A sale. Fees and post are the seller's. */
export interface Sale {
  on: string;
  amount: number;
  fees?: number;
  post?: number;
  to?: string;
}
/** What it would fetch as it was found and after the work, and what became of that; in the currency of the preferences. */
export interface Worth {
  asFound?: Guess;
  after?: Guess;
  listed?: Listing;
  sold?: Sale;
}

/** One owned thing. `label: null` = missing or unreadable. Masses are dry, in grams. */
export interface Item {
  id: string;
  kind: v.Kind;
  components: Component[];
  label: CareLabel | null;
  name?: string;
  owner?: string;
  boughtOn?: string;
  price?: Money;
  worth?: Worth;
  massG?: number;
  bulk?: v.Bulk;
  colour?: Colour;
  marks?: (typeof v.MARKS)[number][];
  jobClass?: (typeof v.JOB_CLASSES)[number];
  fittings?: v.Fitting[];
  repellency?: (typeof v.REPELLENCIES)[number];
  finish?: (typeof v.FINISHES)[number];
  lining?: (typeof v.LININGS)[number];
  makerSays?: MakerNote[];
  fillMap?: FillMap;
  tags?: string[];
  lent?: Lent;
  /** Put away: it is kept with its record, and asks for nothing. */
  archivedOn?: string;
  /** Given up for good. */
  retiredOn?: string;
  /** How it went then, and to whom. */
  gone?: Gone;
  /** How long it is meant to last. */
  targetYears?: number;
  planned?: PlannedCare;
  /** The day on which its owner said to keep it although nobody used it. */
  keptOn?: string;
  own?: OwnFigures;
  /** Its own choices where practice disagrees, before the kit's. */
  schools?: SchoolChoices;
  /** How many of it are kept as one, a stack of cloths; masses are of one. */
  count?: number;
  learned?: Learned;
  /** Kept frozen between uses: a flask. */
  inFreezer?: boolean;
}
