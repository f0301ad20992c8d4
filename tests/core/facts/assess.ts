import type { Aim } from '../../../src/core/gear';
import type { Item } from '../../../src/core/gear';
import { without, canvas, CLEAN, comp, DIRTY, down, inOrder, item, shell, type Seen } from '../../make';
import { fact, type Fact, MEMORY, PRACTICE } from './fact';

/* What is seen, and the least that is needed. Grades use the words of ISO 4920 / AATCC TM22. */
const is = (rule: string, basis: string, thing: Item, seen: Seen, aims: readonly Aim[], also: readonly string[] = []): Fact =>
  fact([`assess/${rule}`, ...also], basis, thing, seen, {}, (p) => JSON.stringify(p.aims) === JSON.stringify(aims));

const jersey = item('jersey', [comp('face', 'polyester-knit')], { repellency: 'none' });
const cloth = item('cloth', [comp('face', 'split-microfibre')], { jobClass: 'paint' });
const vest = item('running-vest', [comp('mesh', 'elastane-mesh')]);
const layer = item('base-layer', [comp('face', 'polyester-knit')], { repellency: 'none' });

const { repellency: _, ...unknownFace } = shell();
const shellOfUnknown: Item = unknownFace;
const glove = (): Item => ({ ...shell(), kind: 'gloves' });
const boot = (): Item =>
  item('boot', [comp('upper', 'polyamide-woven'), comp('membrane', 'membrane'), comp('outsole', 'rubber')], {
    repellency: 'finish',
  });
const tent = (): Item =>
  item('tent', [comp('face', 'polyester-woven'), comp('coating', 'silicone-coating')], { repellency: 'finish' });
const trousers = (rest: Partial<Item> = {}): Item => ({ ...shell(rest), kind: 'trousers' });

