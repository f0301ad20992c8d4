import type { Item, SupplyClass } from '../../../src/core/gear';
import {
  without,
  canvas,
  CLEAN,
  comp,
  DIRTY,
  doing,
  down,
  downBag,
  item,
  label,
  refused,
  shell,
  step,
  warmShell,
  withEquipment,
  withSchool,
  withSupplies,
  type KitPart,
  type Seen,
} from '../../make';
import { pairOf } from '../../../src/core/supplies/pair';
import { fact, type Fact, MEMORY, PRACTICE } from './fact';

/* Refusals, cautions, assumptions, machines and families: one row a record. */
const cloth = item('cloth', [comp('face', 'split-microfibre')], { massG: 90 });
const jersey = item('jersey', [comp('face', 'polyester-knit')], { repellency: 'none' });
const pack = item('pack', [comp('face', 'polyamide-woven')], { repellency: 'none' });
const cotton = item('other', [comp('face', 'cotton')], { repellency: 'none' });
const merino = item('base-layer', [comp('face', 'merino')]);
const knitShoe = item('shoe', [comp('upper', 'polyester-knit'), comp('outsole', 'rubber')]);
const field = item('jacket', [comp('face', 'polyester-woven')], {
  marks: ['scent-critical'],
  repellency: 'none',
  label: label(40, 'normal', { tumble: 'low' }),
});
const bare = item('jacket', [comp('membrane', 'membrane')], { repellency: 'exposed-membrane' });

/** With the supply owned, it is refused by just this record. */
const blocked = (id: string, cls: SupplyClass, thing: Item, seen: Seen, kit: KitPart = {}, basis = PRACTICE): Fact =>
  fact(
    `blocks/${id}`,
    basis,
    thing,
    seen,
    { ...withSupplies(cls), ...kit },
    (p) =>
      refused(p, cls) === id &&
      !p.steps.some((s) => s.settings.cleaner === cls || s.settings.proofer === cls || s.settings.aids?.includes(cls)),
  );

const BLOCKS: readonly Fact[] = [
  blocked('no-softener', 'softener', down(), DIRTY),
  blocked('no-softener-limit', 'softener', canvas(), DIRTY),
  blocked('no-dryer-sheets', 'dryer-sheets', shell(), DIRTY),
  blocked('no-protease', 'bio-liquid', merino, DIRTY),
  blocked('no-protease', 'bio-liquid', down(), DIRTY),
  blocked('non-bio-advised', 'bio-liquid', shell(), DIRTY),
  blocked('no-powder', 'powder', shell(), DIRTY),
  blocked('no-ordinary-detergent-down', 'plain-liquid', down(), DIRTY),
  blocked('down-cleaner-only', 'technical-cleaner', down(), DIRTY),
  blocked(
    'treated-down-soap',
    'mild-soap',
    down({ components: [comp('fill', 'down', { attributes: { hydrophobic: true } })] }),
    DIRTY,
  ),
  blocked('no-vinegar-down', 'vinegar', downBag(), DIRTY),
  blocked('wash-in-coats-insulation', 'wash-in-proofer', warmShell(), DIRTY),
  blocked('wash-in-kills-wicking', 'wash-in-proofer', shell({ lining: 'wicking' }), DIRTY),
  blocked('wash-in-needs-machine', 'wash-in-proofer', shell({ label: label(30, 'hand') }), { ...CLEAN, droplet: { hood: 1 } }),
  blocked('combined-clumps', 'combined-wash-proof', warmShell(), DIRTY),
  blocked('combined-kills-wicking', 'combined-wash-proof', shell({ lining: 'wicking' }), DIRTY),
  blocked('exposed-no-wash-in', 'wash-in-proofer', bare, DIRTY),
  blocked('exposed-no-spray', 'spray-proofer', bare, { ...CLEAN, droplet: { back: 1 } }),
  blocked('exposed-no-combined', 'combined-wash-proof', bare, DIRTY),
  blocked('no-finish-mends-leak', 'spray-proofer', shell(), { ...CLEAN, damage: [{ kind: 'leak' }] }),
  blocked('maker-no-proofer', 'spray-proofer', shell({ makerSays: [{ about: 'proofer', says: 'forbids' }] }), {
    ...CLEAN,
    droplet: { back: 1 },
  }),
  blocked('maker-no-proofer-wash-in', 'wash-in-proofer', shell({ makerSays: [{ about: 'proofer', says: 'forbids' }] }), {
    ...CLEAN,
    droplet: { back: 1 },
  }),
  blocked('no-chlorine', 'chlorine-bleach', canvas(), DIRTY, {}, MEMORY),
  blocked('no-oxygen', 'oxygen-booster', down(), DIRTY, {}, MEMORY),
  blocked('felt-balls-hook', 'felt-balls', down(), DIRTY),
  blocked('no-acetone-here', 'acetone', knitShoe, DIRTY),
  blocked('no-peroxide-here', 'peroxide-cream', canvas({ colour: { class: 'dark' } }), { soil: 1, soils: ['yellowing'] }),
  blocked('no-stain-remover-membrane', 'stain-remover', shell(), DIRTY),
  blocked('scented-cleaner', 'technical-cleaner', field, DIRTY),
];

