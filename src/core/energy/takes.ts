import { DRYER_KINDS, type Preferences, type SupplyClass } from '../gear';
import { ENERGY_FIGURES } from '../knowledge';
import { plan, type Plan, type PlannedStep } from '../programme';
import { pick } from '../facts';
import { heldWet } from '../programme/settings';
import { heatingKWh, MOTOR_KW, tumblingKWh } from './index';

/** Temperature of the mains when it was never measured, °C. */
const USUAL_INLET_C = ENERGY_FIGURES.inletC.value;

export type TakesWhat =
  'heat-water' | 'wash-motor' | 'rinse' | 'dry-heat' | 'dry-motor' | 'purge' | 'finish-heat' | 'fan' | 'supply';
/** One thing that a step takes. Numbers that go into the working are named, so that a page can write the sum out. */
export interface TakesLine {
  readonly what: TakesWhat;
  readonly stepId: string;
  readonly kWh: number;
  readonly litres: number;
  /** In the user's currency; null = the price is not known. */
  readonly money: number | null;
  readonly supply?: { readonly class: SupplyClass; readonly ml: number };
  readonly from: Readonly<Record<string, number>>;
}
export interface Takes {
  readonly lines: readonly TakesLine[];
  readonly kWh: number;
  readonly litres: number;
  /** Of what has a price. */
  readonly money: number;
  /** True when something that costs has no price. */
  readonly unpriced: boolean;
}

type Line = Omit<TakesLine, 'stepId' | 'money'> & { readonly money?: number | null };

function linesOf(step: PlannedStep, made: Plan): Line[] {
  const { settings: s, template } = step;
  const equipment = made.request.kit.equipment ?? {};
  const inletC = equipment.inletC ?? USUAL_INLET_C;
  const lines: Line[] = [];
  const heat = (litres: number, toC: number): void =>
    void lines.push({ what: 'heat-water', kWh: heatingKWh(litres, inletC, toC), litres, from: { litres, inletC, toC } });
  const motor = (what: TakesWhat, kW: number, minutes: number): void =>
    void (minutes > 0 && lines.push({ what, kWh: (kW * minutes) / 60, litres: 0, from: { kW, minutes } }));
  switch (template.do) {
    case 'machine-wash': {
      const fillL = made.cycle?.litres ? made.cycle.litres / ((s.rinses ?? 0) + 1) : made.knowledge.settings.drumRinseLitres;
      heat(fillL, s.tempC ?? inletC);
      lines.push({ what: 'rinse', kWh: 0, litres: fillL * (s.rinses ?? 0), from: { fills: s.rinses ?? 0, litres: fillL } });
      motor('wash-motor', MOTOR_KW.washer, step.unattendedMin || made.knowledge.settings.cycleMinutes);
      break;
    }
    case 'machine-rinse':
    case 'bath-rinse': {
      const fills = s.rinses ?? 1;
      const litres = s.rinseModel?.freshL ?? made.knowledge.settings.drumRinseLitres;
      const warmL = template.do === 'bath-rinse' ? fills * litres : 0;
      lines.push({
        what: 'rinse',
        kWh: heatingKWh(warmL, inletC, s.tempC ?? inletC),
        litres: fills * litres,
        from: { fills, litres, ...(warmL > 0 ? { inletC, toC: s.tempC ?? inletC } : {}) },
      });
      motor('wash-motor', MOTOR_KW.washer, step.unattendedMin);
      break;
    }
    case 'tub-wash':
    case 'hand-wash':
      heat(s.litresPerFill ?? made.knowledge.settings.bathLitres[made.bulk], s.tempC ?? inletC);
      break;
    case 'purge-machine': {
      const litres = made.knowledge.settings.drumRinseLitres;
      lines.push({
        what: 'purge',
        kWh: heatingKWh(litres, inletC, ENERGY_FIGURES.hotEmptyC.value),
        litres: 3 * litres,
        from: { litres, inletC, toC: ENERGY_FIGURES.hotEmptyC.value },
      });
      motor('wash-motor', MOTOR_KW.washer, step.unattendedMin);
      break;
    }
    case 'tumble':
    case 'fluff':
    case 'heat-tumble': {
      const wet = template.do === 'tumble';
      const kind = made.dryer?.kind ?? DRYER_KINDS[0];
      const waterKg = wet && made.method !== 'none' ? (made.massG / 1000) * heldWet(made) : 0;
      const hours = step.unattendedMin / 60;
      const { heatKWh, motorKWh } = tumblingKWh({ waterKg, hours, heat: s.heat ?? 'low', dryer: kind });
      lines.push({ what: 'dry-heat', kWh: heatKWh, litres: 0, from: { waterKg } });
      lines.push({ what: 'dry-motor', kWh: motorKWh, litres: 0, from: { kW: MOTOR_KW.dryer, minutes: step.unattendedMin } });
      break;
    }
    case 'heat-iron':
      motor('finish-heat', MOTOR_KW.iron, step.attendedMin);
      break;
    case 'heat-hair-dryer':
      motor('finish-heat', MOTOR_KW['hair-dryer'], step.attendedMin);
      break;
    case 'dry-fan':
    case 'dry-moving-air':
      if (equipment.room?.fan) motor('fan', MOTOR_KW.fan, step.unattendedMin);
      break;
  }
  for (const [cls, ml] of [
    [s.cleaner, s.doseMl],
    [s.proofer, s.prooferMl],
  ] as const) {
    if (!cls || !ml) continue;
    const bottle = (made.request.kit.supplies ?? []).find((b) => b.id === s.supplyId);
    const money = bottle?.price && bottle.sizeMl ? (bottle.price.amount / bottle.sizeMl) * ml : null;
    lines.push({ what: 'supply', kWh: 0, litres: 0, money, supply: { class: cls, ml }, from: { ml } });
  }
  return lines;
}

