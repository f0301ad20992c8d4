import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import type { Item, Kit } from '../../src/core/gear';
import { LOAD_RULES, LOAD_RULES_OF } from '../../src/core/knowledge';
import { APART_WORDS, SOFT_RISKS } from '../../src/core/telling/wash-day';
import { apartBy, carryLoad, driedOn, loadOf, memberOf, planDay, type DayRequest, type WashDay } from '../../src/core/washday';
import { askedOf, gather } from '../../src/core/washday/asked';
import { withHired } from '../../src/core/washday/hired';
import { dryerLitres } from '../../src/core/washday/loads';
import { leastVisits } from '../../src/core/washday/bounds';
import { canvas, comp, DIRTY, down, downBag, item, KIT, label, shell, warmShell, type Seen } from '../make';
import { brokenLaws } from '../wash-day-laws';

const FROM = '2027-01-09T08:00:00+01:00';
const towel = (rest: Partial<Item> = {}): Item =>
  item('towel', [comp('face', 'cotton')], { massG: 400, bulk: 'small', label: label(60, 'normal'), ...rest });
const boots = (rest: Partial<Item> = {}): Item =>
  item('studded-boot', [comp('upper', 'polyester-mesh'), comp('outsole', 'rubber')], {
    massG: 600,
    bulk: 'small',
    fittings: ['removable-studs', 'laces'],
    label: label(30, 'mild'),
    ...rest,
  });
const cloth = (rest: Partial<Item> = {}): Item =>
  item('cloth', [comp('face', 'split-microfibre')], {
    massG: 40,
    bulk: 'small',
    jobClass: 'paint',
    label: label(40, 'normal'),
    ...rest,
  });
const jersey = (rest: Partial<Item> = {}): Item =>
  item('jersey', [comp('face', 'polyester-knit'), comp('print', 'heat-press-print')], {
    massG: 200,
    bulk: 'small',
    fittings: ['print'],
    label: label(30, 'mild'),
    ...rest,
  });
const shirt = (rest: Partial<Item> = {}): Item =>
  item('base-layer', [comp('face', 'polyester-knit')], { massG: 180, bulk: 'small', label: label(40, 'normal'), ...rest });
const fur = (rest: Partial<Item> = {}): Item =>
  item('costume-body', [comp('pile', 'acrylic-pile'), comp('backing', 'polyester-knit')], {
    massG: 2000,
    bulk: 'medium',
    label: label(30, 'very-mild'),
    ...rest,
  });

interface Thing {
  readonly item: Item;
  readonly seen?: Seen;
}
/** A household with just these things, looked over a day ago. */
function kitOf(things: readonly Thing[], more: Partial<Kit> = {}): Kit {
  return {
    format: 'umbrastic/kit',
    version: 1,
    items: things.map(({ item: thing }, n) => ({ ...thing, id: `i${n}` })),
    inspections: things.map(({ seen }, n) => ({
      ...DIRTY,
      ...seen,
      id: `s${n}`,
      itemId: `i${n}`,
      at: '2027-01-08T08:00:00Z',
    })),
    ...KIT,
    ...more,
  };
}
const dayOf = (kit: Kit, more: Partial<DayRequest> = {}): { request: DayRequest; day: WashDay } => {
  const request: DayRequest = { format: 'umbrastic/day-request', version: 1, kit, from: FROM, ...more };
  return { request, day: planDay(request) };
};
const drums = (day: WashDay): string[][] => day.loads.filter((l) => l.purpose === 'wash').map((l) => [...l.itemIds].sort());
/** What keeps two things apart here. */
function between(a: Thing, b: Thing, more: Partial<Kit> = {}): { rule: string; hard: boolean } | undefined {
  const kit = kitOf([a, b], more);
  const [x, y] = kit.items.map((i) => memberOf(kit, i));
  if (!x || !y) throw new Error('two things are asked for');
  return apartBy(x, y, { together: [], apart: [], drums: dryerLitres(kit) });
}
const MACHINE = { schools: { 'JERSEY-PLACE': 'machine' } };

