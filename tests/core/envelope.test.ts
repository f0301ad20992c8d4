import { describe, expect, test } from 'vitest';
import {
  limitOf,
  allLimits,
  componentLimits,
  DIMENSIONS,
  envelopeChanges,
  envelopeOf,
  isTakenOut,
  labelLimits,
  loosest,
  looseness,
  makerLimits,
  rowFor,
  type Limit,
} from '../../src/core/envelope';
import type { Item } from '../../src/core/gear';
import { KNOWLEDGE, type Dimension, type MaterialRow } from '../../src/core/knowledge';
import { comp, item, label } from '../make';

/* The meet, limit by limit, with made-up limits: what binds, what is passed, by whom, and how it is listed. */
const limit = (dimension: Dimension, value: unknown, rest: Partial<Limit> = {}): Limit =>
  limitOf({ dimension, value, hard: false, scope: 'whole', component: 'face', rule: 'r', basis: 'memory', ...rest } as Limit);
const bare = item('hat', [], {});
const word = (dimension: Dimension, value: unknown): Limit =>
  limit(dimension, value, { hard: true, component: 'label', rule: 'l' });
const said = (about: 'tumble' | 'machine' | 'iron' | 'wash', says: 'allows' | 'requires' | 'forbids' = 'allows'): Item =>
  item('hat', [], { makerSays: [{ about, says }] });

describe('who binds', () => {
  test('a passed soft limit binds by the name of what passed it', () => {
    const byLabel = envelopeOf(bare, [limit('washMaxC', 30), word('washMaxC', 40)]).bounds.washMaxC;
    expect(byLabel.value).toBe(40);
    // The label itself is hard and binds before its own echo.
    expect(byLabel.by).toMatchObject({ component: 'label', rule: 'l', hard: true });
    const byMaker = envelopeOf(said('tumble'), [limit('tumble', 'none')]).bounds.tumble.by;
    expect(byMaker).toMatchObject({ component: 'maker', rule: 'maker-allows', hard: false, value: 'low' });
    const bySchool = envelopeOf(bare, [limit('washMaxC', 30)], [{ school: 'S', waives: { washMaxC: 60 } }]).bounds.washMaxC.by;
    expect(bySchool).toMatchObject({ component: 'S', rule: 'S', hard: false, value: 60 });
    const tightened = envelopeOf(bare, [], [{ school: 'T', tightens: { spinMaxRpm: 400 } }]).bounds.spinMaxRpm.by;
    expect(tightened).toEqual({
      dimension: 'spinMaxRpm',
      value: 400,
      loose: 400,
      hard: false,
      scope: 'whole',
      component: 'school',
      rule: 'T',
      basis: 'practice',
    });
  });
  test('ties go by rule, then by component, whichever came first', () => {
    const a = limit('bleach', 'none', { rule: 'a', component: 'z' });
    const b = limit('bleach', 'none', { rule: 'b', component: 'a' });
    const c = limit('bleach', 'none', { rule: 'b', component: 'b' });
    for (const order of [
      [a, b, c],
      [c, b, a],
      [b, c, a],
    ])
      expect(envelopeOf(bare, order).bounds.bleach.by).toBe(a);
    for (const order of [
      [b, c],
      [c, b],
    ])
      expect(envelopeOf(bare, order).bounds.bleach.by).toBe(b);
  });
  test('another dimension never binds here', () => {
    const { bounds, hard } = envelopeOf(bare, [limit('washMaxC', 20, { hard: true })]);
    for (const d of DIMENSIONS)
      if (d !== 'washMaxC') {
        expect(bounds[d]).toEqual({ value: loosest(d), by: null });
        expect(hard[d]).toBe(loosest(d));
      }
    expect(hard.washMaxC).toBe(20);
  });
  test('soft limits are not among the hard ones', () => {
    const { bounds, hard } = envelopeOf(bare, [limit('ironMaxC', 110), limit('ironMaxC', 150, { hard: true })]);
    expect([bounds.ironMaxC.value, hard.ironMaxC]).toEqual([110, 150]);
  });
});

