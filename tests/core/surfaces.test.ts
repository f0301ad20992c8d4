import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { dueOf } from '../../src/core/due/forecast';
import { usesSince } from '../../src/core/facts';
import { checkKit } from '../../src/core/formats';
import { DIDS, lookedAt, type Inspection, type Item, type Kit, type LogEntry, type Stain } from '../../src/core/gear';
import {
  agentOf,
  cautionsAt,
  MARK_TESTS,
  RUNGS,
  SURFACES,
  toolFor,
  wantsTest,
  type RungId,
  type RungRecord,
} from '../../src/core/knowledge';
import { climb, testedAs, triesOn } from '../../src/core/marks';
import { planItem } from '../../src/core/programme';
import { keptFrom, ladderOfPanel, marksAfter, panelsOf, surfacesOf, whatIsIt, withMarks } from '../../src/core/surfaces';
import { saleSheet } from '../../src/core/telling/sale';
import { rungSaid, staysOffText, surfacesText } from '../../src/core/telling/surfaces';
import { CAUTION_WORDS } from '../../src/core/words/cautions';
import { comp, invented, item, shell } from '../make';

const AT = '2027-01-03T08:00:00Z';
const boots = (rest: Partial<Item> = {}): Item =>
  item(
    'boot',
    [
      comp('upper', 'leather'),
      comp('upper', 'suede'),
      comp('trim', 'rubber'),
      comp('outsole', 'rubber'),
      comp('lining', 'polyester-knit'),
      comp('insole', 'eva-foam'),
      comp('laces', 'cotton'),
    ],
    rest,
  );
const look = (stains: Stain[], rest: Partial<Inspection> = {}): Inspection => ({
  id: 'i',
  itemId: 'x',
  at: AT,
  soil: 1,
  stains,
  ...rest,
});
const kitOf = (thing: Item, stains: Stain[], log: LogEntry[] = [], rest: Partial<Kit> = {}): Kit => ({
  format: 'umbrastic/kit',
  version: 1,
  exportedAt: AT,
  items: [thing],
  inspections: [look(stains)],
  log,
  ...rest,
});
const day = (n: number): string => `2027-01-0${n}T08:00:00Z`;
const treated = (n: number, mark: Stain, rung: RungId, result: (typeof DIDS)[number]): LogEntry => ({
  id: `t${n}`,
  type: 'treatment',
  itemId: 'x',
  at: day(n),
  soil: mark.soil,
  rung,
  result,
  ...(mark.place === undefined ? {} : { place: mark.place }),
  ...(mark.part === undefined ? {} : { part: mark.part }),
});
const tested = (
  n: number,
  agent: 'mild-soap' | 'acetone' | 'stain-remover',
  cloth: 'clean' | 'colour' | 'harmed',
  part?: 'upper' | 'lining',
): LogEntry => ({
  id: `s${n}`,
  type: 'spot-test',
  itemId: 'x',
  at: day(n),
  agent,
  cloth,
  ...(part ? { part } : {}),
});

describe('a pair, panel by panel', () => {
  test('has the panels of its parts, each with its surface', () => {
    const panels = panelsOf(boots());
    expect(panels.map((p) => [p.id, p.surface])).toEqual([
      ['upper', 'leather'],
      ['overlay', 'nap'],
      ['toe', 'rubber'],
      ['collar', 'lining'],
      ['laces', 'cloth'],
      ['rim', 'rubber'],
      ['tread', 'rubber'],
      ['lining', 'lining'],
      ['tongue', 'lining'],
      ['insole', 'insole'],
    ]);
    expect(new Set(panels.flatMap((p) => p.sides))).toEqual(new Set(['front', 'back', 'sole', 'inside']));
  });
  test('trim of hide is no cap, and other things are no pair', () => {
    const trimmed = panelsOf(item('shoe', [comp('upper', 'cotton-canvas'), comp('trim', 'suede')]));
    expect(trimmed.map((p) => [p.id, p.surface, p.place])).toEqual([
      ['upper', 'cloth', 'canvas side'],
      ['overlay', 'nap', 'suede side'],
    ]);
    expect(panelsOf(item('boot', [comp('upper', 'leather'), comp('trim', 'rubber')]))[0]?.place).toBe('side');
    const meshed = panelsOf(
      item('shoe', [comp('upper', 'polyester-knit'), comp('mesh', 'polyester-mesh'), comp('midsole', 'eva-foam')]),
    );
    expect(meshed.map((p) => p.id)).toEqual(['upper', 'overlay', 'midsole']);
    expect(panelsOf(shell())).toEqual([]);
  });
  test('a mark lies on the panel whose place it names, leather beside suede', () => {
    const marks: Stain[] = [
      { soil: 'grease', place: 'suede side', part: 'upper' },
      { soil: 'salt-line', place: 'leather side', part: 'upper' },
      { soil: 'sweat', place: 'tongue', part: 'lining', spot: { side: 'inside', x: 0.5, y: 0.5 } },
    ];
    expect(surfacesOf(kitOf(boots(), marks), boots()).marks.map((m) => [m.panel?.id, m.surface])).toEqual([
      ['overlay', 'nap'],
      ['upper', 'leather'],
      ['tongue', 'lining'],
    ]);
  });
});

