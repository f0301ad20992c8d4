import { addDays } from '../units/day';
/**
 * When to look at a thing again. Performance and soil come first; this is the calendar that backs them up. Refuses: deciding on care.
 */
import { addTraits, itemFacts } from '../facts';
import type { Item } from '../gear';
import { KNOWLEDGE } from '../knowledge';
import { pick } from '../facts';
import { spokenOf } from '../words/several';

export interface Due {
  /** ISO day. */
  readonly on: string;
  readonly days: number;
  readonly reason: string;
}

export interface Rhythm {
  /** Days of ordinary use until the next look. */
  readonly days: number;
  readonly reason: string;
}

/** How often to look at a thing: the calendar that backs up what it shows. */
export function rhythmOf(item: Item): Rhythm {
  const facts = itemFacts(item);
  addTraits(KNOWLEDGE.traits, facts);
  const base = pick(KNOWLEDGE.settings.lookAgainDays, facts) ?? 90;
  const pale = facts.has('pale');
  const days = Math.round(base * (pale ? KNOWLEDGE.settings.paleShare : 1));
  return {
    days,
    reason: spokenOf(item)(
      `Look again after ${days} days of ordinary use${pale ? ', sooner because it is pale' : ''}, or as soon as it shows soil, smell or lost performance.`,
    ),
  };
}

/** Machine washes that a thing bears in a year, or null where there is no such limit. */
export function machineWashesAYear(item: Item): number | null {
  const facts = itemFacts(item);
  addTraits(KNOWLEDGE.traits, facts);
  return pick(KNOWLEDGE.settings.machineWashesAYear, facts) ?? null;
}

/** The day to look again after care or a look on `fromDay` (ISO day). */
export function nextLook(item: Item, fromDay: string): Due {
  const rhythm = rhythmOf(item);
  return { ...rhythm, on: addDays(fromDay, rhythm.days) };
}
