import type { Kit } from '../core/gear';

/**
 * Every stored table, once: which rows belong to a thing, which part of a kit document it is, and what becomes of it when a kit is replaced.
 * Deleting with all that hangs on it, replacing, undoing and their tests read this list. A table that is not in it fails a test.
 */
export interface TableRecord {
  /** The field that names the thing a row belongs to; null = rows belong to no thing. */
  readonly ofItem: 'id' | 'itemId' | null;
  /** The part of a kit document that it holds whole; null = it is not in the document as a list. */
  readonly inKit: keyof Kit | null;
  /**
   * When a kit is replaced: `replaced` by the rows of the document; `emptied`; `follows`: rows of things that are gone go; `kept`.
   */
  readonly onReplace: 'replaced' | 'emptied' | 'follows' | 'kept';
}

export const TABLES = {
  items: { ofItem: 'id', inKit: 'items', onReplace: 'replaced' },
  inspections: { ofItem: 'itemId', inKit: 'inspections', onReplace: 'replaced' },
  supplies: { ofItem: null, inKit: 'supplies', onReplace: 'replaced' },
  weighIns: { ofItem: 'itemId', inKit: 'weighIns', onReplace: 'replaced' },
  log: { ofItem: 'itemId', inKit: 'log', onReplace: 'replaced' },
  /** A run under way is of a plan of the kit that was. */
  runs: { ofItem: 'itemId', inKit: null, onReplace: 'emptied' },
  drafts: { ofItem: 'itemId', inKit: null, onReplace: 'emptied' },
  photos: { ofItem: 'itemId', inKit: null, onReplace: 'follows' },
  views: { ofItem: null, inKit: null, onReplace: 'kept' },
  /** Half-made changes of the kit that was. */
  sheets: { ofItem: null, inKit: null, onReplace: 'emptied' },
  /** Whole states of before: of no thing, in no copy, and there after everything was replaced. */
  snapshots: { ofItem: null, inKit: null, onReplace: 'kept' },
  /** Values one of a kind; `kit.ts` writes those that a document holds. */
  meta: { ofItem: null, inKit: null, onReplace: 'kept' },
} as const satisfies Readonly<Record<string, TableRecord>>;
export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];