/* Common practice, no source: what can be seen and tried says what a mark is, before strength does. */
describe('what is it?', () => {
  const on = (id: string) => panelsOf(boots()).find((p) => p.id === id)!;
  test.each([
    [{ 'even-yellow': true }, { soil: 'yellowing' }],
    [{ 'even-yellow': false, chipped: true }, { damage: 'crack' }],
    [{ 'even-yellow': false, chipped: false, wipes: true }, { soil: 'dust' }],
    [{ 'even-yellow': false, chipped: false, wipes: false, erases: true }, { soil: 'scuff' }],
    [{ 'even-yellow': false, chipped: false, wipes: false, erases: false, swabs: true }, { soil: 'transfer' }],
  ])('%j', (answers, expected) => expect(whatIsIt(answers, on('rim'))).toEqual(expected));
  test('nothing is said before there is a yes, or a no to all', () => {
    expect(whatIsIt({}, on('rim'))).toBeNull();
    expect(whatIsIt({ wipes: false, erases: false }, on('rim'))).toBeNull();
    const none = Object.fromEntries(MARK_TESTS.map(({ id }) => [id, false]));
    expect(whatIsIt(none, on('rim'))).toEqual({ soil: 'dye' });
    const canvas = panelsOf(item('shoe', [comp('upper', 'cotton-canvas')]))[0]!;
    expect(whatIsIt(none, canvas)).toEqual({ soil: 'canvas-stain' });
  });
});

