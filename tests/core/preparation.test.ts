import { describe, expect, test } from 'vitest';
import type { Fitting, Item, MakerNote } from '../../src/core/gear';
import {
  doing,
  canvas,
  CLEAN,
  comp,
  DIRTY,
  down,
  downBag,
  inOrder,
  item,
  keys,
  label,
  programme,
  refused,
  shell,
  step,
  withEquipment,
  withSchool,
  type KitPart,
  type Seen,
} from '../make';

/* Getting ready, machines, what is missing, cautions and the verdict's words. Common practice, no source, unless a row says otherwise. */
const jacket = (fittings: Fitting[], rest: Partial<Item> = {}): Item =>
  item('jacket', [comp('face', 'polyester-woven')], { fittings, repellency: 'none', ...rest });
const boots = (fittings: Fitting[]): Item => item('studded-boot', [comp('upper', 'polyester-woven')], { fittings });
const head = (fittings: Fitting[]): Item => item('costume-head', [comp('foam', 'pu-foam')], { fittings });

describe('a step stands only for what the thing has', () => {
  const ROWS: readonly { readonly has: Fitting; readonly key: string; readonly thing: (fittings: Fitting[]) => Item }[] = [
    { has: 'zip', key: 'close-up', thing: jacket },
    { has: 'hook-and-loop', key: 'close-up', thing: jacket },
    { has: 'drawcord', key: 'close-up', thing: jacket },
    { has: 'fur-trim', key: 'fur-off', thing: jacket },
    { has: 'electronics', key: 'electronics-out', thing: jacket },
    { has: 'removable-padding', key: 'padding-out', thing: jacket },
    { has: 'removable-studs', key: 'studs-out', thing: boots },
    { has: 'laces', key: 'laces-out', thing: boots },
    { has: 'removable-insole', key: 'insole-wipe', thing: boots },
    { has: 'print', key: 'ease-creases', thing: jacket },
    { has: 'eyes', key: 'cover-eyes', thing: head },
  ];
  test.each(ROWS)('$has', ({ has, key, thing }) => {
    expect(keys(programme(thing([has]), DIRTY))).toContain(key);
    expect(keys(programme(thing([]), DIRTY))).not.toContain(key);
  });
  test('says only what is there: zips are not closed that it has not got', () => {
    const said = (fittings: Fitting[]): string => step(programme(jacket(fittings), DIRTY), 'close-up')?.text ?? '';
    expect(said(['zip'])).toMatch(/zips/);
    expect(said(['zip'])).not.toMatch(/cords|hook/);
    expect(said(['drawcord'])).not.toMatch(/zips/);
    expect(said(['hook-and-loop'])).toMatch(/hook-and-loop loosely/);
    // Pads and packs have no cuff.
    expect(said(['hook-and-loop'])).not.toMatch(/cuff/);
  });
  test('everything comes out before anything gets wet, and goes back when it is dry', () => {
    const p = programme(boots(['removable-studs', 'laces', 'removable-insole']), { soil: 3, soils: ['mud'] });
    expect(
      inOrder(p, 'studs-out', 'laces-out', 'insole-wipe', 'knock-off-mud', 'wash-shoe-machine', 'shoe-shade', 'shape-shoes'),
    ).toBe(true);
    expect(step(p, 'shape-shoes')?.text).toContain('bone dry');
  });
  test.each(['requires', 'allows'] as const)('baffles are tied where the maker %s it', (says) => {
    const note: MakerNote = { about: 'tie-baffles', says };
    expect(keys(programme(downBag({ makerSays: [note] }), DIRTY))).toContain('tie-baffles');
    expect(keys(programme(downBag(), DIRTY))).not.toContain('tie-baffles');
  });
});

