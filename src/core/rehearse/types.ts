/** What a rehearsal tells. */
import type { Heat } from '../gear';
import type { RehearsedStep } from './setup';

/** One instant. Water above what it holds in balance with the air, g. */
export interface Moment {
  readonly minutes: number;
  readonly shellG: number;
  readonly coreG: number;
  readonly fabricC: number;
  /** Share of the filling in clumps; 0 for what has none. */
  readonly clumps: number;
  /** Share of the cleaner that is still in it. */
  readonly residue: number;
}
export type EventId =
  | 'wet'
  | 'wash'
  | 'rinse'
  | 'waits'
  | 'round'
  | 'slipped'
  | 'set-back'
  | 'feels-dry'
  | 'weighs-dry'
  | 'hangs'
  | 'evened'
  | 'warmed'
  | 'stored';
/** Something that happened; `n` is the round, the rinse or the minutes it speaks of. */
export interface Happening {
  readonly minutes: number;
  readonly id: EventId;
  readonly n?: number;
  readonly heat?: Heat;
}
export type Risk =
  | { readonly id: 'too-hot'; readonly minutes: number; readonly maxC: number; readonly limitC: number; readonly atMin: number }
  | { readonly id: 'put-away-wet'; readonly waterG: number; readonly coreG: number; readonly bandG: number }
  | { readonly id: 'clumped'; readonly share: number; readonly later: number }
  | { readonly id: 'residue'; readonly share: number; readonly target: number }
  | { readonly id: 'lay-wet'; readonly minutes: number; readonly smells: boolean }
  | { readonly id: 'spun-hard'; readonly rpm: number; readonly limitRpm: number };
export interface Rehearsal {
  readonly moments: readonly Moment[];
  readonly happened: readonly Happening[];
  readonly bands: readonly {
    readonly step: string;
    readonly phase: RehearsedStep['phase'];
    readonly fromMin: number;
    readonly toMin: number;
  }[];
  /** When it gets wet, and when it is put away, min from the start. */
  readonly wetAtMin: number;
  readonly endMin: number;
  /** From when on it is inside its dry band; null when it never is. */
  readonly dryAtMin: number | null;
  readonly end: Moment;
  readonly hottestC: number;
  readonly handsMin: number;
  readonly risks: readonly Risk[];
  /** Water that was in it when its drying began, that went into the air, and that is left, g. */
  readonly balance: { readonly startG: number; readonly evaporatedG: number; readonly leftG: number };
}
