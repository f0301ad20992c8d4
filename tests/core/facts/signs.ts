import {
  canvas,
  CLEAN,
  comp,
  DIRTY,
  down,
  inOrder,
  item,
  label,
  refused,
  shell,
  step,
  supply,
  withEquipment,
  withSchool,
  DRYER,
  WASHER,
} from '../../make';
import { fact, type Fact, PRACTICE } from './fact';

/* Every sign of a label and every field of a record: what each changes. */
const ISO = 'ISO 3758:2012';
const shirt = (rest: object = {}): Parameters<typeof fact>[2] =>
  item('base-layer', [comp('face', 'polyester-knit')], { repellency: 'none', label: label(40, 'mild'), ...rest });
const dries = (...naturalDrying: ('line' | 'drip' | 'flat' | 'shade')[]): Parameters<typeof fact>[2] =>
  shirt({ label: label(40, 'mild', { naturalDrying }) });
const SOFTENED = withEquipment({ dryers: [{ ...DRYER, lastLoads: ['softener'] }] });
const scented = item('jacket', [comp('face', 'polyester-woven')], { marks: ['scent-critical'], repellency: 'none' });
const purged = (lastLoads: readonly string[]): ReturnType<typeof withEquipment> =>
  withEquipment({ washers: [{ ...WASHER, lastLoads, scentPurgedAt: '2027-01-03T08:00:00Z' }] });

