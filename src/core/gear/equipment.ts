import type * as v from './vocabulary';
import type { Money } from './item';

export interface Cycle {
  name: string;
  tempC?: number;
  minutes?: number;
  spinRpm?: number;
  rinses?: number;
  litres?: number;
  /** How gently it moves; absent = judged by its name. */
  action?: v.Action;
}

/** A supply that went into a machine or bath and has not been rinsed out of it. */
export interface Standing {
  class: v.Agent;
  at: string;
}

/** `lastLoads`: residues left in it since its last purge. */
export interface Washer {
  id: string;
  kind: v.WasherKind;
  name?: string;
  capacityKg?: number;
  drumLitres?: number;
  spinRpm?: number[];
  cycles?: Cycle[];
  lastLoads?: v.Residue[];
  unrinsed?: Standing[];
  /** When it was last purged of scent. */
  scentPurgedAt?: string;
}

/** Air temperatures of a dryer's settings as measured, °C. */
export interface HeatC {
  [heat: string]: number | undefined;
}

export interface Dryer {
  id: string;
  kind: v.DryerKind;
  name?: string;
  drumLitres?: number;
  heats?: v.Heat[];
  heatC?: HeatC;
  lastLoads?: v.Residue[];
}

/** A line, a rack or a flat place. `metres`: length of line. */
export interface Rack {
  id: string;
  kind: v.RackKind;
  name?: string;
  metres?: number;
  outdoors?: boolean;
}

/** `oneDotC`: sole-plate temperature at its lowest mark as measured, °C. */
export interface Iron {
  id: string;
  name?: string;
  oneDotC?: number;
}

export interface Room {
  airC?: number;
  rhPercent?: number;
  fan?: boolean;
  outdoorShade?: boolean;
}

export interface Equipment {
  washers?: Washer[];
  dryers?: Dryer[];
  racks?: Rack[];
  irons?: Iron[];
  room?: Room;
  waterHardnessMgPerL?: number;
  inletC?: number;
}

export interface DoseByWasher {
  [kind: string]: number | undefined;
}

/** One bottle, box or set. Without any `remaining…` there is enough of it. */
export interface Supply {
  id: string;
  class: v.SupplyClass;
  name?: string;
  remainingMl?: number;
  remainingCount?: number;
  labelDoseMl?: number;
  labelDoseRangeMl?: [number, number];
  labelDoseByWasher?: DoseByWasher;
  capMl?: number;
  concentrationPercent?: number;
  /** Of the whole bottle or box. */
  price?: Money;
  /** How much it held when it was new. */
  sizeMl?: number;
  expiresOn?: string;
  traits?: v.SupplyTrait[];
  /** Of a spray bottle: what one pull of its trigger gives, as measured. */
  pullMl?: number;
}
