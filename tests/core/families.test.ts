import { describe, expect, test } from 'vitest';
import type { Item, SupplyClass } from '../../src/core/gear';
import type { Programme } from '../../src/core/document';
import { ARCHETYPE_GROUPS, ARCHETYPES } from '../../src/core/knowledge';
import { canvas, comp, doing, down, downBag, item, label, programme, shell, warmShell, withSupplies, type Seen } from '../make';

/*
 * Each family, as careful owners treat it: one row a fact. Basis: "practice" = common practice, no source; "memory" = from memory, no source;
 * otherwise the standard.
 */
interface Row {
  readonly family: string;
  readonly basis: string;
  readonly thing: Item;
  readonly seen?: Seen;
  readonly method: Programme['method'];
  /** Water of the wash, °C at most. */
  readonly tempMax?: number;
  readonly action?: string;
  readonly spinMax?: number;
  /** Fresh fills in all, at least. */
  readonly rinses?: number;
  readonly cleaner?: SupplyClass | null;
  readonly dry: string;
  readonly store: string;
}
const woven = comp('face', 'polyamide-woven');
const shoe = (upper: Parameters<typeof comp>[1], kind: Item['kind'] = 'shoe'): Item =>
  item(kind, [comp('upper', upper, { bonded: 'cemented' }), comp('outsole', 'rubber')], { fittings: ['laces'] });
const everything = withSupplies(
  'mild-soap',
  'unscented-cleaner',
  'microfibre-cleaner',
  'shoe-cleaner',
  'suede-kit',
  'oxygen-booster',
);
const DIRTY: Seen = { soil: 2, odour: 0 };