export const ASSESS_FACTS: readonly Fact[] = [
  // Sitting, kneeling and wet grass reach trousers where a hood and shoulders meet the rain.
  ...(['seat', 'knees', 'hem'] as const).map((zone) =>
    is('drops-tired', PRACTICE, trousers(), { ...CLEAN, droplet: { [zone]: 3 } }, ['reactivate'], ['zones/legs']),
  ),
  // Fingers hold the wet rope, the toe meets the wet grass, the roof the rain; a cuff, the edge above a sole and an end lie in their lee.
  is('drops-tired', PRACTICE, glove(), { ...CLEAN, droplet: { fingers: 3 } }, ['reactivate'], ['zones/gloves']),
  is('drops-sheltered', PRACTICE, glove(), { ...CLEAN, droplet: { hem: 3, body: 4 } }, [], ['zones/gloves']),
  // A glued boot is not warmed; what it drinks is sprayed where the wet grass reaches it first.
  fact(['assess/drops-poor-cold', 'zones/feet'], PRACTICE, boot(), { ...CLEAN, droplet: { toe: 2 } }, {}, (p) =>
    p.steps.some((s) => s.settings.spray?.[0]?.zone === 'toe'),
  ),
  // The roof of a tent first; a tarp is one face.
  ...(
    [
      ['tent', 'roof'],
      ['rest', 'body'],
    ] as const
  ).map(([row, zone]) =>
    fact(
      ['assess/drops-poor-cold', `zones/${row}`],
      PRACTICE,
      row === 'tent' ? tent() : { ...tent(), kind: 'tarp' },
      { ...CLEAN, droplet: { body: 1 } },
      {},
      (p) => p.steps.some((s) => s.settings.spray?.[0]?.zone === zone),
    ),
  ),
  is('drops-sheltered', PRACTICE, trousers(), { ...CLEAN, droplet: { body: 3, seat: 4 } }, [], ['zones/legs']),
  is('drops-tired', PRACTICE, shell(), { ...CLEAN, droplet: { hood: 3 } }, ['reactivate'], ['zones/upper-body']),
  is('drops-sheltered', PRACTICE, shell(), { ...CLEAN, droplet: { hem: 3 } }, [], ['zones/upper-body']),
  is(
    'drops-tired',
    PRACTICE,
    { ...shell(), kind: 'vest' },
    { ...CLEAN, droplet: { shoulders: 3 } },
    ['reactivate'],
    ['zones/vest'],
  ),
  is('drops-tired', PRACTICE, { ...shell(), kind: 'gloves' }, { ...CLEAN, droplet: { body: 3 } }, ['reactivate'], ['zones/rest']),
  // A face nobody called repellent is taken for one, so it is tested after it was warmed.
  fact('traits/repellent', PRACTICE, shellOfUnknown, { ...CLEAN, droplet: { shoulders: 2 } }, {}, (p) =>
    inOrder(p, 'heat-tumble', 'droplet-test'),
  ),
  is(
    'life-safety-refer',
    PRACTICE,
    item('rope', [comp('shell', 'polyamide-woven')]),
    { soil: 4, odour: 2 },
    ['refer'],
    ['traits/life-safety'],
  ),
  is('life-safety-refer', PRACTICE, item('jacket', [comp('face', 'polyester-woven')], { marks: ['life-safety'] }), DIRTY, [
    'refer',
  ]),
  is('hole-first', MEMORY, down(), { ...CLEAN, damage: [{ kind: 'hole' }] }, ['repair'], ['traits/hole']),
  is(
    'leak-route',
    MEMORY,
    shell(),
    { ...CLEAN, damage: [{ kind: 'delamination' }], droplet: { seat: 1 } },
    ['repair'],
    ['traits/leaking'],
  ),
  is('feather-back', MEMORY, down(), { ...CLEAN, damage: [{ kind: 'feather' }] }, ['repair']),
  is('mend-part', PRACTICE, canvas(), { ...CLEAN, damage: [{ kind: 'sole' }] }, ['repair']),
  is('soil-wash', MEMORY, down(), { soil: 2, odour: 0 }, ['wash'], ['families/down-garment']),
  is('odour-wash', MEMORY, down(), { soil: 0, odour: 2 }, ['wash']),
  is('set-stain-wash', MEMORY, layer, { ...CLEAN, stains: [{ soil: 'blood', set: true }] }, ['wash']),
  is('mould-wash', PRACTICE, layer, { ...CLEAN, soils: ['mould'] }, ['wash']),
  is('cloth-used', PRACTICE, cloth, { soil: 1, odour: 0 }, ['wash'], ['traits/cloth-like', 'traits/sweated']),
  is('jersey-sweated', PRACTICE, jersey, { soil: 0, odour: 0, soils: ['sweat'] }, ['wash']),
  is('loft-wash', MEMORY, down(), { ...CLEAN, loftRatio: 0.84 }, ['wash'], ['traits/filled']),
  is('clumped-wash', MEMORY, down(), { ...CLEAN, clumped: true }, ['wash']),
  is('discoloured-wash', MEMORY, down(), { ...CLEAN, discoloured: true }, ['wash']),
  is('soil-spot', MEMORY, layer, { soil: 1, odour: 0 }, ['spot-clean']),
  is('mark-spot', MEMORY, layer, { ...CLEAN, stains: [{ soil: 'scuff', set: false }] }, ['spot-clean']),
  is('yellow-spot', MEMORY, canvas(), { ...CLEAN, discoloured: true }, ['spot-clean']),
  is('rinse-after-use', MEMORY, vest, { soil: 1, odour: 0 }, ['rinse'], ['traits/rinse-only']),
  is('odour-air', MEMORY, layer, { soil: 0, odour: 1 }, ['air']),
  is('damp-air', MEMORY, item('tent', [comp('face', 'polyester-woven')], { repellency: 'none' }), { ...CLEAN, damp: true }, [
    'air',
  ]),
  is('loft-fluff', MEMORY, down(), { ...CLEAN, loftRatio: 0.85 }, ['fluff']),
  is('loft-fluff', MEMORY, down(), { ...CLEAN, loftRatio: 0.95 }, ['fluff']),
  is('storage-fluff', PRACTICE, down(), { ...CLEAN, fromStorage: true }, ['fluff']),
  is('drops-tired', MEMORY, shell(), { ...CLEAN, droplet: { shoulders: 3, chest: 5 } }, ['reactivate']),
  fact(
    'assess/drops-sheltered',
    MEMORY,
    shell(),
    { ...CLEAN, droplet: { chest: 3, shoulders: 4 } },
    {},
    (p) => p.aims.length === 0 && p.wouldChange.some((w) => w.includes('same grade would mean heat')),
  ),
  is('drops-poor', MEMORY, shell(), { ...CLEAN, droplet: { chest: 2 } }, ['reactivate']),
  is('drops-gone-filthy', MEMORY, shell(), { soil: 4, odour: 0, droplet: { back: 1 } }, ['wash', 'renew', 'reactivate']),
  is(
    'washed-then-test',
    PRACTICE,
    item('tent', [comp('face', 'polyester-woven')], { repellency: 'finish' }),
    DIRTY,
    ['wash'],
    ['traits/cold-finish'],
  ),
  is(
    'drops-poor-cold',
    MEMORY,
    item('boot', [comp('upper', 'leather')], { repellency: 'finish' }),
    { ...CLEAN, droplet: { body: 2 } },
    ['renew'],
    ['traits/repellent'],
  ),
  is('odour-air', MEMORY, layer, { soil: 1, odour: 1 }, ['spot-clean', 'air']),
  is('washed-then-heat', PRACTICE, shell(), { soil: 2, odour: 0, damage: [{ kind: 'leak' }] }, ['repair', 'wash', 'reactivate']),
  is('washed-then-heat', MEMORY, shell(), { soil: 2, odour: 0, droplet: { back: 5 } }, ['wash', 'reactivate']),
  fact(
    'assess/drops-fine',
    'ISO 4920:2012 grade 4: slight random wetting',
    shell(),
    { ...CLEAN, droplet: { back: 4 } },
    {},
    (p) => p.aims.length === 0 && p.decidedBy.includes('droplet'),
  ),
  is('cloth-downgrade', PRACTICE, cloth, { ...CLEAN, stains: [{ soil: 'grease', set: true }] }, ['downgrade']),
  // The table's other edges, and what each observation must not do.
  is('soil-wash', MEMORY, shell(), { soil: 3, odour: 0, droplet: { back: 3 } }, ['wash', 'reactivate']),
  is('drops-poor', MEMORY, shell(), { soil: 1, odour: 0, droplet: { back: 0 } }, ['spot-clean', 'reactivate']),
  fact(
    ['traits/has-finish', 'traits/waterproof', 'assumptions/finish-assumed', 'traits/finish-assumed'],
    MEMORY,
    without(shell(), 'repellency'),
    { ...CLEAN, droplet: { back: 2 } },
    {},
    (p) => p.aims.includes('reactivate') && p.assumptions.some((a) => a.includes('repellent finish')),
  ),
  fact('traits/has-finish', MEMORY, shell(), { ...CLEAN, droplet: { back: 2 } }, {}, (p) => p.aims.includes('reactivate')),
  fact(
    'traits/dirty',
    MEMORY,
    shell(),
    { soil: 0, odour: 0, droplet: { back: 2 }, stains: [{ soil: 'mud', set: true }] },
    {},
    (p) => p.aims.join() === 'wash,reactivate',
  ),
  fact(
    'traits/salt-line',
    PRACTICE,
    down(),
    { soil: 1, odour: 0, soils: ['salt-line'] },
    {},
    (p) => p.aims.join() === 'spot-clean' && p.verdict.includes('salt'),
  ),
  fact('traits/pale', PRACTICE, down({ colour: { class: 'white' } }), CLEAN, {}, (p) =>
    p.wouldChange.some((w) => w.includes('yellow or green')),
  ),
  fact(
    'traits/marked',
    PRACTICE,
    item('shoe', [comp('upper', 'suede')]),
    { soil: 2, odour: 0 },
    { supplies: [{ id: 'a', class: 'acetone' }] },
    (p) => p.blocked.some((b) => b.option === 'acetone'),
  ),
];
