import { coolerSaving, heatingKWh, tumblingKWh, washKWh } from '../energy';
import { takes } from '../energy/takes';
import { DRYER_KINDS, HEATS, type DryerKind } from '../gear';
import type { Plan } from '../programme';
import { DRYER_WORDS, HEAT_WORDS } from '../words/names';
import { readFields, type Fields, type Read } from './fields';

const DRIED = ['line', ...DRYER_KINDS] as const;

export const ENERGY_FIELDS = {
  heated: { kind: 'number', label: 'Water that is heated', unit: 'L', min: 0.5, max: 500, usual: 15 },
  inlet: { kind: 'number', label: 'Water from the mains', unit: '°C', min: 1, max: 60, usual: 12 },
  temp: { kind: 'number', label: 'Wash at', unit: '°C', min: 1, max: 95, usual: 40 },
  cooler: { kind: 'number', label: 'Compared with', unit: '°C', min: 1, max: 95, usual: 20 },
  motor: { kind: 'number', label: 'Drum and pump', unit: 'kWh', min: 0, max: 5, usual: 0.1 },
  litres: { kind: 'number', label: 'Water in all', unit: 'L', min: 0, max: 2000, usual: 45 },
  dried: { kind: 'choice', label: 'Dried', options: DRIED, usual: 'vented', words: { line: 'in the air', ...DRYER_WORDS } },
  heat: { kind: 'choice', label: 'Heat', options: HEATS, usual: 'low', words: HEAT_WORDS },
  water: { kind: 'number', label: 'Water to drive off', unit: 'kg', min: 0, max: 20, usual: 0.5 },
  hours: { kind: 'number', label: 'Dryer runs', unit: 'h', min: 0, max: 24, usual: 2 },
  kwh: { kind: 'number', label: 'Price of a kWh', unit: '', min: 0, max: 100, usual: null },
  m3: { kind: 'number', label: 'Price of a m³ of water', unit: '', min: 0, max: 1000, usual: null },
} as const satisfies Fields;

export interface EnergyAnswer {
  readonly heatKWh: number;
  readonly washKWh: number;
  readonly coolerKWh: number;
  /** Share saved by the compared temperature; below 0 when it costs more. */
  readonly saving: number;
  readonly dryHeatKWh: number;
  readonly dryMotorKWh: number;
  readonly totalKWh: number;
  /** Null when a price that it needs is not written. */
  readonly money: number | null;
}

/** Energy, water and money of one wash and its drying, from an address. */
export function energyBench(get: (name: string) => string | null): {
  readonly read: Read<typeof ENERGY_FIELDS>;
  readonly answer: EnergyAnswer | null;
} {
  const read = readFields(ENERGY_FIELDS, get);
  const v = read.values;
  if (!v) return { read, answer: null };
  const wash = { heatedL: v.heated, inletC: v.inlet, tempC: v.temp, motorKWh: v.motor };
  const dry =
    v.dried === 'line'
      ? { heatKWh: 0, motorKWh: 0 }
      : tumblingKWh({ waterKg: v.water, hours: v.hours, heat: v.heat, dryer: v.dried as DryerKind });
  const total = washKWh(wash) + dry.heatKWh + dry.motorKWh;
  return {
    read,
    answer: {
      heatKWh: heatingKWh(v.heated, v.inlet, v.temp),
      washKWh: washKWh(wash),
      coolerKWh: washKWh({ ...wash, tempC: v.cooler }),
      saving: coolerSaving(wash, v.cooler),
      dryHeatKWh: dry.heatKWh,
      dryMotorKWh: dry.motorKWh,
      totalKWh: total,
      money: v.kwh === undefined || v.m3 === undefined ? null : total * v.kwh + (v.litres / 1000) * v.m3,
    },
  };
}

/** What a thing's own plan puts into the fields. */
export function energyFrom(made: Plan): Partial<Record<keyof typeof ENERGY_FIELDS, string>> {
  const { lines, litres } = takes(made);
  const round = (x: number): string => String(Math.round(x * 100) / 100);
  const heat = lines.find((l) => l.what === 'heat-water');
  const motor = lines.filter((l) => l.what === 'wash-motor').reduce((sum, l) => sum + l.kWh, 0);
  const dry = lines.find((l) => l.what === 'dry-heat');
  const turns = lines.filter((l) => l.what === 'dry-motor').reduce((sum, l) => sum + (l.from.minutes ?? 0), 0);
  const heated = made.steps.find((s) => s.settings.heat !== undefined)?.settings.heat;
  const { equipment, preferences } = made.request.kit;
  return {
    ...(heat ? { heated: round(heat.litres) } : {}),
    ...(equipment?.inletC === undefined ? {} : { inlet: String(equipment.inletC) }),
    temp: String(made.tempC),
    motor: round(motor),
    litres: round(litres),
    dried: dry ? (made.dryer?.kind ?? 'commercial') : 'line',
    ...(heated ? { heat: heated } : {}),
    water: round(dry?.from.waterKg ?? 0),
    hours: round(turns / 60),
    kwh: preferences?.prices?.electricityPerKWh === undefined ? '' : String(preferences.prices.electricityPerKWh),
    m3: preferences?.prices?.waterPerM3 === undefined ? '' : String(preferences.prices.waterPerM3),
  };
}
