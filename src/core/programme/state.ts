import type { Assessment } from '../assess';
import type { Envelope } from '../envelope';
import type { Facts } from '../facts';
import type { Action, Cycle, Dryer, Inspection, Item, Kit, Method, Stain, Supply, SupplyClass, Washer } from '../gear';
import type { ByRecord } from './by-record';
import type { Dose } from '../dosing';
import type { RinseModel, StepSettings } from '../document';
import type { CycleStyle, Family, Knowledge, School, StepTemplate, Surface } from '../knowledge';
import type { Climb } from '../marks';

/** What is asked: this thing, as it was last seen, with these machines, supplies and preferences. */
export interface PlanRequest {
  readonly item: Item;
  readonly inspection: Inspection | null;
  /** Of its log only the thing's own lines are read: its uses and washes. */
  readonly kit: Pick<Kit, 'equipment' | 'supplies' | 'preferences' | 'log'>;
}

/** A thing that would have served and was refused. `option` is an option id, a supply class or a machine id. */
export interface Refusal {
  readonly option: string;
  readonly school?: string;
  readonly machine?: Washer | Dryer;
  readonly rule: string;
}

/** A mark where it lies, and where the work on it stands: rungs that may not be taken there are left out. */
export interface OpenMark {
  readonly stain: Stain;
  readonly surface: Surface;
  readonly record: Knowledge['stains'][number];
  readonly climb: Climb;
}
export interface PlannedStep {
  readonly template: StepTemplate;
  readonly settings: StepSettings;
  readonly attendedMin: number;
  readonly unattendedMin: number;
}

/** What grows while a plan is made, and is only ever added to: what is known, what was refused. */
interface Ledgers {
  readonly facts: Facts;
  readonly refusals: Refusal[];
}
/** What was asked, what is known and what it calls for. */
export interface Judged extends Ledgers {
  readonly knowledge: Knowledge;
  readonly request: PlanRequest;
  readonly byRecord: ByRecord;
  readonly envelope: Envelope;
  readonly assessment: Assessment;
}
/** With the schools settled, and the envelope that they leave. */
export interface Chosen extends Judged {
  readonly choices: Map<string, string>;
  /** Schools whose question arises here. */
  readonly asked: School[];
}
/** With its construction and size. */
export interface Sized extends Chosen {
  readonly family: Family;
  /** Dry mass in grams, weighed or typical; of all where several are kept as one. */
  readonly massG: number;
  readonly bulk: 'small' | 'medium' | 'large';
  /** Surface that air can reach, m². */
  readonly areaM2: number;
}
/** How the wash is done. */
export interface Way {
  readonly method: Method;
  readonly washer: Washer | null;
}
/** With the way it is washed and dried. */
export interface Placed extends Sized, Way {
  readonly dryer: Dryer | null;
}
/** With its cleaner. Null = water only. */
export interface Dosed extends Placed {
  readonly cleaner: SupplyClass | null;
  readonly bottle: Supply | null;
  readonly dose: Dose | null;
}
/** With the settings of the wash and its rinses. */
export interface Washed extends Dosed {
  readonly tempC: number;
  readonly action: Action;
  readonly spinRpm: number;
  /** The kind of programme that is looked for, and the one of the machine's own that comes nearest; null = none is listed that may be. */
  readonly cycleStyle: CycleStyle;
  readonly cycle: Cycle | null;
  readonly cycleRinses: number;
  readonly extraRinses: number;
  readonly bathRinses: number;
  /** What the rinses were worked out from; null without a bath or drum. */
  readonly rinse: RinseModel | null;
  /** The marks of the newest look, with what is ahead on each. */
  readonly marks: readonly OpenMark[];
}
/** With its steps, built from all that stands above. */
export interface PlanState extends Washed {
  readonly steps: readonly PlannedStep[];
}