describe('the ladder of a mark', () => {
  const rim: Stain = { soil: 'scuff', place: 'rim', part: 'outsole' };
  const at = (log: LogEntry[], stains = [rim], thing = boots()) => surfacesOf(kitOf(thing, stains, log), thing).marks[0]!;
  const states = (log: LogEntry[]) => at(log).rungs.map((r) => [r.rung, r.state]);
  test('begins at the mildest rung', () => {
    expect(states([])).toEqual([
      ['damp-cloth', 'next'],
      ['sponge', 'later'],
      ['soda-paste', 'later'],
    ]);
  });
  test('what did nothing is behind it; what takes some off is done again; what was skipped is passed over', () => {
    expect(states([treated(1, rim, 'damp-cloth', 'same')]).map(([, s]) => s)).toEqual(['tried', 'next', 'later']);
    expect(states([treated(1, rim, 'damp-cloth', 'paler')]).map(([, s]) => s)).toEqual(['next', 'later', 'later']);
    expect(states([treated(1, rim, 'sponge', 'same')]).map(([, s]) => s)).toEqual(['passed-over', 'tried', 'next']);
    expect(at([treated(1, rim, 'damp-cloth', 'paler'), treated(2, rim, 'damp-cloth', 'same')]).next?.rung).toBe('sponge');
  });
  test('stops at harm and at colour on the cloth, and when every rung was tried', () => {
    for (const result of ['harmed', 'colour'] as const) {
      const mark = at([treated(1, rim, 'sponge', result)]);
      expect(mark.next).toBeNull();
      expect(mark.end).toBe('stopped');
      expect(mark.rungs.map((r) => r.state)).toEqual(['passed-over', 'tried', 'shut']);
    }
    const spent = (['damp-cloth', 'sponge', 'soda-paste'] as const).map((rung, n) => treated(n + 1, rim, rung, 'same'));
    expect(at(spent).end).toBe('spent');
  });
  test('the next visit knows what was tried: of this mark, and of no other', () => {
    const toe: Stain = { soil: 'scuff', place: 'toe cap', part: 'trim' };
    const log = [treated(1, rim, 'damp-cloth', 'same')];
    expect(triesOn(log, 'x', toe)).toEqual([]);
    expect(at(log, [toe]).next?.rung).toBe('damp-cloth');
    // A later look that says less of the same place still means it.
    expect(at(log, [{ soil: 'scuff', place: ' Rim ' }]).next?.rung).toBe('sponge');
  });
  test('a programme goes on where the surfaces were left, and says when nothing is left', () => {
    const text = (log: LogEntry[]) =>
      planItem(kitOf(boots(), [{ ...rim, set: true }], log), boots())
        .steps.filter((s) => s.key.startsWith('rubber'))
        .map((s) => s.text)
        .join(' ');
    expect(text([])).toContain('a damp cloth, in small circles, then a damp melamine sponge');
    expect(text([treated(1, rim, 'damp-cloth', 'same')])).not.toContain('a damp cloth, in small circles');
    expect(text([treated(1, rim, 'soda-paste', 'harmed')])).toContain('leave it, the surface bears no more');
  });
  test('a rung that is no longer allowed stands as what it was, and is never the next', () => {
    const yellow: Stain = { soil: 'yellowing', place: 'rim', part: 'outsole' };
    const mark = at([treated(1, yellow, 'peroxide-thin', 'paler')], [yellow]);
    expect(mark.rungs.map((r) => [r.rung, r.state])).toEqual([
      ['sponge', 'passed-over'],
      ['peroxide-thin', 'tried'],
    ]);
    expect(mark.next).toBeNull();
  });
  test('whatever happened: one next rung at most, none after gone or harm, never a milder one than was tried', () => {
    const ladder = Object.keys(RUNGS).map((rung) => ({ rung: rung as RungId }));
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(ladder.length - 1), fc.constantFrom(...DIDS)), { maxLength: 8 }),
        fc.array(fc.nat(ladder.length - 1), { maxLength: 4 }),
        (done, shut) => {
          const tries = done.map(([at, result], n) => treated((n % 9) + 1, rim, ladder[at]!.rung, result));
          const refused = new Set(shut.map((n) => ladder[n]!.rung));
          const made = climb(
            ladder,
            invented(tries),
            () => null,
            (rung) => refused.has(rung),
          );
          const nexts = made.rungs.filter((r) => r.state === 'next');
          expect(nexts.length).toBeLessThanOrEqual(1);
          const last = done.at(-1);
          if (last && ['gone', 'harmed', 'colour'].includes(last[1])) expect(made.next).toBeNull();
          if (made.next) {
            expect(refused.has(made.next.rung)).toBe(false);
            const highest = Math.max(-1, ...done.map(([at]) => at));
            expect(ladder.findIndex((l) => l.rung === made.next?.rung)).toBeGreaterThanOrEqual(highest);
          }
        },
      ),
    );
  });
});