describe('machines', () => {
  // Drum litres by bulk, from memory: large 50 and 100, medium 30 and 60, small any.
  test.each([
    { bulk: 'large', washer: 49, dryer: 100, ok: [false, true] },
    { bulk: 'large', washer: 50, dryer: 99, ok: [true, false] },
    { bulk: 'medium', washer: 29, dryer: 60, ok: [false, true] },
    { bulk: 'medium', washer: 30, dryer: 59, ok: [true, false] },
    { bulk: 'small', washer: 15, dryer: 30, ok: [true, true] },
  ] as const)('$bulk in a $washer L washer and a $dryer L dryer', ({ bulk, washer, dryer, ok }) => {
    const kit = withEquipment({
      washers: [
        { id: 'w', kind: 'front-loader', drumLitres: washer },
        { id: 't', kind: 'tub' },
      ],
      dryers: [{ id: 'd', kind: 'vented', drumLitres: dryer }],
    });
    const p = programme(down({ bulk }), DIRTY, kit);
    expect([refused(p, 'w') === undefined, refused(p, 'd') === undefined]).toEqual(ok);
    expect(p.method).toBe(ok[0] ? 'machine' : 'tub');
    expect(doing(p, 'tumble')?.settings.place).toBe(ok[1] ? undefined : 'launderette');
    expect(keys(p)[0]).toBe('check-dryer-fit');
  });
  test.each(['softener', 'powder', 'perfume', 'bleach', 'workshop'] as const)(
    '%s in the last loads is purged first',
    (residue) => {
      const kit = withEquipment({ washers: [{ id: 'w', kind: 'front-loader', drumLitres: 58, lastLoads: [residue] }] });
      for (const thing of [
        down(),
        shell(),
        item('base-layer', [comp('face', 'merino')]),
        item('cloth', [comp('pile', 'split-microfibre')]),
      ])
        expect(keys(programme(thing, DIRTY, kit))).toContain('purge-machine');
      expect(keys(programme(canvas(), DIRTY, kit))).not.toContain('purge-machine');
    },
  );
  test('a machine with clean last loads is taken before one with residues', () => {
    const kit = withEquipment({
      washers: [
        { id: 'a', kind: 'front-loader', drumLitres: 58, lastLoads: ['softener'] },
        { id: 'b', kind: 'front-loader', drumLitres: 58 },
      ],
    });
    expect(doing(programme(shell(), DIRTY, kit), 'machine-wash')?.settings.washerId).toBe('b');
  });
  test('top loaders: the tub is filled a quarter before the cleaner goes in', () => {
    const kit = withEquipment({ washers: [{ id: 'i', kind: 'impeller' }] });
    const wash = doing(programme(shell(), DIRTY, kit), 'machine-wash');
    expect(wash?.text).toContain('a quarter');
    expect(wash?.cautions.join()).toContain('impeller');
  });
});

describe('what is missing', () => {
  const ROWS: readonly {
    readonly what: string;
    readonly thing: Item;
    readonly kit: KitPart;
    readonly says: (p: ReturnType<typeof programme>) => unknown;
  }[] = [
    {
      what: 'no down cleaner: to be bought, with its amount, no makeshift',
      thing: down(),
      kit: { supplies: [{ id: 's', class: 'plain-liquid' }] },
      says: (p) => p.shopping.some((s) => s.class === 'down-cleaner' && (s.needMl ?? 0) >= 80) && refused(p, 'plain-liquid'),
    },
    {
      what: 'no technical cleaner: plain liquid, little of it, rinsed twice',
      thing: shell(),
      kit: { supplies: [{ id: 's', class: 'plain-liquid' }] },
      says: (p) =>
        doing(p, 'machine-wash')?.settings.cleaner === 'plain-liquid' && (doing(p, 'machine-wash')?.settings.doseMl ?? 99) <= 30,
    },
    {
      what: 'a bottle that is nearly empty: the rest is to be bought',
      thing: down(),
      kit: { supplies: [{ id: 's', class: 'down-cleaner', labelDoseMl: 100, remainingMl: 30 }] },
      says: (p) => p.shopping.some((s) => s.class === 'down-cleaner' && s.needMl === 70),
    },
    {
      what: 'no front loader: the tub',
      thing: downBag(),
      kit: withEquipment({ washers: [{ id: 't', kind: 'tub' }] }),
      says: (p) => p.method === 'tub',
    },
    {
      what: 'no machine and no tub: a launderette or a professional',
      thing: downBag(),
      kit: withEquipment({ washers: [{ id: 'a', kind: 'agitator' }] }),
      says: (p) => p.aims.join() === 'refer' && /launderette/.test(p.verdict) && refused(p, 'a'),
    },
    {
      what: 'no dryer for down: a commercial one, never the air',
      thing: down(),
      kit: withEquipment({ dryers: [] }),
      says: (p) => doing(p, 'tumble')?.settings.place === 'launderette' && p.steps.every((s) => s.do !== 'line-dry'),
    },
    {
      what: 'nobody said which machines there are: it says so',
      thing: shell(),
      kit: { equipment: {} },
      says: (p) => p.assumptions.some((a) => a.includes('machines')),
    },
    {
      what: 'no balls: to be bought',
      thing: down(),
      kit: { supplies: [{ id: 's', class: 'down-cleaner' }] },
      says: (p) => p.shopping.some((s) => s.class === 'dryer-balls' && s.needCount === 2),
    },
    {
      what: 'no label: cooler, less sure, and said',
      thing: shell({ label: null }),
      kit: {},
      says: (p) =>
        (doing(p, 'machine-wash')?.settings.tempC ?? 99) <= 30 &&
        p.confidence !== 'high' &&
        p.assumptions.some((a) => a.includes('label')),
    },
    {
      what: 'no label: the same soil is not washed warm',
      thing: shell({ label: null }),
      kit: {},
      says: () =>
        [null, label(40, 'mild')]
          .map(
            (care) =>
              doing(programme(shell({ label: care, schools: { 'SHELL-WATER': 'warm' } }), { soil: 4 }), 'machine-wash')?.settings
                .tempC,
          )
          .join(' ') === '30 40',
    },
  ];
  test.each(ROWS)('$what', ({ thing, kit, says }) => expect(says(programme(thing, DIRTY, kit))).toBeTruthy());
});

