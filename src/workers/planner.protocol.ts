import type { Fault } from '../core/formats';
import type { Kit } from '../core/gear';
import type { Programme } from '../core/programme';

/** What the planning worker can be asked. Replies that a newer job has overtaken are dropped by the caller. */
export interface PlannerApi {
  /** Programmes of every item of a kit, in order; `onProgress` gets how many are done. */
  planAll(kit: Kit, onProgress?: (done: number, of: number) => void): Promise<Record<string, Programme>>;
  /** Reads and checks a kit file's text. */
  read(text: string): Promise<{ status: 'read'; kit: Kit } | { status: 'newer' | 'faulty'; faults: readonly Fault[] }>;
}
