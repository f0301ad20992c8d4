/**
 * What another option of a question would change: the difference of two plans, and which other things it would change. Refuses: storing.
 */
import { minutesOf } from '../document';
import { latestInspection, type Item, type Kit } from '../gear';
import { plan, refusedBy, sameHere, writeProgramme, type Plan } from '../programme';
import { takes } from './takes';

/** The other plan less this one: minutes, kWh, litres, money; what comes and goes. */
export interface Difference {
  readonly allMin: number;
  readonly handsMin: number;
  readonly kWh: number;
  readonly litres: number;
  /** In the user's currency; null when something that costs has no price. */
  readonly money: number | null;
  /** Titles of steps that only the other plan has, and that only this one has. */
  readonly comes: readonly string[];
  readonly goes: readonly string[];
  /** What it risks that this one does not: limits passed, cautions that newly stand. */
  readonly risks: readonly string[];
}

const withChoice = (made: Plan, school: string, option: string): Plan => {
  const { item } = made.request;
  return plan({ ...made.request, item: { ...item, schools: { ...item.schools, [school]: option } } }, made.knowledge);
};

/** The other plan less this one. */
export function differenceOf(made: Plan, school: string, option: string): Difference {
  const other = withChoice(made, school, option);
  const [a, b] = [writeProgramme(made), writeProgramme(other)];
  const [costs, otherCosts] = [takes(made), takes(other)];
  const always = (p: typeof a): typeof a.steps => p.steps.filter((s) => s.when === 'always');
  const [minutes, otherMinutes] = [minutesOf(a.steps), minutesOf(b.steps)];
  const only = (p: typeof a, not: typeof a): string[] =>
    always(p)
      .filter((s) => !not.steps.some((o) => o.key === s.key))
      .map((s) => s.title);
  const risky = ({ envelope, cautions }: typeof a): string[] => [...envelope.waived.map((w) => w.risk), ...cautions];
  return {
    handsMin: otherMinutes.hands - minutes.hands,
    allMin: otherMinutes.all - minutes.all,
    kWh: otherCosts.kWh - costs.kWh,
    litres: otherCosts.litres - costs.litres,
    money: costs.unpriced || otherCosts.unpriced ? null : otherCosts.money - costs.money,
    comes: only(b, a),
    goes: only(a, b),
    risks: [...new Set(risky(b))].filter((r) => !risky(a).includes(r)),
  };
}

/** One other thing, and what the option would do there. */
export interface Reached {
  readonly itemId: string;
  /** `changes`: with the difference in minutes; `own`: it has a choice of its own and keeps it; `refused`: by this rule. */
  readonly does: 'changes' | 'own' | 'refused';
  readonly allMin?: number;
  readonly handsMin?: number;
  readonly rule?: string;
}
export type Reach = 'like' | 'kit';

const minutesIn = (made: Plan): ReturnType<typeof minutesOf> =>
  minutesOf(made.steps.map((s) => ({ ...s, when: s.template.ifFailed ? 'if-failed' : 'always' })));

/**
 * What one option would change in the other things of a kit.
 * @param reach `like`: things of the same construction; `kit`: all.
 * @returns things where it changes nothing are left out.
 */
export function reachOf(kit: Kit, item: Item, school: string, option: string, reach: Reach): Reached[] {
  const planned = (one: Item): Plan => plan({ item: one, inspection: latestInspection(kit.inspections, one.id), kit });
  const family = planned(item).family.id;
  const reached: Reached[] = [];
  for (const one of kit.items) {
    if (one.id === item.id || one.archivedOn || one.retiredOn) continue;
    const now = planned(one);
    if (reach === 'like' && now.family.id !== family) continue;
    const question = now.asked.find((s) => s.id === school);
    const wished = question?.options.find((o) => o.id === option);
    if (!wished || now.choices.get(school) === option) continue;
    if (one.schools?.[school] !== undefined) {
      if (reach === 'kit') reached.push({ itemId: one.id, does: 'own' });
      continue;
    }
    const rule = refusedBy(wished, now.facts);
    if (rule !== null) {
      reached.push({ itemId: one.id, does: 'refused', rule });
      continue;
    }
    if (sameHere(wished, now.facts)) continue;
    const [a, b] = [minutesIn(now), minutesIn(withChoice(now, school, option))];
    reached.push({ itemId: one.id, does: 'changes', allMin: b.all - a.all, handsMin: b.hands - a.hands });
  }
  return reached;
}
