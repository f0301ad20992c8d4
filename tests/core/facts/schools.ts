import type { Item } from '../../../src/core/gear';
import {
  canvas,
  CLEAN,
  comp,
  DIRTY,
  doing,
  down,
  inOrder,
  item,
  label,
  refused,
  shell,
  step,
  supply,
  warmShell,
  withEquipment,
  withSchool,
  type KitPart,
  type Seen,
} from '../../make';
import { fact, type Fact, MEMORY, PRACTICE } from './fact';

/* Where practice disagrees: each option does what it says, or is refused with its reason. */
const cloth = item('cloth', [comp('face', 'split-microfibre')], { massG: 90 });
const jersey = item('jersey', [comp('face', 'polyester-knit')], { repellency: 'none' });
const vest = item('running-vest', [comp('mesh', 'elastane-mesh')]);
const pack = item('pack', [comp('face', 'polyamide-woven')], { repellency: 'none' });
const cotton = item('other', [comp('face', 'cotton')], { repellency: 'none' });
const leather = item('boot', [comp('upper', 'leather')], { label: label(30, 'mild') });
const knitShoe = item('shoe', [comp('upper', 'polyester-knit'), comp('outsole', 'rubber')]);
const field = item('jacket', [comp('face', 'polyester-woven')], {
  marks: ['scent-critical'],
  repellency: 'none',
  label: label(40, 'normal', { tumble: 'low' }),
});

const NO_CYCLES = withEquipment({ washers: [{ id: 'w1', kind: 'front-loader', drumLitres: 58, spinRpm: [400, 600, 800] }] });
const BATHS_ONLY = withEquipment({
  washers: [
    { id: 't1', kind: 'tub' },
    { id: 'b1', kind: 'basin' },
  ],
});
const unlabelled = item('shoe', [comp('upper', 'cotton-canvas'), comp('outsole', 'rubber'), comp('insole', 'eva-foam')]);

/** Choosing the option changes the plan as told; with the school gone it could not. */
const school = (
  id: string,
  option: string,
  thing: Item,
  seen: Seen,
  holds: Parameters<typeof fact>[5],
  kit: KitPart = {},
  basis = PRACTICE,
): Fact => fact(`schools/${id}`, basis, thing, seen, { ...kit, ...withSchool(id, option) }, holds);

