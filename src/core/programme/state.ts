import type { Assessment } from '../assess';
import type { Envelope } from '../envelope';
import type { Facts } from '../facts';
import type { Action, Cycle, Dryer, Heat, Inspection, Item, Kit, Method, Supply, SupplyClass, Washer } from '../gear';
import type { Dose } from '../dosing';
import type { DryModel } from '../drying';
import type { RinseInput } from '../rinsing';
import type { Choice, Fact, Family, Knowledge, School, StepTemplate } from '../knowledge';
import { holds } from '../facts';

/** What is asked: this thing, as it was last seen, with these machines, supplies and preferences. */
export interface PlanRequest {
  readonly item: Item;
  readonly inspection: Inspection | null;
  readonly kit: Pick<Kit, 'equipment' | 'supplies' | 'preferences'>;
}

/** A thing that would have served and was refused. `option` is an option id, a supply class or a machine id. */
export interface Refusal {
  readonly option: string;
  readonly school?: string;
  readonly machine?: Washer | Dryer;
  readonly rule: string;
}

export interface StepSettings {
  washerId?: string;
  tempC?: number;
  action?: Action;
  spinRpm?: number;
  rinses?: number;
  cleaner?: SupplyClass;
  doseMl?: number;
  soakMin?: number;
  insideOut?: boolean;
  litresPerFill?: number;
  dryerId?: string;
  heat?: Heat;
  rounds?: number;
  checkEveryMin?: number;
  aids?: readonly SupplyClass[];
  count?: number;
  proofer?: SupplyClass;
  prooferMl?: number;
  /** The bottle that is meant; absent when none is owned. */
  supplyId?: string;
  /** What the drying was worked out from. */
  dryModel?: DryModel;
  /** What the number of rinses was worked out from. */
  rinseModel?: RinseModel;
  tool?: string;
  ironC?: number;
  place?: string;
}

/** Inputs of the rinse model, as `rinsing` takes them; `target` is the share of the start at which it counts as clear. */
export interface RinseModel extends Required<RinseInput> {
  readonly target: number;
}

export interface PlannedStep {
  readonly template: StepTemplate;
  readonly settings: StepSettings;
  readonly attendedMin: number;
  readonly unattendedMin: number;
}

/** Everything decided so far; filled from top to bottom by `plan`. */
export interface PlanState {
  readonly knowledge: Knowledge;
  readonly request: PlanRequest;
  readonly facts: Facts;
  envelope: Envelope;
  assessment: Assessment;
  family: Family;
  method: Method;
  readonly choices: Map<string, string>;
  /** Schools whose question arises here. */
  readonly asked: School[];
  readonly refusals: Refusal[];
  washer: Washer | null;
  cycle: Cycle | null;
  dryer: Dryer | null;
  tempC: number;
  action: Action;
  spinRpm: number;
  /** Dry mass in grams, weighed or typical. */
  massG: number;
  bulk: 'small' | 'medium' | 'large';
  /** Surface that air can reach, m². */
  areaM2: number;
  cleaner: SupplyClass | null;
  bottle: Supply | null;
  dose: Dose | null;
  cycleRinses: number;
  extraRinses: number;
  bathRinses: number;
  /** What the rinses were worked out from; null without a bath or drum. */
  rinse: RinseModel | null;
  readonly shopping: Map<SupplyClass, { needMl?: number; needCount?: number }>;
  /** Built last, from all that stands above. */
  steps: readonly PlannedStep[];
}

/** The first choice whose condition holds. */
export function pick<T>(choices: readonly Choice<T>[], facts: ReadonlySet<Fact>): T | undefined {
  for (const choice of choices) if (holds(choice.when, facts)) return choice.use;
  return undefined;
}
