/** What a drum does to fill that can wander, and where a tie would keep it. */
import type { FillMap } from '../gear';
import { isOpen, type EvenPlan } from './levelling';
import { LOFT_FIGURES } from '../knowledge';

/** How the drum of a washer or dryer turns; a tub does not turn. */
export const DRUMS = ['one-way', 'both-ways', 'tub'] as const;
export type Drum = (typeof DRUMS)[number];
export type MigrationRisk = 'low' | 'some' | 'high';
export interface Migration {
  readonly risk: MigrationRisk;
  /** Baffles in the longest run that fill can pass through without a shut opening. */
  readonly run: readonly string[];
  readonly open: number;
}
/** Baffles in a run from which on a drum that turns one way, or both ways, heaps the fill at its end. */
const RUN_ONE_WAY = LOFT_FIGURES.runOneWay.value;
const RUN_BOTH_WAYS = LOFT_FIGURES.runBothWays.value;

/** How likely the fill wanders, by the way the drum turns and the openings that are not tied or sewn. */
export function migrationOf(map: FillMap, drum: Drum): Migration {
  const next = new Map<string, string[]>(map.baffles.map((b) => [b.id, []]));
  const openings = (map.openings ?? []).filter((o) => isOpen(o) && o.from !== o.to && next.has(o.from) && next.has(o.to));
  for (const { from, to } of openings) {
    next.get(from)?.push(to);
    next.get(to)?.push(from);
  }
  let run: string[] = [];
  for (const start of next.keys()) {
    // The farthest baffle by openings from each one: the longest of the shortest ways is what fill can be driven along.
    const from = new Map<string, string | null>([[start, null]]);
    const queue = [start];
    for (let at = 0; at < queue.length; at++)
      for (const to of next.get(queue[at] as string) ?? []) {
        if (from.has(to)) continue;
        from.set(to, queue[at] as string);
        queue.push(to);
      }
    const way: string[] = [];
    for (let at: string | null | undefined = queue.at(-1); at; at = from.get(at)) way.unshift(at);
    if (way.length > run.length) run = way;
  }
  const most = drum === 'one-way' ? RUN_ONE_WAY : RUN_BOTH_WAYS;
  const risk: MigrationRisk = drum === 'tub' || run.length < 2 ? 'low' : run.length >= most ? 'high' : 'some';
  return { risk, run, open: openings.length };
}

export interface TieAdvice {
  readonly from: string;
  readonly to: string;
  /** What has to go back through it, g: so much went the other way. */
  readonly grams: number;
}
/** Less than this is not worth a tie. */
const TIE_G = LOFT_FIGURES.tieG.value;
/** The openings that fill has wandered through, most first: tied after the evening, they keep it where it was put. */
export const tiesOf = (plan: EvenPlan): TieAdvice[] =>
  plan.flows
    .filter((f) => f.grams >= TIE_G)
    .map(({ from, to, grams }) => ({ from, to, grams }))
    .sort((a, b) => b.grams - a.grams);