// Common practice, no source, but where a row says otherwise.
describe('what may share a drum, row by row', () => {
  const WHITE = { colour: { class: 'white', bleed: 'safe' } } as const;
  const rows: [string, Thing, Thing, string | undefined, boolean?][] = [
    ['a filled bag goes alone', { item: downBag() }, { item: shirt() }, 'large-filled-alone', true],
    ['two down jackets may go together', { item: down() }, { item: down() }, undefined],
    ['down goes with nothing else', { item: down() }, { item: shirt() }, 'down-two', true],
    ['two waterproof things may go together', { item: shell() }, { item: shell() }, undefined],
    ['insulated and plain may share a cleaner wash', { item: shell() }, { item: warmShell() }, undefined],
    [
      'nothing very dirty of another kind goes with a waterproof thing',
      { item: shell() },
      { item: shirt(), seen: { soil: 3 } },
      'waterproof-no-dirt',
      true,
    ],
    ['studded boots go with no clothing', { item: boots() }, { item: shirt() }, 'studs-with-towels', true],
    ['studded boots go with towels', { item: boots() }, { item: towel() }, undefined],
    ['two pairs of canvas shoes may go together', { item: canvas() }, { item: canvas() }, undefined],
    ['shoes go with no clothing', { item: canvas() }, { item: shirt(WHITE) }, 'shoes-two', true],
    [
      'white shoes go with whites only',
      { item: canvas() },
      { item: canvas({ colour: { class: 'dark', bleed: 'safe' } }) },
      'white-shoes-whites',
      true,
    ],
    ['microfibre goes with microfibre only', { item: cloth() }, { item: shirt() }, 'microfibre-only', true],
    ['cloths of one job go together', { item: cloth() }, { item: cloth() }, undefined],
    ['cloths of two jobs go apart', { item: cloth() }, { item: cloth({ jobClass: 'general' }) }, 'jobs-apart', true],
    [
      'cloths of two jobs may go together when hardly soiled',
      { item: cloth(), seen: { soil: 1 } },
      { item: cloth({ jobClass: 'general' }), seen: { soil: 1 } },
      undefined,
    ],
    ['wax goes apart', { item: cloth(), seen: { soils: ['wax'] } }, { item: cloth() }, 'greasy-apart', true],
    [
      'a colour that runs goes with its like only',
      { item: shirt({ colour: { class: 'dark', bleed: 'bleeds' } }) },
      { item: shirt({ colour: { class: 'dark', bleed: 'safe' } }) },
      'bleeds-with-like',
      true,
    ],
    [
      'a bright colour that nobody tested goes apart from paler things',
      { item: shirt({ colour: { class: 'vivid', bleed: 'unknown' } }) },
      { item: shirt(WHITE) },
      'vivid-untested',
      false,
    ],
    [
      'dark and pale go apart',
      { item: shirt({ colour: { class: 'dark', bleed: 'safe' } }) },
      { item: shirt({ colour: { class: 'light', bleed: 'safe' } }) },
      'pale-and-dark',
      false,
    ],
    [
      'white and light go apart',
      { item: shirt(WHITE) },
      { item: shirt({ colour: { class: 'light', bleed: 'safe' } }) },
      'white-and-light',
      false,
    ],
    [
      'what must not smell goes with its own only',
      { item: shirt({ marks: ['scent-critical'] }) },
      { item: shirt() },
      'scent-own',
      true,
    ],
    [
      'the filthy go apart from the hardly worn',
      { item: shirt(), seen: { soil: 4 } },
      { item: shirt(), seen: { soil: 1, odour: 3 } },
      'dirty-apart',
      false,
    ],
    ['cotton goes apart from what it would shed lint on', { item: towel() }, { item: shell() }, 'lint-apart', false],
    ['a costume goes alone', { item: fur() }, { item: shirt() }, 'costume-alone', true],
  ];
  test.each(rows)('%s', (_, a, b, rule, hard) => {
    const found = between(a, b);
    expect(found?.rule).toBe(rule);
    if (rule) expect(found?.hard).toBe(hard);
    // Asked the other way round it is the same.
    expect(between(b, a)?.rule).toBe(rule);
  });
  test('a printed jersey goes alone', () => {
    expect(between({ item: jersey() }, { item: shirt() }, { preferences: MACHINE })).toEqual({
      rule: 'jersey-alone',
      hard: false,
    });
  });
  test('every rule is tried by a row, says its sentence, and a soft one its risk', () => {
    const tried = new Set([...rows.map((r) => r[3]), 'waterproof-two', 'jersey-alone']);
    expect(LOAD_RULES_OF.filter((id) => !tried.has(id))).toEqual([]);
    for (const { id, hard } of LOAD_RULES) {
      expect(APART_WORDS[id]('A and B')).toMatch(/^A and B: .+\.$/);
      expect(SOFT_RISKS[id] !== undefined).toBe(!hard);
    }
  });
  test.each([
    ['three down jackets', [down(), down(), down()], 2],
    ['three waterproof shells', [shell(), shell(), shell()], 2],
    ['four pairs of studded boots', [boots(), boots(), boots(), boots()], 2],
    ['three pairs of studded boots', [boots(), boots(), boots()], 1],
    ['three pairs of canvas shoes', [canvas(), canvas(), canvas()], 2],
  ] as const)('%s need so many drums', (_, things, many) => {
    const { day, request } = dayOf(kitOf(things.map((t) => ({ item: t }))), { prefer: 'least-energy' });
    expect(drums(day)).toHaveLength(many);
    expect(brokenLaws(request, day)).toEqual([]);
  });
  test('boots lie with two towels at least, their own counted', () => {
    expect(dayOf(kitOf([{ item: boots() }])).day.loads[0]?.ballast).toEqual([{ what: 'towel', count: 2 }]);
    const { day } = dayOf(kitOf([{ item: boots() }, { item: towel({ count: 2 }) }]));
    expect(drums(day)).toEqual([['i0', 'i1']]);
    expect(day.loads.at(-1)?.ballast).toEqual([]);
  });
});