const SCHOOLS: readonly Fact[] = [
  school(
    'SHELL-CLEANER',
    'plain-liquid',
    shell(),
    DIRTY,
    (p) => doing(p, 'machine-wash')?.settings.cleaner === 'plain-liquid' && doing(p, 'machine-wash')?.settings.doseMl === 30,
  ),
  school(
    'PROOF-METHOD',
    'wash-in',
    shell(),
    { soil: 4, droplet: { back: 0 } },
    (p) => step(p, 'wash-in-now')?.settings.proofer === 'wash-in-proofer',
  ),
  fact(
    'schools/PROOF-METHOD',
    PRACTICE,
    warmShell(),
    DIRTY,
    withSchool('PROOF-METHOD', 'wash-in'),
    (p) => refused(p, 'wash-in') === 'wash-in-coats-insulation',
  ),
  fact(
    'schools/PROOF-METHOD',
    PRACTICE,
    shell({ lining: 'wicking' }),
    DIRTY,
    withSchool('PROOF-METHOD', 'wash-in'),
    (p) => refused(p, 'wash-in') === 'wash-in-kills-wicking',
  ),
  school(
    'PROOF-HEAT',
    'hair-dryer',
    shell(),
    { ...CLEAN, droplet: { hood: 3 } },
    (p) => step(p, 'heat-hair-dryer') !== undefined,
  ),
  fact(
    'schools/PROOF-HEAT',
    MEMORY,
    shell({ label: null }),
    { ...CLEAN, droplet: { hood: 3 } },
    withSchool('PROOF-HEAT', 'iron'),
    (p) => refused(p, 'iron') === 'iron-not-allowed',
  ),
  school('DOWN-CLEANER', 'gentle-liquid', down(), DIRTY, (p) => doing(p, 'machine-wash')?.settings.cleaner === 'mild-soap', {
    supplies: [supply('mild-soap')],
  }),
  fact(
    'schools/DOWN-CLEANER',
    PRACTICE,
    down({ components: [comp('face', 'polyamide-woven'), comp('fill', 'down', { attributes: { hydrophobic: true } })] }),
    DIRTY,
    withSchool('DOWN-CLEANER', 'gentle-liquid'),
    (p) => refused(p, 'gentle-liquid') === 'treated-down-cleaner',
  ),
  school('DOWN-WATER', 'warm', down(), DIRTY, (p) => doing(p, 'machine-wash')?.settings.tempC === 30),
  fact(
    'schools/DOWN-WATER',
    PRACTICE,
    down(),
    DIRTY,
    {},
    (p) =>
      p.alternatives.some((a) => a.school === 'DOWN-WATER' && a.option === 'warm') &&
      doing(p, 'machine-wash')?.settings.tempC === 20,
  ),
  school('DOWN-PLACE', 'bathtub', down(), DIRTY, (p) => p.method === 'tub' && doing(p, 'tub-wash')?.settings.washerId === 't1'),
  school('DOWN-RINSE', 'second-cycle', down(), DIRTY, (p) => step(p, 'rinse-second-cycle')?.settings.rinses === 2),
  fact(
    'schools/DOWN-RINSE',
    PRACTICE,
    down(),
    DIRTY,
    {},
    (p) => step(p, 'rinse-machine')?.settings.rinses === 1 && doing(p, 'machine-wash')?.settings.rinses === 2,
  ),
  school('DOWN-HEAT', 'air', down(), DIRTY, (p) => doing(p, 'tumble')?.settings.heat === 'air'),
  fact(
    'schools/DOWN-HEAT',
    'ISO 3758:2012: tumble low = exhaust up to 60 °C',
    down(),
    DIRTY,
    withSchool('DOWN-HEAT', 'medium'),
    (p) => refused(p, 'medium') === 'medium-needs-label' && doing(p, 'tumble')?.settings.heat === 'low',
  ),
  fact(
    'schools/DOWN-HEAT',
    'ISO 3758:2012: tumble normal = exhaust up to 80 °C',
    down({ label: label(30, 'mild', { tumble: 'normal' }) }),
    DIRTY,
    withSchool('DOWN-HEAT', 'medium'),
    (p) =>
      doing(p, 'tumble')?.settings.heat === 'medium' && p.envelope.waived.some((w) => w.limit === 'tumble' && w.by === 'label'),
  ),
  school(
    'SHOE-HEAT',
    'hot',
    canvas(),
    DIRTY,
    (p) =>
      doing(p, 'machine-wash')?.settings.tempC === 60 &&
      p.envelope.waived.some((w) => w.by === 'SHOE-HEAT' && w.from === 30 && w.to === 60),
  ),
  fact(
    'schools/SHOE-HEAT',
    PRACTICE,
    canvas({ label: label(30, 'mild') }),
    DIRTY,
    withSchool('SHOE-HEAT', 'hot'),
    (p) => refused(p, 'hot') === 'warmer-than-label' && (doing(p, 'machine-wash')?.settings.tempC ?? 99) <= 30,
  ),
  fact(
    'schools/SHOE-HEAT',
    PRACTICE,
    canvas({ colour: { class: 'dark' } }),
    DIRTY,
    withSchool('SHOE-HEAT', 'hot'),
    (p) => refused(p, 'hot') === 'hot-white-only',
  ),
  // About half an hour, where the machine's own programmes are not written down.
  school('SHOE-CYCLE', 'quick', canvas(), DIRTY, (p) => doing(p, 'machine-wash')?.unattendedMin === 30, NO_CYCLES),
  fact('schools/SHOE-CYCLE', PRACTICE, canvas(), DIRTY, {}, (p) => !p.alternatives.some((a) => a.school === 'SHOE-CYCLE')),
  school(
    'SHELL-WATER',
    'warm',
    shell({ label: label(40, 'normal') }),
    DIRTY,
    (p) => doing(p, 'machine-wash')?.settings.tempC === 40 && doing(p, 'machine-wash')?.settings.action === 'normal',
  ),
  fact(
    'schools/SHELL-WATER',
    PRACTICE,
    shell({ label: label(30, 'mild') }),
    DIRTY,
    withSchool('SHELL-WATER', 'warm'),
    (p) => refused(p, 'warm') === 'warmer-than-limit' && doing(p, 'machine-wash')?.settings.tempC === 30,
  ),
  fact(
    ['schools/SHELL-WATER', 'rules/warmer-needs-label'],
    PRACTICE,
    shell({ label: null }),
    DIRTY,
    withSchool('SHELL-WATER', 'warm'),
    (p) => refused(p, 'warm') === 'warmer-needs-label',
  ),
  school(
    'PROOF-WHEN',
    'last-rounds',
    down({ repellency: 'finish' }),
    { soil: 2, droplet: { back: 1 } },
    (p) =>
      p.aims.includes('renew') &&
      p.steps.findIndex((s) => s.key === 'spray-down-now') < p.steps.findIndex((s) => s.key === 'tumble-last'),
  ),
  fact(
    ['schools/PROOF-WHEN', 'rules/last-rounds-down-only'],
    PRACTICE,
    shell(),
    { soil: 2, droplet: { back: 1 } },
    withSchool('PROOF-WHEN', 'last-rounds'),
    (p) => refused(p, 'last-rounds') === 'last-rounds-down-only' && !p.aims.includes('renew'),
  ),
  fact(
    ['schools/PROOF-HEAT', 'rules/heat-is-the-job'],
    PRACTICE,
    shell(),
    { ...CLEAN, droplet: { hood: 3 } },
    withSchool('PROOF-HEAT', 'none'),
    (p) => refused(p, 'none') === 'heat-is-the-job' && p.aims.includes('reactivate'),
  ),
  school(
    'ROUND-LOOK',
    '30',
    down(),
    DIRTY,
    (p) => step(p, 'tumble-down')?.settings.checkEveryMin === 30 && (step(p, 'tumble-down')?.settings.rounds ?? 0) > 4,
  ),
  // No label is to be found and the foam insole stays in: the machine is the owner's risk, cold, slow and in a bag, and listed.
  school(
    'SHOE-MACHINE',
    'own-risk',
    unlabelled,
    DIRTY,
    (p) =>
      p.method === 'machine' &&
      doing(p, 'machine-wash')?.settings.tempC === 20 &&
      (doing(p, 'machine-wash')?.settings.spinRpm ?? 999) <= 400 &&
      step(p, 'bag-shoes') !== undefined &&
      p.envelope.waived.some((w) => w.limit === 'action' && w.by === 'SHOE-MACHINE'),
  ),
  fact(
    ['schools/SHOE-MACHINE', 'rules/machine-no-label'],
    PRACTICE,
    unlabelled,
    DIRTY,
    {},
    (p) => p.method === 'hand' && refused(p, 'w1') === 'machine-no-label' && p.alternatives.some((a) => a.option === 'own-risk'),
  ),
  fact(
    ['schools/SHOE-MACHINE', 'rules/own-risk-has-label'],
    PRACTICE,
    { ...unlabelled, label: label(30, 'hand') },
    DIRTY,
    withSchool('SHOE-MACHINE', 'own-risk'),
    (p) => refused(p, 'own-risk') === 'own-risk-has-label' && p.method === 'hand',
  ),
  fact(
    ['schools/SHOE-MACHINE', 'rules/own-risk-not-this'],
    PRACTICE,
    { ...unlabelled, components: [...unlabelled.components, comp('trim', 'suede')] },
    DIRTY,
    withSchool('SHOE-MACHINE', 'own-risk'),
    (p) => refused(p, 'own-risk') === 'own-risk-not-this' && p.method === 'hand',
  ),
  school('SHOE-DRY', 'sun', canvas(), DIRTY, (p) => step(p, 'shoe-sun') !== undefined),
  fact(
    'schools/SHOE-DRY',
    PRACTICE,
    knitShoe,
    DIRTY,
    withSchool('SHOE-DRY', 'sun'),
    (p) => refused(p, 'sun') === 'sun-canvas-only' && step(p, 'shoe-shade') !== undefined,
  ),
  school('SHOE-MACHINE', 'hand', canvas(), DIRTY, (p) => p.method === 'hand'),
  school('SHOE-LEATHER', 'if-label-allows', leather, DIRTY, (p) => p.method === 'machine'),
  fact(
    'schools/SHOE-LEATHER',
    PRACTICE,
    leather,
    DIRTY,
    {},
    (p) => p.method === 'surface' && p.alternatives.some((a) => a.school === 'SHOE-LEATHER'),
  ),
  school('LACES', 'out-by-hand', canvas(), DIRTY, (p) => step(p, 'laces-by-hand') !== undefined),
  school('INSOLE', 'soak', canvas(), DIRTY, (p) => step(p, 'insole-soak') !== undefined),
  school('RUBBER', 'paste', canvas(), DIRTY, (p) => step(p, 'rubber-paste') !== undefined),
  fact(
    'schools/RUBBER',
    PRACTICE,
    knitShoe,
    DIRTY,
    withSchool('RUBBER', 'solvent'),
    (p) => refused(p, 'solvent') === 'no-solvent-here',
  ),
  school('CLOTH-TEMP', '32', cloth, DIRTY, (p) => doing(p, 'machine-wash')?.settings.tempC === 32),
  fact(
    'schools/CLOTH-TEMP',
    PRACTICE,
    cloth,
    DIRTY,
    withSchool('CLOTH-TEMP', '60'),
    (p) => refused(p, '60') === 'cloth-60-filthy-only' && doing(p, 'machine-wash')?.settings.tempC === 40,
  ),
  fact('schools/CLOTH-CYCLE', PRACTICE, cloth, DIRTY, {}, (p) =>
    p.alternatives.some((a) => a.school === 'CLOTH-CYCLE' && a.option === 'gentle'),
  ),
  school('CLOTH-VINEGAR', 'yes', cloth, DIRTY, (p) => step(p, 'vinegar-rinse') !== undefined),
  school('CLOTH-DRY', 'low-tumble', cloth, DIRTY, (p) => step(p, 'tumble-low') !== undefined),
  fact(
    'schools/CLOTH-DRY',
    PRACTICE,
    cloth,
    { ...DIRTY, soils: ['wax'] },
    withSchool('CLOTH-DRY', 'low-tumble'),
    (p) => refused(p, 'low-tumble') === 'greasy-never-tumbled' && doing(p, 'tumble') === undefined,
  ),
  school('JERSEY-PLACE', 'machine', jersey, DIRTY, (p) => p.method === 'machine'),
  fact(
    'schools/JERSEY-SPIN',
    PRACTICE,
    jersey,
    DIRTY,
    { preferences: { schools: { 'JERSEY-PLACE': 'machine', 'JERSEY-SPIN': 'high' } } },
    (p) => doing(p, 'machine-wash')?.settings.spinRpm === 800,
  ),
  school(
    'VEST-MACHINE',
    'machine',
    vest,
    DIRTY,
    (p) => p.method === 'machine' && doing(p, 'machine-wash')?.settings.cleaner === undefined,
  ),
  school('PACK-CLEANER', 'technical', pack, DIRTY, (p) => doing(p, 'hand-wash')?.settings.cleaner === 'technical-cleaner'),
  fact(
    'schools/PACK-CLEANER',
    PRACTICE,
    pack,
    DIRTY,
    {},
    (p) => doing(p, 'hand-wash')?.settings.cleaner === undefined && p.alternatives.some((a) => a.school === 'PACK-CLEANER'),
  ),
  school('SCENT', 'marked', field, DIRTY, (p) => step(p, 'purge-scent') !== undefined),
  school('FIELD-DRY', 'purged-dryer', field, DIRTY, (p) => step(p, 'tumble-low') !== undefined),
  school('COLD-FIRST', '20', cotton, DIRTY, (p) => doing(p, 'machine-wash')?.settings.tempC === 20),
];

