import type { Kit } from '../core/gear';
import { groundOf } from '../core/outline/known';

/** A kit on its way to a worker, as JSON in pieces: handed over as objects, thousands of things would hold a page for a tenth of a second. */
export interface KitTexts {
  /** All but the lists. */
  readonly ground: string;
  readonly items: readonly string[];
  readonly inspections: readonly string[];
  readonly log: readonly string[];
}
/** So many rows are written down at a time. */
const PIECE = 1000;
const LISTS = ['items', 'inspections', 'log'] as const;

const nextTask = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));
/** Writes a kit down, with a task of its own for each piece of a long list. */
export async function kitTexts(kit: Kit): Promise<KitTexts> {
  const texts: Record<(typeof LISTS)[number], string[]> = { items: [], inspections: [], log: [] };
  for (const name of LISTS) {
    const rows: readonly unknown[] = kit[name] ?? [];
    for (let from = 0; from < rows.length; from += PIECE) {
      if (from > 0) await nextTask();
      texts[name].push(JSON.stringify(rows.slice(from, from + PIECE)));
    }
    if (rows.length > PIECE) await nextTask();
  }
  return { ground: groundOf(kit), ...texts };
}
/** The kit that was written down. */
export function kitOfTexts({ ground, ...texts }: KitTexts): Kit {
  const list = (name: (typeof LISTS)[number]): unknown[] => texts[name].flatMap((text) => JSON.parse(text) as unknown[]);
  return { ...(JSON.parse(ground) as Kit), ...Object.fromEntries(LISTS.map((name) => [name, list(name)])) };
}