describe('the settings of a load', () => {
  const pair = kitOf([{ item: shell() }, { item: warmShell() }]);
  const [plain, warm] = pair.items.map((i) => memberOf(pair, i));
  const washer = plain?.drums[0]?.washer;
  test('are the meet of both, each with the one that binds it', () => {
    if (!plain || !warm || !washer) throw new Error('both are washed in the machine');
    const load = loadOf([plain, warm], washer);
    const [a, b] = [plain.made, warm.made];
    expect(load?.settings.tempC).toBe(Math.min(a.tempC, b.tempC));
    expect(load?.settings.spinRpm).toBe(Math.min(a.spinRpm, b.spinRpm));
    expect(load?.boundBy.action?.itemId).toBe('i1');
    expect(load?.settings.cleaner).toBe('technical-cleaner');
  });
  test('the dose goes by the whole mass, within the label', () => {
    const range = { supplies: [{ id: 's', class: 'plain-liquid' as const, labelDoseRangeMl: [30, 75] as [number, number] }] };
    const kit = kitOf(
      [0, 1, 2, 3].map(() => ({ item: shirt({ massG: 500 }) })),
      range,
    );
    const members = kit.items.map((i) => memberOf(kit, i));
    const machine = members[0]?.drums[0]?.washer;
    if (!machine || !members[0]) throw new Error('shirts go into the machine');
    const dose = (many: number): number => loadOf(members.slice(0, many), machine)?.settings.doseMl ?? 0;
    expect(dose(4)).toBeGreaterThan(dose(1));
    expect(dose(4)).toBeLessThanOrEqual(75);
  });
  test('what is too heavy together goes in two drums', () => {
    const heavy = kitOf([{ item: shirt({ massG: 4500 }) }, { item: shirt({ massG: 4500 }) }]);
    const { day } = dayOf(heavy);
    expect(drums(day)).toHaveLength(2);
    expect(day.apart[0]?.rule).toBe('drum');
  });
});

