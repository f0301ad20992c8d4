import { linesOf, priced, takes, worthOf, type TakesLine } from '../energy/takes';
import type { Kit } from '../gear';
import { needsOf, shoppingFor } from '../supplies';
import { loadOf } from './loads';
import { driedIn } from './members';
import { workOf } from './nodes';
import { handSlots, SLOT_MIN } from './shapes';
import type { Plan } from '../programme';
import type { Found } from './search';
import type { Costs, Load, Member, WashDay } from './types';

/** What one run of a load takes, its cleaner included. */
export function runLines(kit: Kit, load: Load): ReturnType<typeof linesOf> {
  const [first] = load.members;
  const { settings } = load;
  const cycle = load.washer.cycles?.find((c) => c.name === settings.cycle);
  const fillL = cycle?.litres ? cycle.litres / ((cycle.rinses ?? 2) + 1) : (first?.made.knowledge.settings.drumRinseLitres ?? 0);
  return linesOf(
    {
      do: 'machine-wash',
      settings: { ...settings, ...(load.supplyId === undefined ? {} : { supplyId: load.supplyId }) },
      attendedMin: 5,
      unattendedMin: load.washMin + load.rinseMin,
    },
    {
      equipment: kit.equipment ?? {},
      supplies: kit.supplies ?? [],
      fillL,
      bathL: 0,
      waterKg: 0,
      dryer: 'vented',
      cycleMinutes: load.washMin,
    },
  );
}

/** Energy of what turns in a dryer, kWh. */
export const dryingKwh = (made: Plan): number =>
  takes(made).lines.reduce((sum, l) => sum + (l.what === 'dry-motor' || l.what === 'dry-heat' ? l.kWh : 0), 0);

const OF_RUN = new Set<TakesLine['what']>(['heat-water', 'wash-motor', 'rinse', 'supply']);
interface Sum {
  kWh: number;
  waterL: number;
  money: number;
  /** Something of it has a price, and something has none. */
  priced: boolean;
  unpriced: boolean;
  handSlots: number;
}
/** What the day takes, and what it would take one thing after another with the drums purged once all the same. */
export function costsOf(kit: Kit, members: readonly Member[], found: Found): { takes: Costs; oneByOne: Costs } {
  const prices = kit.preferences?.prices ?? {};
  const add = (sum: Sum, line: { kWh: number; litres: number }, money: number | null): void => {
    sum.kWh += line.kWh;
    sum.waterL += line.litres;
    sum.money += money ?? 0;
    if (money === null) sum.unpriced = true;
    else if (money > 0) sum.priced = true;
  };
  const none = (): Sum => ({ kWh: 0, waterL: 0, money: 0, priced: false, unpriced: false, handSlots: 0 });
  const [together, apart] = [none(), none()];
  for (const node of found.problem.nodes) together.handSlots += handSlots(node);
  for (const member of members) {
    const alone = member.drums.slice(0, 1).flatMap((d) => loadOf([member], d.washer) ?? []);
    for (const node of workOf([member], alone, kit.equipment ?? {}).nodes) if (!node.purge) apart.handSlots += handSlots(node);
  }
  for (const node of found.work.nodes) if (node.purge) apart.handSlots += handSlots(node);
  const turning = turningFor(
    members.map((m) => driedIn(m, found.drying)),
    found,
  );
  const purged = new Set<string>();
  for (const member of members) {
    const load = found.loads.find((l) => l.members.includes(member));
    const inRun = new Set(member.programme.steps.filter((s) => s.settings.washerId === member.made.washer?.id).map((s) => s.id));
    const once = (line: TakesLine): boolean => line.what !== 'purge' || !purged.has(`${member.made.washer?.id}/${line.stepId}`);
    const own = takes(member.made).lines.filter(once);
    for (const line of own) add(apart, line, line.money);
    for (const line of takes(driedIn(member, found.drying).made).lines.filter(once)) {
      // What hangs in one dryer with another is warmed for itself; the drum turns once.
      const turned = line.what === 'dry-motor' && turning.has(`${member.item.id}/${line.stepId}`);
      const ofRun = load !== undefined && inRun.has(line.stepId) && OF_RUN.has(line.what);
      if (!ofRun && !turned && (line.what !== 'purge' || found.work.nodes.some((n) => n.purge))) add(together, line, line.money);
    }
    for (const line of own) if (line.what === 'purge') purged.add(`${member.made.washer?.id}/${line.stepId}`);
  }
  for (const load of found.loads)
    for (const line of runLines(kit, load)) {
      const bottle = kit.supplies?.find((s) => s.id === load.supplyId);
      add(together, line, line.supply ? worthOf(bottle, line.supply.ml) : priced(line, prices));
    }
  const currency = kit.preferences?.currency ?? 'EUR';
  const said = ({ kWh, waterL, money, priced: some, unpriced, handSlots: slots }: Sum): Costs => ({
    kWh: Math.round(kWh * 100) / 100,
    waterL: Math.round(waterL),
    ...(some ? { money: { amount: Math.round(money * 100) / 100, currency } } : {}),
    ...(unpriced ? { unpriced: true as const } : {}),
    hours: Math.round(slots * SLOT_MIN) / 60,
  });
  return { takes: said(together), oneByOne: said(apart) };
}

/** Steps in a dryer that turns for a longer one anyway. */
function turningFor(members: readonly Member[], { problem }: Found): ReadonlySet<string> {
  const minutes = (step: { itemId: string; stepId: string }): number =>
    members.find((m) => m.item.id === step.itemId)?.steps.find((s) => s.id === step.stepId)?.unattendedMin ?? 0;
  return new Set(
    problem.nodes.flatMap((n) => {
      if (n.do !== 'tumble' || n.itemIds.length < 2) return [];
      const [, ...rest] = [...n.steps].sort((a, b) => minutes(b) - minutes(a));
      return rest.map((s) => `${s.itemId}/${s.stepId}`);
    }),
  );
}

/** What the day needs and the kit has not: of what is shared by a drum once. */
export function shoppingOf(kit: Kit, members: readonly Member[], loads: readonly Load[]): WashDay['shopping'] {
  const needs = members.flatMap((member) => {
    const load = loads.find((l) => l.members.includes(member));
    const own = member.programme.steps.filter(
      (s) => !load || s.phase !== 'wash' || s.settings.washerId !== member.made.washer?.id,
    );
    return needsOf(member.item.id, own);
  });
  for (const { settings, members: inside } of loads)
    needs.push(...needsOf(inside[0]?.item.id ?? '', [{ when: 'always', settings: { ...settings } }]));
  return shoppingFor(needs, kit.supplies ?? [], null).map((line) => ({
    class: line.class,
    ...(line.needMl === undefined ? {} : { needMl: line.needMl }),
    ...(line.buyCount === undefined ? {} : { needCount: line.buyCount }),
    ...(line.perhaps ? { perhaps: line.perhaps } : {}),
  }));
}
