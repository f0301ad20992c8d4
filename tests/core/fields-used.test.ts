import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import type { Inspection, Item, Kit } from '../../src/core/gear';
import { planItem } from '../../src/core/programme';
import type { Programme } from '../../src/core/document';
import { canvas, comp, down, item, KIT, label, shell, supply, DRYER, WASHER } from '../make';

/*
 * Every field of the kit format, changed once: a programme changes with it, or the field stands on the list of what is kept and not used,
 * with its reason. The fields are read off the JSON Schema, so that a new one cannot be forgotten.
 */

type Change = readonly [field: string, thing: Item, seen: Partial<Inspection>, from: object, to: object];
type KitPart = Pick<Kit, 'equipment' | 'supplies' | 'preferences'>;

const DIRTY = { soil: 2, odour: 0 } as const;
const cloth = item('cloth', [comp('face', 'split-microfibre')], { massG: 90, jobClass: 'paint' });
const shirt = item('base-layer', [comp('face', 'polyester-knit')], { label: label(40, 'mild'), massG: 200, bulk: 'small' });
const field = item('jacket', [comp('face', 'polyester-woven')], {
  repellency: 'none',
  massG: 400,
  bulk: 'small',
  label: label(40, 'mild'),
});
const jersey = item('jersey', [comp('face', 'polyester-knit')], { massG: 200, bulk: 'small' });

const of = (thing: Item, seen: Partial<Inspection>, kit: KitPart): Programme =>
  planItem({ ...KIT, ...kit, inspections: [{ id: 'i', itemId: thing.id, at: '2027-01-03T08:00:00Z', ...seen }] }, thing);
const told = ({ itemId: _, ...rest }: Programme): string => JSON.stringify(rest);

