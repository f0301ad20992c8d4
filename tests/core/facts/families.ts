import type { Programme } from '../../../src/core/document';
import { CLEAN, comp, item, keys, label, programme, step, withSchool, withSupplies } from '../../make';
import { fact, type Fact, MEMORY, PRACTICE } from './fact';

/* Families of things, as those who own them know them. */
const flask = item('soft-flask', [comp('shell', 'tpu')]);
const shirt = item('mid-layer', [comp('face', 'cotton')], {
  repellency: 'none',
  label: label(60, 'normal', { tumble: 'normal' }),
});
const field = item('trousers', [comp('face', 'polyester-woven')], { marks: ['scent-critical'], repellency: 'none' });
const boots = item('studded-boot', [comp('upper', 'polyester-mesh'), comp('outsole', 'rubber')], { label: label(30, 'mild') });
const unscented = {
  supplies: [{ id: 't', class: 'technical-cleaner' as const, traits: ['perfume-free' as const], labelDoseMl: 100 }],
};

/** Every sentence of the steps. */
const saidIn = (p: Programme): string => p.steps.flatMap((s) => [s.text, ...s.why.map((w) => w.text)]).join(' ');

export const FAMILY_FACTS: readonly Fact[] = [
  fact('steps/treat-flask-mould', PRACTICE, flask, { soil: 2, odour: 2, soils: ['mould'] }, {}, (p) => {
    const told = step(p, 'treat-flask-mould');
    return (
      /replace it/.test(told?.text ?? '') &&
      told?.check !== undefined &&
      keys(p).indexOf('treat-flask-mould') < keys(p).indexOf('wash-flask')
    );
  }),
  // Cotton may tumble, where its label lets it; greasy cotton never does.
  fact('schools/COTTON-DRY', PRACTICE, shirt, { soil: 2 }, withSchool('COTTON-DRY', 'low-tumble'), (p) =>
    keys(p).includes('tumble-low'),
  ),
  fact('schools/COTTON-DRY', PRACTICE, shirt, { soil: 2, soils: ['grease'] }, withSchool('COTTON-DRY', 'low-tumble'), (p) =>
    keys(p).includes('line-dry'),
  ),
  fact(
    'schools/COTTON-DRY',
    PRACTICE,
    { ...shirt, label: label(60, 'normal', { tumble: 'none' }) },
    { soil: 2 },
    withSchool('COTTON-DRY', 'low-tumble'),
    (p) => !keys(p).includes('tumble-low') && p.blocked.some((b) => b.option === 'low-tumble'),
  ),
  // A technical cleaner without perfume serves where scent matters; any other is refused.
  fact('blocks/scented-cleaner', PRACTICE, field, { soil: 2 }, unscented, (p) => {
    const wash = step(p, 'wash-machine')?.settings;
    return (
      wash?.cleaner === 'technical-cleaner' && wash.supplyId === 't' && !p.blocked.some((b) => b.option === 'technical-cleaner')
    );
  }),
  fact(
    'blocks/scented-cleaner',
    PRACTICE,
    field,
    { soil: 2 },
    { supplies: [{ id: 't', class: 'technical-cleaner', labelDoseMl: 100 }] },
    (p) =>
      step(p, 'wash-machine')?.settings.cleaner === 'unscented-cleaner' &&
      p.blocked.some((b) => b.option === 'technical-cleaner'),
  ),
  // New field clothing smells of the shop: it is washed before its first outing, once.
  fact('assess/new-field', PRACTICE, { ...field, boughtOn: '2026-12-20' }, CLEAN, {}, (p) => p.aims.join() === 'wash'),
  fact('assess/new-field', PRACTICE, { ...field, boughtOn: '2024-12-20' }, CLEAN, {}, (p) => p.aims.length === 0),
  fact(
    'assess/new-field',
    PRACTICE,
    { ...field, boughtOn: '2026-12-20' },
    CLEAN,
    { log: [{ id: 'c', type: 'care', itemId: 'x', at: '2026-12-24T08:00:00Z', did: ['washed'] }] },
    (p) => p.aims.length === 0,
  ),
  // Where scent matters: the dryer is purged too, nothing says that softener is allowed, and a sealed box is no plastic bag.
  fact(
    'steps/purge-dryer-scent',
    PRACTICE,
    field,
    { soil: 2 },
    withSchool('FIELD-DRY', 'purged-dryer'),
    (p) => keys(p).indexOf('purge-dryer-scent') > keys(p).indexOf('purge-scent') && p.envelope.softener.value === 'none',
  ),
  fact(
    'cautions/ozone-air',
    'OSHA 29 CFR 1910.1000 table Z-1: 0.1 ppm',
    field,
    { soil: 2 },
    {},
    (p) => step(p, 'store-sealed')?.cautions.some((c) => c.includes('0.1 ppm')) === true,
  ),
  fact(
    'steps/store-loose',
    PRACTICE,
    item('jacket', [comp('face', 'polyester-woven'), comp('fill', 'polyester-fill')], {
      marks: ['scent-critical'],
      repellency: 'none',
    }),
    { soil: 2 },
    {},
    (p) =>
      p.steps.some((s) => s.phase === 'store' && /sealed/.test(s.text)) && !p.steps.some((s) => /never in plastic/i.test(s.text)),
  ),
  // SCENT=off takes the purge and the cleaner, and nothing else.
  {
    about: ['schools/SCENT'],
    basis: PRACTICE,
    holds: (k) => {
      const on = keys(programme(field, { soil: 2 }, {}, k));
      const off = keys(programme(field, { soil: 2 }, withSchool('SCENT', 'off'), k));
      return on.filter((key) => !off.includes(key)).join() === 'purge-scent';
    },
  },
  // Muddy boots go through a rinse programme before they are washed.
  fact('steps/rinse-programme', PRACTICE, boots, { soil: 4, soils: ['mud'] }, {}, (p) => {
    const done = keys(p);
    return (
      done.indexOf('bag-shoes') < done.indexOf('rinse-programme') &&
      done.indexOf('rinse-programme') < done.indexOf('wash-shoe-machine')
    );
  }),
  fact('steps/rinse-programme', PRACTICE, boots, { soil: 2 }, {}, (p) => !keys(p).includes('rinse-programme')),
  fact(
    'steps/wash-pile',
    MEMORY,
    item('costume-body', [comp('pile', 'acrylic-pile')], { label: label(30, 'mild'), bulk: 'medium', massG: 1500 }),
    { soil: 2 },
    withSupplies('mild-soap'),
    (p) => /small parts go in with it.*head and stuffed tail/.test(step(p, 'wash-pile')?.text ?? ''),
  ),
  // Why not the dryer, even cold: by construction, and only where it may not be.
  fact('rules/even-cold', PRACTICE, boots, { soil: 2 }, {}, (p) =>
    (step(p, 'shoe-shade')?.why ?? []).some((w) => /even a cold dryer.*glue/.test(w.text)),
  ),
  fact('rules/even-cold', PRACTICE, item('base-layer', [comp('face', 'merino')]), { soil: 2 }, {}, (p) =>
    p.steps.some((s) => s.why.some((w) => /even a cold dryer.*felts/.test(w.text))),
  ),
  fact(
    'rules/even-cold',
    PRACTICE,
    shirt,
    { soil: 2 },
    {},
    (p) => !p.steps.some((s) => s.why.some((w) => w.rule === 'even-cold')),
  ),
  // Everyday fabrics: denim inside out, a knit lying flat, silk by hand with mild soap and never called wool.
  fact(
    'planTraits/wet-denim',
    PRACTICE,
    item('trousers', [comp('face', 'cotton', { attributes: { fabric: 'denim' } })], {
      repellency: 'none',
      label: label(40, 'normal'),
    }),
    { soil: 2 },
    {},
    (p) =>
      keys(p).includes('inside-out') &&
      step(p, 'wash-machine')?.settings.insideOut === true &&
      /dye/.test(step(p, 'inside-out')?.why[0]?.text ?? ''),
  ),
  fact(
    'families/cotton',
    PRACTICE,
    item('mid-layer', [comp('face', 'cotton', { attributes: { fabric: 'cotton-knit' } })], {
      repellency: 'none',
      label: label(40, 'normal'),
    }),
    { soil: 2 },
    {},
    (p) => keys(p).includes('dry-flat') && !/wool/.test(saidIn(p)),
  ),
  fact(
    'families/wool',
    PRACTICE,
    item('other', [comp('face', 'merino', { attributes: { fabric: 'silk' } })], { repellency: 'none' }),
    { soil: 2 },
    withSupplies('mild-soap', 'technical-cleaner'),
    (p) =>
      p.method === 'hand' && step(p, 'wash-hand')?.settings.cleaner === 'mild-soap' && !/\bwool|merino|felts/i.test(saidIn(p)),
  ),
  // A glued insole stays in, and its glue binds the whole shoe.
  {
    about: ['steps/clean-inside'],
    basis: PRACTICE,
    holds: (k) => {
      const glued = item('shoe', [
        comp('upper', 'cotton-canvas'),
        comp('insole', 'eva-foam', { removable: false, bonded: 'cemented' }),
      ]);
      return /insole stays in/.test(step(programme(glued, { soil: 2 }, {}, k), 'clean-inside')?.text ?? '');
    },
  },
];
