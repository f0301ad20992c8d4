import highs from 'highs';
import { makeDemoKit } from '../demo/kit';
import { planDay } from '../src/core/washday';
import { calendarOf } from '../src/core/washday/calendar';
import { prove } from '../src/core/washday/exact';
import type { Link } from '../src/core/washday/nodes';
import type { Node } from '../src/core/washday/shapes';
import { groupsOf, place, tailsOf, type Problem } from '../src/core/washday/place';
import { asProgramme } from '../tests/day-programme';

const FROM = '2027-01-08T08:00:00Z';
const SOLVER_S = 120;

/** So many loads through one washer, one dryer and one pair of hands. */
function loadsOf(many: number): Problem {
  const nodes: Node[] = [];
  const links: Link[] = [];
  for (let n = 0; n < many; n++) {
    const base = { itemIds: [`i${n}`], steps: [], do: 'x', titles: [], mayWait: true };
    const start = [{ at: 0, slots: 1 }];
    nodes.push({ ...base, on: 'w', slots: 4 + (n % 3), stretches: start, noisy: true });
    nodes.push({ ...base, on: 'd', slots: 3 + (n % 4), stretches: start, noisy: true });
    nodes.push({ ...base, on: 'hands', slots: 1, stretches: start, noisy: false });
    const at = nodes.length;
    links.push({ from: at - 3, to: at - 2, most: 3 }, { from: at - 2, to: at - 1 });
  }
  return {
    nodes,
    links,
    calendar: calendarOf({ from: FROM }),
    latest: nodes.map(() => Infinity),
    pinned: new Map(),
    metres: new Map(),
  };
}
function ours(problem: Problem): { finish: number; complete: boolean } {
  const groups = groupsOf(problem);
  const tails = tailsOf(problem.nodes, problem.links);
  const first = place(problem, groups, (g) => Math.max(...(groups[g]?.nodes ?? []).map((n) => tails[n] ?? 0)));
  const proof = prove(problem, first?.finish ?? Infinity, 200_000);
  return { finish: proof.placed?.finish ?? first?.finish ?? Infinity, complete: proof.complete };
}

/** A wash day: the proof beside a solver from the registry on the same day, and how long the kit of the demo and twice of it take. */
export async function benchWashDay(): Promise<void> {
  const solver = await highs();
  for (const many of [4, 12]) {
    const problem = loadsOf(many);
    let start = performance.now();
    const mine = ours(problem);
    const mineMs = performance.now() - start;
    const slots = mine.finish + 4;
    const text = asProgramme(problem, { slots, quiet: null, away: null, people: 1 });
    start = performance.now();
    const theirs = solver.solve(text, { time_limit: SOLVER_S });
    const theirMs = performance.now() - start;
    const same = theirs.Status === 'Optimal' ? `ends at ${Math.round(theirs.ObjectiveValue)}` : `is not done after ${SOLVER_S} s`;
    console.log(
      `wash day of ${many} loads: ours ends at ${mine.finish}${mine.complete ? ', proved' : ''}, in ${mineMs.toFixed(1)} ms; HiGHS ${same}; ${(theirMs / mineMs).toFixed(0)} × faster than HiGHS`,
    );
  }
  const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
  const twice = {
    ...kit,
    items: [...kit.items, ...kit.items.map((i) => ({ ...i, id: `${i.id}-2` }))],
    inspections: [...kit.inspections, ...kit.inspections.map((i) => ({ ...i, id: `${i.id}-2`, itemId: `${i.itemId}-2` }))],
  };
  for (const many of [12, 30, 60]) {
    const items = twice.items.slice(0, many).map((i) => i.id);
    const start = performance.now();
    let first = 0;
    const day = planDay({ format: 'umbrastic/day-request', version: 1, kit: twice, items, from: FROM }, undefined, () => {
      first ||= performance.now() - start;
    });
    const gap = (Date.parse(day.finish) - Date.parse(day.bound.finish)) / (Date.parse(day.finish) - Date.parse(FROM));
    console.log(
      `wash day of ${many} things: first answer after ${first.toFixed(0)} ms, last after ${(performance.now() - start).toFixed(0)} ms, ${((performance.now() - start) / 2000).toFixed(2)} × the aim of 2 s; ${day.status}, within ${(gap * 100).toFixed(1)} % of the bound`,
    );
  }
}
