import type * as v from './vocabulary';

/** Droplet grades by zone, 0–5, worded as the spray test ISO 4920 / AATCC TM22 does. An absent zone was not tested. */
export interface Droplet {
  [zone: string]: number | undefined;
}

/** How drops were tried: the water, from what height, how many on each place, how long it was waited, and after how many seconds one was drunk. */
export interface DropTest {
  water?: v.DropWater;
  heightMm?: number;
  drops?: number;
  waitS?: number;
  drunkS?: Droplet;
}

/** Where on the outline, as shares of its width and height; of a pair, on which of the two. */
export interface Spot {
  side: v.Side;
  foot?: v.Foot;
  x: number;
  y: number;
}

/** Thickness of one baffle beside a ruler, mm. */
export interface LoftReading {
  baffle: string;
  nowMm: number;
  newMm?: number;
}

/** A mark. `set` = it has dried in or survived a treatment. */
export interface Stain {
  soil: v.Soil;
  place?: string;
  /** The part that it lies on. */
  part?: v.Part;
  set?: boolean;
  spot?: Spot;
}

export interface DamageSeen {
  kind: v.Damage;
  place?: string;
  /** True when it only looks bad. */
  cosmetic?: boolean;
  spot?: Spot;
}

/** What a look may carry over from an earlier one. */
export const INSPECTION_FIELDS = [
  'soil',
  'soils',
  'odour',
  'droplet',
  'loftRatio',
  'loft',
  'clumped',
  'damp',
  'discoloured',
  'fromStorage',
  'wear',
] as const;
export type InspectionField = (typeof INSPECTION_FIELDS)[number];
/** Changes to an unfinished look; a field set to undefined is taken back. */
export type InspectionPatch = { [F in keyof Inspection]?: Inspection[F] | undefined };
export interface AsOf {
  [field: string]: string | undefined;
}

/** What somebody saw on one look. Absent = not looked at, never fine. */
export interface Inspection {
  id: string;
  itemId: string;
  at: string;
  soil?: number;
  soils?: v.Soil[];
  odour?: number;
  droplet?: Droplet;
  dropTest?: DropTest;
  loftRatio?: number;
  clumped?: boolean;
  damp?: boolean;
  discoloured?: boolean;
  fromStorage?: boolean;
  stains?: Stain[];
  damage?: DamageSeen[];
  loft?: LoftReading[];
  wear?: v.Wear[];
  note?: string;
  /** Of what was not looked at this time: when it was last seen so. */
  asOf?: AsOf;
}
