/** Moisture that a dry thing holds in balance with the air, by fibre. */
import type { Item, Material } from '../gear';
import { DRYING_FIGURES } from '../knowledge';

/** Driest and dampest air that is taken, %. */
const RH_ENDS = [5, 95] as const;
const ANCHOR_RH = 65;
const odds = (rhPercent: number): number => rhPercent / (100 - rhPercent);

/** Regain of a material at a humidity, kg per kg: Oswin's isotherm M = M₆₅·(odds(RH)/odds(65 %))^n. @param rhPercent 0 to 100. */
export function regain(material: Material, rhPercent: number): number {
  const rh = Math.min(RH_ENDS[1], Math.max(RH_ENDS[0], rhPercent));
  return (DRYING_FIGURES.regain65.value[material] ?? 0) * (odds(rh) / odds(ANCHOR_RH)) ** DRYING_FIGURES.isothermPower.value;
}

/** Regain of a whole thing: the fill by its own mass where it is known, the rest shared evenly by the other layers that stay on. */
export function regainOf(item: Pick<Item, 'components' | 'massG'>, rhPercent: number): number {
  const fillG = (c: Item['components'][number]): number => (c.part === 'fill' ? (c.attributes?.fillMassG ?? 0) : 0);
  const massG = item.massG ?? 0;
  const knownG = item.components.reduce((sum, c) => sum + fillG(c), 0);
  const others = item.components.filter((c) => fillG(c) === 0);
  const share = (c: Item['components'][number]): number => {
    if (massG > knownG && knownG > 0) return fillG(c) > 0 ? fillG(c) / massG : (massG - knownG) / massG / others.length;
    return 1 / item.components.length;
  };
  return item.components.reduce((sum, c) => sum + share(c) * regain(c.material, rhPercent), 0);
}

/** Dry mass to be expected now, g, from one recorded at another humidity. Unknown humidities leave it as it was. */
export function dryMassNow(
  item: Pick<Item, 'components' | 'massG'>,
  recordedG: number,
  thenRh: number | undefined,
  nowRh: number | undefined,
): number {
  if (thenRh === undefined || nowRh === undefined) return recordedG;
  return (recordedG * (1 + regainOf(item, nowRh))) / (1 + regainOf(item, thenRh));
}
