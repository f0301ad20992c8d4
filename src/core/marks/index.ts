/**
 * What was tried on a mark and what it did, and where its ladder stands: rungs that did nothing are behind one, what did harm ends the work,
 * what was not tried on a hidden place is not gone past. Refuses: which rungs there are (knowledge), sentences.
 */
import { agentOf, wantsTest, type FactsRead, type LadderRung, type RungId, type Surface } from '../knowledge';
import {
  isEntry,
  type Cloth,
  type Item,
  type LogEntry,
  type Part,
  type SpotTestEntry,
  type Stain,
  type TreatmentEntry,
} from '../gear';

type Mark = Pick<Stain, 'soil' | 'place' | 'part'>;
const placeOf = (place: string | undefined): string => (place ?? '').trim().toLowerCase();
/** The same mark, seen again: what it is, where it lies, on which part when both say so. */
export const sameMark = (a: Mark, b: Mark): boolean =>
  a.soil === b.soil &&
  placeOf(a.place) === placeOf(b.place) &&
  (a.part === undefined || b.part === undefined || a.part === b.part);

const ofThing =
  (itemId: string) =>
  (entry: LogEntry): boolean =>
    entry.itemId === itemId;
const byTime = (a: LogEntry, b: LogEntry): number => Date.parse(a.at) - Date.parse(b.at);
/** Rungs tried on one mark, oldest first. */
export const triesOn = (log: readonly LogEntry[], itemId: string, mark: Mark): TreatmentEntry[] =>
  log
    .filter(ofThing(itemId))
    .filter(isEntry('treatment'))
    .filter((entry) => sameMark(entry, mark))
    .sort(byTime);
/** Spot tests of one thing, oldest first. */
export const testsOf = (log: readonly LogEntry[], itemId: string): SpotTestEntry[] =>
  log.filter(ofThing(itemId)).filter(isEntry('spot-test')).sort(byTime);

/** The newest word on a product for a part: of a test there, or of one that named no part. Null = nobody tried it. */
export function testedAs(tests: readonly SpotTestEntry[], agent: SpotTestEntry['agent'], part: Part | undefined): Cloth | null {
  const fit = tests.filter((t) => t.agent === agent && (t.part === undefined || t.part === part));
  return fit.at(-1)?.cloth ?? null;
}

/**
 * `tried`: it did what it does; `passed-over`: a stronger one was tried without it; `next`; `later`; `shut`: it, or a milder one, did harm or
 * took colour, here or on a hidden place.
 */
export type RungState = 'tried' | 'passed-over' | 'next' | 'later' | 'shut';
export interface Climbed extends LadderRung {
  readonly state: RungState;
  /** What it did here, oldest first. */
  readonly tries: readonly TreatmentEntry[];
  /** It must first be tried on a hidden place: with what. */
  readonly testFirst: SpotTestEntry['agent'] | null;
}
/** `gone`: nothing is left to do; `stopped`: the surface or the dye bears no more; `spent`: every rung was tried. */
export type ClimbEnd = 'open' | 'gone' | 'stopped' | 'spent';
export interface Climb {
  readonly rungs: readonly Climbed[];
  readonly end: ClimbEnd;
  readonly next: Climbed | null;
}

/** Where the work on one mark stands. One stays on a rung while it still takes something off. */
export function climb(
  ladder: readonly LadderRung[],
  tries: readonly TreatmentEntry[],
  testFirst: (rung: RungId) => SpotTestEntry['agent'] | null,
  refused: (rung: RungId) => boolean,
): Climb {
  const of = (rung: RungId): TreatmentEntry[] => tries.filter((t) => t.rung === rung);
  const last = tries.at(-1);
  const highest = ladder.findLastIndex(({ rung }) => of(rung).length > 0);
  const goesOn = highest >= 0 && of(ladder[highest]?.rung as RungId).at(-1)?.result === 'paler';
  const harmed = last !== undefined && (last.result === 'colour' || last.result === 'harmed');
  const from = harmed ? ladder.length : goesOn ? highest : highest + 1;
  const gone = last?.result === 'gone';
  const open = ladder.findIndex(({ rung }, n) => n >= from && !refused(rung));
  const state = (rung: RungId, n: number): RungState => {
    if (n === open && !gone) return 'next';
    if (of(rung).length > 0) return 'tried';
    if (refused(rung) || (harmed && n > highest)) return 'shut';
    return n < highest ? 'passed-over' : 'later';
  };
  const rungs = ladder.map((step, n): Climbed => ({
    ...step,
    state: state(step.rung, n),
    tries: of(step.rung),
    testFirst: n < from || refused(step.rung) ? null : testFirst(step.rung),
  }));
  const next = rungs.find((r) => r.state === 'next') ?? null;
  const stopped = harmed || (next === null && rungs.some((r) => r.state === 'shut'));
  return { rungs, next, end: gone ? 'gone' : stopped ? 'stopped' : next === null ? 'spent' : 'open' };
}

/** What the record of a thing says of its ladders: what was tried on a mark there, and what a hidden place bore. */
export interface Tried {
  /** @param may whether a rung may be taken there at all; one that may not is left out, unless it was tried before. */
  climb(
    ladder: readonly LadderRung[],
    mark: Mark,
    at: { readonly surface: Surface; readonly part: Part | undefined },
    may: (rung: RungId) => boolean,
  ): Climb;
}
/**
 * @param facts what is known of the thing: whether its dye is proved.
 * @param cleaner what it is washed with.
 */
export function triedOn(
  item: Pick<Item, 'id'>,
  log: readonly LogEntry[],
  facts: FactsRead,
  cleaner: Parameters<typeof agentOf>[1],
): Tried {
  const tests = testsOf(log, item.id);
  return {
    climb: (ladder, mark, { surface, part }, may) => {
      const tries = triesOn(log, item.id, mark);
      const word = (rung: RungId): Cloth | null => {
        const agent = agentOf(rung, cleaner);
        return agent === null ? null : testedAs(tests, agent, part);
      };
      return climb(
        ladder.filter(({ rung }) => may(rung) || tries.some((t) => t.rung === rung)),
        tries,
        (rung) => (wantsTest(rung, surface, facts) && word(rung) === null ? agentOf(rung, cleaner) : null),
        (rung) => !may(rung) || word(rung) === 'colour' || word(rung) === 'harmed',
      );
    },
  };
}
