import { makeDemoKit } from '../demo/kit';
import { latestInspection, plan, planItem, writeProgramme } from '../src/core/programme';
import type { Inspection, Item, Kit } from '../src/core/gear';

/** Aim on one core. */
const AIM_PER_S = 5000;
const SECONDS = 3;

/** Things and looks that never repeat, so that nothing can be remembered between plans. */
function varied(kit: Kit, n: number): { item: Item; inspection: Inspection | null } {
  const item = kit.items[n % kit.items.length] as Item;
  const seen = latestInspection(kit.inspections, item.id);
  return { item: { ...item, id: `b-${n}`, massG: 200 + (n % 900) }, inspection: seen && { ...seen, soil: n % 5, odour: n % 4 } };
}

/** How often a second of processor time; other work on the machine does not count. */
function rate(work: (n: number) => unknown): number {
  for (let n = 0; n < 2000; n++) work(n);
  const until = process.hrtime.bigint() + BigInt(SECONDS * 1e9);
  const from = process.cpuUsage();
  let done = 0;
  while (process.hrtime.bigint() < until) for (let k = 0; k < 50; k++) work(done++);
  const { user, system } = process.cpuUsage(from);
  return done / ((user + system) / 1e6);
}

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const sample = kit.items.map((item) => planItem(kit, item));
const plans = rate((n) => writeProgramme(plan({ ...varied(kit, n), kit })));
const copies = rate((n) => JSON.parse(JSON.stringify(sample[n % sample.length])));
console.log(`plans: ${Math.round(plans)} a second, ${(plans / AIM_PER_S).toFixed(2)} × the aim of ${AIM_PER_S}`);
console.log(
  `bound: writing and reading the same programme as JSON, ${Math.round(copies)} a second; a plan costs ${(copies / plans).toFixed(1)} × that`,
);