/* Common practice, no source: every product and warmth is tried on a hidden place with a white cloth first. */
describe('a hidden place first', () => {
  const salt: Stain = { soil: 'salt-line', place: 'leather side', part: 'upper' };
  const at = (log: LogEntry[]) => surfacesOf(kitOf(boots(), [salt], log), boots()).marks[0]!;
  const damp = treated(1, salt, 'damp-cloth', 'same');
  test('on hide a product is not the next rung before it was tried', () => {
    expect(at([]).next?.testFirst).toBeNull();
    expect(at([damp]).next).toMatchObject({ rung: 'weak-vinegar', testFirst: 'vinegar' });
  });
  test('a clean cloth opens it, for that part or the whole thing; colour shuts it; the newest test counts', () => {
    const vinegar = (n: number, cloth: 'clean' | 'colour', part?: 'upper' | 'lining'): LogEntry => ({
      ...(tested(n, 'mild-soap', cloth, part) as Extract<LogEntry, { type: 'spot-test' }>),
      agent: 'vinegar',
    });
    expect(at([damp, vinegar(2, 'clean')]).next?.testFirst).toBeNull();
    expect(at([damp, vinegar(2, 'clean', 'lining')]).next?.testFirst).toBe('vinegar');
    expect(at([damp, vinegar(2, 'clean', 'upper'), vinegar(3, 'colour')]).end).toBe('stopped');
    expect(testedAs(invented([vinegar(2, 'colour'), vinegar(3, 'clean', 'upper')]), 'vinegar', 'upper')).toBe('clean');
  });
  test('cloth whose dye is proved needs no test of a cleaner, other cloth does; a solvent always', () => {
    const dyed = { has: (fact: string) => fact === 'bleed-unproved' };
    const proved = { has: () => false };
    expect(wantsTest('cleaner-drop', 'cloth', invented(dyed))).toBe(true);
    expect(wantsTest('cleaner-drop', 'cloth', invented(proved))).toBe(false);
    expect(wantsTest('damp-cloth', 'cloth', invented(dyed))).toBe(false);
    expect(wantsTest('warmer', 'cloth', invented(dyed))).toBe(true);
    expect(wantsTest('solvent-swab', 'rubber', invented(proved))).toBe(true);
    expect(wantsTest('sponge', 'rubber', invented(dyed))).toBe(false);
    expect(wantsTest('nap-eraser', 'nap', invented(dyed))).toBe(false);
  });
  test('the programme asks for what it would use, and for nothing that was tried', () => {
    const thing = item('shoe', [comp('upper', 'cotton-canvas')], { colour: { class: 'dark', bleed: 'unknown' } });
    const stain: Stain = { soil: 'canvas-stain', place: 'upper', part: 'upper' };
    const stepOf = (log: LogEntry[]) => planItem(kitOf(thing, [stain], log), thing).steps.find((s) => s.key === 'spot-test');
    expect(stepOf([])?.settings.tries).toEqual(['stain-remover']);
    expect(stepOf([])?.text).toContain('Dab stain remover on a hidden place');
    expect(stepOf([tested(1, 'stain-remover', 'clean')])).toBeUndefined();
    const after = planItem(kitOf(thing, [stain], [tested(1, 'stain-remover', 'colour')]), thing);
    expect(after.steps.map((s) => s.text).join(' ')).not.toContain('stain remover over the whole part');
    const safe = { ...thing, colour: { class: 'white', bleed: 'safe' } } as Item;
    expect(planItem(kitOf(safe, [stain]), safe).steps.some((s) => s.key === 'spot-test')).toBe(false);
  });
  test('where acetone or peroxide is dabbed on, its caution stands there too', () => {
    const thing = item('boot', [comp('upper', 'leather'), comp('outsole', 'rubber')], { schools: { RUBBER: 'solvent' } });
    const marks: Stain[] = [
      { soil: 'scuff', place: 'rim', part: 'outsole' },
      { soil: 'yellowing', place: 'rim', part: 'outsole' },
    ];
    const made = planItem(kitOf(thing, marks, [], { supplies: [{ id: 's', class: 'peroxide-cream' }] }), thing);
    const step = made.steps.find((s) => s.key === 'spot-test');
    expect(step?.settings.tries).toEqual(expect.arrayContaining(['acetone', 'peroxide-cream']));
    expect(step?.cautions.join(' ')).toContain('Acetone is very flammable');
    expect(step?.cautions.join(' ')).toContain('can seriously damage eyes');
    expect(step?.cautions.join(' ')).toContain('toxic gas');
  });
  test('what stays off is said by name', () => {
    expect(staysOffText([{ agent: 'acetone', cloth: 'clean' }])).toBeNull();
    expect(
      staysOffText([
        { agent: 'stain-remover', cloth: 'colour' },
        { agent: 'oxygen-booster', cloth: null },
      ]),
    ).toBe(
      'Stays off the marks: stain remover. The hidden place did not bear it. Not tried on a hidden place, so not on a mark: oxygen booster.',
    );
  });
});

