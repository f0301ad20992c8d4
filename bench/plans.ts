import { makeDemoKit } from '../demo/kit';
import { drumKgPerS, secondsToDry, soaked, tumblingBody } from '../src/core/drying';
import { estimateDrying } from '../src/core/drying/estimate';
import { integrate } from '../src/core/drying/integrate';
import { planned, rehearse, setupOf, luckOf } from '../src/core/rehearse';
import { debrief, hasty } from '../src/core/rehearse/train';
import { plan, writeProgramme } from '../src/core/programme';
import { latestInspection, type Inspection, type Item, type Kit } from '../src/core/gear';

/** Aim on one core. */
const AIM_PER_S = 5000;

interface Asked {
  readonly item: Item;
  readonly inspection: Inspection | null;
}
/** Other masses and looks of the things of a kit, made before the clock runs: the record of a thing stays, what was seen of it changes. */
const MADE = 4500;
/** As many other looks as soil and odour make of a thing. */
const LOOKS = 4;
function askedAnew(kit: Kit): Asked[] {
  return Array.from({ length: MADE }, (_, n) => {
    const item = kit.items[n % kit.items.length] as Item;
    const seen = seenOf.get(item.id) ?? null;
    return {
      item: { ...item, id: `b-${n}`, massG: 200 + (n % 900) },
      inspection: seen && { ...seen, soil: n % 5, odour: n % 4 },
    };
  });
}
/** The same of things that were never planned before, so that nothing can be kept from an earlier plan. */
const neverSeen = (asked: readonly Asked[]): Asked[] =>
  asked.map(({ item, inspection }) => ({ item: structuredClone(item), inspection }));

/** Units of work in one short window; windows of the two works alternate, so that both meet the same moments of a busy machine. */
const WINDOW_MS = 150;
const WINDOWS = 24;
/** @param most so many at most, where more would repeat. */
function perSecond(work: (n: number) => unknown, from: number, most = Infinity): number {
  const start = process.hrtime.bigint();
  const until = start + BigInt(WINDOW_MS * 1e6);
  let done = 0;
  while (done < most && process.hrtime.bigint() < until) for (let k = 0; k < 20; k++) work(from + done++);
  return done / (Number(process.hrtime.bigint() - start) / 1e9);
}
const middle = (rates: readonly number[]): number => [...rates].sort((x, y) => x - y)[rates.length >> 1] as number;

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const seenOf = new Map(kit.items.map((item) => [item.id, latestInspection(kit.inspections, item.id)]));
const again = askedAnew(kit);
const planOf = ({ item, inspection }: Asked) => writeProgramme(plan({ item, inspection, kit }));
/** The programmes that are planned, each look of each thing once. */
const written = again.slice(0, kit.items.length * LOOKS).map(planOf);
const onePlan = (n: number): unknown => planOf(again[n % MADE] as Asked);
const oneCopy = (n: number): unknown => JSON.parse(JSON.stringify(written[n % written.length]));
for (let n = 0; n < 3000; n++) {
  onePlan(n);
  oneCopy(n);
}
const plans: number[] = [];
const copies: number[] = [];
const firsts: number[] = [];
for (let w = 0; w < WINDOWS; w++) {
  plans.push(perSecond(onePlan, w * 5000));
  copies.push(perSecond(oneCopy, w));
  const fresh = neverSeen(again.slice(0, 1000));
  firsts.push(perSecond((n) => planOf(fresh[n % fresh.length] as Asked), 0, fresh.length));
}
const over = (rates: readonly number[]): string => middle(rates.map((rate, w) => (copies[w] as number) / rate)).toFixed(2);
console.log(
  `plans: ${Math.round(Math.max(...plans))} a second in the quietest of ${WINDOWS} windows, ${(Math.max(...plans) / AIM_PER_S).toFixed(2)} × the aim of ${AIM_PER_S}; ${Math.round(middle(plans))} in the middle one`,
);
console.log(
  `bound: writing and reading the same programme as JSON, ${Math.round(Math.max(...copies))} a second; a plan costs ${over(plans)} × that, the first of a thing ${over(firsts)} ×`,
);

/* Drying: one fit with its interval, and a six-hour curve, beside the bare solutions that they cannot do without. */
const FIT_AIM_MS = 10;
const CURVE_AIM_MS = 30;
const body = tumblingBody(600, 'low');
const rateKgPerS = drumKgPerS({ heat: 'low', dryer: 'vented' });
const weighed = [0, 30, 60, 90].map((minutes) => ({ minutes, massG: 600 + 720 * Math.exp(-minutes / 40) }));
const oneFit = (n: number): unknown =>
  estimateDrying({ body, startKg: 0.72, rateKgPerS, dryG: 600, dryGSd: 2, weighed, endG: 9, nowMin: 90 + (n % 7) });
const oneCurve = (n: number): unknown =>
  integrate(body, soaked(body, 1 + (n % 9) / 10), () => ({ rateKgPerS, airC: 50, wetC: 24 }), { minutes: 360 });
const bareSolutions = (n: number): unknown => {
  let sum = 0;
  for (let k = 0; k < 160; k++) sum += secondsToDry(body, soaked(body, 1 + ((n + k) % 9) / 10), rateKgPerS, 0.009);
  return sum;
};
const one = (work: (n: number) => unknown): number => {
  for (let n = 0; n < 40; n++) work(n);
  return 1000 / Math.max(...Array.from({ length: 6 }, (_, w) => perSecond(work, w * 100)));
};
const [fit, curve, bare] = [one(oneFit), one(oneCurve), one(bareSolutions)];
console.log(
  `drying fit with its interval: ${fit.toFixed(2)} ms, ${(fit / FIT_AIM_MS).toFixed(2)} × the aim of ${FIT_AIM_MS}; ${(fit / bare).toFixed(1)} × its 160 bare solutions`,
);
console.log(
  `six hours stepped by 15 s: ${curve.toFixed(2)} ms, ${(curve / CURVE_AIM_MS).toFixed(2)} × the aim of ${CURVE_AIM_MS}`,
);

/* Rehearsal: a quilt from wash to store in six hours and more, beside the bare stepping of its drying. */
const quilt = kit.items.find((i) => i.kind === 'quilt') as Item;
const quiltPlan = plan({ item: quilt, inspection: latestInspection(kit.inspections, quilt.id), kit });
const setup = setupOf(quiltPlan, writeProgramme(quiltPlan));
const oneRehearsal = (n: number): unknown => rehearse(setup, { ...planned(setup), roundMin: 90 }, luckOf(n));
const oneDebrief = (n: number): unknown => debrief(setup, hasty(setup), luckOf(n), 480);
const [rehearsed, debriefed] = [one(oneRehearsal), one(oneDebrief)];
console.log(
  `rehearsal of six hours of drying: ${rehearsed.toFixed(2)} ms, ${(rehearsed / CURVE_AIM_MS).toFixed(2)} × the aim of ${CURVE_AIM_MS}; ${(rehearsed / curve).toFixed(1)} × the bare stepping; a debrief with its search ${debriefed.toFixed(1)} ms`,
);
