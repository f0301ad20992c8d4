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

/** What the planning worker can be asked. Replies that a newer job has overtaken are dropped by the caller. */
export interface PlannerApi {
  /** Outlines of the programmes of every item of a kit, in order; `onProgress` gets how many are done. */
  planAll(kit: Kit, onProgress?: (done: number, of: number) => void): Promise<Record<string, ProgrammeOutline>>;
  /** Reads and checks a kit file's text. */
  read(text: string): Promise<{ status: 'read'; kit: Kit } | { status: 'newer' | 'faulty'; faults: readonly Fault[] }>;
}
