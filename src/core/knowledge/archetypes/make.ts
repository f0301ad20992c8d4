import type { Component, Item, Kind, Material, Part } from '../../gear';

export const ARCHETYPE_GROUPS = [
  'Down',
  'Waterproof',
  'Filled and windproof',
  'Layers',
  'Shoes and boots',
  'Carrying and drinking',
  'Shelter',
  'Cloths and cotton',
  'Costume and pads',
  'Lives hang on it',
] as const;
export type ArchetypeGroup = (typeof ARCHETYPE_GROUPS)[number];

/** A starting construction to correct: what such a thing is usually made of [common practice, no source]. */
export interface Archetype {
  readonly id: string;
  readonly group: ArchetypeGroup;
  readonly name: string;
  readonly hint: string;
  readonly item: Omit<Item, 'id' | 'name' | 'label'>;
}
type Rest = Omit<Item, 'id' | 'name' | 'label' | 'kind' | 'components'>;

/** A component, in a line. */
export const c = (part: Part, material: Material, rest: Partial<Component> = {}): Component => ({ part, material, ...rest });
export const face = c('face', 'polyamide-woven');
export const liner = c('lining', 'polyamide-woven');
export const down = c('fill', 'down');
export const batting = c('fill', 'polyester-fill');
export const membrane = c('membrane', 'membrane');
/** The layers of a shoe with such an upper. */
export const shoe = (upper: Material): Component[] => [
  c('upper', upper, { bonded: 'cemented' }),
  c('outsole', 'rubber', { bonded: 'cemented' }),
  c('insole', 'eva-foam', { removable: true }),
  c('laces', 'polyester-woven', { removable: true }),
];
export const LACED: Rest = { bulk: 'small', fittings: ['laces', 'eyelets', 'removable-insole'] };

/** Constructions of one group, a row each. */
export function make(
  group: ArchetypeGroup,
  rows: readonly (readonly [id: string, name: string, hint: string, kind: Kind, components: Component[], rest: Rest])[],
): Archetype[] {
  return rows.map(([id, name, hint, kind, components, rest]) => ({ id, group, name, hint, item: { kind, components, ...rest } }));
}