const warns = (id: string, words: string, thing: Item, seen: Seen, kit: KitPart = {}, basis = PRACTICE): Fact =>
  fact(`cautions/${id}`, basis, thing, seen, kit, (p) => p.steps.some((s) => s.cautions.some((c) => c.includes(words))));

const CAUTIONS: readonly Fact[] = [
  warns('wet-lift', 'both arms', downBag(), DIRTY),
  warns('tub-children', 'filling tub', down(), DIRTY, withSchool('DOWN-PLACE', 'bathtub')),
  warns('gloves-soak', 'long soaks', canvas(), DIRTY),
  warns('blood-gloves', 'when there is blood', jersey, { soil: 2, soils: ['blood'] }),
  warns('mould-mask', 'mask', canvas(), { soil: 2, soils: ['mould'] }),
  warns('acetone-fire', 'very flammable', canvas(), DIRTY, withSchool('RUBBER', 'solvent')),
  warns(
    'solvent-no-dryer',
    'never heaped warm',
    cloth,
    { soil: 2, soils: ['grease'] },
    {},
    'IEC 60335-2-11, wording from memory',
  ),
  warns(
    'peroxide-burns',
    'damage eyes',
    canvas(),
    { soil: 2, soils: ['yellowing'] },
    withSupplies('peroxide-cream'),
    'EU CLP Regulation (EC) No 1272/2008: H₂O₂ 8–50 % serious eye damage',
  ),
  warns('spray-mist', 'never breathe the mist', shell(), { ...CLEAN, droplet: { hood: 0 } }),
  warns('iron-cloth', 'Iron through a cloth', shell({ label: label(40, 'mild', { ironMaxC: 110, tumble: 'none' }) }), {
    ...CLEAN,
    droplet: { hood: 3 },
  }),
  warns('hair-dryer-water', 'Dry hands', shell({ label: null }), { ...CLEAN, droplet: { hood: 3 } }),
  warns('dryer-lint', 'Clear the lint', down(), { ...CLEAN, loftRatio: 0.9 }, {}, 'IEC 60335-2-11, wording from memory'),
  warns('heat-every-restart', 'at every restart', down(), DIRTY),
  // Where its agents are in this programme or this vessel, and not because a bottle stands in the cupboard.
  warns('never-mix', 'toxic gas', canvas(), { soil: 2, soils: ['yellowing'] }, withSupplies('peroxide-cream')),
  warns(
    'never-mix',
    'toxic gas',
    canvas(),
    DIRTY,
    withEquipment({
      washers: [{ id: 'w', kind: 'front-loader', unrinsed: [{ class: 'chlorine-bleach', at: '2027-01-03T08:00:00Z' }] }],
    }),
  ),
  fact('cautions/never-mix', PRACTICE, canvas(), DIRTY, withSupplies('chlorine-bleach', 'peroxide-cream'), (p) =>
    p.cautions.every((c) => !c.includes('toxic gas')),
  ),
  warns('dryer-waterproof', 'only when their own label', shell(), DIRTY, {}, 'IEC 60335-2-11, wording from memory'),
  fact('cautions/dryer-waterproof', PRACTICE, down(), DIRTY, {}, (p) => p.cautions.every((c) => !c.includes('rubber-coated'))),
  warns('wet-floor', 'Wet floors', down(), DIRTY, withSchool('DOWN-PLACE', 'bathtub')),
  warns('impeller-gentle', 'impeller is rougher', shell(), DIRTY, withEquipment({ washers: [{ id: 'i1', kind: 'impeller' }] })),
  warns('fan-electric', 'standing water', jersey, DIRTY),
];

const assumes = (id: string, words: string, thing: Item, seen: Seen, kit: KitPart = {}): Fact =>
  fact(`assumptions/${id}`, PRACTICE, thing, seen, kit, (p) => p.assumptions.some((a) => a.includes(words)));