function priced(line: Line, prices: NonNullable<Preferences['prices']>): number | null {
  if (line.what === 'supply') return line.money ?? null;
  const { electricityPerKWh, waterPerM3 } = prices;
  if ((line.kWh > 0 && electricityPerKWh === undefined) || (line.litres > 0 && waterPerM3 === undefined)) return null;
  return line.kWh * (electricityPerKWh ?? 0) + (line.litres / 1000) * (waterPerM3 ?? 0);
}

/** What a plan takes, one line for each thing, in the order of the steps. Steps behind a failed check are left out. */
export function takes(made: Plan, share = 1): Takes {
  const prices = made.request.kit.preferences?.prices ?? {};
  const lines = made.steps.flatMap((step, n) =>
    step.template.ifFailed
      ? []
      : linesOf(step, made).map((line): TakesLine => {
          const part = SHARED.has(line.what) ? share : 1;
          const shared = { ...line, kWh: line.kWh * part, litres: line.litres * part };
          return { ...shared, stepId: `st-${n + 1}`, money: priced(shared, prices) };
        }),
  );
  const sum = (of: (line: TakesLine) => number): number => lines.reduce((total, line) => total + of(line), 0);
  return {
    lines,
    kWh: sum((l) => l.kWh),
    litres: sum((l) => l.litres),
    money: sum((l) => l.money ?? 0),
    unpriced: lines.some((l) => l.money === null),
  };
}
/** What two things in one drum share; each dries its own water and has its own dose. */
const SHARED = new Set<TakesWhat>(['heat-water', 'wash-motor', 'rinse', 'purge', 'dry-motor']);

export interface Alternative {
  readonly id: 'planned' | 'cooler' | 'line' | 'together';
  /** °C, or how many in the drum. */
  readonly with?: number;
  readonly takes: Takes;
}
const COOL_C = 20;

/** Most of its kind that go into one drum together: what the construction allows, and the machine's kilograms. */
export function mostTogether(made: Plan): number {
  const most = pick(made.knowledge.settings.atMostALoad, made.facts) ?? 1;
  const capacity = made.washer?.capacityKg;
  return Math.max(1, Math.min(most, capacity ? Math.floor((capacity * 1000) / made.massG) : most));
}

/** The plan beside what it could be: cooler water, drying in the air, two or more together; only those the plan itself would allow. */
export function alternatives(made: Plan): Alternative[] {
  const list: Alternative[] = [{ id: 'planned', takes: takes(made) }];
  const { item, kit } = made.request;
  const same = (other: Plan): boolean =>
    other.method === made.method && other.assessment.aims.join() === made.assessment.aims.join();
  if (made.facts.has('aim:wash') && made.tempC > COOL_C && made.method !== 'refer') {
    const cooler = plan({ ...made.request, item: { ...item, own: { ...item.own, tempC: COOL_C } } }, made.knowledge);
    if (same(cooler)) list.push({ id: 'cooler', with: COOL_C, takes: takes(cooler) });
  }
  if (made.steps.some((s) => s.template.do === 'tumble')) {
    const aired = plan({ ...made.request, kit: { ...kit, equipment: { ...kit.equipment, dryers: [] } } }, made.knowledge);
    const tumbles = aired.steps.some((s) => ['tumble', 'heat-tumble', 'fluff'].includes(s.template.do));
    if (same(aired) && !tumbles) list.push({ id: 'line', takes: takes(aired) });
  }
  const most = mostTogether(made);
  if (made.method === 'machine' && made.facts.has('aim:wash') && most > 1)
    list.push({ id: 'together', with: most, takes: takes(made, 1 / most) });
  return list;
}