const offers =
  (school: string, option?: string): Parameters<typeof fact>[5] =>
  (p) =>
    p.alternatives.some((a) => a.school === school && (option === undefined || a.option === option));
const withholds =
  (school: string, option?: string): Parameters<typeof fact>[5] =>
  (p) =>
    !offers(school, option)(p);
const printed = shell({ fittings: ['print'], label: label(40, 'mild') });
/** What is offered only where it would change something. */
const OFFERED: readonly Fact[] = [
  fact('planTraits/heat-at-stake', PRACTICE, down(), DIRTY, {}, offers('DOWN-HEAT', 'air')),
  fact('planTraits/heat-at-stake', PRACTICE, down(), { ...CLEAN, damp: true }, {}, offers('DOWN-HEAT', 'air')),
  fact('schools/DOWN-HEAT', PRACTICE, down(), { ...CLEAN, odour: 1 }, {}, withholds('DOWN-HEAT')),
  fact('planTraits/never-lined', PRACTICE, down({ repellency: 'finish' }), DIRTY, {}, withholds('PROOF-HEAT', 'tumble')),
  fact('planTraits/never-lined', PRACTICE, shell(), { ...CLEAN, droplet: { hood: 3 } }, {}, withholds('PROOF-HEAT', 'tumble')),
  fact('planTraits/no-drum', PRACTICE, unlabelled, DIRTY, BATHS_ONLY, withholds('SHOE-MACHINE', 'own-risk')),
  fact('planTraits/scent-irrelevant', PRACTICE, field, { ...CLEAN, odour: 1 }, {}, withholds('SCENT')),
  fact(
    'planTraits/scent-irrelevant',
    PRACTICE,
    item('bag', [comp('face', 'polyamide-woven')], { marks: ['scent-critical'], repellency: 'none' }),
    DIRTY,
    BATHS_ONLY,
    withholds('SCENT'),
  ),
  // What is printed is washed inside out: it is turned back before its face is sprayed, and before drops are tried.
  fact('planTraits/turned-for-drops', PRACTICE, printed, DIRTY, {}, (p) =>
    inOrder(p, 'line-dry', 'turn-back-dry', 'droplet-test'),
  ),
  fact(
    ['planTraits/turned-for-spray', 'rules/while-damp-saves'],
    PRACTICE,
    printed,
    { soil: 2, droplet: { back: 1 } },
    withSchool('PROOF-WHEN', 'while-damp'),
    (p) =>
      inOrder(p, 'wash-shell-machine', 'turn-back', 'spray-now', 'line-dry') &&
      step(p, 'turn-back-dry') === undefined &&
      (step(p, 'spray-now')?.why.some((w) => w.rule === 'while-damp-saves') ?? false),
  ),
];