describe('a day', () => {
  const two = kitOf([{ item: down() }, { item: down() }]);
  test('two jackets share the washer, are lifted out together and tumble together', () => {
    const { day, request } = dayOf(two);
    expect(brokenLaws(request, day)).toEqual([]);
    expect(day.status).toBe('optimal');
    for (const verb of ['machine-wash', 'lift-wet', 'tumble'])
      expect(day.tasks.filter((t) => t.do === verb).map((t) => t.itemIds)).toEqual([['i0', 'i1']]);
    expect(day.takes.waterL).toBeLessThan(day.oneByOne.waterL);
  });
  test('a dryer too small for both keeps them apart, for down may not wait', () => {
    const dryers = [{ id: 'd1', kind: 'vented' as const, drumLitres: 80, heats: ['low' as const] }];
    const { day } = dayOf(kitOf([{ item: down() }, { item: down() }], { equipment: { ...KIT.equipment, dryers } }));
    expect(drums(day)).toHaveLength(2);
    expect(day.apart.map((a) => a.rule)).toEqual(['dryer']);
  });
  test('a machine with softener in it is purged once, before the first load that minds', () => {
    const [front] = KIT.equipment?.washers ?? [];
    const washers = front ? [{ ...front, lastLoads: ['softener' as const] }] : [];
    const kit = kitOf([{ item: shell() }, { item: down() }, { item: canvas() }], { equipment: { ...KIT.equipment, washers } });
    const { day, request } = dayOf(kit);
    expect(brokenLaws(request, day)).toEqual([]);
    expect(day.loads.filter((l) => l.purpose === 'purge')).toHaveLength(1);
    const purge = day.tasks.find((t) => t.do === 'purge-machine');
    expect(purge?.steps.map((s) => s.itemId).sort()).toEqual(['i0', 'i1']);
    expect(
      dayOf(kitOf([{ item: canvas() }], { equipment: { ...KIT.equipment, washers } })).day.loads.map((l) => l.purpose),
    ).toEqual(['wash']);
  });
  test('a scent purge stands right before what must not smell', () => {
    const quiet = { marks: ['scent-critical' as const] };
    const { day, request } = dayOf(
      kitOf([{ item: shirt(quiet) }, { item: shirt(quiet) }, { item: shirt() }], {
        supplies: [...(KIT.supplies ?? []), { id: 'u', class: 'unscented-cleaner', remainingMl: 900, labelDoseMl: 60 }],
      }),
    );
    expect(brokenLaws(request, day)).toEqual([]);
    const order = day.loads.map((l) => l.purpose);
    expect(order.filter((p) => p === 'scent-purge')).toHaveLength(1);
    const purge = order.indexOf('scent-purge');
    expect(day.loads[purge + 1]?.itemIds).toEqual(['i0', 'i1']);
    expect(day.loads[purge + 1]?.settings.cleaner).toBe('unscented-cleaner');
  });
  test('hours, quiet and limits hold, and an impossible day says why and what would help', () => {
    const { day, request } = dayOf(two, { until: '2027-01-09T10:00:00+01:00' });
    expect(day.status).toBe('impossible');
    expect(day.impossible?.because.map((b) => b.rule)).toEqual(['chain', 'chain']);
    const until = day.impossible?.remedies.find((r) => r.change.until !== undefined);
    expect(until?.finish).toBe(until?.change.until);
    const again = planDay({ ...request, ...until?.change });
    expect(again.status).not.toBe('impossible');
    expect(again.finish).toBe(until?.finish);
  });
  test('hours that never suffice: what can be said is said, and nothing is thrown', () => {
    const { day } = dayOf(two, {
      hands: [{ name: 'Bo', windows: [{ from: '2027-01-09T09:00:00+01:00', to: '2027-01-09T09:10:00+01:00' }] }],
    });
    expect(day.status).toBe('impossible');
    expect(day.impossible?.because[0]?.rule).toBe('never');
    expect(day.impossible?.remedies.length).toBeGreaterThan(0);
  });
  test('without machines, without things, with things that need nothing: an answer all the same', () => {
    expect(dayOf(kitOf([])).day).toMatchObject({ status: 'optimal', tasks: [], loads: [] });
    const bare = dayOf(kitOf([{ item: shell() }], { equipment: {} }));
    expect(brokenLaws(bare.request, bare.day)).toEqual([]);
    const clean = dayOf(kitOf([{ item: shell(), seen: { soil: 0, odour: 0 } }]), { items: ['i0'] });
    expect(clean.day.leftOut).toHaveLength(1);
  });
  test('the wish to keep two apart is kept; the wish for two together passes a soft rule and never a hard one', () => {
    const things = kitOf([
      { item: shirt({ colour: { class: 'dark', bleed: 'safe' } }) },
      { item: shirt({ colour: { class: 'light', bleed: 'safe' } }) },
      { item: down() },
    ]);
    expect(drums(dayOf(things).day)).toHaveLength(3);
    expect(drums(dayOf(things, { together: [['i0', 'i1']] }).day)).toContainEqual(['i0', 'i1']);
    const refused = dayOf(things, { together: [['i0', 'i2']] }).day;
    expect(drums(refused)).toHaveLength(3);
    expect(refused.apart.find((a) => a.itemIds.includes('i2') && a.itemIds.includes('i0'))).toMatchObject({
      rule: 'down-two',
      hard: true,
    });
    const alike = kitOf([{ item: shell() }, { item: shell() }]);
    expect(drums(dayOf(alike, { apart: [['i0', 'i1']] }).day)).toHaveLength(2);
  });
  test('what has begun stays where it is, and the rest moves behind it', () => {
    const { day, request } = dayOf(two);
    const first = day.tasks.filter((t) => t.from < '2027-01-09T09:00');
    const late: DayRequest = { ...request, from: '2027-01-09T12:00:00+01:00', begun: first };
    const moved = planDay(late);
    for (const task of first)
      expect(
        moved.tasks.find((t) => t.steps[0]?.stepId === task.steps[0]?.stepId && t.itemIds.join() === task.itemIds.join()),
      ).toMatchObject({
        from: task.from,
      });
  });
  test('what has begun is not given to somebody who was not there, nor asked of anybody when nobody was', () => {
    const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
    const from = '2027-01-08T09:15:00Z';
    const hours = (begin: string): { from: string; to: string }[] => [
      { from: `2027-01-08T${begin}Z`, to: '2027-01-08T21:00:00Z' },
    ];
    const ask = { items: ['itm-bib', 'itm-softshell'], from };
    for (const first of ['08:00:00', '09:40:00']) {
      const { request, day } = dayOf(kit, { ...ask, hands: [{ name: 'Bo', windows: hours('08:00:00') }] });
      const begun = day.tasks.slice(0, 1);
      const hands = [
        { name: 'Bo', windows: hours(first) },
        { name: 'Runa', windows: hours('10:00:00') },
      ];
      const moved = planDay({ ...request, hands, begun });
      expect(moved.status).not.toBe('impossible');
      expect(moved.tasks.find((t) => t.steps[0]?.stepId === begun[0]?.steps[0]?.stepId)?.from).toBe(begun[0]?.from);
    }
  });
  test('preferring few visits needs fewer of them, preferring little energy takes less, and neither is earlier', () => {
    const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
    const of = (items: string[], prefer: DayRequest['prefer']): WashDay =>
      dayOf(kit, { items, ...(prefer ? { prefer } : {}) }).day;
    const few = ['itm-bib', 'itm-softshell', 'itm-socks', 'itm-jersey'];
    const earliest = of(few, 'earliest');
    expect(of(few, 'fewest-visits').visits).toBeLessThan(earliest.visits);
    expect(Date.parse(earliest.finish)).toBeLessThanOrEqual(Date.parse(of(few, 'fewest-visits').finish));
    const three = kitOf([boots(), boots(), boots()].map((one) => ({ item: one })));
    const [soon, saving] = [dayOf(three).day, dayOf(three, { prefer: 'least-energy' }).day];
    expect(saving.takes.kWh).toBeLessThan(soon.takes.kWh);
    expect(Date.parse(soon.finish)).toBeLessThan(Date.parse(saving.finish));
  });
  test('a short line takes one after the other, a second pair of hands saves time, an own limit counts', () => {
    const shirts = [0, 1, 2].map(() => ({ item: shirt() }));
    const line = (metres: number): DayRequest['kit'] =>
      kitOf(shirts, { equipment: { ...KIT.equipment, racks: [{ id: 'r', kind: 'line', metres }] } });
    expect(Date.parse(dayOf(line(0.7)).day.finish)).toBeGreaterThan(Date.parse(dayOf(line(5)).day.finish));
    // A line that nobody measured has room for all, and that is said.
    const unmeasured = kitOf(shirts, { equipment: { ...KIT.equipment, racks: [{ id: 'r', kind: 'line' }] } });
    expect(dayOf(unmeasured).day.assumptions.join()).toContain('length is not known');
    expect(dayOf(line(5)).day.assumptions.join()).not.toContain('length is not known');
    const hand = kitOf([0, 1, 2].map(() => ({ item: jersey() })));
    const alone = dayOf(hand, { hands: [{ name: 'a' }] }).day;
    expect(Date.parse(dayOf(hand, { hands: [{ name: 'a' }, { name: 'b' }] }).day.finish)).toBeLessThan(Date.parse(alone.finish));
    const late = dayOf(two, { due: { i1: '2027-01-09T09:00:00+01:00' } }).day;
    expect(late.status).toBe('impossible');
    expect(late.impossible?.because.map((b) => b.itemIds)).toContainEqual(['i1']);
  });
  test('money is told of what has a price only, and hours of hands on both sides', () => {
    const { day } = dayOf(two);
    expect(day.takes.money).toBeUndefined();
    expect(day.takes.unpriced).toBe(true);
    const priced = dayOf({ ...two, preferences: { prices: { electricityPerKWh: 0.3, waterPerM3: 4 }, currency: 'EUR' } }).day;
    expect(priced.takes.money?.amount).toBeGreaterThan(0);
    expect(day.takes.hours).toBeCloseTo(day.handsMin / 60, 6);
    expect(day.takes.hours).toBeLessThan(day.oneByOne.hours ?? 0);
  });
});

