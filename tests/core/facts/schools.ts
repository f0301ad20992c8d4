import type { Item } from '../../../src/core/gear';
import {
  canvas,
  CLEAN,
  comp,
  DIRTY,
  doing,
  down,
  item,
  label,
  refused,
  shell,
  step,
  supply,
  warmShell,
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
  school('SHOE-CYCLE', 'quick', canvas(), DIRTY, (p) => doing(p, 'machine-wash')?.text.includes('quick') ?? false),
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

/** The option ids are part of the file format: this is the contract, school by school. */
const CONTRACT: Readonly<Record<string, string>> = {
  'SHELL-CLEANER': 'specialist plain-liquid',
  'PROOF-METHOD': 'spray-on wash-in',
  'PROOF-HEAT': 'line-then-tumble tumble iron hair-dryer radiator',
  'DOWN-CLEANER': 'dedicated gentle-liquid',
  'DOWN-WATER': 'cold warm',
  'DOWN-PLACE': 'front-loader bathtub',
  'DOWN-RINSE': 'extra-rinse second-cycle',
  'DOWN-HEAT': 'air low medium',
  'SHOE-HEAT': 'cool hot',
  'SHOE-CYCLE': 'by-kind gentle quick long-slow permanent-press',
  'SHOE-DRY': 'shade sun rack',
  'SHOE-MACHINE': 'if-allowed hand',
  'SHOE-LEATHER': 'never if-label-allows',
  LACES: 'out-in-bag out-by-hand in',
  INSOLE: 'wipe-brush soak',
  RUBBER: 'sponge paste stiff-brush solvent',
  'CLOTH-TEMP': '32 40 60',
  'CLOTH-CYCLE': 'quick-extra-rinse gentle',
  'CLOTH-VINEGAR': 'no yes',
  'CLOTH-DRY': 'indoor-air low-tumble',
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

export const SCHOOL_FACTS: readonly Fact[] = [...SCHOOLS, ...OPTIONS];