describe('what is passed', () => {
  test('the strictest word of a label counts, and only labels have it', () => {
    const e = envelopeOf(bare, [limit('washMaxC', 20), word('washMaxC', 40), { ...word('washMaxC', 30), rule: 'l2' }]);
    expect(e.bounds.washMaxC.value).toBe(30);
    expect(e.waived.map((w) => w.to)).toEqual([30]);
  });
  test('the same word as the limit passes nothing', () => {
    const e = envelopeOf(bare, [limit('washMaxC', 40), word('washMaxC', 40)]);
    expect([e.bounds.washMaxC.value, e.waived]).toEqual([40, []]);
    const raise = envelopeOf(bare, [limit('washMaxC', 40, { hard: true, labelRaises: 60 }), word('washMaxC', 40)]);
    expect([raise.bounds.washMaxC.value, raise.bounds.washMaxC.by?.hard, raise.waived]).toEqual([40, true, []]);
  });
  test('a raise ends at the label where that says less, and the label binds', () => {
    const e = envelopeOf(bare, [limit('washMaxC', 0, { hard: true, labelRaises: 60 }), word('washMaxC', 30)]);
    expect([e.bounds.washMaxC.value, e.hard.washMaxC]).toEqual([30, 30]);
    expect(e.bounds.washMaxC.by?.component).toBe('label');
    expect(e.waived).toMatchObject([{ from: 0, to: 30, by: 'label' }]);
  });
  test('a maker’s word raises no hard limit, not even one that a label could', () => {
    const e = envelopeOf(said('tumble'), [limit('tumble', 'none', { hard: true, labelRaises: 'low' })]);
    expect([e.bounds.tumble.value, e.waived]).toEqual(['none', []]);
  });
  test('a maker who requires allows; one who forbids does not; one who is silent on it neither', () => {
    const at = (thing: Item, dimension: Dimension, value: unknown) =>
      envelopeOf(thing, [limit(dimension, value)]).bounds[dimension].value;
    expect(at(said('tumble', 'requires'), 'tumble', 'none')).toBe('low');
    expect(at(said('tumble', 'forbids'), 'tumble', 'none')).toBe('none');
    expect(at(said('wash'), 'tumble', 'none')).toBe('none');
    expect(at(said('machine'), 'action', 'hand')).toBe('very-mild');
    expect(at(said('iron'), 'ironMaxC', 0)).toBe(110);
    const later = item('hat', [], {
      makerSays: [
        { about: 'wash', says: 'allows' },
        { about: 'tumble', says: 'allows' },
      ],
    });
    expect(at(later, 'tumble', 'none')).toBe('low');
  });
  test('a label speaks before the maker', () => {
    const e = envelopeOf(said('tumble'), [limit('tumble', 'air'), word('tumble', 'normal')]);
    expect(e.waived).toMatchObject([{ by: 'label', to: 'normal' }]);
  });
  test('a label speaks before a school; a school passes what the label leaves', () => {
    const hot = [{ school: 'HOT', waives: { washMaxC: 60 } }];
    const both = envelopeOf(bare, [limit('washMaxC', 20), word('washMaxC', 40)], hot);
    expect(both.bounds.washMaxC.value).toBe(40);
    expect(both.waived).toMatchObject([{ by: 'label' }]);
    const silent = envelopeOf(bare, [limit('washMaxC', 20), word('tumble', 'low')], hot);
    expect(silent.waived).toMatchObject([{ by: 'HOT', from: 20, to: 60 }]);
  });
  test('a school that says no more than the limit, or speaks of something else, passes nothing', () => {
    const at = (waives: object) => envelopeOf(bare, [limit('washMaxC', 40)], [{ school: 'S', waives }]);
    for (const waives of [{ washMaxC: 40 }, { washMaxC: 30 }, { spinMaxRpm: 1200 }, {}])
      expect([at(waives).bounds.washMaxC.value, at(waives).waived]).toEqual([40, []]);
    const second = envelopeOf(
      bare,
      [limit('washMaxC', 40)],
      [
        { school: 'A', waives: { spinMaxRpm: 900 } },
        { school: 'B', waives: { washMaxC: 50 } },
      ],
    );
    expect(second.waived).toMatchObject([{ by: 'B', to: 50 }]);
  });
  test('a pass that another limit undoes is not listed', () => {
    const e = envelopeOf(
      bare,
      [limit('washMaxC', 30), limit('washMaxC', 30, { hard: true, rule: 'h' })],
      [{ school: 'S', waives: { washMaxC: 60 } }],
    );
    expect([e.bounds.washMaxC.value, e.waived]).toEqual([30, []]);
    const partly = envelopeOf(
      bare,
      [limit('washMaxC', 30), limit('washMaxC', 40, { hard: true, rule: 'h' })],
      [{ school: 'S', waives: { washMaxC: 60 } }],
    );
    expect(partly.waived).toMatchObject([{ from: 30, to: 40, by: 'S' }]);
  });
  test('passes are listed once for each layer and rule, by dimension, the strictest first', () => {
    const layers = [
      limit('tumble', 'none', { rule: 't' }),
      limit('washMaxC', 30, { rule: 'b' }),
      limit('washMaxC', 20, { rule: 'c', component: 'fill' }),
      limit('washMaxC', 30, { rule: 'b' }),
      limit('washMaxC', 30, { rule: 'b', component: 'lining' }),
      limit('washMaxC', 30, { rule: 'a' }),
    ];
    const e = envelopeOf(bare, [...layers, word('washMaxC', 60), word('tumble', 'low')]);
    expect(e.waived.map((w) => [w.dimension, w.from, w.limit.rule, w.limit.component])).toEqual([
      ['washMaxC', 20, 'c', 'fill'],
      ['washMaxC', 30, 'a', 'face'],
      ['washMaxC', 30, 'b', 'face'],
      ['washMaxC', 30, 'b', 'lining'],
      ['tumble', 'none', 't', 'face'],
    ]);
    expect(e.limits).toHaveLength(8);
  });
  test('several schools tighten together, and none loosens by it', () => {
    const e = envelopeOf(
      bare,
      [limit('spinMaxRpm', 800)],
      [
        { school: 'A', tightens: { spinMaxRpm: 600 } },
        { school: 'B', tightens: { spinMaxRpm: 400 } },
        { school: 'C', tightens: { spinMaxRpm: 1200 } },
      ],
    );
    expect([e.bounds.spinMaxRpm.value, e.bounds.spinMaxRpm.by?.rule]).toEqual([400, 'B']);
  });
});