describe('whose word counts', () => {
  test.each([
    {
      says: 'the label forbids a wash, though the table allows it',
      thing: shell({ label: { wash: { allowed: false } } }),
      aims: ['refer'],
    },
    {
      says: 'the maker forbids a wash, though the label allows it',
      thing: shell({ makerSays: [{ about: 'wash', says: 'forbids' }] }),
      aims: ['refer'],
    },
    { says: 'down that may not be tumbled', thing: down({ label: label(30, 'mild', { tumble: 'none' }) }), aims: ['refer'] },
    {
      says: 'down under a membrane whose label says nothing of tumbling',
      thing: down({
        components: [comp('face', 'polyamide-woven'), comp('membrane', 'membrane'), comp('fill', 'down')],
        label: label(30, 'mild'),
      }),
      aims: ['refer'],
    },
  ] as const)('$says', ({ thing, aims }) => expect(programme(thing as Item, DIRTY).aims).toEqual(aims));
  test('a maker who forbids the machine leaves the hand', () => {
    expect(programme(shell({ makerSays: [{ about: 'machine', says: 'forbids' }] }), DIRTY)).toMatchObject({
      method: 'hand',
      envelope: { action: { boundBy: { component: 'maker' } } },
    });
  });
  test('a maker who allows tumbling opens it where the label is silent, and never against the label', () => {
    const allows = [{ about: 'tumble', says: 'allows' }] as MakerNote[];
    expect(programme(shell({ label: label(40, 'mild'), makerSays: allows }), DIRTY).envelope.tumble.value).toBe('low');
    expect(
      programme(shell({ label: label(40, 'mild', { tumble: 'none' }), makerSays: allows }), DIRTY).envelope.tumble.value,
    ).toBe('none');
  });
});

describe('the verdict is one sentence a person would say', () => {
  const ROWS: readonly (readonly [Item, Seen, RegExp])[] = [
    [down(), { ...CLEAN, loftRatio: 0.99 }, /^Leave it alone/],
    [down(), { ...CLEAN, loftRatio: 0.9 }, /^Fluff it without water; do not wash it\.$/],
    [shell(), { ...CLEAN, droplet: { hood: 2 } }, /^Warm the finish; do not wash it\.$/],
    [shell(), { soil: 4, droplet: { back: 0 } }, /^Wash it, renew its finish, then warm it\.$/],
    [down(), { ...CLEAN, stains: [{ soil: 'salt-line' }] }, /^Wipe the salt off with a damp cloth; do not wash it\.$/],
    [item('running-vest', [comp('mesh', 'elastane-mesh')]), { soil: 1 }, /^Rinse it with plain water; do not wash it\.$/],
    [
      item('tent', [comp('coating', 'pu-coating')], { repellency: 'none' }),
      { ...CLEAN, damp: true },
      /^Dry it before it is put away; do not wash it\.$/,
    ],
    [
      item('shoe', [comp('upper', 'suede')]),
      { ...CLEAN, stains: [{ soil: 'scuff' }] },
      /^Erase and brush the marks out; do not wash them\.$/,
    ],
    [down(), { ...CLEAN, damage: [{ kind: 'hole' }] }, /^Mend it first/],
    [shell(), { ...CLEAN, damage: [{ kind: 'leak' }] }, /^Have it repaired/],
    [item('helmet', [comp('foam', 'eva-foam')]), { soil: 3 }, /maker and a competent person/],
    [
      item('cloth', [comp('pile', 'split-microfibre')]),
      { ...CLEAN, stains: [{ soil: 'grease', set: true }] },
      /^Move it to dirtier jobs/,
    ],
    [shell(), {}, /look it over/],
  ];
  test.each(ROWS.map(([thing, seen, says]) => ({ thing, seen, says, name: says.source })))('$name', ({ thing, seen, says }) => {
    const p = programme(thing, seen);
    expect(p.verdict).toMatch(says);
    expect(p.verdict).toMatch(/^[A-Z][^.]*\.$/);
    if (p.aims.length > 0 && !p.aims.includes('refer')) expect(p.wouldChange.length).toBeGreaterThan(0);
    expect(new Set(p.wouldChange).size).toBe(p.wouldChange.length);
  });
});

describe('schools cost time, and the programme says how much', () => {
  const minutes = (thing: Item, kit: KitPart): number =>
    programme(thing, DIRTY, kit)
      .steps.filter((s) => s.when === 'always')
      .reduce((sum, s) => sum + s.attendedMin + s.unattendedMin, 0);
  test.each([
    { school: 'DOWN-HEAT', slow: 'air', quick: 'low', thing: down() },
    { school: 'DOWN-RINSE', slow: 'second-cycle', quick: 'extra-rinse', thing: down() },
    { school: 'PROOF-HEAT', slow: 'radiator', quick: 'tumble', thing: shell() },
    { school: 'INSOLE', slow: 'soak', quick: 'wipe-brush', thing: canvas() },
  ])('$school: $slow takes longer than $quick', ({ school, slow, quick, thing }) => {
    expect(minutes(thing, withSchool(school, slow))).toBeGreaterThan(minutes(thing, withSchool(school, quick)));
  });
});
