import type { CsvResult } from '../core/formats/csv';
import type { Item } from '../core/gear';

/** What the worker that reads CSV can be asked. It is stopped by ending it. */
export interface CsvApi {
  /** @param prefix ids of rows without one begin with it. @param onRow told how far it is. */
  read(text: string, items: readonly Item[], prefix: string, onRow: (done: number, of: number) => void): Promise<CsvResult>;
}