/** Item fields: the same thing with the field as in `from` and as in `to`. */
const flask = item('soft-flask', [comp('shell', 'tpu')]);
const ITEM: readonly Change[] = [
  ['inFreezer', flask, { soil: 1 }, {}, { inFreezer: true }],
  ['kind', shirt, DIRTY, { kind: 'base-layer' }, { kind: 'jersey' }],
  ['components', shirt, DIRTY, {}, { components: [comp('face', 'merino')] }],
  ['components.part', canvas(), DIRTY, {}, { components: [comp('trim', 'cotton-canvas'), comp('outsole', 'rubber')] }],
  [
    'components.attributes.fabric',
    shirt,
    DIRTY,
    { components: [comp('face', 'cotton')] },
    { components: [comp('face', 'cotton', { attributes: { fabric: 'denim' } })] },
  ],
  ['components.material', shirt, DIRTY, {}, { components: [comp('face', 'cotton')] }],
  [
    'components.removable',
    canvas({ fittings: [] }),
    DIRTY,
    {},
    { components: [comp('upper', 'cotton-canvas'), comp('insole', 'eva-foam', { removable: false })] },
  ],
  [
    'components.bonded',
    canvas(),
    DIRTY,
    { components: [comp('upper', 'cotton-canvas'), comp('insole', 'eva-foam')] },
    { components: [comp('upper', 'cotton-canvas'), comp('insole', 'eva-foam', { bonded: 'cemented' })] },
  ],
  [
    'components.attributes.denier',
    down(),
    DIRTY,
    {},
    { components: [comp('face', 'polyamide-woven', { attributes: { denier: 7 } }), comp('fill', 'down')] },
  ],
  [
    'components.attributes.hydrophobic',
    down(),
    DIRTY,
    {},
    { components: [comp('face', 'polyamide-woven'), comp('fill', 'down', { attributes: { hydrophobic: true } })] },
  ],
  ['label', shirt, DIRTY, {}, { label: null }],
  ['label.wash', shirt, DIRTY, {}, { label: {} }],
  ['label.wash.allowed', shirt, DIRTY, {}, { label: { wash: { allowed: false } } }],
  ['label.wash.maxC', down(), DIRTY, {}, { label: label(40, 'very-mild', { tumble: 'low' }) }],
  ['label.wash.action', shirt, DIRTY, {}, { label: label(40, 'hand') }],
  ['label.bleach', shirt, { ...DIRTY, stains: [{ soil: 'sweat' }] }, {}, { label: label(40, 'mild', { bleach: 'none' }) }],
  ['label.tumble', down(), DIRTY, {}, { label: label(30, 'very-mild', { tumble: 'none' }) }],
  ['label.naturalDrying', shirt, DIRTY, {}, { label: label(40, 'mild', { naturalDrying: ['flat'] }) }],
  [
    'label.ironMaxC',
    shell({ label: label(40, 'mild', { tumble: 'none' }) }),
    DIRTY,
    {},
    { label: label(40, 'mild', { tumble: 'none', ironMaxC: 110 }) },
  ],
  ['massG', down(), DIRTY, { massG: 430 }, { massG: 900 }],
  ['bulk', down({ schools: { 'DOWN-PLACE': 'bathtub' } }), DIRTY, { bulk: 'medium' }, { bulk: 'large' }],
  ['colour', canvas(), DIRTY, {}, { colour: { class: 'dark' } }],
  ['colour.class', canvas(), DIRTY, {}, { colour: { class: 'dark', bleed: 'safe' } }],
  ['colour.bleed', shirt, DIRTY, { colour: { bleed: 'safe' } }, { colour: { bleed: 'bleeds' } }],
  ['marks', field, DIRTY, {}, { marks: ['scent-critical'] }],
  ['jobClass', { ...cloth, schools: { 'CLOTH-TEMP': '60' } }, DIRTY, { jobClass: 'paint' }, { jobClass: 'dirty' }],
  ['count', cloth, DIRTY, {}, { count: 12 }],
  ['schools', canvas(), DIRTY, {}, { schools: { LACES: 'in' } }],
  ['fittings', down(), DIRTY, {}, { fittings: [] }],
  ['repellency', shell(), DIRTY, {}, { repellency: 'none' }],
  [
    'lining',
    shell(),
    DIRTY,
    { schools: { 'PROOF-METHOD': 'wash-in' } },
    { schools: { 'PROOF-METHOD': 'wash-in' }, lining: 'wicking' },
  ],
  ['makerSays', down(), DIRTY, {}, { makerSays: [{ about: 'tumble', says: 'forbids' }] }],
  [
    'makerSays.about',
    down(),
    DIRTY,
    { makerSays: [{ about: 'softener', says: 'forbids' }] },
    { makerSays: [{ about: 'tumble', says: 'forbids' }] },
  ],
  [
    'makerSays.says',
    down(),
    DIRTY,
    { makerSays: [{ about: 'tumble', says: 'allows' }] },
    { makerSays: [{ about: 'tumble', says: 'forbids' }] },
  ],
  [
    'fillMap',
    down(),
    { ...DIRTY, clumped: true },
    {},
    { fillMap: { baffles: Array.from({ length: 24 }, (_, n) => ({ id: `b${n}` })) } },
  ],
  [
    'fillMap.baffles',
    down(),
    { ...DIRTY, clumped: true },
    { fillMap: { baffles: [{ id: 'b' }] } },
    { fillMap: { baffles: Array.from({ length: 24 }, (_, n) => ({ id: `b${n}` })) } },
  ],
  ['own', down(), DIRTY, {}, { own: { tempC: 25 } }],
  [
    'own.dosesMl',
    down({ label: label(30, 'very-mild', { tumble: 'low' }) }),
    DIRTY,
    {},
    { own: { dosesMl: { 'down-cleaner': 90 } } },
  ],
  ['own.drumRinses', down(), DIRTY, {}, { own: { drumRinses: 6 } }],
  ['own.bathRinses', jersey, DIRTY, {}, { own: { bathRinses: 9 } }],
  ['own.tempC', down(), DIRTY, {}, { own: { tempC: 28 } }],
  ['learned', down(), DIRTY, {}, { learned: { drumRelease: 0.3 } }],
  ['learned.drumRelease', down(), DIRTY, {}, { learned: { drumRelease: 0.3 } }],
  ['learned.handRelease', jersey, DIRTY, {}, { learned: { handRelease: 0.2 } }],
];
const rubberToe = item('shoe', [comp('upper', 'leather'), comp('trim', 'rubber')]);
const SEEN: readonly Change[] = [
  ['soil', shirt, {}, { soil: 0 }, { soil: 3 }],
  ['soils', down(), DIRTY, {}, { soils: ['body-oil'] }],
  ['odour', shirt, {}, { soil: 0, odour: 0 }, { soil: 0, odour: 2 }],
  ['droplet', shell(), { soil: 0, odour: 0 }, { droplet: { hood: 5 } }, { droplet: { hood: 1 } }],
  ['loftRatio', down(), { soil: 0, odour: 0 }, { loftRatio: 1 }, { loftRatio: 0.8 }],
  ['clumped', down(), { soil: 0, odour: 0 }, {}, { clumped: true }],
  ['damp', down(), { soil: 0, odour: 0 }, {}, { damp: true }],
  ['discoloured', down(), { soil: 0, odour: 0 }, {}, { discoloured: true }],
  ['fromStorage', down(), { soil: 0, odour: 0, loftRatio: 0.8 }, {}, { fromStorage: true }],
  ['stains', shirt, DIRTY, {}, { stains: [{ soil: 'blood' }] }],
  [
    'stains.place',
    rubberToe,
    { soil: 0, odour: 0 },
    { stains: [{ soil: 'mud', place: 'side' }] },
    { stains: [{ soil: 'mud', place: 'rubber toe' }] },
  ],
  [
    'stains.part',
    rubberToe,
    { soil: 0, odour: 0 },
    { stains: [{ soil: 'mud', part: 'upper' }] },
    { stains: [{ soil: 'mud', part: 'trim' }] },
  ],
  ['stains.soil', shirt, DIRTY, { stains: [{ soil: 'mud' }] }, { stains: [{ soil: 'blood' }] }],
  [
    'stains.set',
    shirt,
    { soil: 0, odour: 0 },
    { stains: [{ soil: 'mud', set: false }] },
    { stains: [{ soil: 'mud', set: true }] },
  ],
  ['damage', down(), { soil: 0, odour: 0 }, {}, { damage: [{ kind: 'hole' }] }],
  [
    'damage.cosmetic',
    down(),
    { soil: 0, odour: 0 },
    { damage: [{ kind: 'crack' }] },
    { damage: [{ kind: 'crack', cosmetic: true }] },
  ],
  ['damage.kind', down(), { soil: 0, odour: 0 }, { damage: [{ kind: 'feather' }] }, { damage: [{ kind: 'hole' }] }],
];
const washer = (change: object): object => ({ washers: [{ ...WASHER, ...change }, ...(KIT.equipment?.washers ?? []).slice(1)] });
const cycle = (change: object): object => washer({ cycles: [{ ...WASHER?.cycles?.[0], ...change }] });
const dryer = (change: object): object => ({ dryers: [{ ...DRYER, ...change }] });
const EQUIPMENT: readonly Change[] = [
  ['washers', down(), DIRTY, {}, { washers: [] }],
  ['washers.kind', down(), DIRTY, {}, washer({ kind: 'agitator' })],
  ['washers.name', down(), DIRTY, {}, washer({ name: 'Cellar' })],
  ['washers.capacityKg', down(), DIRTY, {}, washer({ capacityKg: 0.2 })],
  ['washers.drumLitres', down(), DIRTY, {}, washer({ drumLitres: 20 })],
  ['washers.spinRpm', down(), DIRTY, {}, washer({ spinRpm: [400] })],
  ['washers.cycles', down(), DIRTY, {}, washer({ cycles: [] })],
  ['washers.cycles.name', down(), DIRTY, {}, cycle({ name: 'Wool' })],
  ['washers.cycles.tempC', down(), DIRTY, {}, cycle({ tempC: 60 })],
  ['washers.cycles.minutes', down(), DIRTY, {}, cycle({ minutes: 70 })],
  [
    'washers.cycles.spinRpm',
    down(),
    DIRTY,
    washer({ spinRpm: undefined }),
    washer({ spinRpm: undefined, cycles: [{ ...WASHER?.cycles?.[0], spinRpm: 1200 }] }),
  ],
  ['washers.cycles.rinses', down(), DIRTY, {}, cycle({ rinses: 4 })],
  ['washers.cycles.litres', down(), DIRTY, {}, cycle({ litres: 20 })],
  ['washers.cycles.action', down(), DIRTY, {}, cycle({ action: 'normal' })],
  ['washers.lastLoads', down(), DIRTY, {}, washer({ lastLoads: ['softener'] })],
  ['washers.unrinsed', down(), DIRTY, {}, washer({ unrinsed: [{ class: 'chlorine-bleach', at: '2027-01-03T08:00:00Z' }] })],
  [
    'washers.scentPurgedAt',
    { ...field, marks: ['scent-critical'] },
    DIRTY,
    {},
    washer({ scentPurgedAt: '2027-01-03T08:00:00Z' }),
  ],
  ['dryers', down(), DIRTY, {}, { dryers: [] }],
  ['dryers.kind', down(), DIRTY, {}, dryer({ kind: 'heat-pump' })],
  ['dryers.name', down(), DIRTY, {}, dryer({ name: 'Attic' })],
  ['dryers.drumLitres', down(), DIRTY, {}, dryer({ drumLitres: 30 })],
  ['dryers.heats', down(), DIRTY, {}, dryer({ heats: ['air'] })],
  ['dryers.heatC', down(), DIRTY, {}, dryer({ heatC: { low: 66 } })],
  ['dryers.lastLoads', down(), DIRTY, {}, dryer({ lastLoads: ['softener'] })],
  ['racks', shirt, DIRTY, {}, { racks: [{ id: 'r', kind: 'line', name: 'Balcony' }] }],
  [
    'racks.kind',
    shirt,
    DIRTY,
    { racks: [{ id: 'r', kind: 'flat', name: 'Balcony' }] },
    { racks: [{ id: 'r', kind: 'line', name: 'Balcony' }] },
  ],
  ['racks.name', shirt, DIRTY, { racks: [{ id: 'r', kind: 'line' }] }, { racks: [{ id: 'r', kind: 'line', name: 'Balcony' }] }],
  [
    'irons',
    shell({ label: label(40, 'mild', { tumble: 'none', ironMaxC: 110 }) }),
    DIRTY,
    {},
    { irons: [{ id: 'n', oneDotC: 140 }] },
  ],
  [
    'irons.oneDotC',
    shell({ label: label(40, 'mild', { tumble: 'none', ironMaxC: 110 }) }),
    DIRTY,
    { irons: [{ id: 'n', oneDotC: 100 }] },
    { irons: [{ id: 'n', oneDotC: 140 }] },
  ],
  ['room', shirt, DIRTY, {}, { room: { airC: 12, rhPercent: 70 } }],
  ['room.airC', shirt, DIRTY, { room: { airC: 20, rhPercent: 50 } }, { room: { airC: 12, rhPercent: 50 } }],
  ['room.rhPercent', shirt, DIRTY, { room: { airC: 20, rhPercent: 50 } }, { room: { airC: 20, rhPercent: 75 } }],
  ['room.fan', jersey, DIRTY, { room: { fan: false } }, { room: { fan: true } }],
  ['waterHardnessMgPerL', shirt, DIRTY, { waterHardnessMgPerL: 30 }, { waterHardnessMgPerL: undefined }],
];
const bottle = (change: object): object => ({ supplies: [supply('down-cleaner', change)] });
const OWNED: readonly Change[] = [
  ['supplies.class', down(), DIRTY, bottle({}), { supplies: [supply('technical-cleaner')] }],
  ['supplies.remainingMl', down(), DIRTY, bottle({ labelDoseMl: 100 }), bottle({ labelDoseMl: 100, remainingMl: 20 })],
  [
    'supplies.remainingCount',
    down(),
    DIRTY,
    { supplies: [supply('dryer-balls', { remainingCount: 4 })] },
    { supplies: [supply('dryer-balls', { remainingCount: 1 })] },
  ],
  ['supplies.labelDoseMl', down(), DIRTY, bottle({ labelDoseMl: 100 }), bottle({ labelDoseMl: 40 })],
  ['supplies.labelDoseRangeMl', down(), DIRTY, bottle({}), bottle({ labelDoseRangeMl: [20, 30] })],
  ['supplies.labelDoseByWasher', down(), DIRTY, bottle({}), bottle({ labelDoseByWasher: { 'front-loader': 33 } })],
  ['supplies.capMl', down(), DIRTY, bottle({ labelDoseMl: 100 }), bottle({ labelDoseMl: 100, capMl: 25 })],
];
const PREFERRED: readonly Change[] = [
  ['preferences.schools', canvas(), DIRTY, {}, { preferences: { schools: { LACES: 'in' } } }],
  ['preferences.thresholds', shirt, DIRTY, {}, { preferences: { thresholds: { soilWash: 4 } } }],
  [
    'preferences.prefer',
    down(),
    DIRTY,
    {
      supplies: [
        supply('down-cleaner', { id: 'a', labelDoseMl: 100 }),
        supply('down-cleaner', { id: 'b', labelDoseMl: 40, traits: ['plant-based'] }),
      ],
    },
    {
      supplies: [
        supply('down-cleaner', { id: 'a', labelDoseMl: 100 }),
        supply('down-cleaner', { id: 'b', labelDoseMl: 40, traits: ['plant-based'] }),
      ],
      preferences: { prefer: ['plant-based'] },
    },
  ],
];

