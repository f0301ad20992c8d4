import type { ProgrammeOutline } from '../core/outline';
import { groundOf, ownParts, textOf } from '../core/outline/known';
import type { Kit, LogEntry } from '../core/gear';
import { readAnswers, writeAnswers } from '../data/answers';
import { PLANNED_BY } from '../workers';

/*
 * What was answered last is kept, so that the next visit begins with it instead of with planning: an answer stands again when every word that
 * it rests on is the same.
 */

export type Outlines = Readonly<Record<string, ProgrammeOutline>>;
/** By an id that may be any word, `__proto__` too. */
export const byId = (): Record<string, ProgrammeOutline> => Object.create(null) as Record<string, ProgrammeOutline>;

/** Larger kits are planned anew: to read and to compare them would hold the page. */
const MOST_THINGS = 300;

/** The lines of the record that a plan reads, without what it does not: a year of care would be costly to hand over. */
const linesRead = ({ log = [] }: Kit): LogEntry[] =>
  log.flatMap((e): LogEntry[] => {
    if (e.type === 'use') return [e];
    if (e.type !== 'care') return [];
    const { steps: _steps, supplies: _supplies, photos: _photos, note: _note, ...rest } = e;
    return [rest];
  });
/** What of a kit its plans read. */
export const asPlansRead = (kit: Kit): Kit => ({ ...kit, log: linesRead(kit), weighIns: [] });

let asked: ReturnType<typeof readAnswers> | undefined;
/** What was kept, read once: the sooner it is asked for, the sooner it is there. */
export const keptAnswers = (): ReturnType<typeof readAnswers> =>
  // A store that does not give it is met where the kit is read.
  (asked ??= PLANNED_BY === null ? Promise.resolve(undefined) : readAnswers().catch(() => undefined));

let came: { readonly kit: Kit; readonly outlines: Outlines } | null = null;
/** Answers that came together with a kit. @param kit as pages read it. */
export function takeAnswers(kit: Kit, outlines: Outlines): void {
  came = { kit, outlines };
}

const groundText = (kit: Kit): string => `${PLANNED_BY} ${groundOf(asPlansRead(kit))}`;
/** Calls `each` with what every answer of a kit rests on, until it says false. */
function forEachText(kit: Kit, each: (id: string, text: string) => boolean): boolean {
  const own = ownParts(asPlansRead(kit));
  return kit.items.every((item) => each(item.id, textOf(item, own(item))));
}
/** The answers to this kit where all of them are known, or null. */
export async function knownFor(kit: Kit): Promise<Outlines | null> {
  if (came?.kit === kit) return came.outlines;
  const kept = kit.items.length > MOST_THINGS ? undefined : await keptAnswers();
  if (kept?.ground !== groundText(kit)) return null;
  const made = byId();
  const whole = forEachText(kit, (id, text) => {
    const one = kept.made.get(id);
    if (one?.text !== text) return false;
    made[id] = one.outline;
    return true;
  });
  return whole ? made : null;
}
/** Keeps the answers to this kit for the next visit. What could not be planned is asked again then. */
export async function keepAnswers(kit: Kit, outlines: Outlines): Promise<void> {
  if (PLANNED_BY === null || kit.items.length > MOST_THINGS) return;
  const made = new Map<string, { text: string; outline: ProgrammeOutline }>();
  const whole = forEachText(kit, (id, text) => {
    const outline = outlines[id];
    if (!outline || outline.failed !== undefined) return false;
    made.set(id, { text, outline });
    return true;
  });
  // Without it the next visit plans anew: that it could not be written is nobody's loss.
  if (whole) await writeAnswers({ ground: groundText(kit), made }).catch(() => undefined);
}
