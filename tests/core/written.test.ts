import { describe, expect, test } from 'vitest';
import type { Inspection, Item, Kit } from '../../src/core/gear';
import { KNOWLEDGE } from '../../src/core/knowledge';
import type { Programme } from '../../src/core/document';
import { plan, writeProgramme, type Plan } from '../../src/core/programme';
import { WORDS } from '../../src/core/words';
import { canvas, comp, DIRTY, down, invented, item, KIT, label, shell, supply } from '../make';

/* How a plan is written: each promise of the document, by itself. */
type Change = Partial<Pick<Kit, 'equipment' | 'supplies' | 'preferences'>>;
const made = (thing: Item, seen: object | null = DIRTY, kit: Change = {}): Plan =>
  plan({
    item: thing,
    inspection: seen && ({ id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...seen } as Inspection),
    kit: { ...KIT, ...kit },
  });
const written = (thing: Item, seen: object | null = DIRTY, kit: Change = {}): Programme => writeProgramme(made(thing, seen, kit));
const rules = (p: Programme, verb: string): string[] => p.steps.find((s) => s.do === verb)?.why.map((w) => w.rule) ?? [];
const machines = (change: object): Change => ({ equipment: { ...KIT.equipment, ...change } });
const [front] = KIT.equipment!.washers!;
const [dryer] = KIT.equipment!.dryers!;

describe('how sure', () => {
  const all = { soil: 2, odour: 0, droplet: { shoulders: 5 }, loftRatio: 1 };
  const { soil: _s, ...noSoil } = all;
  const { odour: _o, ...noOdour } = all;
  const { droplet: _d, ...noDrops } = all;
  test.each<[string, Item, object | null, string]>([
    ['all seen, a label', shell(), all, 'high'],
    ['no label', shell({ label: null }), all, 'medium'],
    ['soil unseen', shell(), noSoil, 'medium'],
    ['odour unseen', shell(), noOdour, 'medium'],
    ['drops unseen on what has a finish', shell(), noDrops, 'medium'],
    ['drops unseen on what has none', shell({ repellency: 'none' }), noDrops, 'high'],
    ['soil unseen and no label', shell({ label: null }), noSoil, 'low'],
    ['nothing seen', shell(), null, 'low'],
    ['loft unseen on what is filled and clean', down(), { soil: 0, odour: 0 }, 'medium'],
    ['loft unseen, but washed anyway', down(), { soil: 2, odour: 0 }, 'high'],
    ['life-safety kit is always sure', item('rope', [comp('face', 'polyamide-woven')]), null, 'high'],
  ])('%s', (_, thing, seen, sure) => expect(written(thing, seen).confidence).toBe(sure));
});

describe('names of machines and places', () => {
  const wash = (p: Programme): string => p.steps.find((s) => s.do === 'machine-wash')?.text ?? '';
  test('by their own name, else by their kind', () => {
    expect(wash(written(down(), DIRTY, machines({ washers: [{ ...front, name: 'Cellar' }] })))).toContain('“Cellar”');
    expect(wash(written(down()))).toContain('the front loader');
    const tumble = (p: Programme): string => p.steps.find((s) => s.do === 'tumble')?.text ?? '';
    expect(tumble(written(down(), DIRTY, machines({ dryers: [{ ...dryer, name: 'Old one' }] })))).toContain('“Old one”');
    expect(tumble(written(down()))).toMatch(/the [a-z]+ dryer/);
  });
  test('the line one has, in brackets', () => {
    const line = (racks: object[]): string =>
      written(shell(), DIRTY, machines({ racks })).steps.find((s) => s.settings.place === 'line')?.text ?? '';
    expect(line([{ id: 'r', kind: 'line', name: 'Attic' }])).toContain(' (“Attic”)');
    expect(line([{ id: 'r', kind: 'flat', name: 'Attic' }])).not.toContain('Attic');
    expect(line([])).not.toContain('(“');
  });
  test('what stands in a vessel, each once', () => {
    const twice = [{ class: 'chlorine-bleach' }, { class: 'chlorine-bleach' }, { class: 'ammonia' }];
    const rinse = written(down(), DIRTY, machines({ washers: [{ ...front, unrinsed: twice }] })).steps.find(
      (s) => s.do === 'rinse-vessel',
    );
    expect(rinse?.text.match(/bleach/g)).toHaveLength(1);
    expect(rinse?.text).toContain('ammonia');
  });
  test('a machine that is refused, with and without a name; a school; a bottle', () => {
    const tiny = { ...front, drumLitres: 10 };
    const text = (p: Programme, option: string): string => p.blocked.find((b) => b.option === option)?.text ?? '';
    expect(
      text(
        written(
          down(),
          DIRTY,
          machines({
            washers: [
              { ...tiny, name: 'Toy' },
              { id: 't1', kind: 'tub' },
            ],
          }),
        ),
        'w1',
      ),
    ).toMatch(/^“Toy” \(front loader\) stays out of this: [a-z]/);
    expect(text(written(down(), DIRTY, machines({ washers: [tiny, { id: 't1', kind: 'tub' }] })), 'w1')).toMatch(
      /^The front loader stays out of this: [a-z]/,
    );
    const softened = written(down(), DIRTY, { supplies: [...(KIT.supplies ?? []), supply('softener')] });
    const block = softened.blocked.find((b) => b.option === 'softener');
    expect(block?.text).toBe(WORDS.blocks[block!.rule]);
    expect(block).not.toHaveProperty('school');
  });
});

