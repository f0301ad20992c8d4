import type { Fault } from '../core/formats';
import type { Kit } from '../core/gear';
import type { Programme, ProgrammeStep } from '../core/programme';

/** What lists show of a step; whole programmes would be costly to hand over by the hundred. */
export type StepOutline = Pick<
  ProgrammeStep,
  'id' | 'key' | 'phase' | 'do' | 'when' | 'settings' | 'attendedMin' | 'unattendedMin'
>;
export interface ProgrammeOutline extends Pick<Programme, 'itemId' | 'verdict' | 'because' | 'aims' | 'method' | 'confidence'> {
  readonly steps: readonly StepOutline[];
}
export type Progress = (done: number, of: number) => void;
/** `stopped`: the user stopped it, or a newer job overtook it; what was done until then is there. */
export interface KitPlans {
  readonly status: 'done' | 'stopped';
  readonly programmes: Readonly<Record<string, ProgrammeOutline>>;
}

/** What the planning worker can be asked. A newer job of a kind stops the older one. */
export interface PlannerApi {
  /** Outlines of the programmes of every item of a kit, in order. */
  planAll(kit: Kit, onProgress?: Progress): Promise<KitPlans>;
  /** Which items' programmes rest on which entries of the handbook: entry id → item ids. */
  whoUses(kit: Kit): Promise<Readonly<Record<string, readonly string[]>>>;
  /** Stops planning; what is under way returns what it has. */
  stop(): Promise<void>;
  /** Reads and checks a kit file's text. */
  read(text: string): Promise<{ status: 'read'; kit: Kit } | { status: 'newer' | 'faulty'; faults: readonly Fault[] }>;
}
