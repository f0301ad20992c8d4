import type * as v from './vocabulary';
import type { Item } from './item';
import type { Inspection } from './inspection';
import type { Equipment, Supply } from './equipment';
import type { LogEntry } from './log';
import type { Preferences } from './preferences';

export interface WeighIn {
  itemId: string;
  at: string;
  massG: number;
  after?: (typeof v.WEIGHED_AFTER)[number];
  /** The run it was weighed in, and minutes of drying so far. */
  runId?: string;
  dryMin?: number;
  /** Humidity of the room, %, so that dry weights can be compared. */
  rhPercent?: number;
}

/** Everything a person owns and did. Absent parts are unknown, never empty. */
export interface Kit {
  format: 'umbrastic/kit';
  version: 1;
  items: Item[];
  inspections: Inspection[];
  exportedAt?: string;
  title?: string;
  /** Made up to be looked round in: nobody's own things. */
  invented?: boolean;
  equipment?: Equipment;
  supplies?: Supply[];
  preferences?: Preferences;
  weighIns?: WeighIn[];
  log?: LogEntry[];
}
