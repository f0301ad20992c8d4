import { describe, expect, test } from 'vitest';
import { assess } from '../../src/core/assess';
import { allows, envelopeOf, limitOf, type Limit } from '../../src/core/envelope';
import type { Dimension, Knowledge, School } from '../../src/core/knowledge';
import { KNOWLEDGE } from '../../src/core/knowledge';
import { movesLimits, refusedBy, settle } from '../../src/core/programme/schools';
import { invented, item, label } from '../make';

/* The engine on small made-up knowledge: each sentence of its documents, held by itself. */
const rule = (id: string, aim: string, when: object, rest: object = {}): Knowledge['assess'][number] =>
  invented({ id, aim, when, basis: 'memory', decidedBy: [id], ...rest });
const judge = (rules: Knowledge['assess'][number][], ...facts: string[]) => {
  const known = new Set<string>(facts);
  return { ...assess({ ...KNOWLEDGE, assess: rules }, invented(known)), known };
};

describe('assess', () => {
  test('a greater aim makes the lesser needless, in facts, aims and what stands', () => {
    const a = judge([rule('wipe', 'spot-clean', {}), rule('soap', 'wash', {})]);
    expect(a.aims).toEqual(['wash']);
    expect(a.spoke.map((r) => r.id)).toEqual(['soap']);
    expect(a.known.has('aim:spot-clean')).toBe(false);
    expect(a.decidedBy).toEqual(['soap']);
  });
  test('what a silenced rule would have added is not added', () => {
    const a = judge([rule('wipe', 'spot-clean', {}, { adds: ['wiped'] }), rule('soap', 'wash', {}, { adds: ['soaped'] })]);
    expect([a.known.has('wiped'), a.known.has('soaped')]).toEqual([false, true]);
  });
  test('aims stand in the order they are done, whatever the order of the rules', () => {
    expect(judge([rule('h', 'reactivate', {}), rule('w', 'wash', {}), rule('m', 'repair', {})]).aims).toEqual([
      'repair',
      'wash',
      'reactivate',
    ]);
  });
  test('later rules build on aims already set', () => {
    const rules = [rule('w', 'wash', { all: ['dirty'] }), rule('h', 'reactivate', { all: ['aim:wash'] })];
    expect(judge(rules, 'dirty').aims).toEqual(['wash', 'reactivate']);
    expect(judge(rules).aims).toEqual([]);
  });
  test('nothing to do is left alone, and says what it rests on', () => {
    const a = judge([rule('fine', 'none', {})]);
    expect(a.aims).toEqual([]);
    expect(a.known.has('aim:none')).toBe(false);
    expect(a.decidedBy).toEqual(['fine']);
  });
  test('with an aim, a rule that only says “fine” decides nothing', () => {
    expect(judge([rule('fine', 'none', {}), rule('soap', 'wash', {})]).decidedBy).toEqual(['soap']);
  });
  test('silent are the rules that could have spoken, and only those', () => {
    const rules = [
      rule('a', 'wash', { all: ['dirty'] }, { relevant: { all: ['here'] } }),
      rule('b', 'wash', { all: ['dirty'] }, { relevant: { all: ['elsewhere'] } }),
      rule('c', 'wash', { all: ['dirty'] }),
    ];
    expect(judge(rules, 'here').silent.map((r) => r.id)).toEqual(['a']);
    expect(judge(rules, 'here', 'dirty').silent).toEqual([]);
  });
  test('what nobody looked at decides nothing', () => {
    const rules = [rule('x', 'wash', {}, { decidedBy: ['soil', 'odour', 'soil'] })];
    expect(judge(rules, 'unseen:odour').decidedBy).toEqual(['soil']);
  });
});

const limit = (dimension: Dimension, value: unknown, rest: Partial<Limit> = {}): Limit =>
  limitOf({ dimension, value, hard: false, scope: 'whole', component: 'face', rule: 'r', basis: 'memory', ...rest } as Limit);
const bare = item('hat', [], {});
const labelled = item('hat', [], { label: label(40, 'normal') });
const byLabel = (dimension: Dimension, value: unknown): Limit =>
  limit(dimension, value, { hard: true, component: 'label', rule: 'l' });

