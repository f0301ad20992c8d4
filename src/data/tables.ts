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
  /**
   * When two browsers are brought together: `noted` rows by who changed them when, see `registers`; `run`: the one in which more has happened;
   * `own` rows stay in the browser that they are of.
   */
  readonly onMerge: 'noted' | 'run' | 'own';
}

export const TABLES = {
  items: { ofItem: 'id', inKit: 'items', onReplace: 'replaced', onMerge: 'noted' },
  inspections: { ofItem: 'itemId', inKit: 'inspections', onReplace: 'replaced', onMerge: 'noted' },
  supplies: { ofItem: null, inKit: 'supplies', onReplace: 'replaced', onMerge: 'noted' },
  weighIns: { ofItem: 'itemId', inKit: 'weighIns', onReplace: 'replaced', onMerge: 'noted' },
  log: { ofItem: 'itemId', inKit: 'log', onReplace: 'replaced', onMerge: 'noted' },
  /** A run under way is of a plan of the kit that was. */
  runs: { ofItem: 'itemId', inKit: null, onReplace: 'emptied', onMerge: 'run' },
  drafts: { ofItem: 'itemId', inKit: null, onReplace: 'emptied', onMerge: 'own' },
  photos: { ofItem: 'itemId', inKit: null, onReplace: 'follows', onMerge: 'noted' },
  views: { ofItem: null, inKit: null, onReplace: 'kept', onMerge: 'noted' },
  /** Half-made changes of the kit that was. */
  sheets: { ofItem: null, inKit: null, onReplace: 'emptied', onMerge: 'own' },
  /** Whole states of before: of no thing, in no copy, and there after everything was replaced. */
  snapshots: { ofItem: null, inKit: null, onReplace: 'kept', onMerge: 'own' },
  /** What was done in the last day, to be taken back: rows of the kit that was. */
  undos: { ofItem: null, inKit: null, onReplace: 'emptied', onMerge: 'own' },
  /** What was answered last: known again by what it rests on, and never handed to a kit that it is not of. */
  answers: { ofItem: null, inKit: null, onReplace: 'kept', onMerge: 'own' },
  /** Who changed which row when. */
  registers: { ofItem: null, inKit: null, onReplace: 'kept', onMerge: 'own' },
  /** Values one of a kind; `kit.ts` writes those that a document holds. */
  meta: { ofItem: null, inKit: null, onReplace: 'kept', onMerge: 'noted' },
} as const satisfies Readonly<Record<string, TableRecord>>;
export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];
