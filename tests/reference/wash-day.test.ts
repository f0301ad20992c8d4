import highs from 'highs';
import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../src/core/units/seeded';
import { calendarOf } from '../../src/core/washday/calendar';
import { prove } from '../../src/core/washday/exact';
import { groupsOf, place, tailsOf, type Problem } from '../../src/core/washday/place';
import type { Link } from '../../src/core/washday/nodes';
import type { Node } from '../../src/core/washday/shapes';
import { asProgramme } from '../day-programme';

const FROM = '2027-01-08T08:00:00Z';
const at = (slot: number): string => `${new Date(Date.parse(FROM) + slot * 300_000).toISOString().slice(0, 19)}Z`;
const SLOTS = 36;

interface Small {
  readonly problem: Problem;
  readonly quiet: readonly [number, number] | null;
  readonly away: readonly [number, number] | null;
  readonly people: number;
}
/** A random small day: chains of work on two machines, a rack and hands, some of which may not wait. */
function small(seed: number): Small {
  const next = seededRandom(seed);
  const upTo = (n: number): number => Math.floor(next() * n);
  const nodes: Node[] = [];
  const links: Link[] = [];
  const things = 2 + upTo(2);
  for (let thing = 0; thing < things; thing++) {
    const length = 1 + upTo(3);
    for (let k = 0; k < length; k++) {
      const on = ['w', 'd', 'hands', 'rest', 'line'][upTo(5)] ?? 'rest';
      const slots = 1 + upTo(on === 'hands' ? 3 : 7);
      const stretches =
        on === 'hands'
          ? [{ at: 0, slots }]
          : next() < 0.7
            ? [{ at: 0, slots: 1 }, ...(slots > 4 && next() < 0.4 ? [{ at: 3, slots: 1 }] : [])]
            : [];
      nodes.push({
        itemIds: [`i${thing}`],
        steps: [],
        do: 'x',
        titles: [],
        on,
        slots,
        stretches,
        noisy: on === 'w' || on === 'd',
        mayWait: true,
        ...(on === 'line' ? { metres: 1 + upTo(2) } : {}),
      });
      const to = nodes.length - 1;
      if (k > 0) links.push({ from: to - 1, to, ...(next() < 0.4 ? { most: 3 } : {}) });
    }
  }
  const quiet = next() < 0.4 ? ([6 + upTo(6), 16 + upTo(6)] as const) : null;
  const away = next() < 0.4 ? ([4 + upTo(8), 14 + upTo(8)] as const) : null;
  const people = next() < 0.3 ? 2 : 1;
  const windows = away
    ? [
        { from: at(0), to: at(away[0]) },
        { from: at(away[1]), to: at(2000) },
      ]
    : [];
  const calendar = calendarOf({
    from: FROM,
    hands: Array.from({ length: people }, (_, n) => ({ name: `p${n}`, windows })),
    ...(quiet ? { quiet: [{ from: at(quiet[0]), to: at(quiet[1]) }] } : {}),
  });
  const problem: Problem = {
    nodes,
    links,
    calendar,
    latest: nodes.map(() => Infinity),
    pinned: new Map(),
    metres: new Map([['line', 3]]),
  };
  return { problem, quiet, away, people };
}

describe('the best day', () => {
  const RUNS = 300;
  test(`ends when HiGHS says that it can, on ${RUNS} random small days`, async () => {
    const solver = await highs();
    let harder = 0;
    for (let seed = 1; seed <= RUNS; seed++) {
      const day = small(seed);
      const proof = prove(day.problem, Infinity, 100_000);
      expect({ seed, complete: proof.complete }).toEqual({ seed, complete: true });
      const finish = proof.placed?.finish ?? SLOTS;
      // No slot is offered after the end that was proved: HiGHS finds it, ends sooner, or finds that nothing ends so soon.
      const { ObjectiveValue, Status } = solver.solve(
        asProgramme(day.problem, {
          slots: Math.min(SLOTS, finish + 1),
          quiet: day.quiet,
          away: day.away,
          people: day.people,
        }),
      );
      const theirs = Status === 'Optimal' ? Math.round(ObjectiveValue) : 'later';
      expect({ seed, theirs }).toEqual({ seed, theirs: finish < SLOTS ? finish : 'later' });
      if (theirs === 'later') continue;
      const groups = groupsOf(day.problem);
      const tails = tailsOf(day.problem.nodes, day.problem.links);
      const greedy = place(day.problem, groups, (g) => Math.max(...(groups[g]?.nodes ?? []).map((n) => tails[n] ?? 0)));
      if ((greedy?.finish ?? Infinity) > finish) harder++;
    }
    // Days on which putting one after the other is not enough.
    expect(harder).toBeGreaterThan(RUNS * 0.05);
  });
});