const ASSUMPTIONS: readonly Fact[] = [
  assumes('label-missing', 'No care label', shell({ label: null }), DIRTY),
  assumes('soil-unseen', 'how dirty', shell(), { odour: 0 }),
  assumes('odour-unseen', 'whether it smells', shell(), { soil: 0 }),
  assumes('drops-unseen', 'not tested with drops', shell(), CLEAN),
  assumes('loft-unseen', 'loft was not measured', down(), CLEAN),
  assumes('mass-assumed', 'never weighed', item('jersey', [comp('face', 'polyester-knit')]), DIRTY),
  assumes('bulk-assumed', 'size is not recorded', jersey, DIRTY),
  assumes('room-assumed', '20 °C and 50 %', shell(), DIRTY, withEquipment({ room: {} })),
  assumes('hardness-assumed', 'hardness is not recorded', shell(), DIRTY, {
    equipment: { washers: [{ id: 'w', kind: 'front-loader' }] },
  }),
  assumes('washers-unknown', 'do not know your machines', shell(), DIRTY, { equipment: {} }),
  assumes('bath-borrowed', 'none is on your list', jersey, DIRTY, withEquipment({ washers: [] })),
  assumes('insole-fixed', 'took it as fixed', item('shoe', [comp('upper', 'cotton-canvas'), comp('insole', 'eva-foam')]), DIRTY),
  assumes(
    'treated-down',
    'says it suits it',
    down({ components: [comp('fill', 'down', { attributes: { hydrophobic: true } })] }),
    DIRTY,
  ),
  assumes('drum-unknown', 'drum’s size', downBag(), DIRTY, withEquipment({ washers: [{ id: 'w1', kind: 'front-loader' }] })),
  assumes('print-assumed', 'took it for a heat-pressed one', { ...jersey, fittings: ['print'] }, DIRTY),
  assumes(
    'maker-and-label-differ',
    'stricter word',
    shell({ label: label(40, 'mild', { tumble: 'none' }), makerSays: [{ about: 'tumble', says: 'allows' }] }),
    DIRTY,
  ),
  assumes(
    'dryer-runs-hot',
    'measured hotter',
    down(),
    DIRTY,
    withEquipment({ dryers: [{ id: 'd1', kind: 'vented', drumLitres: 112, heatC: { low: 66, air: 24 } }] }),
  ),
  assumes(
    'iron-runs-hot',
    'warmed another way',
    shell({ label: label(40, 'mild', { tumble: 'none', ironMaxC: 110 }) }),
    { ...CLEAN, droplet: { hood: 3 } },
    withEquipment({ irons: [{ id: 'i', oneDotC: 135 }] }),
  ),
  assumes('spray-not-standard', 'judged by eye', shell(), { ...CLEAN, droplet: { hood: 3 } }),
];

const washer = (rest: object): KitPart =>
  withEquipment({
    washers: [
      { id: 'w9', kind: 'front-loader', ...rest },
      { id: 't1', kind: 'tub' },
    ],
  });