const ROWS: readonly Row[] = [
  {
    family: 'down jacket',
    basis: 'practice',
    thing: down(),
    method: 'machine',
    tempMax: 30,
    action: 'very-mild',
    spinMax: 600,
    rinses: 3,
    cleaner: 'down-cleaner',
    dry: 'tumble',
    store: 'loose',
  },
  {
    family: 'down bag',
    basis: 'practice',
    thing: downBag(),
    method: 'machine',
    tempMax: 20,
    action: 'very-mild',
    spinMax: 600,
    rinses: 3,
    cleaner: 'down-cleaner',
    dry: 'tumble',
    store: 'loose',
  },
  {
    family: 'down bag by hand',
    basis: 'practice',
    thing: downBag({ label: label(30, 'hand', { tumble: 'low' }) }),
    method: 'tub',
    tempMax: 20,
    action: 'hand',
    rinses: 4,
    cleaner: 'down-cleaner',
    dry: 'tumble',
    store: 'loose',
  },
  {
    family: 'membrane shell',
    basis: 'practice',
    thing: shell(),
    method: 'machine',
    tempMax: 40,
    action: 'mild',
    spinMax: 800,
    rinses: 2,
    cleaner: 'technical-cleaner',
    dry: 'line-dry',
    store: 'dry',
  },
  {
    family: 'insulated shell',
    basis: 'practice',
    thing: warmShell(),
    method: 'machine',
    tempMax: 30,
    action: 'very-mild',
    spinMax: 800,
    rinses: 2,
    cleaner: 'technical-cleaner',
    dry: 'line-dry',
    store: 'loose',
  },
  {
    family: 'softshell',
    basis: 'practice',
    thing: item('jacket', [comp('face', 'polyester-woven')], { repellency: 'finish', lining: 'wicking' }),
    method: 'machine',
    tempMax: 40,
    spinMax: 1000,
    rinses: 2,
    cleaner: 'technical-cleaner',
    dry: 'line-dry',
    store: 'dry',
  },
  {
    family: 'synthetic filling',
    basis: 'practice',
    thing: item('jacket', [woven, comp('fill', 'polyester-fill')], { repellency: 'none' }),
    method: 'machine',
    tempMax: 40,
    action: 'mild',
    spinMax: 800,
    rinses: 2,
    cleaner: 'technical-cleaner',
    dry: 'line-dry',
    store: 'loose',
  },
  {
    family: 'merino',
    basis: 'practice',
    thing: item('base-layer', [comp('face', 'merino')]),
    method: 'machine',
    tempMax: 30,
    action: 'very-mild',
    spinMax: 600,
    rinses: 1,
    cleaner: 'technical-cleaner',
    dry: 'flat-dry',
    store: 'Fold it',
  },
  {
    family: 'merino blend',
    basis: 'practice',
    thing: item('base-layer', [comp('face', 'polyamide-knit'), comp('face', 'merino')]),
    method: 'machine',
    tempMax: 30,
    action: 'very-mild',
    spinMax: 600,
    cleaner: 'technical-cleaner',
    dry: 'flat-dry',
    store: 'Fold it',
  },
  {
    family: 'synthetic layer',
    basis: 'practice',
    thing: item('base-layer', [comp('face', 'polyester-knit')], { repellency: 'none' }),
    method: 'machine',
    tempMax: 40,
    spinMax: 1000,
    rinses: 1,
    cleaner: 'technical-cleaner',
    dry: 'line-dry',
    store: 'dry',
  },
  {
    family: 'jersey',
    basis: 'practice',
    thing: item('jersey', [comp('face', 'polyester-mesh'), comp('print', 'heat-press-print')], { repellency: 'none' }),
    method: 'hand',
    tempMax: 20,
    action: 'hand',
    rinses: 1,
    cleaner: 'plain-liquid',
    dry: 'dry-fan',
    store: 'dry',
  },
  {
    family: 'jersey with a suede crest',
    basis: 'practice',
    thing: item('jersey', [comp('face', 'polyester-mesh'), comp('crest', 'suede')], { repellency: 'none' }),
    method: 'hand',
    tempMax: 30,
    action: 'hand',
    cleaner: 'plain-liquid',
    dry: 'dry-fan',
    store: 'dry',
  },
  {
    family: 'field clothing',
    basis: 'practice',
    thing: item('trousers', [comp('face', 'polyester-woven')], { marks: ['scent-critical'], repellency: 'none' }),
    method: 'machine',
    tempMax: 20,
    action: 'normal',
    cleaner: 'unscented-cleaner',
    dry: 'line-dry',
    store: 'sealed',
  },
  {
    family: 'game bag',
    basis: 'practice',
    thing: item('bag', [comp('mesh', 'polyester-mesh')], { repellency: 'none' }),
    method: 'machine',
    tempMax: 20,
    cleaner: 'unscented-cleaner',
    dry: 'line-dry',
    store: 'dry',
  },
  {
    family: 'running vest',
    basis: 'practice',
    thing: item('running-vest', [comp('mesh', 'elastane-mesh')], { repellency: 'none' }),
    method: 'hand',
    tempMax: 40,
    cleaner: null,
    dry: 'drip-dry',
    store: 'dry',
  },
  {
    family: 'soft flask',
    basis: 'practice',
    thing: item('soft-flask', [comp('shell', 'tpu')]),
    method: 'hand',
    tempMax: 40,
    cleaner: null,
    dry: 'drip-dry',
    store: 'freezer',
  },
  {
    family: 'pack',
    basis: 'practice',
    thing: item('pack', [woven, comp('foam', 'eva-foam')], { repellency: 'none' }),
    method: 'hand',
    tempMax: 30,
    cleaner: null,
    dry: 'drip-dry',
    store: 'dry',
  },
  {
    family: 'tent',
    basis: 'practice',
    thing: item('tent', [comp('face', 'polyester-woven'), comp('coating', 'pu-coating')], { repellency: 'none' }),
    method: 'tub',
    tempMax: 30,
    action: 'hand',
    rinses: 2,
    cleaner: 'mild-soap',
    dry: 'pitch-dry',
    store: 'loosely',
  },
  {
    family: 'tarp',
    basis: 'practice',
    thing: item('tarp', [woven, comp('coating', 'silicone-coating')], { repellency: 'none', bulk: 'small' }),
    method: 'tub',
    tempMax: 30,
    action: 'hand',
    rinses: 2,
    cleaner: 'mild-soap',
    dry: 'pitch-dry',
    store: 'loosely',
  },
  {
    family: 'canvas shoes',
    basis: 'practice',
    thing: canvas(),
    method: 'machine',
    tempMax: 30,
    action: 'mild',
    spinMax: 600,
    rinses: 3,
    cleaner: 'plain-liquid',
    dry: 'stuff-dry',
    store: 'dark',
  },
  {
    family: 'knit trainers',
    basis: 'practice',
    thing: shoe('polyester-knit'),
    method: 'machine',
    tempMax: 30,
    action: 'mild',
    spinMax: 600,
    rinses: 1,
    cleaner: 'plain-liquid',
    dry: 'stuff-dry',
    store: 'dark',
  },
  {
    family: 'studded boots',
    basis: 'practice',
    thing: shoe('polyester-woven', 'studded-boot'),
    method: 'machine',
    tempMax: 30,
    action: 'mild',
    spinMax: 600,
    cleaner: 'plain-liquid',
    dry: 'stuff-dry',
    store: 'dark',
  },
  {
    family: 'leather boots',
    basis: 'practice',
    thing: shoe('leather', 'boot'),
    method: 'surface',
    cleaner: 'shoe-cleaner',
    dry: 'stuff-dry',
    store: 'dark',
  },
  { family: 'suede shoes', basis: 'practice', thing: shoe('suede'), method: 'surface', dry: 'stuff-dry', store: 'dark' },
  {
    family: 'patent shoes',
    basis: 'practice',
    thing: shoe('patent'),
    method: 'surface',
    cleaner: 'shoe-cleaner',
    dry: 'stuff-dry',
    store: 'dark',
  },
  {
    family: 'leather-trimmed canvas',
    basis: 'practice',
    thing: canvas({ components: [...canvas().components, comp('trim', 'leather')] }),
    method: 'hand',
    tempMax: 30,
    action: 'hand',
    cleaner: 'shoe-cleaner',
    dry: 'stuff-dry',
    store: 'dark',
  },
  {
    family: 'microfibre',
    basis: 'practice',
    thing: item('cloth', [comp('pile', 'split-microfibre')]),
    method: 'machine',
    tempMax: 40,
    spinMax: 1000,
    rinses: 3,
    cleaner: 'microfibre-cleaner',
    dry: 'dry-indoors',
    store: 'class',
  },
  {
    family: 'cotton towel',
    basis: 'practice',
    thing: item('towel', [comp('pile', 'cotton')], { repellency: 'none' }),
    method: 'machine',
    tempMax: 60,
    cleaner: 'plain-liquid',
    dry: 'line-dry',
    store: 'class',
  },
  {
    family: 'faux fur',
    basis: 'practice',
    thing: item('costume-body', [comp('pile', 'acrylic-pile')]),
    method: 'machine',
    tempMax: 20,
    action: 'very-mild',
    spinMax: 400,
    cleaner: 'mild-soap',
    dry: 'dry-moving-air',
    store: 'dry',
  },
  {
    family: 'costume head',
    basis: 'practice',
    thing: item('costume-head', [comp('foam', 'pu-foam')]),
    method: 'extract',
    cleaner: 'mild-soap',
    dry: 'dry-moving-air',
    store: 'dry',
  },
  {
    family: 'pads',
    basis: 'practice',
    thing: item('pads', [comp('foam', 'eva-foam')]),
    method: 'hand',
    tempMax: 30,
    action: 'hand',
    spinMax: 0,
    cleaner: 'plain-liquid',
    dry: 'dry-moving-air',
    store: 'dry',
  },
];

