import { db, type SheetDraft } from './db';
import { same } from './merge';

/* What was changed in a sheet and is not kept yet. It is no part of the kit: undo and copies leave it alone. */
export const readSheet = (key: string): Promise<SheetDraft | undefined> => db.sheets.get(key);
export const keepSheet = async (sheet: SheetDraft): Promise<void> => void (await db.sheets.put(sheet));
export const dropSheet = (key: string): Promise<void> => db.sheets.delete(key);

/**
 * The record as it stands now with what was changed in an older one: fields that nobody touched keep what they have become meanwhile.
 * Fields are compared whole.
 */
export function withChanges<T extends object>(now: T, { was, draft }: Pick<SheetDraft, 'was' | 'draft'>): T {
  const next = { ...now } as Record<string, unknown>;
  const [before, after] = [was, draft] as readonly Record<string, unknown>[];
  for (const key of new Set([...Object.keys(before ?? {}), ...Object.keys(after ?? {})])) {
    const changed = after?.[key];
    if (same(before?.[key], changed)) continue;
    if (changed === undefined) delete next[key];
    else next[key] = changed;
  }
  return next as T;
}

/** A field that two have changed, each to something else. */
export interface Clash {
  readonly field: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}
/** Fields that were changed in a sheet and, since it was opened, in the record too. */
export function clashesOf(now: object, { was, draft }: Pick<SheetDraft, 'was' | 'draft'>): Clash[] {
  const [before, mine, theirs] = [was, draft, now] as readonly Record<string, unknown>[];
  return [...new Set([...Object.keys(before ?? {}), ...Object.keys(mine ?? {}), ...Object.keys(theirs ?? {})])]
    .map((field) => ({ field, mine: mine?.[field], theirs: theirs?.[field] }))
    .filter((c) => ![c.mine, c.theirs].some((v) => same(v, before?.[c.field])) && !same(c.mine, c.theirs));
}