describe('why a figure is what it is', () => {
  const bottle = (rest: object): Change => ({ supplies: [supply('down-cleaner', { remainingMl: 900, ...rest })] });
  test.each<[string, string, Programme]>([
    ['dose-label', 'the label', written(down(), DIRTY, bottle({ labelDoseMl: 100 }))],
    ['dose-guess', 'no label dose', written(down(), DIRTY, bottle({}))],
    [
      'own-dose',
      'one’s own',
      written(down({ own: { dosesMl: { 'down-cleaner': 60 } } }), DIRTY, bottle({ labelDoseRangeMl: [40, 100] })),
    ],
    ['own-temp', 'one’s own temperature', written(down({ own: { tempC: 15 } }))],
  ])('%s: %s', (rule, _, p) => expect(rules(p, 'machine-wash')).toContain(rule));
  test('rinses: the model always, what was learned or one’s own after it', () => {
    const rinse = (rest: Partial<Item>): string[] => rules(written(down(rest)), 'machine-rinse');
    expect(rinse({})).toContain('rinse-model');
    expect(rinse({})).not.toContain('rinse-learned');
    expect(rinse({ learned: { drumRelease: 0.6 } })).toContain('rinse-learned');
    const own = rinse({ own: { drumRinses: 5 }, learned: { drumRelease: 0.6 } });
    expect(own).toContain('own-rinses');
    expect(own).not.toContain('rinse-learned');
  });
  test('no figure of one’s own, no word of it', () => {
    for (const s of written(down()).steps) for (const w of s.why) expect(w.rule.startsWith('own-')).toBe(false);
  });
});

describe('steps', () => {
  test('numbered in order; a check leads to a step that is there; may wait unless it must not', () => {
    for (const p of [written(down()), written(shell()), written(canvas())]) {
      expect(p.steps.map((s) => s.id)).toEqual(p.steps.map((_, n) => `st-${n + 1}`));
      for (const s of p.steps) if (s.check) expect(p.steps.map((x) => x.id)).toContain(s.check.else);
    }
    const p = written(down());
    expect(p.steps.find((s) => s.do === 'weigh')?.mayWait).toBe(true);
    expect(p.steps.find((s) => s.do === 'lift-wet')?.mayWait).toBe(false);
    expect(p.steps.some((s) => s.when === 'if-failed')).toBe(true);
  });
  test('without words it still names what is done', () => {
    const bare = writeProgramme(made(down()), invented({ ...WORDS, steps: {} }));
    expect(bare.steps.find((s) => s.do === 'weigh')).toMatchObject({ title: 'weigh', text: 'weigh.' });
  });
  test('cautions of steps that are always done stand above too, each once; those behind a failed check do not', () => {
    const p = written(down());
    expect(new Set(p.cautions).size).toBe(p.cautions.length);
    for (const s of p.steps) for (const c of s.cautions) if (s.when === 'always') expect(p.cautions).toContain(c);
  });
});

describe('what would change it, and what else there is', () => {
  test('first what decided, no more than a handful, and only what would change it', () => {
    const p = written(down(), DIRTY, { supplies: [supply('down-cleaner', { remainingMl: 900, labelDoseMl: 100 })] });
    expect(p.wouldChange[0]).toBe('With no more than a few marks I would only wipe it.');
    expect(p.wouldChange.join(' ')).not.toContain('would not');
    expect(new Set(p.wouldChange).size).toBe(p.wouldChange.length);
    const guessed = written(down(), DIRTY, { supplies: [] });
    expect(guessed.assumptions.join(' ')).toMatch(
      /No dose is recorded for the down cleaner: \d+ mL is a guess between \d+ and \d+ mL\./,
    );
    expect(p.assumptions.join(' ')).not.toContain('is a guess');
  });
  test('alternatives: never the one taken, none where it is referred', () => {
    const p = made(down());
    const doc = writeProgramme(p);
    expect(doc.alternatives.length).toBeGreaterThan(2);
    for (const { school, option, gains, risks } of doc.alternatives) {
      expect(p.choices.get(school)).not.toBe(option);
      expect(gains.length > 5 && risks.length > 5).toBe(true);
    }
    expect(written(item('rope', [comp('face', 'polyamide-woven')]), null).alternatives).toEqual([]);
  });
  test('a soft limit that was passed stands once, however many layers share it', () => {
    const twoDown = [comp('fill', 'down'), comp('lining', 'down'), comp('face', 'polyamide-woven')];
    const p = written(down({ components: twoDown, label: label(40, 'mild', { tumble: 'normal' }) }));
    const keys = p.envelope.waived.map((w) => `${w.limit} ${w.from} ${w.by}`);
    expect(keys.length).toBeGreaterThan(0);
    expect(new Set(keys).size).toBe(keys.length);
    for (const w of p.envelope.waived) expect(w.risk.length).toBeGreaterThan(10);
  });
  test('what decided, or what was seen when nothing did', () => {
    expect(written(down()).decidedBy).toEqual(['soil']);
    const calm = { soil: 0, odour: 0, loftRatio: 1, clumped: false };
    expect(written(down(), calm).decidedBy).toEqual(expect.arrayContaining(['soil', 'odour']));
    expect(written(down(), { soil: 0, loftRatio: 1, clumped: false }).decidedBy).not.toContain('odour');
  });
  test('what binds a limit is named; what nothing binds has no cause', () => {
    const p = written(down());
    expect(p.envelope.washMaxC).toEqual({ value: 30, boundBy: { component: 'label', rule: 'label-wash-temperature' } });
    const free = writeProgramme(plan({ item: item('towel', []), inspection: null, kit: KIT }, { ...KNOWLEDGE }));
    expect(free.envelope.soakMaxMin.boundBy).toEqual({});
  });
  test('the shopping list as it stands', () =>
    expect(written(down(), DIRTY, { supplies: [] }).shopping).toEqual(
      expect.arrayContaining([
        { class: 'dryer-balls', needCount: 2 },
        { class: 'down-cleaner', needMl: expect.any(Number) as number },
      ]),
    ));
});