/** The option ids are part of the file format: this is the contract, school by school. */
const CONTRACT: Readonly<Record<string, string>> = {
  'SHELL-CLEANER': 'specialist plain-liquid',
  'SHELL-WATER': 'cool warm',
  'PROOF-METHOD': 'spray-on wash-in',
  'PROOF-WHEN': 'test-first while-damp last-rounds',
  'PROOF-HEAT': 'line-then-tumble tumble iron hair-dryer radiator none',
  'DOWN-CLEANER': 'dedicated gentle-liquid',
  'DOWN-WATER': 'cold warm',
  'DOWN-PLACE': 'front-loader bathtub',
  'DOWN-RINSE': 'extra-rinse second-cycle',
  'ROUND-LOOK': '30 60',
  'DOWN-HEAT': 'air low medium',
  'SHOE-HEAT': 'cool hot',
  'SHOE-CYCLE': 'by-kind gentle quick long-slow permanent-press',
  'SHOE-DRY': 'shade sun rack',
  'SHOE-MACHINE': 'if-allowed hand own-risk',
  'SHOE-LEATHER': 'never if-label-allows',
  LACES: 'out-in-bag out-by-hand in',
  INSOLE: 'wipe-brush soak',
  RUBBER: 'sponge paste stiff-brush solvent',
  'CLOTH-TEMP': '32 40 60',
  'CLOTH-CYCLE': 'quick-extra-rinse gentle',
  'CLOTH-VINEGAR': 'no yes',
  'CLOTH-DRY': 'indoor-air radiator low-tumble',
  'JERSEY-PLACE': 'hand machine',
  'JERSEY-SPIN': 'gentle high',
  'VEST-MACHINE': 'hand machine',
  'PACK-CLEANER': 'water technical',
  SCENT: 'off marked',
  'FIELD-DRY': 'outdoor-air purged-dryer',
  WHEN: 'triggers calendar',
  'COLD-FIRST': '20 30',
};
const OPTIONS: readonly Fact[] = Object.entries(CONTRACT).map(([id, options]) => ({
  about: [`schools/${id}`],
  basis: 'the file format',
  holds: (k) =>
    k.schools
      .find((s) => s.id === id)
      ?.options.map((o) => o.id)
      .join(' ') === options,
}));

export const SCHOOL_FACTS: readonly Fact[] = [...SCHOOLS, ...OFFERED, ...OPTIONS];