describe('scales', () => {
  test('a number is as loose as it is large, nothing is loosest', () => {
    expect([looseness('washMaxC', 30), looseness('washMaxC', null)]).toEqual([30, Infinity]);
    expect(loosest('washMaxC')).toBeNull();
  });
  test.each([
    ['action', ['none', 'surface', 'hand', 'very-mild', 'mild', 'normal']],
    ['tumble', ['none', 'air', 'low', 'normal']],
    ['bleach', ['none', 'oxygen', 'any']],
    ['enzymes', ['none', 'non-bio', 'ok']],
    ['softener', ['none', 'sparing', 'ok']],
    ['agitator', ['none', 'ok']],
  ] as const)('%s goes up from %j', (dimension, up) => {
    expect(up.map((value) => looseness(dimension, value))).toEqual(up.map((_, n) => n));
    expect(loosest(dimension)).toBe(up[up.length - 1]);
  });
  test('a word off the scale is a caller’s mistake, named', () =>
    expect(() => looseness('tumble', 'hot')).toThrow('tumble: hot is not on its scale'));
});

describe('where limits come from', () => {
  const row = (id: string, rest: Partial<MaterialRow> = {}): MaterialRow => ({ id, material: 'cotton', limits: {}, ...rest });
  test('the most specific row speaks: bonded before part before kind before colour', () => {
    const thing = item('shoe', [], { colour: { class: 'white' } });
    const upper = comp('upper', 'cotton', { bonded: 'cemented' });
    const rows = [
      row('any'),
      row('white', { colours: ['white'] }),
      row('kind', { kinds: ['shoe'] }),
      row('part', { parts: ['upper'] }),
      row('bonded', { bonded: true }),
    ];
    for (let n = rows.length; n > 0; n--) {
      expect(rowFor(thing, upper, rows.slice(0, n))?.id).toBe(rows[n - 1]?.id);
      expect(rowFor(thing, upper, rows.slice(0, n).reverse())?.id).toBe(rows[n - 1]?.id);
    }
    expect(rowFor(thing, upper, [row('first'), row('second')])?.id).toBe('first');
    const both = [row('kind-white', { kinds: ['shoe'], colours: ['white'] }), row('kind', { kinds: ['shoe'] })];
    expect(rowFor(thing, upper, both)?.id).toBe('kind-white');
  });
  test('a row for other kinds, parts, colours, or for glue where there is none, is silent', () => {
    const thing = item('hat', [], {});
    const face = comp('face', 'cotton');
    for (const rest of [
      { kinds: ['shoe'] },
      { parts: ['upper'] },
      { bonded: true },
      { colours: ['white'] },
      { material: 'wool' },
    ])
      expect(rowFor(thing, face, [row('x', rest as Partial<MaterialRow>)])).toBeNull();
    expect(rowFor(thing, face, [row('x', { colours: ['unknown'] })])?.id).toBe('x');
  });
  test('a component’s limits carry their part, material, rule, scope, hardness, raise and basis', () => {
    const materials = [
      row('m', {
        limits: { washMaxC: 30, tumble: 'none', spinMaxRpm: null, soakMaxMin: 60 },
        hard: ['tumble'],
        partScope: ['soakMaxMin'],
        labelRaises: { tumble: 'low' },
        basis: { washMaxC: { basis: 'standard', source: 'X' } },
      }),
    ];
    const knowledge = { ...KNOWLEDGE, materials };
    expect(componentLimits(bare, comp('face', 'cotton'), knowledge)).toEqual([
      {
        dimension: 'washMaxC',
        value: 30,
        loose: 30,
        hard: false,
        scope: 'whole',
        component: 'face',
        material: 'cotton',
        rule: 'm.washMaxC',
        basis: 'standard',
        source: 'X',
      },
      {
        dimension: 'tumble',
        value: 'none',
        loose: 0,
        hard: true,
        scope: 'whole',
        component: 'face',
        material: 'cotton',
        rule: 'm.tumble',
        labelRaises: 'low',
        basis: 'memory',
      },
      {
        dimension: 'soakMaxMin',
        value: 60,
        loose: 60,
        hard: false,
        scope: 'part',
        component: 'face',
        material: 'cotton',
        rule: 'm.soakMaxMin',
        basis: 'memory',
      },
    ]);
    expect(componentLimits(bare, comp('face', 'wool'), knowledge)).toEqual([]);
  });
  test('what is taken out does not bind, unless it is kept on', () => {
    const insole = comp('insole', 'eva-foam', { removable: true });
    const shoe = item('shoe', [insole]);
    const parts = (keep = false): string[] => [...new Set(allLimits(shoe, KNOWLEDGE, () => keep).map((l) => l.component))];
    expect(parts()).toEqual([]);
    expect(parts(true)).toEqual(['insole']);
    expect(isTakenOut(item('shoe', [], { fittings: ['removable-insole'] }), comp('insole', 'eva-foam'))).toBe(true);
    expect(
      isTakenOut(item('shoe', [], { fittings: ['removable-insole'] }), comp('insole', 'eva-foam', { removable: false })),
    ).toBe(false);
    expect(isTakenOut(item('shoe', []), comp('insole', 'eva-foam'))).toBe(false);
    expect(isTakenOut(item('shoe', [], { fittings: ['laces'] }), comp('upper', 'cotton'))).toBe(false);
  });
  test('a fitting limits like the part and material it stands for', () => {
    const limits = allLimits(item('jersey', [], { fittings: ['print'] }), KNOWLEDGE);
    expect(new Set(limits.map((l) => `${l.component} ${l.material}`))).toEqual(new Set(['print heat-press-print']));
    expect(allLimits(item('jersey', [], { fittings: ['zip'] }), KNOWLEDGE)).toEqual([]);
  });
  test('each word of a label is one hard limit with its own rule (ISO 3758:2012)', () => {
    const of = (l: Item['label']) => labelLimits(item('hat', [], { label: l })).map((x) => [x.dimension, x.value, x.rule]);
    expect(of(null)).toEqual([]);
    expect(of({})).toEqual([]);
    expect(of({ wash: { allowed: false } })).toEqual([
      ['washMaxC', 0, 'label-do-not-wash'],
      ['action', 'surface', 'label-do-not-wash'],
    ]);
    expect(of({ wash: { allowed: true } })).toEqual([]);
    expect(of(label(60, 'hand'))).toEqual([
      ['washMaxC', 60, 'label-wash-temperature'],
      ['action', 'hand', 'label-wash-action'],
      ['washMaxC', 40, 'label-hand-wash-40'],
    ]);
    expect(of(label(40, 'mild', { bleach: 'oxygen', tumble: 'low', ironMaxC: 0 }))).toEqual([
      ['washMaxC', 40, 'label-wash-temperature'],
      ['action', 'mild', 'label-wash-action'],
      ['bleach', 'oxygen', 'label-bleach'],
      ['tumble', 'low', 'label-tumble'],
      ['ironMaxC', 0, 'label-iron'],
    ]);
    for (const l of labelLimits(item('hat', [], { label: label(40, 'mild') })))
      expect(l).toMatchObject({ hard: true, scope: 'whole', component: 'label', basis: 'label', source: 'ISO 3758:2012' });
  });
  test('a maker’s note limits by its verb: forbids is hard, advises-against is not, allows limits nothing', () => {
    const of = (about: 'tumble' | 'wash' | 'softener' | 'detergent', says: 'forbids' | 'advises-against' | 'allows') =>
      makerLimits(item('hat', [], { makerSays: [{ about, says }] })).map((x) => [
        x.dimension,
        x.value,
        x.hard,
        x.rule,
        x.component,
        x.basis,
      ]);
    expect(of('tumble', 'forbids')).toEqual([['tumble', 'none', true, 'maker-forbids-tumble', 'maker', 'maker']]);
    expect(of('tumble', 'advises-against')).toEqual([['tumble', 'air', false, 'maker-advises-against-tumble', 'maker', 'maker']]);
    expect(of('wash', 'forbids')).toEqual([
      ['washMaxC', 0, true, 'maker-forbids-wash', 'maker', 'maker'],
      ['action', 'surface', true, 'maker-forbids-wash', 'maker', 'maker'],
    ]);
    expect(of('tumble', 'allows')).toEqual([]);
    expect(of('detergent', 'forbids')).toEqual([]);
    expect(makerLimits(bare)).toEqual([]);
  });
});

