import { describe, expect, test } from 'vitest';
import type { Inspection, Item } from '../../src/core/gear';
import type { Fact } from '../../src/core/knowledge';
import { ARCHETYPES } from '../../src/core/knowledge/archetypes';
import { plan, writeProgramme, type Plan } from '../../src/core/programme';
import { KIT, label, withSupplies, type KitPart } from '../make';

/* Words that would belong to another thing: no plan of any starting construction says them. */

type Kind = (made: Plan) => boolean;
const has =
  (...of: readonly Fact[]): Kind =>
  ({ facts }) =>
    of.some((fact) => facts.has(fact));
const not =
  (kind: Kind): Kind =>
  (made) =>
    !kind(made);

/** What may not be said, of what, and why. */
const LISTS: readonly (readonly [of: string, kind: Kind, words: RegExp])[] = [
  ['what has no sole', not(has('shoe-like')), /\bsoles?\b|insole|\blaces?\b|\bstuds?\b|eyelet|\bshoes?\b|the toe\b/i],
  ['what has no studs', not(has('fitting:removable-studs')), /\bstuds?\b/i],
  ['what has no laces', not(has('laces-on')), /\blaces?\b/i],
  ['what has no filling', not(has('filled')), /clump|\bthe fill\b|\bfeather|baffle|\bloft\b|\binner walls/i],
  [
    'what has no down',
    not(has('down-filled')),
    /\b(wet|on|the|treated) down\b|\bdown (jacket|cleaner|shell|wash|garment|bag)|\bDown needs/i,
  ],
  ['what is no canvas', not(has('upper:cotton-canvas', 'mat:cotton-canvas')), /canvas/i],
  ['what is not waterproof', not(has('waterproof', 'rubber-rim', 'shelter', 'repellent')), /waterproof|membrane/i],
  ['what has no hide', not(has('hide', 'out:insole:leather')), /\bleather\b|suede|nubuck/i],
  ['what has no pile', not(has('mat:acrylic-pile', 'cloth-like')), /\bpile\b/i],
  ['what has no print', not(has('printed')), /\bprints?\b|\bcrest\b/i],
  ['what has no zip', not(has('fitting:zip')), /\bzips?\b/i],
  [
    'what has no sleeves',
    has('shoe-like', 'shelter', 'cloth-like', 'bag-like', 'family:flask', 'kind:pack', 'kind:trousers', 'kind:socks', 'kind:hat'),
    /\bsleeves?\b|\bcollar\b/i,
  ],
  ['what is no cloth', not(has('cloth-like')), /\bcloths\b|downgrade/i],
  ['what is no jersey', not(has('kind:jersey')), /jersey/i],
  ['anything', () => true, /undefined|NaN|null|\{|\}|\[object|[A-Z]{3,}-[A-Z]|\b[a-z]+[A-Z][a-z]+[A-Z]?/],
];

const LOOKS: readonly Partial<Inspection>[] = [
  { soil: 2, odour: 1 },
  { soil: 4, odour: 2, soils: ['mud', 'sweat-salt', 'food-sugar'] },
  {
    soil: 1,
    stains: [
      { soil: 'grease', place: 'front' },
      { soil: 'scuff', place: 'side' },
    ],
  },
  { soil: 3, stains: [{ soil: 'blood' }, { soil: 'yellowing', set: true }, { soil: 'mould' }] },
  { soil: 0, odour: 1, damp: true, droplet: { body: 2, back: 2, seat: 2 } },
  { soil: 0, odour: 0, loftRatio: 0.9, clumped: true, droplet: { body: 1, back: 1, seat: 1 } },
  {},
];
const KITS: readonly KitPart[] = [
  {},
  withSupplies('powder', 'softener', 'bio-liquid', 'peroxide-cream', 'acetone', 'dryer-sheets', 'chlorine-bleach'),
  {
    equipment: {
      washers: [
        { id: 't1', kind: 'tub' },
        { id: 'b1', kind: 'basin' },
      ],
    },
  },
];
const LABELS: readonly Item['label'][] = [null, label(40, 'mild', { tumble: 'low', ironMaxC: 110, bleach: 'oxygen' })];

function sentencesOf(made: Plan): string[] {
  const p = writeProgramme(made);
  return [
    p.verdict,
    ...p.because,
    ...p.wouldChange,
    ...p.assumptions,
    ...p.cautions,
    ...p.steps.flatMap((s) => [
      s.title,
      s.text,
      ...s.why.map((w) => w.text),
      ...s.cautions,
      s.check?.look ?? '',
      s.check?.pass ?? '',
    ]),
  ];
}
const plans: { readonly id: string; readonly made: Plan; readonly says: readonly string[] }[] = ARCHETYPES.flatMap(
  ({ id, item }) =>
    LABELS.flatMap((careLabel) =>
      LOOKS.flatMap((seen) =>
        KITS.map((kit) => {
          const made = plan({
            item: { ...item, id, label: careLabel },
            inspection: { ...seen, id: 'i', itemId: id, at: '2027-01-03T08:00:00Z' },
            kit: { ...KIT, ...kit },
          });
          return { id, made, says: sentencesOf(made) };
        }),
      ),
    ),
);

describe('no plan says what belongs to another thing', () => {
  test.each(LISTS.map(([of, kind, words]) => ({ of, kind, words })))('$of', ({ kind, words }) => {
    const found = new Map<string, string>();
    for (const { id, made, says } of plans)
      if (kind(made)) for (const sentence of says) if (words.test(sentence)) found.set(sentence, id);
    expect([...found].map(([sentence, id]) => `${id}: ${sentence}`)).toEqual([]);
  });
  test('each figure stands once in the text of a step', () => {
    const found = new Set<string>();
    for (const { id, made } of plans)
      for (const { text } of writeProgramme(made).steps) {
        // Two zones may want as much as each other.
        const figures = text.replace(/By zone: [^.]*\./, '').match(/\d+(\.\d+)? (°C|mL|L|rpm|g)\b/g) ?? [];
        const twice = figures.find((f, n) => (figures as readonly string[]).indexOf(f) !== n);
        if (twice) found.add(`${id}: ${twice} in “${text}”`);
      }
    expect([...found]).toEqual([]);
  });
});