describe('the envelope', () => {
  test('is free where nothing limits, and nothing binds', () => {
    const { bounds, hard, waived } = envelopeOf(bare, []);
    expect(bounds.washMaxC).toEqual({ value: null, by: null });
    expect(bounds.action.value).toBe('normal');
    expect(hard.tumble).toBe('normal');
    expect(waived).toEqual([]);
  });
  test('takes the strictest and names it; of equals the hard one, then by rule and component', () => {
    const strict = limit('washMaxC', 30, { rule: 'b' });
    expect(envelopeOf(bare, [limit('washMaxC', 40), strict]).bounds.washMaxC).toEqual({ value: 30, by: strict });
    const hard = limit('washMaxC', 30, { rule: 'z', hard: true });
    expect(envelopeOf(bare, [strict, hard]).bounds.washMaxC.by).toBe(hard);
    const first = limit('washMaxC', 30, { rule: 'a', component: 'lining' });
    expect(envelopeOf(bare, [strict, first]).bounds.washMaxC.by).toBe(first);
    const inner = limit('washMaxC', 30, { rule: 'a', component: 'fill' });
    expect(envelopeOf(bare, [first, inner]).bounds.washMaxC.by).toBe(inner);
    expect(envelopeOf(bare, [inner, first]).bounds.washMaxC.by).toBe(inner);
  });
  test('a limit on a part binds only work on that part', () => {
    const part = limit('soakMaxMin', 0, { scope: 'part' });
    const e = envelopeOf(bare, [part]);
    expect(e.bounds.soakMaxMin.value).toBeNull();
    expect(e.limits).toContain(part);
  });
  test('an explicit label passes a soft limit as far as its word, never a hard one, and it is listed', () => {
    const e = envelopeOf(labelled, [limit('washMaxC', 30), byLabel('washMaxC', 40)]);
    expect(e.bounds.washMaxC.value).toBe(40);
    expect(e.waived).toMatchObject([{ dimension: 'washMaxC', from: 30, to: 40, by: 'label' }]);
    const hard = envelopeOf(labelled, [limit('washMaxC', 30, { hard: true }), byLabel('washMaxC', 40)]);
    expect([hard.bounds.washMaxC.value, hard.hard.washMaxC, hard.waived]).toEqual([30, 30, []]);
    const stricter = envelopeOf(labelled, [limit('washMaxC', 30), byLabel('washMaxC', 20)]);
    expect([stricter.bounds.washMaxC.value, stricter.waived]).toEqual([20, []]);
  });
  test('a label passes only what labels have words for', () => {
    expect(envelopeOf(labelled, [limit('spinMaxRpm', 600), byLabel('spinMaxRpm', 1200)]).bounds.spinMaxRpm.value).toBe(600);
  });
  test('a hard limit with a raise goes up to it and no further, by the label alone', () => {
    const down = limit('tumble', 'low', { hard: true, labelRaises: 'normal' });
    const raised = envelopeOf(labelled, [down, byLabel('tumble', 'normal')]);
    expect([raised.bounds.tumble.value, raised.hard.tumble]).toEqual(['normal', 'normal']);
    expect(raised.waived).toMatchObject([{ from: 'low', to: 'normal', by: 'label' }]);
    const leather = limit('washMaxC', 0, { hard: true, labelRaises: 30 });
    expect(envelopeOf(labelled, [leather, byLabel('washMaxC', 60)]).bounds.washMaxC.value).toBe(30);
    const school = [{ school: 'S', waives: { tumble: 'normal' } as const }];
    expect(envelopeOf(bare, [down], school).bounds.tumble.value).toBe('low');
  });
  test('a maker who allows opens a soft limit where the label is silent', () => {
    const said = item('hat', [], { makerSays: [{ about: 'tumble', says: 'allows' }] });
    const e = envelopeOf(said, [limit('tumble', 'none')]);
    expect([e.bounds.tumble.value, e.waived[0]?.by]).toEqual(['low', 'maker']);
    const against = item('hat', [], { makerSays: [{ about: 'tumble', says: 'forbids' }] });
    expect(envelopeOf(against, [limit('tumble', 'none')]).bounds.tumble.value).toBe('none');
    expect(envelopeOf(said, [limit('tumble', 'none', { hard: true })]).bounds.tumble.value).toBe('none');
  });
  test('a school passes a soft limit as far as it says, and tightens', () => {
    const hot = [{ school: 'HOT', waives: { washMaxC: 60 } }];
    const e = envelopeOf(bare, [limit('washMaxC', 30)], hot);
    expect([e.bounds.washMaxC.value, e.bounds.washMaxC.by?.rule, e.waived[0]?.by, e.hard.washMaxC]).toEqual([
      60,
      'HOT',
      'HOT',
      null,
    ]);
    expect(
      envelopeOf(bare, [limit('washMaxC', 30), limit('washMaxC', 40, { hard: true, rule: 'h' })], hot).bounds.washMaxC.value,
    ).toBe(40);
    const cool = envelopeOf(bare, [], [{ school: 'COOL', tightens: { washMaxC: 20 } }]);
    expect([cool.bounds.washMaxC.value, cool.bounds.washMaxC.by?.component]).toEqual([20, 'school']);
  });
  test('allows what is as strict or stricter', () => {
    const e = envelopeOf(bare, [limit('action', 'mild'), limit('washMaxC', 30)]);
    expect([allows(e, 'action', 'mild'), allows(e, 'action', 'hand'), allows(e, 'action', 'normal')]).toEqual([
      true,
      true,
      false,
    ]);
    expect([allows(e, 'washMaxC', 30), allows(e, 'washMaxC', 31), allows(e, 'spinMaxRpm', 1400)]).toEqual([true, false, true]);
  });
});