const rules = (...ids: string[]): string[] => ids.map((id) => `rules/${id}`);
const MACHINES: readonly Fact[] = [
  fact(
    [...rules('agitator-tears')],
    MEMORY,
    down(),
    DIRTY,
    withEquipment({
      washers: [
        { id: 'a1', kind: 'agitator' },
        { id: 't1', kind: 'tub' },
      ],
    }),
    (p) => refused(p, 'a1') === 'agitator-tears' && p.method === 'tub',
  ),
  fact(
    [],
    PRACTICE,
    jersey,
    DIRTY,
    { ...withEquipment({ washers: [{ id: 'a1', kind: 'agitator' }] }), ...withSchool('JERSEY-PLACE', 'machine') },
    (p) => doing(p, 'machine-wash')?.settings.washerId === 'a1',
  ),
  fact(
    [...rules('washer-too-small')],
    MEMORY,
    downBag(),
    DIRTY,
    washer({ drumLitres: 45 }),
    (p) => refused(p, 'w9') === 'washer-too-small' && p.method === 'tub',
  ),
  fact(
    [...rules('washer-overloaded')],
    MEMORY,
    downBag(),
    DIRTY,
    washer({ capacityKg: 1 }),
    (p) => refused(p, 'w9') === 'washer-overloaded',
  ),
  fact(
    [...rules('machine-label-forbids')],
    'ISO 3758:2012: a hand in the tub',
    shell({ label: label(30, 'hand') }),
    DIRTY,
    {},
    (p) => refused(p, 'w1') === 'machine-label-forbids' && p.method === 'hand',
  ),
  fact(
    [...rules('machine-maker-forbids')],
    PRACTICE,
    shell({ makerSays: [{ about: 'machine', says: 'forbids' }] }),
    DIRTY,
    {},
    (p) => refused(p, 'w1') === 'machine-maker-forbids' && p.method === 'hand',
  ),
  fact(
    [...rules('machine-not-allowed')],
    MEMORY,
    canvas({ components: [comp('upper', 'cotton-canvas'), comp('trim', 'suede')] }),
    DIRTY,
    {},
    (p) => refused(p, 'w1') === 'machine-not-allowed' && p.method === 'hand',
  ),
  fact(
    [...rules('dryer-too-small')],
    MEMORY,
    downBag(),
    DIRTY,
    withEquipment({ dryers: [{ id: 'd9', kind: 'vented', drumLitres: 80 }] }),
    (p) => refused(p, 'd9') === 'dryer-too-small' && doing(p, 'tumble')?.settings.place === 'launderette',
  ),
  fact(
    [...rules('dryer-not-allowed')],
    MEMORY,
    shell({ label: null }),
    { ...CLEAN, droplet: { hood: 3 } },
    {},
    (p) => refused(p, 'd1') === 'dryer-not-allowed',
  ),
  fact(
    [],
    PRACTICE,
    down(),
    DIRTY,
    { supplies: [] },
    (p) =>
      p.shopping.some((s) => s.class === 'down-cleaner' && s.needMl === 100) &&
      p.shopping.some((s) => s.class === 'dryer-balls' && s.needCount === 2),
  ),
  fact(
    [],
    PRACTICE,
    down({ components: [comp('face', 'polyamide-woven', { attributes: { denier: 10 } }), comp('fill', 'down')] }),
    DIRTY,
    {},
    (p) => doing(p, 'tumble')?.settings.checkEveryMin === 30,
  ),
  fact([], PRACTICE, down({ marks: ['heirloom'] }), DIRTY, {}, (p) => p.method === 'tub'),
  fact(
    [],
    PRACTICE,
    down(),
    DIRTY,
    withEquipment({ washers: [{ id: 'w1', kind: 'front-loader', spinRpm: [800, 1200] }] }),
    (p) => doing(p, 'machine-wash')?.settings.spinRpm === 0,
  ),
];

const TRAITS: readonly Fact[] = [
  fact(
    'traits/hide',
    PRACTICE,
    canvas({ components: [comp('upper', 'cotton-canvas'), comp('trim', 'suede')] }),
    DIRTY,
    withSchool('SHOE-DRY', 'sun'),
    (p) => refused(p, 'sun') === 'sun-canvas-only',
  ),
  fact('planTraits/wet-pack', PRACTICE, pack, DIRTY, {}, (p) => step(p, 'empty-pockets') !== undefined),
  fact(
    'planTraits/proof:spray',
    PRACTICE,
    shell(),
    { ...CLEAN, droplet: { hood: 1 } },
    { ...withEquipment({ washers: [] }), ...withSchool('PROOF-METHOD', 'wash-in') },
    (p) => step(p, 'spray-if-failed') !== undefined,
  ),
  fact(
    'planTraits/heavy-wet',
    PRACTICE,
    down(),
    DIRTY,
    withSchool('DOWN-PLACE', 'bathtub'),
    (p) => step(p, 'lift-wet')?.cautions.some((c) => c.includes('both arms')) ?? false,
  ),
];