/** Kept, shown or counted elsewhere, and no part of a plan: each with its reason. */
const NOT_USED: Readonly<Record<string, string>> = {
  'items.id': 'a name for the file',
  'items.name': 'a name',
  'items.owner': 'whose it is; the kit is filtered by it',
  'items.tags': 'the owner’s own words; the kit is searched by them',
  'items.boughtOn': 'its age, for its life',
  'items.price': 'cost per use, for its life',
  'items.price.amount': 'the same',
  'items.price.currency': 'the same',
  ...Object.fromEntries(
    [
      '',
      ...['asFound', 'after'].flatMap((g) => [`.${g}`, `.${g}.low`, `.${g}.high`]),
      ...['', '.on', '.amount', '.where'].map((f) => `.listed${f}`),
      ...['', '.on', '.amount', '.fees', '.post', '.to'].map((f) => `.sold${f}`),
    ].map((field) => [`items.worth${field}`, 'what it brings, on its own page; no care depends on it']),
  ),
  'preferences.prices.hourOfHands': 'when work stops to pay, on the page of a thing',
  'items.targetYears': 'its life',
  'items.planned': 'when, not what',
  'items.planned.on': 'the same',
  'items.planned.since': 'the same',
  'items.keptOn': 'whether it is asked about',
  'items.lent': 'who has it',
  'items.lent.to': 'the same',
  'items.lent.on': 'the same',
  'items.lent.back': 'the same',
  'items.archivedOn': 'put away: it asks for nothing, but a plan asked for is made',
  'items.retiredOn': 'the same, for good',
  'items.gone': 'how it went for good',
  'items.gone.how': 'how it went for good',
  'items.gone.to': 'how it went for good',
  'items.finish': 'how fast it fades, not how it is washed',
  'items.components.attributes': 'its fields are tried one by one',
  'items.components.attributes.fillPowerCuInPerOz': 'loft and warmth, on the page of the fill',
  'items.components.attributes.fillMassG': 'the same',
  'items.components.attributes.thicknessMm': 'the same',
  'items.label.professional': 'told on a referral; a professional reads the letter',
  'items.makerSays.text': 'the maker’s own words, shown as they are',
  'items.fillMap.baffles.id': 'a name for the file',
  'items.fillMap.baffles.volumeCm3': 'evening the fill, on its own page',
  'items.fillMap.baffles.polygonMm': 'the same',
  'items.fillMap.baffles.newThicknessMm': 'the same',
  'items.fillMap.openings': 'the same',
  'items.fillMap.openings.from': 'the same',
  'items.fillMap.openings.to': 'the same',
  'items.fillMap.openings.state': 'the same',
  'items.fillMap.openings.widthMm': 'the same',
  'items.learned.rinseRuns': 'how many runs taught it',
  'items.learned.dryRuns': 'the same',
  'items.learned.dryRate': 'a run’s own estimate; a plan tells the usual hours',
  'items.learned.dryExchange': 'the same',
  'inspections.id': 'a name for the file',
  'inspections.itemId': 'whose look it is',
  'inspections.at': 'the newest counts',
  'inspections.damage.place': 'where it is, shown with it',
  'inspections.stains.spot': 'where it is on the outline, shown there',
  'inspections.damage.spot': 'the same',
  'inspections.dropTest': 'how drops were tried, so that two tests can be held against each other',
  'inspections.loft': 'the share that comes of it is used: loftRatio',
  'inspections.wear': 'its life: what it still does',
  'inspections.note': 'the owner’s own words',
  'inspections.asOf': 'of what day an answer is that was taken over',
  'equipment.washers.id': 'a name for the file; steps name it',
  'equipment.dryers.id': 'the same',
  'equipment.racks.id': 'the same',
  'equipment.racks.metres': 'how much hangs on it at once, for a wash day',
  'equipment.racks.outdoors': 'the same',
  'equipment.irons.id': 'a name for the file',
  'equipment.irons.name': 'a name',
  'equipment.room.outdoorShade': 'where things may hang, for a wash day',
  'equipment.washers.unrinsed.at': 'when it went in, shown under Cupboard',
  'equipment.washers.unrinsed.class': 'tried with the list itself',
  'equipment.inletC': 'energy of the wash, on the same page',
  'supplies.id': 'a name for the file; steps name it',
  'supplies.name': 'a name',
  'supplies.concentrationPercent': 'the bench of dilutions',
  'supplies.price': 'what a wash costs, on the same page',
  'supplies.price.amount': 'the same',
  'supplies.price.currency': 'the same',
  'supplies.sizeMl': 'the same',
  'supplies.expiresOn': 'a plan has no clock; the page warns and the shopping list does not count it',
  'supplies.traits': 'tried with preferences.prefer',
  'supplies.pullMl': 'pulls of the trigger that are counted in a run',
  'preferences.units': 'how figures are shown',
  'preferences.currency': 'the same',
  'preferences.hardnessUnit': 'the same',
  'preferences.prices': 'what a wash costs, on the same page',
  'preferences.prices.electricityPerKWh': 'the same',
  'preferences.prices.waterPerM3': 'the same',
};
/** Maps by a name that stands for many: tried as a whole. */
const MAPS = [
  'inspections.dropTest',
  'items.schools',
  'items.own.dosesMl',
  'inspections.droplet',
  'equipment.dryers.heatC',
  'supplies.labelDoseByWasher',
  'preferences.schools',
  'preferences.thresholds',
  'inspections.stains.spot',
  'inspections.damage.spot',
  'inspections.loft',
  'inspections.asOf',
];