/* Counted out: every start of every piece of tiny days, by the rules as they are told and nothing of the search. */
describe('a tiny day', () => {
  const BEGIN = '2027-01-08T08:40:00Z';
  /** Nine o'clock, when the sun stands high enough. */
  const SUN = 4;
  const LAST = 12;
  const instant = (slot: number): string => new Date(Date.parse(BEGIN) + slot * 300_000).toISOString();
  /** One or two chains of two or three pieces, nights and absences, in an hour. */
  function tiny(seed: number): { nodes: Node[]; links: Link[]; quiet: number; away: number; people: number } {
    const next = seededRandom(seed);
    const upTo = (n: number): number => Math.floor(next() * n);
    const nodes: Node[] = [];
    const links: Link[] = [];
    for (const length of [2, 1 + upTo(2)])
      for (let k = 0; k < length; k++) {
        const on = ['w', 'hands', 'rest'][upTo(3)] ?? 'rest';
        const slots = 1 + upTo(3);
        nodes.push({
          itemIds: [`i${length}`],
          steps: [],
          do: 'x',
          titles: [],
          on,
          slots,
          stretches: on === 'hands' ? [{ at: 0, slots }] : next() < 0.6 ? [{ at: 0, slots: 1 }] : [],
          noisy: on === 'w',
          mayWait: true,
          ...(on === 'rest' && next() < 0.3 ? { inSun: true } : {}),
        });
        if (k > 0) links.push({ from: nodes.length - 2, to: nodes.length - 1, ...(next() < 0.5 ? { most: 3 } : {}) });
      }
    return { nodes, links, quiet: next() < 0.4 ? 2 + upTo(3) : 0, away: next() < 0.4 ? 1 + upTo(3) : 0, people: 1 + upTo(2) };
  }
  test('is never done earlier than the proof says, and always as early, on 150 of them', () => {
    let [late, sunny] = [0, 0];
    for (let seed = 1; seed <= 150; seed++) {
      const { nodes, links, quiet, away, people } = tiny(seed);
      const calendar = calendarOf({
        from: BEGIN,
        hands: Array.from({ length: people }, (_, n) => ({
          name: `p${n}`,
          windows: [{ from: instant(away), to: instant(500) }],
        })),
        ...(quiet > 0 ? { quiet: [{ from: instant(0), to: instant(quiet) }] } : {}),
      });
      const allowed = (starts: readonly number[]): boolean => {
        const used = { w: new Set<number>(), hands: new Map<number, number>() };
        for (const [n, node] of nodes.entries()) {
          const start = starts[n] ?? 0;
          if (node.noisy && start < quiet) return false;
          if (node.inSun && start < SUN) return false;
          for (let t = start; node.on === 'w' && t < start + node.slots; t++) {
            if (used.w.has(t)) return false;
            used.w.add(t);
          }
          for (const stretch of node.stretches)
            for (let t = start + stretch.at; t < start + stretch.at + stretch.slots; t++) {
              const many = (used.hands.get(t) ?? 0) + 1;
              if (t < away || many > people) return false;
              used.hands.set(t, many);
            }
        }
        return links.every(({ from, to, most }) => {
          const gap = (starts[to] ?? 0) - (starts[from] ?? 0) - (nodes[from]?.slots ?? 0);
          return gap >= 0 && (most === undefined || gap <= most);
        });
      };
      let earliest = Infinity;
      const starts = nodes.map(() => 0);
      const count = (n: number): void => {
        if (n === nodes.length) {
          if (allowed(starts)) earliest = Math.min(earliest, Math.max(...starts.map((s, k) => s + (nodes[k]?.slots ?? 0))));
          return;
        }
        for (let t = 0; t <= LAST; t++) {
          starts[n] = t;
          count(n + 1);
        }
      };
      count(0);
      const proof = prove(
        { nodes, links, calendar, latest: nodes.map(() => Infinity), pinned: new Map(), metres: new Map() },
        Infinity,
        100_000,
      );
      expect({ seed, finish: proof.placed?.finish }).toEqual({ seed, finish: earliest });
      if (quiet + away > 0) late++;
      if (nodes.some((n) => n.inSun)) sunny++;
    }
    expect(late).toBeGreaterThan(50);
    expect(sunny).toBeGreaterThan(20);
  });
});
