import { WATER_KJ_PER_KG_K } from '../energy';
import type { Alternative, TakesLine, TakesWhat } from '../energy/takes';
import { SUPPLY_WORDS } from '../words';

export const TAKES_WORDS: Record<TakesWhat, string> = {
  'heat-water': 'Heating the water',
  'wash-motor': 'Drum and pump',
  rinse: 'Rinsing',
  'dry-heat': 'Driving the water off',
  'dry-motor': 'Dryer drum and fan',
  purge: 'Empty hot cycle',
  'finish-heat': 'Warming the finish',
  fan: 'Fan',
  supply: 'Supply',
};

const n = (x: number | undefined, digits = 1): string => (Math.round((x ?? 0) * 10 ** digits) / 10 ** digits).toString();

/** The sum behind a line, with the numbers in it. */
export function takesWorking({ what, from, kWh, supply }: TakesLine): string {
  const heat = `${n(from.litres)} L × ${WATER_KJ_PER_KG_K} kJ/(kg·K) × (${n(from.toC)} − ${n(from.inletC)}) K ÷ 3600 = ${n(kWh, 2)} kWh`;
  switch (what) {
    case 'heat-water':
      return (from.toC ?? 0) > (from.inletC ?? 0) ? heat : `${n(from.litres)} L, no warmer than the mains: 0 kWh`;
    case 'purge':
      return heat;
    case 'rinse':
      return `${n(from.fills)} × ${n(from.litres)} L${kWh > 0 ? `, warmed from ${n(from.inletC)} to ${n(from.toC)} °C: ${n(kWh, 2)} kWh` : ''}`;
    case 'dry-heat':
      return kWh > 0
        ? `${n(from.waterKg, 2)} kg of water × latent heat ÷ the dryer’s yield = ${n(kWh, 2)} kWh`
        : 'no heat: the room dries it';
    case 'supply':
      return `${n(from.ml)} mL ${supply ? SUPPLY_WORDS[supply.class] : ''}`;
    default:
      return `${n(from.kW, 2)} kW × ${n(from.minutes, 0)} min ÷ 60 = ${n(kWh, 2)} kWh`;
  }
}

/** What another way would save, in a sentence. */
export function alternativeText({ id, with: figure }: Alternative): string {
  switch (id) {
    case 'planned':
      return 'As planned';
    case 'cooler':
      return `Washed at ${figure} °C`;
    case 'line':
      return 'Dried in the air';
    case 'together':
      return `${figure} in one drum, each`;
  }
}