/** What each family is recognised by, and does that its neighbours do not. */
const FAMILIES: readonly Fact[] = [
  fact(
    'families/costume-head',
    PRACTICE,
    item('costume-head', [comp('foam', 'pu-foam')]),
    DIRTY,
    {},
    (p) => p.method === 'extract',
  ),
  fact('families/trainer', PRACTICE, knitShoe, DIRTY, {}, (p) => doing(p, 'stuff-dry') !== undefined && p.method === 'machine'),
  fact(
    'families/studded-boot',
    PRACTICE,
    item('studded-boot', [comp('upper', 'polyester-woven')]),
    DIRTY,
    {},
    (p) =>
      doing(p, 'machine-wash')?.settings.rinses === 2 &&
      doing(p, 'pre-rinse') !== undefined &&
      (step(p, 'shoe-shade')?.unattendedMin ?? 0) >= 20 * 60,
  ),
  fact('families/pack', PRACTICE, pack, DIRTY, {}, (p) => p.method === 'hand'),
  fact(
    'families/pads',
    PRACTICE,
    item('pads', [comp('face', 'polyester-mesh')]),
    DIRTY,
    {},
    (p) => doing(p, 'dry-moving-air') !== undefined,
  ),
  fact(
    'families/meat-bag',
    PRACTICE,
    item('bag', [comp('mesh', 'polyester-mesh')]),
    DIRTY,
    {},
    (p) => doing(p, 'machine-wash')?.settings.cleaner === 'unscented-cleaner',
  ),
  fact('families/down-bag', PRACTICE, downBag(), DIRTY, withEquipment({ washers: [] }), (p) => p.method === 'refer'),
  fact(
    'families/down-bag',
    PRACTICE,
    without(downBag(), 'bulk'),
    DIRTY,
    withEquipment({ dryers: [{ id: 'd1', kind: 'vented', drumLitres: 80 }] }),
    (p) => refused(p, 'd1') === 'dryer-too-small',
  ),
  fact('families/field', PRACTICE, field, DIRTY, {}, (p) => doing(p, 'machine-wash')?.settings.cleaner === 'unscented-cleaner'),
  fact(
    'families/synthetic-insulation',
    PRACTICE,
    item('jacket', [comp('face', 'polyester-woven'), comp('fill', 'polyester-fill')], { repellency: 'none' }),
    DIRTY,
    withEquipment({ washers: [{ id: 'w1', kind: 'front-loader', drumLitres: 25 }] }),
    (p) => refused(p, 'w1') === 'washer-too-small',
  ),
  fact(
    'families/softshell',
    PRACTICE,
    item('jacket', [comp('face', 'polyester-woven')], { repellency: 'finish' }),
    DIRTY,
    {},
    (p) => p.assumptions.some((a) => a.includes('never weighed')) && (step(p, 'line-dry')?.unattendedMin ?? 0) > 120,
  ),
  fact(
    'families/cotton',
    PRACTICE,
    { ...cotton, label: label(60, 'normal') },
    { soil: 3 },
    {},
    (p) => doing(p, 'machine-wash')?.settings.tempC === 40,
  ),
  fact(
    'families/synthetic',
    PRACTICE,
    item('other', [comp('face', 'polyester-woven')], { repellency: 'none' }),
    DIRTY,
    {},
    (p) => doing(p, 'machine-wash')?.settings.tempC === 30,
  ),
];

/** What must not meet. Toxic gas and violent foaming: common practice, no source. */
const NEVER: readonly Fact[] = (
  [
    ['chlorine-acid', 'chlorine-bleach', 'vinegar'],
    ['peroxide-acid', 'oxygen-booster', 'vinegar'],
    ['peroxide-acid', 'vinegar', 'peroxide-cream'],
    ['peroxide-bleach', 'peroxide-cream', 'oxygen-booster'],
    ['two-bleaches', 'oxygen-booster', 'chlorine-bleach'],
    ['chlorine-ammonia', 'ammonia', 'chlorine-bleach'],
    ['acetone-bleach', 'acetone', 'peroxide-cream'],
  ] as const
).map(([id, a, b]) => ({
  about: [`neverTogether/${id}`],
  basis: PRACTICE,
  holds: (knowledge) => pairOf(knowledge.neverTogether, a, b)?.id === id,
}));

/** Every reason that a step or a refusal names is a record with a basis. */
const REASONS: Fact = {
  about: ['rules/*'],
  basis: PRACTICE,
  holds: (k) => {
    const known = new Set(k.rules.map((r) => r.id));
    const named = [
      ...k.steps.flatMap((s) => s.why),
      ...k.schools.flatMap((s) => s.options.flatMap((o) => (o.refused ?? []).map((r) => r.rule))),
      'allowed-explicitly',
      'dose-label',
      'dose-guess',
      'dose-ceiling',
      'own-dose',
      'own-rinses',
      'own-temp',
      'own-dose-refused',
      'own-rinses-refused',
      'own-temp-refused',
      'rinse-learned',
      'rinse-model',
      'agitator-tears',
      'washer-too-small',
      'washer-overloaded',
      'machine-not-allowed',
      'machine-no-label',
      'machine-label-forbids',
      'machine-maker-forbids',
      'dryer-too-small',
      'dryer-not-allowed',
    ];
    return named.every((id) => known.has(id) || k.blocks.some((b) => b.id === id));
  },
};

export const CHOICE_FACTS: readonly Fact[] = [
  ...BLOCKS,
  ...CAUTIONS,
  ...ASSUMPTIONS,
  ...MACHINES,
  ...TRAITS,
  ...FAMILIES,
  ...NEVER,
  REASONS,
];
