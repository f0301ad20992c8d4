import type { StepSettings } from '../document';
import { DRYER_KINDS, type DryerKind, type Equipment, type Preferences, type Supply, type SupplyClass } from '../gear';
import { ENERGY_FIGURES, KNOWLEDGE, WATER_FIGURES } from '../knowledge';
import { plan, type Plan, type PlannedStep } from '../programme';
import { pick } from '../facts';
import { bathLitres } from '../programme/machines';
import { heldWet } from '../programme/settings';
import { heatingKWh, MOTOR_KW, tumblingKWh } from './index';

/** Temperature of the mains when it was never measured, °C. */
const USUAL_INLET_C = ENERGY_FIGURES.inletC.value;
/** Litres of one fill of a drum whose programme does not say, and minutes of such a programme. */
export const DRUM_RINSE_L = KNOWLEDGE.settings.drumRinseLitres;

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

/** A step as it was planned or carried out. */
export interface WorkStep {
  readonly do: string;
  readonly settings: StepSettings;
  readonly attendedMin: number;
  readonly unattendedMin: number;
}
/** What a step's needs rest on beside its settings. */
export interface WorkOn {
  readonly equipment: Equipment;
  readonly supplies: readonly Supply[];
  /** Litres of a fill, of a bath; kg of water that a drying drives off; which dryer. */
  readonly fillL: number;
  readonly bathL: number;
  readonly waterKg: number;
  readonly dryer: DryerKind;
  readonly cycleMinutes: number;
}

/** The cleaner or proofer that a step takes, and what it is worth. */
const suppliesOf = (s: WorkStep['settings'], supplies: readonly Supply[]): Line[] =>
  (
    [
      [s.cleaner, s.doseMl],
      [s.proofer, s.prooferMl],
    ] as const
  ).flatMap(([cls, ml]): Line[] => {
    if (!cls || !ml) return [];
    const money = worthOf(
      supplies.find((b) => b.id === s.supplyId),
      ml,
    );
    return [{ what: 'supply', kWh: 0, litres: 0, money, supply: { class: cls, ml }, from: { ml } }];
  });

/** What one step needs, line by line; supplies are told by their settings. */
export function linesOf(step: WorkStep, on: WorkOn): Line[] {
  const { settings: s } = step;
  const { equipment } = on;
  const inletC = equipment.inletC ?? USUAL_INLET_C;
  const lines: Line[] = [];
  const heat = (litres: number, toC: number): void =>
    void lines.push({ what: 'heat-water', kWh: heatingKWh(litres, inletC, toC), litres, from: { litres, inletC, toC } });
  const motor = (what: TakesWhat, kW: number, minutes: number): void =>
    void (minutes > 0 && lines.push({ what, kWh: (kW * minutes) / 60, litres: 0, from: { kW, minutes } }));
  switch (step.do) {
    case 'machine-wash': {
      const { fillL } = on;
      heat(fillL, s.tempC ?? inletC);
      lines.push({ what: 'rinse', kWh: 0, litres: fillL * (s.rinses ?? 0), from: { fills: s.rinses ?? 0, litres: fillL } });
      motor('wash-motor', MOTOR_KW.washer, step.unattendedMin || on.cycleMinutes);
      break;
    }
    case 'machine-rinse':
    case 'bath-rinse': {
      const fills = s.rinses ?? 1;
      const litres = s.rinseModel?.freshL ?? DRUM_RINSE_L;
      const warmL = step.do === 'bath-rinse' ? fills * litres : 0;
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
      heat(s.litresPerFill ?? on.bathL, s.tempC ?? inletC);
      break;
    case 'purge-machine': {
      const litres = DRUM_RINSE_L;
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
      const wet = step.do === 'tumble';
      const waterKg = wet ? on.waterKg : 0;
      const hours = step.unattendedMin / 60;
      const { heatKWh, motorKWh } = tumblingKWh({ waterKg, hours, heat: s.heat ?? 'low', dryer: on.dryer });
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
  return [...lines, ...suppliesOf(s, on.supplies)];
}

/** What so much of a bottle is worth; null when its price or size is not known. */
export const worthOf = (bottle: Supply | undefined, ml: number): number | null =>
  bottle?.price && bottle.sizeMl ? (bottle.price.amount / bottle.sizeMl) * ml : null;

/** The money of a line; null when its price is not known. */
export function priced(line: Line, prices: NonNullable<Preferences['prices']>): number | null {
  if (line.what === 'supply') return line.money ?? null;
  const { electricityPerKWh, waterPerM3 } = prices;
  if ((line.kWh > 0 && electricityPerKWh === undefined) || (line.litres > 0 && waterPerM3 === undefined)) return null;
  return line.kWh * (electricityPerKWh ?? 0) + (line.litres / 1000) * (waterPerM3 ?? 0);
}

const onOf = (made: Plan, { settings }: PlannedStep): WorkOn => ({
  equipment: made.request.kit.equipment ?? {},
  supplies: made.request.kit.supplies ?? [],
  fillL: made.cycle?.litres ? made.cycle.litres / ((settings.rinses ?? 0) + 1) : DRUM_RINSE_L,
  bathL: bathLitres(made),
  waterKg: made.method === 'none' ? 0 : (made.massG / 1000) * heldWet(made),
  dryer: made.dryer?.kind ?? DRYER_KINDS[0],
  cycleMinutes: made.cycle?.minutes ?? made.knowledge.settings.cycleMinutes[made.cycleStyle],
});

/** What a plan takes, one line for each thing, in the order of the steps. Steps behind a failed check are left out. */
export function takes(made: Plan, share = 1): Takes {
  const prices = made.request.kit.preferences?.prices ?? {};
  const lines = made.steps.flatMap((step, n) =>
    step.template.ifFailed
      ? []
      : linesOf({ ...step, do: step.template.do }, onOf(made, step)).map((line): TakesLine => {
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
/** The warmest water that is called cold. */
const COOL_C = WATER_FIGURES.waterEndsC.value.cold;

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