describe('schools', () => {
  const school = invented<School>({
    id: 'S',
    applies: { all: ['asked'] },
    fallback: 'ours',
    options: [
      { id: 'ours', refused: [{ when: { all: ['not-ours'] }, rule: 'why-ours' }] },
      { id: 'theirs', refused: [{ when: { all: ['not-theirs'] }, rule: 'why-theirs' }] },
    ],
  });
  const settled = (wish: string | null, ...facts: string[]) => {
    const state = {
      facts: new Set<string>(facts),
      choices: new Map<string, string>(),
      asked: [] as School[],
      refusals: [] as { option: string; rule: string }[],
      request: { item: {}, kit: { preferences: { schools: wish ? { S: wish } : {} } } },
    };
    const option = settle(school, invented(state));
    return { ...state, option };
  };
  test('no question, no answer', () => {
    const s = settled('theirs');
    expect([s.option, s.asked, [...s.choices], s.facts.size]).toEqual([null, [], [], 0]);
  });
  test('ours unless another is wished', () => {
    expect(settled(null, 'asked').option?.id).toBe('ours');
    const s = settled('theirs', 'asked');
    expect([s.option?.id, s.choices.get('S'), s.facts.has('school:S=theirs'), s.refusals]).toEqual([
      'theirs',
      'theirs',
      true,
      [],
    ]);
    expect(settled('nonsense', 'asked').option?.id).toBe('ours');
  });
  test('a refused wish is listed with its reason and ours takes its place', () => {
    const s = settled('theirs', 'asked', 'not-theirs');
    expect([s.option?.id, s.refusals]).toEqual(['ours', [{ option: 'theirs', school: 'S', rule: 'why-theirs' }]]);
  });
  test('ours refused is listed only when nothing else was wished', () => {
    expect(settled(null, 'asked', 'not-ours')).toMatchObject({
      option: { id: 'theirs' },
      refusals: [{ option: 'ours', rule: 'why-ours' }],
    });
    expect(settled('theirs', 'asked', 'not-ours').refusals).toEqual([]);
  });
  test('when nothing is possible the question still has our answer, once refused', () => {
    const s = settled('theirs', 'asked', 'not-ours', 'not-theirs');
    expect([s.option, s.choices.get('S'), s.facts.has('school:S=ours')]).toEqual([null, 'ours', true]);
    expect(s.refusals).toEqual([{ option: 'theirs', school: 'S', rule: 'why-theirs' }]);
  });
  test('which options are refused, and which schools move limits', () => {
    expect(refusedBy(school.options[0]!, new Set(invented(['not-ours'])))).toBe('why-ours');
    expect(refusedBy(school.options[0]!, new Set())).toBeNull();
    expect(movesLimits(school)).toBe(false);
    expect(movesLimits({ ...school, options: invented([{ id: 'a' }, { id: 'b', waives: { washMaxC: 60 } }]) })).toBe(true);
    expect(movesLimits({ ...school, options: invented([{ id: 'a', tightens: { washMaxC: 20 } }]) })).toBe(true);
  });
});
