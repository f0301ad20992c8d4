import type { CareLabel, Component, Inspection, Item, Kit, UseEntry } from '../src/core/gear';
import type { Knowledge } from '../src/core/knowledge';
import { KNOWLEDGE } from '../src/core/knowledge';
import type { Programme, ProgrammeStep } from '../src/core/document';
import { plan, writeProgramme } from '../src/core/programme';

/** Names that the shipped knowledge does not have, for knowledge that a test makes up. */
export const invented = <T>(names: unknown): T => names as T;

/* Small makers for things, looks and kits. Everything not said is left unknown. */

export const comp = (part: Component['part'], material: Component['material'], rest: Partial<Component> = {}): Component => ({
  part,
  material,
  ...rest,
});
export const label = (
  maxC: 30 | 40 | 50 | 60 | 70 | 95,
  action: 'normal' | 'mild' | 'very-mild' | 'hand',
  rest: Omit<CareLabel, 'wash'> = {},
): CareLabel => ({ wash: { allowed: true, maxC, action }, ...rest });
export const item = (kind: Item['kind'], components: Component[], rest: Partial<Item> = {}): Item => ({
  id: 'x',
  kind,
  components,
  label: null,
  ...rest,
});

export const DOWN_LABEL = label(30, 'very-mild', { tumble: 'low', bleach: 'none', ironMaxC: 0 });
export const down = (rest: Partial<Item> = {}): Item =>
  item(
    'jacket',
    [comp('face', 'polyamide-woven', { attributes: { denier: 20 } }), comp('fill', 'down'), comp('lining', 'polyamide-woven')],
    { massG: 430, bulk: 'medium', fittings: ['zip', 'hook-and-loop'], repellency: 'none', label: DOWN_LABEL, ...rest },
  );
/** The same thing with these fields left open. */
export function without(thing: Item, ...fields: readonly ('repellency' | 'bulk')[]): Item {
  const next = { ...thing };
  for (const field of fields) delete next[field];
  return next;
}
export const downBag = (rest: Partial<Item> = {}): Item => down({ kind: 'sleeping-bag', massG: 1300, bulk: 'large', ...rest });
export const shell = (rest: Partial<Item> = {}): Item =>
  item('jacket', [comp('face', 'polyamide-woven'), comp('membrane', 'membrane')], {
    massG: 450,
    bulk: 'small',
    fittings: ['zip'],
    repellency: 'finish',
    lining: 'plain',
    label: label(40, 'mild', { tumble: 'normal', bleach: 'none', ironMaxC: 0 }),
    ...rest,
  });
export const warmShell = (rest: Partial<Item> = {}): Item =>
  item('jacket', [comp('face', 'polyamide-woven'), comp('membrane', 'membrane'), comp('fill', 'polyester-fill')], {
    massG: 1000,
    bulk: 'medium',
    repellency: 'finish',
    lining: 'insulated',
    fittings: ['zip'],
    label: label(30, 'mild', { tumble: 'none' }),
    ...rest,
  });
export const canvas = (rest: Partial<Item> = {}): Item =>
  item(
    'shoe',
    [
      comp('upper', 'cotton-canvas', { bonded: 'cemented' }),
      comp('outsole', 'rubber'),
      comp('insole', 'eva-foam', { removable: true }),
      comp('laces', 'cotton', { removable: true }),
    ],
    { massG: 820, bulk: 'small', fittings: ['laces', 'eyelets'], colour: { class: 'white', bleed: 'safe' }, ...rest },
  );

export const KIT: Pick<Kit, 'equipment' | 'supplies' | 'preferences'> = {
  equipment: {
    washers: [
      {
        id: 'w1',
        kind: 'front-loader',
        capacityKg: 8,
        drumLitres: 58,
        spinRpm: [400, 600, 800, 1200],
        cycles: [{ name: 'Delicate', tempC: 30, minutes: 48, spinRpm: 600, rinses: 2, litres: 45 }],
      },
      { id: 't1', kind: 'tub' },
      { id: 'b1', kind: 'basin' },
    ],
    dryers: [{ id: 'd1', kind: 'vented', drumLitres: 112, heats: ['air', 'low', 'medium', 'high'] }],
    room: { airC: 20, rhPercent: 50, fan: true },
    waterHardnessMgPerL: 100,
  },
  supplies: [
    { id: 's1', class: 'down-cleaner', remainingMl: 500, labelDoseMl: 100 },
    { id: 's2', class: 'technical-cleaner', remainingMl: 500, labelDoseMl: 80 },
    { id: 's3', class: 'dryer-balls', remainingCount: 4 },
    { id: 's4', class: 'spray-proofer', remainingMl: 300 },
    { id: 's5', class: 'plain-liquid', remainingMl: 900, labelDoseRangeMl: [30, 75] },
    { id: 's6', class: 'melamine-sponge', remainingCount: 3 },
    { id: 's7', class: 'stain-remover', remainingMl: 200, labelDoseMl: 30 },
  ],
};
/** Its washing machine and its dryer. */
export const WASHER = KIT.equipment?.washers?.[0];
export const DRYER = KIT.equipment?.dryers?.[0];
export type KitPart = Partial<typeof KIT> & Pick<Kit, 'log'>;

export const supply = (
  cls: NonNullable<Kit['supplies']>[number]['class'],
  rest: object = {},
): NonNullable<Kit['supplies']>[number] => ({ id: `z-${cls}`, class: cls, ...rest });
/** The usual kit with more in the cupboard. */
export const withSupplies = (...classes: NonNullable<Kit['supplies']>[number]['class'][]): KitPart => ({
  supplies: [...(KIT.supplies ?? []), ...classes.map((c) => supply(c))],
});
/** The usual kit with other equipment. */
export const withEquipment = (change: object): KitPart => ({ equipment: { ...KIT.equipment, ...change } });
export const withSchool = (school: string, option: string): KitPart => ({ preferences: { schools: { [school]: option } } });

export type Seen = Omit<Partial<Inspection>, 'id' | 'itemId' | 'at'>;
/** Uses of the thing under test after its look, and whatever else its record says. */
export const used = (...uses: Partial<UseEntry>[]): KitPart => ({
  log: uses.map((use, n) => ({ id: `u${n}`, type: 'use', itemId: 'x', at: '2027-01-03T18:00:00Z', ...use })),
});
export const CLEAN: Seen = { soil: 0, odour: 0 };
export const DIRTY: Seen = { soil: 2, odour: 0 };

export function programme(thing: Item, seen: Seen | null, kit: KitPart = {}, knowledge: Knowledge = KNOWLEDGE): Programme {
  const inspection = seen === null ? null : { ...seen, id: 'i', itemId: thing.id, at: '2027-01-03T08:00:00Z' };
  return writeProgramme(plan({ item: thing, inspection, kit: { ...KIT, ...kit } }, knowledge));
}
export const step = (p: Programme, key: string): ProgrammeStep | undefined => p.steps.find((s) => s.key === key);
export const doing = (p: Programme, verb: string): ProgrammeStep | undefined => p.steps.find((s) => s.do === verb);
export const keys = (p: Programme): string[] => p.steps.map((s) => s.key);
/** True when the steps stand in this order (others may lie between). */
export function inOrder(p: Programme, ...wanted: string[]): boolean {
  const all = keys(p);
  let at = -1;
  return wanted.every((key) => (at = all.indexOf(key, at + 1)) >= 0);
}
export const refused = (p: Programme, option: string): string | undefined => p.blocked.find((b) => b.option === option)?.rule;