describe('what the day itself sets', () => {
  const front = (KIT.equipment?.washers ?? []).slice(0, 1);
  const yellow: Seen = { soil: 3, stains: [{ soil: 'yellowing', place: 'rubber toe' }] };
  const peroxide = [...(KIT.supplies ?? []), { id: 'px', class: 'peroxide-cream' as const, remainingMl: 100 }];
  const hourOf = (instant: string): number => Number(instant.slice(11, 13)) + Number(instant.slice(14, 16)) / 60;

  // Sun sessions in daylight: common practice, no source.
  test('a session in the sun lies in daylight, and waits for the morning when it is late', () => {
    const kit = kitOf([{ item: canvas(), seen: yellow }], { supplies: peroxide });
    for (let hour = 0; hour < 24; hour += 3) {
      const { day, request } = dayOf(kit, { from: `2027-01-09T${String(hour).padStart(2, '0')}:00:00+01:00` });
      expect(brokenLaws(request, day)).toEqual([]);
      const session = day.tasks.find((t) => t.do === 'treat-yellow-rubber');
      if (!session) throw new Error('the rubber is treated');
      expect(hourOf(session.from)).toBeGreaterThanOrEqual(9);
      expect(hourOf(session.to)).toBeLessThanOrEqual(17);
      expect(day.assumptions).toContain('What works by the sun is put between 09:00 and 17:00; look whether it shines.');
    }
    const without = dayOf(kitOf([{ item: shell() }])).day;
    expect(without.assumptions.join()).not.toContain('the sun');
  });
  test('what soaks in the drum has the drum to itself meanwhile; with a basin it has not', () => {
    const things = [
      { item: canvas(), seen: { soil: 3 } as Seen },
      { item: shirt(), seen: { soil: 3 } as Seen },
    ];
    const { day, request } = dayOf(kitOf(things, { equipment: { ...KIT.equipment, washers: front } }));
    expect(brokenLaws(request, day)).toEqual([]);
    const soak = day.tasks.find((t) => t.do === 'soak');
    expect(soak?.on).toBe('w1');
    const others = day.tasks.filter((t) => t !== soak && t.on === 'w1');
    expect(others.length).toBeGreaterThan(1);
    for (const t of others) expect(t.to <= soak!.from || t.from >= soak!.to).toBe(true);
    expect(dayOf(kitOf(things)).day.tasks.find((t) => t.do === 'soak')?.on).toBe('rest');
    // Only what soaks keeps the drum; the neighbours hear nothing of it.
    const night = [{ from: '2027-01-09T07:00:00+01:00', to: '2027-01-09T11:00:00+01:00' }];
    const quiet = dayOf(kitOf(things.slice(0, 1), { equipment: { ...KIT.equipment, washers: front } }), { quiet: night }).day;
    expect(quiet.tasks.find((t) => t.do === 'soak')!.from < '2027-01-09T11:00').toBe(true);
    expect(quiet.tasks.find((t) => t.do === 'machine-wash')!.from >= '2027-01-09T11:00').toBe(true);
  });
  test('a fan for the day makes an impossible one possible, as it says; where one stands it is not offered', () => {
    const kit = kitOf([{ item: jersey() }], { equipment: { ...KIT.equipment, room: { airC: 18, rhPercent: 60 } } });
    const helped = dayOf(withHired(kit, ['fan'])).day;
    expect(Date.parse(helped.finish)).toBeLessThan(Date.parse(dayOf(kit).day.finish));
    const { day, request } = dayOf(kit, { until: helped.finish });
    expect(day.status).toBe('impossible');
    const remedy = day.impossible?.remedies.find((r) => r.change.add === 'fan');
    expect(remedy?.finish).toBe(helped.finish);
    const again = planDay({ ...request, kit: withHired(kit, ['fan']) });
    expect(again.status).not.toBe('impossible');
    const there = dayOf(withHired(kit, ['fan']), { until: '2027-01-09T08:30:00+01:00' }).day;
    expect(there.impossible?.remedies.some((r) => r.change.add === 'fan')).toBe(false);
  });
  test('what only a large dryer dries is in the day when one is at hand, and in no other kit’s dryer', () => {
    const kit = kitOf([{ item: downBag() }], { equipment: { ...KIT.equipment, dryers: [] } });
    expect(dayOf(kit).day.leftOut[0]?.text).toContain('a large dryer elsewhere');
    const hired = withHired(kit, ['dryer']);
    expect(withHired(hired, ['dryer'])).toBe(hired);
    const { day, request } = dayOf(hired);
    expect(brokenLaws(request, day)).toEqual([]);
    expect(day.tasks.find((t) => t.do === 'tumble')).toMatchObject({ on: 'launderette-dryer' });
    expect(day.tasks.find((t) => t.do === 'tumble')?.text).toContain('Launderette dryer');
    // A dryer of one's own that fits is taken first.
    const own = dayOf(withHired(kitOf([{ item: down() }]), ['dryer'])).day;
    expect(own.tasks.find((t) => t.do === 'tumble')?.on).toBe('d1');
  });
  const small = (id: string) => ({ id, kind: 'vented' as const, drumLitres: 80, heats: ['low' as const] });
  const twoDryers = { ...KIT.equipment, dryers: [small('d1'), small('d2')] };
  test('two dryers of one’s own turn at the same time, and two jackets share a drum for it', () => {
    const things = [{ item: down() }, { item: down() }];
    const one = dayOf(kitOf(things, { equipment: { ...KIT.equipment, dryers: [small('d1')] } })).day;
    const kit = kitOf(things, { equipment: twoDryers });
    const { day, request } = dayOf(kit);
    expect(brokenLaws(request, day)).toEqual([]);
    expect(day.status).toBe('optimal');
    const turns = day.tasks.filter((t) => t.do === 'tumble');
    expect(turns.map((t) => t.on).sort()).toEqual(['d1', 'd2']);
    expect(drums(day)).toEqual([['i0', 'i1']]);
    expect(turns[0]!.from < turns[1]!.to && turns[1]!.from < turns[0]!.to).toBe(true);
    expect(Date.parse(day.finish)).toBeLessThan(Date.parse(one.finish));
    // Each is carried out in the dryer that the day turns it in.
    const [load] = day.loads;
    const carried = carryLoad(kit, day, load!);
    for (const { item: thing, programme } of carried)
      for (const step of programme.steps)
        if (step.do === 'tumble') expect(step.settings.dryerId).toBe(turns.find((t) => t.itemIds.includes(thing.id))?.on);
    for (const thing of kit.items)
      expect(driedOn(day, memberOf(kit, thing)).steps.find((s) => s.do === 'tumble')?.settings.dryerId).toBe(
        turns.find((t) => t.itemIds.includes(thing.id))?.on,
      );
    // What turns already stays where it turns.
    const begun = day.tasks.filter((t) => t.from < turns[1]!.to);
    const later = dayOf(kit, { begun, from: turns[1]!.from }).day;
    expect(later.tasks.filter((t) => t.do === 'tumble').map((t) => [t.itemIds, t.on])).toEqual(
      turns.map((t) => [t.itemIds, t.on]),
    );
  });
  test('little energy: a thing turns in the dryer that takes less of it', () => {
    const pump = { id: 'd0', kind: 'heat-pump' as const, drumLitres: 110, heats: ['low' as const] };
    const equipment = { ...KIT.equipment, dryers: [pump, { ...small('d9'), drumLitres: 120 }] };
    const kit = kitOf([{ item: down() }], { equipment });
    const on = (prefer: 'earliest' | 'least-energy'): string | undefined =>
      dayOf(kit, { prefer }).day.tasks.find((t) => t.do === 'tumble')?.on;
    expect(on('least-energy')).toBe('d0');
    expect(on('earliest')).toBe('d9');
    const [thrifty, soon] = (['least-energy', 'earliest'] as const).map((prefer) => dayOf(kit, { prefer }).day.takes.kWh);
    expect(thrifty).toBeLessThan(soon!);
  });
  test('a launderette’s dryer beside one’s own busy one makes an impossible day possible; where the day fits it stays unused', () => {
    const kit = kitOf([{ item: down() }, { item: down() }], { equipment: { ...KIT.equipment, dryers: [small('d1')] } });
    const own = dayOf(kit).day;
    const hired = withHired(kit, ['dryer']);
    const unhurried = dayOf(hired).day;
    expect(unhurried.tasks.filter((t) => t.do === 'tumble').map((t) => t.on)).toEqual(['d1', 'd1']);
    expect(unhurried.finish).toBe(own.finish);
    const until = new Date(Date.parse(own.finish) - 1_800_000).toISOString();
    const { day } = dayOf(kit, { until });
    expect(day.status).toBe('impossible');
    const remedy = day.impossible?.remedies.find((r) => r.change.add === 'dryer');
    expect(remedy).toBeDefined();
    const { day: again, request } = dayOf(hired, { until });
    expect(brokenLaws(request, again)).toEqual([]);
    expect(again.status).not.toBe('impossible');
    expect(again.finish <= remedy!.finish).toBe(true);
    expect(again.tasks.filter((t) => t.do === 'tumble' && t.on === 'launderette-dryer')).toHaveLength(1);
  });
  test('a dryer that turns for two turns once: its motor is counted once, its warmth for each', () => {
    const two = kitOf([{ item: down() }, { item: down() }]);
    const { day } = dayOf(two);
    const tumble = day.tasks.find((t) => t.do === 'tumble');
    expect(tumble?.itemIds).toHaveLength(2);
    const apart = dayOf(two, { apart: [['i0', 'i1']] }).day;
    const drumsApart = apart.tasks.filter((t) => t.do === 'tumble');
    expect(drumsApart).toHaveLength(2);
    const step = memberOf(two, two.items[0] as Item).steps.find((s) => s.do === 'tumble');
    // One drum of the dryer less, at its own figure of 0.22 kW, and one run of the washer.
    const motor = (0.22 * (step?.unattendedMin ?? 0)) / 60;
    const washer = dayOf(kitOf([{ item: down() }])).day;
    expect(apart.takes.kWh - day.takes.kWh).toBeGreaterThanOrEqual(motor);
    expect(2 * washer.takes.kWh - apart.takes.kWh).toBeCloseTo(0, 1);
  });
  test('the fewest turns: never fewer than the bound, and proved where it is met', () => {
    const seen: Seen[] = [{ soil: 1 }, { soil: 2 }, { soil: 3 }];
    const things = [shirt(), shell(), down(), canvas(), jersey(), towel()];
    const statuses: string[] = [];
    for (let n = 0; n < 24; n++) {
      const some = things.filter((_, k) => ((n + 3) >> (k % 4)) & 1 || k === n % things.length).slice(0, 3);
      const kit = kitOf(some.map((one, k) => ({ item: one, seen: seen[(n + k) % 3]! })));
      const request: DayRequest = { format: 'umbrastic/day-request', version: 1, kit, from: FROM };
      const asked = askedOf(request, gather(request).members);
      const least = leastVisits(asked);
      for (const prefer of ['earliest', 'fewest-visits', 'least-energy'] as const) {
        const day = planDay({ ...request, prefer });
        expect(day.visits).toBeGreaterThanOrEqual(least);
        if (prefer === 'fewest-visits') {
          statuses.push(day.status);
          if (day.status === 'optimal') expect(day.visits).toBe(least);
        }
      }
    }
    expect(statuses).toContain('optimal');
    expect(statuses).toContain('planned');
    // One jacket in a household of one drum: every pause of its chain is a turn.
    const lone = dayOf(kitOf([{ item: canvas(), seen: yellow }], { supplies: peroxide }), { prefer: 'fewest-visits' }).day;
    expect(lone.status).toBe('optimal');
  });
});