describe('what a hand needs at a rung', () => {
  /* Common practice, no source: soft for lather, knit and leather, medium for canvas and insole, stiff on a sole only. */
  test('brushes fit the surface', () => {
    for (const rung of Object.keys(RUNGS) as RungId[])
      for (const surface of SURFACES) {
        const { on }: RungRecord = RUNGS[rung];
        if (on && !on.includes(surface)) continue;
        const tool = toolFor(rung, surface);
        if (tool === 'stiff-brush') expect(['rubber', 'foam']).toContain(surface);
        if (surface === 'leather' || surface === 'patent')
          expect([null, 'soft-cloth', 'wrung-cloth', 'fingernail', 'soft-brush']).toContain(tool);
      }
  });
  test('every caution of a rung is written; strong ones have one', () => {
    for (const rung of Object.keys(RUNGS) as RungId[])
      for (const id of cautionsAt(rung, 'blood')) expect(CAUTION_WORDS[id]).toBeTruthy();
    expect(cautionsAt('solvent-swab', null)).toContain('acetone-fire');
    expect(cautionsAt('peroxide-thin', null)).toContain('peroxide-burns');
    expect(cautionsAt('cold-dab', 'blood')).toEqual(['blood-gloves']);
  });
  test('peroxide on a rim: the leather beside it taped, its caution, its rest; a sponge only keeps it dry', () => {
    const thing = item('boot', [comp('upper', 'leather'), comp('outsole', 'rubber')]);
    const yellow: Stain = { soil: 'yellowing', place: 'rim', part: 'outsole' };
    const kit = kitOf(thing, [yellow], [treated(1, yellow, 'sponge', 'same')], {
      supplies: [{ id: 's', class: 'peroxide-cream' }],
    });
    const mark = surfacesOf(kit, thing).marks[0]!;
    expect(mark.next).toMatchObject({ rung: 'peroxide-thin', testFirst: 'peroxide-cream', restMin: 45 });
    const said = rungSaid(mark, mark.next!);
    expect(said.lines[0]).toBe('Tape over the leather beside it, and try the tape on a hidden corner first.');
    expect(said.cautions.join(' ')).toContain('Never with vinegar');
    const sponge = mark.rungs[0]!;
    expect(rungSaid(mark, sponge).lines[0]).toBe('Keep the leather beside it dry.');
  });
  test('hide is kept from bleach, solvent and sponge; rubber from the suede kit', () => {
    expect(keptFrom('leather')).toEqual(
      expect.arrayContaining(['oxygen-booster', 'acetone', 'melamine-sponge', 'peroxide-cream']),
    );
    expect(keptFrom('rubber')).toContain('suede-kit');
    expect(keptFrom('rubber')).not.toContain('acetone');
  });
  test('a panel that is pressed shows what it bears', () => {
    const panel = panelsOf(boots()).find((p) => p.id === 'overlay')!;
    expect(ladderOfPanel(kitOf(boots(), []), boots(), panel)?.rungs.map((r) => r.rung)).toEqual(['nap-eraser']);
  });
  test('the cleaner is the one that the thing is washed with', () => {
    expect(agentOf('cleaner-drop', 'plain-liquid')).toBe('plain-liquid');
    expect(agentOf('warmer', 'plain-liquid')).toBe('warm-water');
    expect(agentOf('damp-cloth', 'plain-liquid')).toBeNull();
  });
});

describe('the record of it', () => {
  const rim: Stain = { soil: 'scuff', place: 'rim', part: 'outsole' };
  const toe: Stain = { soil: 'scuff', place: 'toe cap', part: 'trim' };
  test('a mark that is gone leaves the look, one that was worked on has set; the rest stands as it was, with its day', () => {
    expect(marksAfter([rim, toe], rim, 'gone')).toEqual([toe]);
    expect(marksAfter([rim, toe], rim, 'same')).toEqual([{ ...rim, set: true }, toe]);
    const seen = look([rim], {
      odour: 2,
      asOf: { odour: '2026-12-01T08:00:00Z' },
      damage: [{ kind: 'crack' }],
      note: 'in the hall',
    });
    const next = withMarks(seen, 'x', [], seen.damage, 'j', day(5));
    expect(next).toEqual({
      id: 'j',
      itemId: 'x',
      at: day(5),
      soil: 1,
      odour: 2,
      stains: [],
      damage: [{ kind: 'crack' }],
      asOf: { soil: AT, odour: '2026-12-01T08:00:00Z' },
    });
  });
  test('the answer names the next rung, what is off and what stays', () => {
    const gone = treated(1, toe, 'damp-cloth', 'gone');
    const made = surfacesOf(kitOf(boots(), [rim], [gone]), boots());
    expect(surfacesText(made)).toEqual({
      verdict: 'Next: damp cloth, on the rubber rim.',
      more: 'One mark is off. One mark has a rung ahead.',
    });
    const spent = [treated(2, rim, 'soda-paste', 'harmed'), gone];
    expect(surfacesText(surfacesOf(kitOf(boots(), [rim], spent), boots())).verdict).toBe('Stop here: no rung is left.');
    expect(surfacesText(surfacesOf(kitOf(boots(), [], [gone]), boots())).verdict).toBe('Every mark is off.');
  });
  test('a line that says nothing is a fault of the file, with its place', () => {
    const kit = kitOf(boots(), [], [invented({ id: 'a', type: 'treatment', itemId: 'x', at: AT, soil: 'scuff' })]);
    const read = checkKit(kit);
    expect(read.status === 'read' ? [] : read.faults.map((f) => f.path)).toEqual(['log[0].rung', 'log[0].result']);
  });
  test('the demo’s two pairs are in work', () => {
    const { kit } = makeDemoKit(Date.parse(AT));
    const [one, other] = kit.items.filter((i) => i.owner === 'the lender').map((i) => surfacesOf(kit, i));
    expect(one?.gone.length).toBe(1);
    expect(one?.marks[0]?.next).toMatchObject({ rung: 'peroxide-thin', testFirst: null });
    expect(other?.marks.length).toBe(4);
    expect(checkKit(kit).status).toBe('read');
  });
});