export const SIGN_FACTS: readonly Fact[] = [
  // The signs for natural drying.
  fact('steps/dry-flat', ISO, dries('flat'), DIRTY, {}, (p) => step(p, 'dry-flat')?.settings.place === 'flat'),
  fact(
    'steps/dry-drip',
    ISO,
    dries('drip'),
    DIRTY,
    {},
    (p) =>
      step(p, 'dry-drip') !== undefined &&
      p.steps.every((s) => !s.settings.spinRpm) &&
      p.envelope.spinMaxRpm.boundBy.component === 'label',
  ),
  fact('steps/line-dry', ISO, dries('shade'), DIRTY, {}, (p) => step(p, 'line-dry')?.settings.place === 'shade'),
  fact('steps/line-dry', ISO, dries('line'), DIRTY, {}, (p) => step(p, 'line-dry')?.settings.place === 'line'),
  fact(
    ['schools/SHOE-DRY', 'rules/label-says-shade'],
    ISO,
    canvas({ label: label(30, 'mild', { naturalDrying: ['shade'] }) }),
    DIRTY,
    withSchool('SHOE-DRY', 'sun'),
    (p) => refused(p, 'sun') === 'label-says-shade' && step(p, 'shoe-shade') !== undefined,
  ),
  // Dye that runs: cold, alone or with its like, a cloth for the dye, and out at once.
  fact(
    ['steps/dye-cloth', 'steps/out-at-once', 'rules/bleeds-alone', 'rules/dye-cloth', 'rules/dye-marks-wet'],
    PRACTICE,
    shirt({ colour: { class: 'vivid', bleed: 'bleeds' } }),
    DIRTY,
    {},
    (p) =>
      inOrder(p, 'dye-cloth', 'wash-machine', 'out-at-once', 'line-dry') &&
      step(p, 'wash-machine')?.settings.tempC === 20 &&
      step(p, 'out-at-once')?.mayWait === false &&
      ['bleeds-alone', 'dye-cloth'].every((rule) => step(p, 'dye-cloth')?.why.some((w) => w.rule === rule && w.text !== rule)) &&
      (step(p, 'out-at-once')?.why.some((w) => w.rule === 'dye-marks-wet') ?? false),
  ),
  fact(
    'steps/dye-cloth',
    PRACTICE,
    shirt({ colour: { class: 'vivid', bleed: 'safe' } }),
    DIRTY,
    {},
    (p) => !step(p, 'dye-cloth'),
  ),
  // What the dryer's last loads left.
  fact(
    ['steps/wipe-dryer', 'rules/dryer-residue'],
    PRACTICE,
    down(),
    DIRTY,
    SOFTENED,
    (p) =>
      inOrder(p, 'wipe-dryer', 'tumble-down') && (step(p, 'wipe-dryer')?.why.some((w) => w.rule === 'dryer-residue') ?? false),
  ),
  fact(
    'steps/wipe-dryer',
    PRACTICE,
    item('cloth', [comp('face', 'cotton')], { repellency: 'none' }),
    DIRTY,
    SOFTENED,
    (p) => !step(p, 'wipe-dryer'),
  ),
  // Water through to the back: is it a leak?
  fact(
    ['steps/check-leak', 'steps/leak-route', 'rules/wet-is-not-leak'],
    PRACTICE,
    shell(),
    { ...CLEAN, droplet: { shoulders: 0 } },
    {},
    (p) =>
      step(p, 'check-leak')?.check?.else === step(p, 'leak-route')?.id &&
      step(p, 'leak-route')?.when === 'if-failed' &&
      (step(p, 'check-leak')?.why.some((w) => w.rule === 'wet-is-not-leak') ?? false),
  ),
  fact('steps/check-leak', PRACTICE, shell(), { ...CLEAN, droplet: { shoulders: 1 } }, {}, (p) => !step(p, 'check-leak')),
  // Nobody wrote down what the machine washed last; an empty list is none.
  fact('assumptions/washer-past-unknown', PRACTICE, shell(), DIRTY, {}, (p) =>
    p.assumptions.some((a) => a.includes('washed last')),
  ),
  fact(
    'assumptions/washer-past-unknown',
    PRACTICE,
    shell(),
    DIRTY,
    withEquipment({ washers: [{ ...WASHER, lastLoads: [] }] }),
    (p) => !p.assumptions.some((a) => a.includes('washed last')),
  ),
  // A scent purge lasts until a perfumed load is written down; the drawer is wiped all the same.
  fact(
    ['planTraits/drawer-wiped', 'steps/purge-scent'],
    PRACTICE,
    scented,
    DIRTY,
    purged([]),
    (p) => !step(p, 'purge-scent') && (step(p, 'wipe-drawer') !== undefined || p.method !== 'machine'),
  ),
  fact('steps/purge-scent', PRACTICE, scented, DIRTY, purged(['perfume']), (p) => step(p, 'purge-scent')?.settings.tempC === 60),
  fact(
    'steps/purge-machine',
    PRACTICE,
    shell(),
    DIRTY,
    withEquipment({ washers: [{ ...WASHER, lastLoads: ['softener'] }] }),
    (p) => step(p, 'purge-machine')?.settings.tempC === 60,
  ),
  // Doses that a hand would pour. A 250 g jersey in 10 L takes its share of a full load, not all of it.
  fact(
    'steps/wash-hand',
    PRACTICE,
    item('jersey', [comp('face', 'polyester-knit')], { massG: 250, repellency: 'none' }),
    DIRTY,
    { supplies: [supply('plain-liquid', { labelDoseMl: 80, capMl: 40 })] },
    (p) =>
      step(p, 'wash-hand')?.settings.doseMl === 20 &&
      step(p, 'wash-hand')?.settings.caps === 0.5 &&
      (step(p, 'wash-hand')?.text.includes('20 mL (about half of its cap) of plain liquid detergent') ?? false),
  ),
  fact(
    'steps/wash-down-machine',
    PRACTICE,
    down(),
    DIRTY,
    { supplies: [supply('down-cleaner', { labelDoseMl: 100, capMl: 30 })] },
    (p) => step(p, 'wash-down-machine')?.text.includes('100 mL (3⅓ caps) of down cleaner') ?? false,
  ),
  // Half the scoop for a basin, told in grams, in so many litres; and powder straight onto the worst of it.
  fact(
    'steps/soak-canvas',
    PRACTICE,
    canvas(),
    { soil: 3 },
    { supplies: [supply('oxygen-booster', { labelDoseMl: 60 })] },
    (p) =>
      step(p, 'soak-canvas')?.settings.doseMl === 30 &&
      step(p, 'soak-canvas')?.settings.litresPerFill === 10 &&
      (step(p, 'soak-canvas')?.text.includes('in 10 L of cold water with 30 mL (30 g) of oxygen booster. Dust a little more') ??
        false),
  ),
  // A delayed start times a soak only where it soaks in that drum.
  fact('planTraits/soak-in-drum', PRACTICE, canvas(), { soil: 3 }, {}, (p) => !p.steps.some((s) => s.text.includes('delayed'))),
  fact(
    'planTraits/soak-in-drum',
    PRACTICE,
    canvas(),
    { soil: 3 },
    withEquipment({ washers: [WASHER] }),
    (p) => step(p, 'soak-canvas')?.text.includes('let its delayed start end the soak') ?? false,
  ),
  // Vinegar is measured, and stands in the drawer before the machine starts.
  fact(
    'steps/vinegar-rinse',
    PRACTICE,
    item('cloth', [comp('face', 'split-microfibre')]),
    DIRTY,
    withSchool('CLOTH-VINEGAR', 'yes'),
    (p) => inOrder(p, 'vinegar-rinse', 'wash-machine') && (step(p, 'vinegar-rinse')?.settings.doseMl ?? 0) >= 50,
  ),
  // An extractor's tank is diluted by its litres.
  fact(
    'steps/wash-extract',
    PRACTICE,
    item('costume-head', [comp('foam', 'pu-foam'), comp('pile', 'acrylic-pile')]),
    DIRTY,
    {},
    (p) => step(p, 'wash-extract')?.settings.litresPerFill === 2 && step(p, 'wash-extract')?.settings.doseMl === 10,
  ),
  // A suede kit has no volume: it is had or not.
  fact(
    'steps/suede-brush',
    PRACTICE,
    item('shoe', [comp('upper', 'suede')]),
    { soil: 1 },
    { supplies: [] },
    (p) =>
      p.shopping.some((s) => s.class === 'suede-kit' && s.needCount === 1) && !p.assumptions.some((a) => a.includes('suede kit')),
  ),
  // What a failed check may want is on the list as perhaps.
  fact('steps/spray-if-failed', PRACTICE, shell(), DIRTY, { supplies: [] }, (p) =>
    p.shopping.some((s) => s.class === 'spray-proofer' && s.perhaps === true),
  ),
  // A food bag with blood in it is always washed; a flask that leaks is replaced; a ground sheet has its own weight and area.
  fact(
    'assess/blood-bag-wash',
    PRACTICE,
    item('bag', [comp('face', 'polyamide-woven')], { repellency: 'none' }),
    { soil: 0, odour: 0, soils: ['blood'] },
    {},
    (p) => p.aims.includes('wash') && p.because.some((b) => b.includes('blood')),
  ),
  fact(
    'steps/repair-route',
    PRACTICE,
    item('soft-flask', [comp('shell', 'tpu')]),
    { ...CLEAN, damage: [{ kind: 'leak' }] },
    {},
    (p) => step(p, 'repair-route')?.title === 'Replace it' && p.verdict.startsWith('Replace it'),
  ),
  fact(
    'settings/typical',
    'from memory',
    item('footprint', [comp('face', 'polyester-woven'), comp('coating', 'pu-coating')], { repellency: 'none' }),
    DIRTY,
    {},
    (p) => step(p, 'rinse-bath')?.settings.rinseModel?.dryKg === 0.35,
  ),
  // A tent is swept first, muddy or not; a cotton towel needs no purge of softener; a cloth is shaken and looked through.
  fact(
    'steps/sweep-shelter',
    PRACTICE,
    item('tent', [comp('face', 'polyester-woven'), comp('coating', 'pu-coating')], { repellency: 'none' }),
    { soil: 3, soils: ['mud'] },
    {},
    (p) => inOrder(p, 'sweep-shelter', 'knock-off-mud', 'wash-shelter'),
  ),
  fact(
    'traits/residue-sensitive',
    PRACTICE,
    item('towel', [comp('face', 'cotton')], { repellency: 'none' }),
    DIRTY,
    withEquipment({ washers: [{ ...WASHER, lastLoads: ['softener'] }] }),
    (p) => !step(p, 'purge-machine'),
  ),
  fact(
    'steps/look-done',
    PRACTICE,
    item('cloth', [comp('face', 'split-microfibre')]),
    DIRTY,
    {},
    (p) => step(p, 'look-done')?.text.startsWith('Shake it') ?? false,
  ),
];