describe('the laws themselves can fail', () => {
  const { request, day } = dayOf(kitOf([{ item: shell() }, { item: shirt(), seen: { soil: 3 } }]));
  const shifted = (by: number): WashDay => ({
    ...day,
    tasks: day.tasks.map((t, n) =>
      n === by ? { ...t, from: day.tasks[0]?.from ?? t.from, to: day.tasks[0]?.to ?? t.to, attended: [] } : t,
    ),
  });
  test.each([
    ['a task out of its order', shifted(day.tasks.length - 1)],
    ['a step that nobody does', { ...day, tasks: day.tasks.slice(1) }],
    ['a load that is too warm', { ...day, loads: day.loads.map((l) => ({ ...l, settings: { ...l.settings, tempC: 90 } })) }],
    ['too few rinses', { ...day, loads: day.loads.map((l) => ({ ...l, settings: { ...l.settings, rinses: 0 } })) }],
    ['a bound beyond the answer', { ...day, bound: { ...day.bound, finish: '2027-02-09T08:00:00+01:00' } }],
    ['a wrong finish', { ...day, finish: '2027-02-09T08:00:00+01:00' }],
    ['visits miscounted', { ...day, visits: day.visits + 1 }],
  ] as [string, WashDay][])('%s', (_, wrong) => {
    expect(brokenLaws(request, day)).toEqual([]);
    expect(brokenLaws(request, wrong)).not.toEqual([]);
  });
});