/* Common practice, no source: insides last, on a clean dry lining; laces by themselves. */
describe('the inside of a shoe', () => {
  const smelly = (rest: Partial<Kit>, thing = boots()) =>
    planItem({ ...kitOf(thing, []), inspections: [look([], { soil: 2, odour: 2 })], ...rest }, thing);
  test('its owned powder is used, else its deodoriser, after it is dry, with amounts; neither where nothing smells', () => {
    const powder = smelly({
      supplies: [
        { id: 'p', class: 'shoe-powder' },
        { id: 'd', class: 'deodoriser' },
      ],
    });
    const keys = powder.steps.map((s) => s.key);
    expect(keys.indexOf('powder-inside')).toBeGreaterThan(keys.indexOf('shoe-shade'));
    expect(powder.steps.find((s) => s.key === 'powder-inside')?.text).toContain('5 g of shoe powder');
    expect(keys).not.toContain('deodorise-inside');
    const spray = smelly({ supplies: [{ id: 'd', class: 'deodoriser' }] }).steps.map((s) => s.key);
    expect(spray).toContain('deodorise-inside');
    const fresh = planItem({ ...kitOf(boots(), []), supplies: [{ id: 'p', class: 'shoe-powder' }] }, boots());
    expect(fresh.steps.some((s) => s.key === 'powder-inside')).toBe(false);
  });
  test('laces have their own small wash where no machine runs, and shape is kept', () => {
    const steps = smelly({});
    expect(steps.steps.find((s) => s.key === 'laces-out')?.text).toContain('2 mL of mild soap');
    expect(steps.steps.find((s) => s.key === 'shape-shoes')?.text).toContain('a tree or dry paper in each');
  });
});

describe('a rung that was tried is no look over', () => {
  const rim: Stain = { soil: 'scuff', place: 'rim', part: 'outsole' };
  const whole = look([rim], { odour: 0, damage: [], loftRatio: 0.9 });
  const after = withMarks(whole, 'x', [], [], 'j', '2027-02-20T08:00:00Z');
  test('when it was looked over as a whole: of looks with something new in them their own day', () => {
    expect(lookedAt(whole)).toBe(AT);
    expect(lookedAt(after)).toBe(AT);
    expect(lookedAt(withMarks(after, 'x', [rim], [], 'k', '2027-03-01T08:00:00Z'))).toBe(AT);
    expect(lookedAt({ ...after, odour: 1, asOf: { ...after.asOf, odour: undefined } })).toBe(after.at);
    expect(lookedAt({ id: 'm', itemId: 'x', at: AT, stains: [] })).toBe(AT);
  });
  test('its uses still count, its next look is no later, and a buyer is told the day on which it was seen', () => {
    const use: LogEntry = { id: 'u', type: 'use', itemId: 'x', at: '2027-02-01T08:00:00Z' };
    expect(usesSince('x', after, [use])).toHaveLength(1);
    const due = (seen: Inspection) =>
      dueOf({ item: boots(), log: [use], seen, rhythmDays: 60, careMin: 60, today: '2027-02-20', event: null }).on;
    expect(due(after)).toBe(due(whole));
    const sheet = saleSheet({ inspections: [after], log: [use] }, boots(), [], (day) => day);
    expect(sheet.seen[0]).toContain('Looked over 2027-01-03');
    expect(sheet.unseen.join(' ')).toContain('Used once since it was looked over.');
  });
});
