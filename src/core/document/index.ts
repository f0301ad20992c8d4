/**
 * What a programme is, as a document: steps with settings and reasons, and the limits they keep. The engine makes it, words write it, runs,
 * rehearsals and pages read it. Refuses: making one.
 */
import type { ZoneSpray } from '../dosing/spray';
import type { DryModel } from '../drying';
import type { Action, Aim, Heat, Method, Phase, SupplyClass } from '../gear';
import type { BasisKind, Dimension } from '../knowledge';
import type { RinseInput } from '../rinsing';

export interface StepSettings {
  washerId?: string;
  /** The machine's own programme, as its owner named it; absent = none is listed that may be. */
  cycle?: string;
  tempC?: number;
  action?: Action;
  spinRpm?: number;
  rinses?: number;
  cleaner?: SupplyClass;
  doseMl?: number;
  /** The same in caps of that very bottle, to a twentieth. */
  caps?: number;
  soakMin?: number;
  /** Minutes of each part of a soak that is interrupted by kneading. */
  soakParts?: readonly number[];
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
  /** The same zone by zone, where it is sprayed. */
  spray?: readonly ZoneSpray[];
  /** The bottle that is meant; absent when none is owned. */
  supplyId?: string;
  /** What the drying was worked out from. */
  dryModel?: DryModel;
  /** What the number of rinses was worked out from. */
  rinseModel?: RinseModel;
  /** What is tried on a hidden place. */
  tries?: readonly (SupplyClass | 'warm-water')[];
  tool?: string;
  ironC?: number;
  place?: string;
}

/** Inputs of the rinse model, as `rinsing` takes them; `target` is the share of the start at which it counts as clear. */
export interface RinseModel extends Required<RinseInput> {
  readonly target: number;
}

export interface Why {
  readonly rule: string;
  readonly text: string;
  readonly basis: BasisKind;
  readonly source?: string;
}
export interface ProgrammeStep {
  readonly id: string;
  /** Our own name of the step's template; stable across plans. */
  readonly key: string;
  readonly title: string;
  readonly phase: Phase;
  readonly do: string;
  readonly text: string;
  readonly when: 'always' | 'if-failed';
  readonly settings: StepSettings;
  readonly attendedMin: number;
  readonly unattendedMin: number;
  readonly mayWait: boolean;
  readonly why: readonly Why[];
  readonly cautions: readonly string[];
  readonly check?: {
    readonly look: string;
    readonly pass: string;
    readonly else: string;
    /** The grade of drops from which the look passes, 1 to 5, where the user moved that threshold. */
    readonly fromGrade?: number;
  };
}
/** Minutes of the steps that are always done: in all, and of hands. */
export function minutesOf(steps: readonly Pick<ProgrammeStep, 'when' | 'attendedMin' | 'unattendedMin'>[]): {
  readonly all: number;
  readonly hands: number;
} {
  let [all, hands] = [0, 0];
  for (const { when, attendedMin, unattendedMin } of steps) {
    if (when !== 'always') continue;
    hands += attendedMin;
    all += attendedMin + unattendedMin;
  }
  return { all, hands };
}
export interface BoundDoc {
  readonly value: string | number | null;
  readonly boundBy: { readonly component?: string; readonly rule?: string };
}
/** `umbrastic/programme` version 1. */
export interface Programme {
  readonly format: 'umbrastic/programme';
  readonly version: 1;
  readonly itemId: string;
  readonly verdict: string;
  readonly because: readonly string[];
  readonly decidedBy: readonly string[];
  readonly wouldChange: readonly string[];
  readonly aims: readonly Aim[];
  readonly method: Method;
  readonly envelope: Readonly<Record<Dimension, BoundDoc>> & {
    readonly waived: readonly {
      readonly limit: Dimension;
      readonly from: string | number | null;
      readonly to: string | number | null;
      readonly by: string;
      readonly risk: string;
    }[];
  };
  readonly steps: readonly ProgrammeStep[];
  readonly alternatives: readonly {
    readonly school: string;
    readonly option: string;
    readonly gains: string;
    readonly risks: string;
  }[];
  readonly blocked: readonly {
    readonly option: string;
    readonly school?: string;
    readonly rule: string;
    readonly text: string;
  }[];
  readonly cautions: readonly string[];
  readonly assumptions: readonly string[];
  readonly shopping: readonly {
    readonly class: SupplyClass;
    readonly needMl?: number;
    readonly needCount?: number;
    /** Wanted only if a check fails. */
    readonly perhaps?: true;
  }[];
  readonly confidence: 'high' | 'medium' | 'low';
}