interface Schema {
  readonly $ref?: string;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly items?: Schema;
  readonly anyOf?: readonly Schema[];
  readonly $defs?: Readonly<Record<string, Schema>>;
}
/** Every path of fields below a part of the format. */
function pathsOf(root: Schema, node: Schema | undefined, at: string): string[] {
  if (!node) return [];
  const seen = node.$ref ? root.$defs?.[node.$ref.replace('#/$defs/', '')] : node;
  const inner = [seen?.items, ...(seen?.anyOf ?? [])].flatMap((s) => pathsOf(root, s, at));
  const own = Object.entries(seen?.properties ?? {}).flatMap(([key, child]) => {
    const path = `${at}.${key}`;
    return [path, ...(MAPS.includes(path) ? [] : pathsOf(root, child, path))];
  });
  return [...new Set([...inner, ...own])];
}

describe('every field of a kit is used', () => {
  const rows = (list: readonly Change[]): [string, Change][] => list.map((row) => [row[0], row]);
  test.each(rows(ITEM))('items.%s', (_, [, thing, seen, from, to]) => {
    expect(told(of({ ...thing, ...to } as Item, seen, {}))).not.toBe(told(of({ ...thing, ...from } as Item, seen, {})));
  });
  test.each(rows(SEEN))('inspections.%s', (_, [, thing, seen, from, to]) => {
    expect(told(of(thing, { ...seen, ...to }, {}))).not.toBe(told(of(thing, { ...seen, ...from }, {})));
  });
  test.each(rows(EQUIPMENT))('equipment.%s', (_, [, thing, seen, from, to]) => {
    const kit = (change: object): KitPart => ({ equipment: { ...KIT.equipment, ...change } });
    expect(told(of(thing, seen, kit(to)))).not.toBe(told(of(thing, seen, kit(from))));
  });
  test.each([...rows(OWNED), ...rows(PREFERRED)])('%s', (_, [, thing, seen, from, to]) => {
    expect(told(of(thing, seen, to))).not.toBe(told(of(thing, seen, from)));
  });
  test('no field is forgotten: tried above, or kept and not used for a reason', () => {
    const schema = JSON.parse(readFileSync('docs/formats/kit.schema.json', 'utf8')) as Schema;
    const parts = ['items', 'inspections', 'equipment', 'supplies', 'preferences'];
    const all = parts.flatMap((part) => pathsOf(schema, schema.properties?.[part], part));
    expect(all.length).toBeGreaterThan(100);
    const named = (list: readonly Change[], part: string): string[] => list.map(([field]) => `${part}.${field}`);
    const tried = new Set([
      ...named(ITEM, 'items'),
      ...named(SEEN, 'inspections'),
      ...named(EQUIPMENT, 'equipment'),
      ...[...OWNED, ...PREFERRED].map(([field]) => field),
    ]);
    expect(all.filter((path) => !tried.has(path) && !(path in NOT_USED))).toEqual([]);
    expect([...tried, ...Object.keys(NOT_USED)].filter((path) => !all.includes(path))).toEqual([]);
  });
});