describe('each family, worn dirty', () => {
  test.each(ROWS.map((row) => ({ ...row, name: `${row.family} (${row.basis})` })))('$name', (row) => {
    const p = programme(row.thing, row.seen ?? DIRTY, everything);
    expect(p.method).toBe(row.method);
    expect(p.aims).toContain('wash');
    const always = p.steps.filter((s) => s.when === 'always');
    const washes = always.filter((s) => s.phase === 'wash');
    const cleaners = washes.map((s) => s.settings.cleaner).filter((c) => c !== undefined);
    for (const s of washes) {
      if (row.tempMax !== undefined) expect(s.settings.tempC).toBeLessThanOrEqual(row.tempMax);
      if (row.action !== undefined) expect(s.settings.action).toBe(row.action);
      if (row.spinMax !== undefined) expect(s.settings.spinRpm ?? 0).toBeLessThanOrEqual(row.spinMax);
    }
    if (row.cleaner === null) expect(cleaners).toEqual([]);
    else if (row.cleaner) expect(cleaners).toEqual([row.cleaner]);
    if (row.rinses !== undefined)
      expect(always.reduce((sum, s) => sum + (s.settings.rinses ?? 0), 0)).toBeGreaterThanOrEqual(row.rinses);
    expect(doing(p, row.dry)?.phase).toBe('dry');
    expect(always.at(-1)).toMatchObject({ do: 'store' });
    expect(always.at(-1)?.text).toContain(row.store);
    // Whatever tumbles was allowed to: nothing else of these families goes in a dryer to dry.
    if (row.dry !== 'tumble') expect(always.filter((s) => s.phase === 'dry' && s.settings.heat !== undefined)).toEqual([]);
  });
});

describe('starting constructions', () => {
  test('there are at least 40, with ids of their own, one or more in every group', () => {
    expect(ARCHETYPES.length).toBeGreaterThanOrEqual(40);
    expect(new Set(ARCHETYPES.map((a) => a.id)).size).toBe(ARCHETYPES.length);
    for (const group of ARCHETYPE_GROUPS) expect(ARCHETYPES.some((a) => a.group === group)).toBe(true);
  });
  test.each(ARCHETYPES.map((a) => ({ ...a, title: a.name })))(
    '$title plans from the start: clean is left alone, dirty is answered',
    ({ item: made }) => {
      const thing = { ...made, id: 'x', label: null } as Item;
      const clean = programme(thing, { soil: 0, odour: 0 }, everything);
      const dirty = programme(thing, { soil: 3, odour: 2 }, everything);
      const safety = made.marks?.includes('life-safety');
      expect(clean.aims).toEqual(safety ? ['refer'] : []);
      expect(dirty.aims.length).toBeGreaterThan(0);
      expect(dirty.steps.length).toBeGreaterThan(0);
      if (!safety) expect(dirty.steps.at(-1)?.do === 'store' || dirty.aims.includes('refer')).toBe(true);
      expect(dirty.assumptions.some((a) => a.includes('No care label'))).toBe(true);
    },
  );
});
