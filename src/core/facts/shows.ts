import type { Component, Damage, Item, Soil, Wear } from '../gear';
import { DAMAGES, SOILS, WEARS } from '../gear';
import { DAMAGE_SHOWS, SOIL_SHOWS, WEAR_SHOWS, type ShowsOn } from '../knowledge';

function shows(on: ShowsOn | undefined, { kind, components, fittings }: Item): boolean {
  if (!on) return true;
  return (
    on.kinds?.includes(kind) === true ||
    components.some((c) => on.parts?.includes(c.part) === true || on.materials?.includes(c.material) === true) ||
    (fittings ?? []).some((f) => on.fittings?.includes(f))
  );
}
/** Of a list of signs, those that this thing can show and those that it is said to show already. */
const those = <T extends string>(all: readonly T[], on: Partial<Record<T, ShowsOn>>, item: Item, said: readonly T[] = []): T[] =>
  all.filter((sign) => said.includes(sign) || shows(on[sign], item));

/** Signs of wear that a thing can show. @param said ticked already, so never left out. */
export const wearsOf = (item: Item, said?: readonly Wear[]): Wear[] => those(WEARS, WEAR_SHOWS, item, said);
/** Damage that a thing can have. */
export const damagesOf = (item: Item): Damage[] => those(DAMAGES, DAMAGE_SHOWS, item);
/** What a thing can be soiled or marked with. */
export const soilsOf = (item: Item, said?: readonly Soil[]): Soil[] => those(SOILS, SOIL_SHOWS, item, said);

/** The part that a sign of wear lies on; undefined where it may be anywhere. */
export function wearAt({ components }: Pick<Item, 'components'>, wear: Wear): Component | undefined {
  const on = WEAR_SHOWS[wear];
  if (!on) return undefined;
  return (
    components.find((c) => on.parts?.includes(c.part) === true) ??
    components.find((c) => on.materials?.includes(c.material) === true)
  );
}