describe('what a correction moves', () => {
  const at = (...limits: Limit[]) => envelopeOf(bare, limits);
  test('values and who binds them, in the order of the dimensions', () => {
    const before = at(limit('washMaxC', 40), limit('tumble', 'low'), limit('bleach', 'none'), limit('spinMaxRpm', 600));
    const after = at(
      limit('washMaxC', 30),
      limit('tumble', 'normal'),
      limit('bleach', 'none', { component: 'fill' }),
      limit('spinMaxRpm', 600),
    );
    expect(envelopeChanges(before, after).map((c) => [c.dimension, c.from, c.to, c.way, c.by?.component])).toEqual([
      ['washMaxC', 40, 30, 'stricter', 'face'],
      ['tumble', 'low', 'normal', 'looser', 'face'],
      ['bleach', 'none', 'none', 'same', 'fill'],
    ]);
  });
  test('another rule of the same layer is a change of cause; the same one is none', () => {
    expect(envelopeChanges(at(limit('washMaxC', 30)), at(limit('washMaxC', 30, { rule: 'other' })))[0]?.way).toBe('same');
    expect(envelopeChanges(at(limit('washMaxC', 30)), at(limit('washMaxC', 30)))).toEqual([]);
    expect(envelopeChanges(at(), at(limit('washMaxC', 30)))).toMatchObject([{ from: null, to: 30, way: 'stricter' }]);
  });
});
