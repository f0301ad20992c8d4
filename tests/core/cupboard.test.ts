import { describe, expect, test } from 'vitest';
import { alternatives, mostTogether, takes } from '../../src/core/energy/takes';
import type { Equipment, Item, LogEntry, Supply, UpkeepTask, Washer } from '../../src/core/gear';
import type { Programme } from '../../src/core/document';
import { plan, writeProgramme } from '../../src/core/programme';
import {
  addRinse,
  answerCheck,
  current,
  finishStep,
  fillsOnce,
  skipStep,
  startRun,
  timerMinutes,
  type Run,
} from '../../src/core/run';
import { finishPurge, finishRun } from '../../src/core/run/finish';
import { clashAt, vesselsAfter, withStanding } from '../../src/core/run/meet';
import { rinseAfter, rinsedIn } from '../../src/core/run/rinsed';
import { costPerWash, inOrder, isExpired, leftOf, neverMatrix, shoppingFor, washesLeft } from '../../src/core/supplies';
import { cleanEnough, lastDone, purgeProgramme, upkeepOf } from '../../src/core/upkeep';
import {
  CLEAN,
  DIRTY,
  doing,
  down,
  downBag,
  item,
  comp,
  KIT,
  programme,
  shell,
  label,
  supply,
  type KitPart,
  type Seen,
} from '../make';

const made = (thing: Item, seen: Seen = DIRTY, kit: KitPart = {}) =>
  plan({ item: thing, inspection: { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...seen }, kit: { ...KIT, ...kit } });
const TODAY = '2027-02-01';

describe('supplies', () => {
  const bottle = (id: string, rest: Partial<Supply> = {}): Supply => ({ id, class: 'down-cleaner', ...rest });
  test('what can still serve of a class, as it is listed: an empty bottle and a used-up set cannot, one without an amount can', () => {
    const other = bottle('o', { class: 'acetone' });
    const list = [
      bottle('b', { remainingMl: 5 }),
      bottle('e', { remainingMl: 0 }),
      other,
      bottle('u', { remainingCount: 0 }),
      bottle('a'),
    ];
    expect(leftOf(list, 'down-cleaner').map((s) => s.id)).toEqual(['b', 'a']);
    expect(leftOf(list, 'acetone')).toEqual([other]);
    expect(leftOf(list, 'vinegar')).toEqual([]);
  });
  test('washes left and cost a wash come from the label, or are not known', () => {
    expect(washesLeft(bottle('a', { remainingMl: 299, labelDoseMl: 100 }))).toBe(2);
    expect(washesLeft(bottle('a', { remainingMl: 200, labelDoseRangeMl: [60, 140] }))).toBe(2);
    expect(washesLeft(bottle('a', { remainingMl: 299 }))).toBeNull();
    expect(costPerWash(bottle('a', { price: { amount: 12, currency: 'EUR' }, sizeMl: 300, labelDoseMl: 100 }))).toBeCloseTo(4, 9);
    expect(costPerWash(bottle('a', { price: { amount: 12, currency: 'EUR' }, labelDoseMl: 100 }))).toBeNull();
  });
  test('enough comes before liked, liked before full, and cheap only where it is wished', () => {
    const full = bottle('full', { remainingMl: 900, price: { amount: 90, currency: 'EUR' }, sizeMl: 900, labelDoseMl: 100 });
    const green = bottle('green', {
      remainingMl: 300,
      traits: ['plant-based'],
      price: { amount: 9, currency: 'EUR' },
      sizeMl: 300,
      labelDoseMl: 100,
    });
    const last = bottle('last', { remainingMl: 20, traits: ['plant-based', 'perfume-free'] });
    const order = (prefer: Parameters<typeof inOrder>[2]): string[] =>
      inOrder([last, full, green], () => 100, prefer).map((s) => s.id);
    expect(order([])).toEqual(['full', 'green', 'last']);
    expect(order(['plant-based'])).toEqual(['green', 'full', 'last']);
    expect(order(['low-cost'])).toEqual(['green', 'full', 'last']);
  });
  test('a preference chooses the bottle and never the class, nor refuses anything', () => {
    const kit: KitPart = {
      supplies: [
        bottle('a', { remainingMl: 900, labelDoseMl: 100 }),
        bottle('b', { remainingMl: 300, labelDoseMl: 60, traits: ['perfume-free'] }),
      ],
    };
    const plain = made(down(), DIRTY, kit);
    const wished = made(down(), DIRTY, { ...kit, preferences: { prefer: ['perfume-free'] } });
    expect([plain.bottle?.id, wished.bottle?.id]).toEqual(['a', 'b']);
    expect([plain.dose?.ml, wished.dose?.ml]).toEqual([100, 60]);
    expect(wished.cleaner).toBe(plain.cleaner);
    expect(wished.refusals).toEqual(plain.refusals);
    expect(doing(writeProgramme(wished), 'machine-wash')?.settings.supplyId).toBe('b');
  });
  test('the shopping list adds up what all plans take, shares what is kept, and counts no expired bottle', () => {
    const needs = [
      { itemId: 'a', class: 'down-cleaner' as const, ml: 100 },
      { itemId: 'b', class: 'down-cleaner' as const, ml: 120 },
      { itemId: 'a', class: 'dryer-balls' as const, count: 2 },
      { itemId: 'b', class: 'dryer-balls' as const, count: 3 },
    ];
    expect(shoppingFor(needs, [bottle('s', { remainingMl: 150 }), supply('dryer-balls', { remainingCount: 3 })], TODAY)).toEqual([
      { class: 'down-cleaner', needMl: 220, buyMl: 70, forItems: ['a', 'b'] },
    ]);
    expect(shoppingFor(needs, [bottle('s', { remainingMl: 900, expiresOn: '2027-01-31' })], TODAY)).toEqual([
      { class: 'down-cleaner', needMl: 220, buyMl: 220, forItems: ['a', 'b'] },
      { class: 'dryer-balls', buyCount: 3, forItems: ['a', 'b'] },
    ]);
    expect(shoppingFor(needs, [bottle('s'), supply('dryer-balls')], TODAY)).toEqual([]);
    expect(isExpired(bottle('s', { expiresOn: TODAY }), TODAY)).toBe(false);
  });
  test('the matrix is its own mirror, and every deadly pair is in it (common practice)', () => {
    const { classes, cells } = neverMatrix();
    const place = (name: string): number => classes.findIndex((c) => c === name);
    const at = (a: string, b: string) => cells[place(a)]?.[place(b)]?.id;
    classes.forEach((a) => classes.forEach((b) => expect(at(a, b)).toBe(at(b, a))));
    expect(at('chlorine-bleach', 'vinegar')).toBe('chlorine-acid');
    expect(at('peroxide-cream', 'vinegar')).toBe('peroxide-acid');
    expect(at('peroxide-cream', 'chlorine-bleach')).toBe('peroxide-bleach');
    expect(at('oxygen-booster', 'chlorine-bleach')).toBe('two-bleaches');
  });
});

describe('figures of one’s own', () => {
  const ranged: KitPart = {
    supplies: [supply('down-cleaner', { remainingMl: 900, labelDoseMl: 90, labelDoseRangeMl: [60, 120] })],
  };
  const why = (p: Programme, verb: string): string[] => doing(p, verb)?.why.map((w) => w.rule) ?? [];
  test('a dose inside the label is taken and says so; outside it is listed with its reason', () => {
    const taken = programme(down({ own: { dosesMl: { 'down-cleaner': 70 } } }), DIRTY, ranged);
    expect(doing(taken, 'machine-wash')?.settings.doseMl).toBe(70);
    expect(why(taken, 'machine-wash')).toContain('own-dose');
    const refused = programme(down({ own: { dosesMl: { 'down-cleaner': 200 } } }), DIRTY, ranged);
    expect(doing(refused, 'machine-wash')?.settings.doseMl).toBe(90);
    expect(refused.blocked.find((b) => b.option === 'own-dose')?.text).toMatch(/outside what the bottle’s label/);
    const exact = programme(down({ own: { dosesMl: { 'down-cleaner': 90 } } }), DIRTY);
    expect(doing(exact, 'machine-wash')?.settings.doseMl).toBe(100);
  });
  test('rinses: more are added, too few are refused', () => {
    const more = made(down({ own: { drumRinses: 5 } }));
    expect(more.cycleRinses + more.extraRinses).toBe(5);
    expect(why(writeProgramme(more), 'machine-rinse')).toContain('own-rinses');
    expect(programme(shell({ own: { drumRinses: 1 } }), DIRTY).blocked.map((b) => b.rule)).toContain('own-rinses-refused');
    const bath = made(downBag({ own: { bathRinses: 7 } }), DIRTY, { preferences: { schools: { 'DOWN-PLACE': 'bathtub' } } });
    expect(bath.bathRinses).toBe(7);
  });
  test('temperature: cooler is taken, warmer stays at what it bears', () => {
    expect(made(shell({ own: { tempC: 20 } })).tempC).toBe(20);
    const hot = programme(shell({ own: { tempC: 60 } }), DIRTY);
    expect(doing(hot, 'machine-wash')?.settings.tempC).toBe(40);
    expect(hot.blocked.map((b) => b.rule)).toContain('own-temp-refused');
  });
});

describe('which of one’s own figures are refused, and only those', () => {
  const bath: KitPart = { preferences: { schools: { 'DOWN-PLACE': 'bathtub' } } };
  const ranged: KitPart = {
    supplies: [supply('down-cleaner', { remainingMl: 900, labelDoseMl: 90, labelDoseRangeMl: [60, 120] })],
  };
  const own = (thing: Item, seen: Seen, kit: KitPart = {}): string[] =>
    made(thing, seen, kit)
      .refusals.filter((r) => r.option.startsWith('own-'))
      .map((r) => `${r.option} ${r.rule}`);
  const DOSE = 'own-dose own-dose-refused';
  const RINSES = 'own-rinses own-rinses-refused';
  const TEMP = 'own-temp own-temp-refused';
  test.each([
    ['nothing of one’s own', down(), DIRTY, ranged, []],
    ['an empty list', down({ own: {} }), DIRTY, ranged, []],
    ['a dose inside', down({ own: { dosesMl: { 'down-cleaner': 60 } } }), DIRTY, ranged, []],
    ['a dose above', down({ own: { dosesMl: { 'down-cleaner': 121 } } }), DIRTY, ranged, [DOSE]],
    ['a dose below', down({ own: { dosesMl: { 'down-cleaner': 59 } } }), DIRTY, ranged, [DOSE]],
    ['a dose of a cleaner that is not used', down({ own: { dosesMl: { 'plain-liquid': 500 } } }), DIRTY, ranged, []],
    ['a dose where nothing is washed', down({ own: { dosesMl: { 'down-cleaner': 999 } } }), CLEAN, ranged, []],
    ['one rinse where the programme does two', shell({ own: { drumRinses: 1 } }), DIRTY, {}, [RINSES]],
    ['as many as the programme does', shell({ own: { drumRinses: 2 } }), DIRTY, {}, []],
    ['more', shell({ own: { drumRinses: 6 } }), DIRTY, {}, []],
    ['one rinse where nothing is washed', shell({ own: { drumRinses: 1 } }), CLEAN, {}, []],
    ['drum rinses where it is bathed', downBag({ own: { drumRinses: 1 } }), DIRTY, bath, []],
    ['one fill in a bath', downBag({ own: { bathRinses: 1 } }), DIRTY, bath, [RINSES]],
    ['many fills in a bath', downBag({ own: { bathRinses: 9 } }), DIRTY, bath, []],
    ['one fill by hand', shell({ own: { bathRinses: 1 }, label: label(40, 'hand') }), DIRTY, {}, [RINSES]],
    ['fills of a bath where a drum does it', shell({ own: { bathRinses: 1 } }), DIRTY, {}, []],
    ['fills where nothing is washed', downBag({ own: { bathRinses: 1 } }), CLEAN, bath, []],
    ['too warm', shell({ own: { tempC: 41 } }), DIRTY, {}, [TEMP]],
    ['as warm as it bears', shell({ own: { tempC: 40 } }), DIRTY, {}, []],
    ['cold', shell({ own: { tempC: 15 } }), DIRTY, {}, []],
    ['too warm where nothing is washed', shell({ own: { tempC: 90 } }), CLEAN, {}, []],
    [
      'all three',
      shell({ own: { tempC: 90, drumRinses: 1, dosesMl: { 'technical-cleaner': 9 } } }),
      DIRTY,
      {},
      [DOSE, RINSES, TEMP],
    ],
  ] as const)('%s', (_, thing, seen, kit, expected) => expect(own(thing, seen, kit)).toEqual(expected));
});

describe('machines', () => {
  test('a dryer setting that measured too hot for the mark is passed over (ISO 3758: low is 60 °C at most)', () => {
    const dryer = (heatC: Record<string, number>): KitPart => ({
      equipment: { ...KIT.equipment, dryers: [{ id: 'd1', kind: 'vented', drumLitres: 112, heatC }] },
    });
    expect(doing(programme(down(), DIRTY, dryer({ low: 58 })), 'tumble')?.settings.heat).toBe('low');
    expect(doing(programme(down(), DIRTY, dryer({ low: 61 })), 'tumble')?.settings.heat).toBe('air');
  });
  test('an iron too hot at one dot leaves the finish to another way; an unmeasured one is trusted', () => {
    const thing = shell({ label: label(40, 'mild', { tumble: 'none', ironMaxC: 110 }) });
    const with_ = (oneDotC?: number) =>
      programme(
        thing,
        { ...CLEAN, droplet: { hood: 3 } },
        {
          equipment: { ...KIT.equipment, irons: [{ id: 'i', ...(oneDotC ? { oneDotC } : {}) }] },
        },
      );
    expect(doing(with_(), 'heat-iron')).toBeDefined();
    expect(doing(with_(110), 'heat-iron')).toBeDefined();
    expect(doing(with_(130), 'heat-iron')).toBeUndefined();
  });
  test('the line that is owned is named', () =>
    expect(
      doing(
        programme(shell({ label: label(40, 'mild', { tumble: 'none' }) }), DIRTY, {
          equipment: { ...KIT.equipment, racks: [{ id: 'r', kind: 'line', name: 'Attic line' }] },
        }),
        'line-dry',
      )?.text,
    ).toContain('(“Attic line”)'));

  const entry = (machineId: string, task: UpkeepTask, on: string): LogEntry => ({
    id: `${machineId}-${task}-${on}`,
    type: 'upkeep',
    at: `${on}T10:00:00Z`,
    machineId,
    tasks: [task],
  });
  const washer: Washer = { id: 'w1', kind: 'front-loader' };
  test('upkeep: monthly hot cycle, descaling sooner in harder water, due first, unknown said (common practice, no source)', () => {
    const at = (mgPerL: number) =>
      upkeepOf(
        { washers: [washer], waterHardnessMgPerL: mgPerL },
        [entry('w1', 'descale', '2026-11-20'), entry('w1', 'hot-empty', '2026-12-30')],
        TODAY,
      );
    const task = (mgPerL: number, name: string) => at(mgPerL).find((l) => l.task === name);
    expect(task(40, 'descale')?.state).toBe('fine');
    expect(task(250, 'descale')).toMatchObject({ state: 'due', dueOn: '2027-01-19' });
    expect(task(40, 'hot-empty')).toMatchObject({ state: 'due', dueOn: '2027-01-29', lastOn: '2026-12-30' });
    expect(task(40, 'drawer')?.state).toBe('unknown');
    expect(at(40)[0]?.state).toBe('due');
    const every = [40, 100, 150, 250].map((mg) => task(mg, 'descale')?.everyDays ?? 0);
    expect([...every].sort((a, b) => b - a)).toEqual(every);
    expect(lastDone([entry('w1', 'hot-empty', '2026-12-01'), entry('w1', 'hot-empty', '2027-01-01')], 'w1', 'hot-empty')).toBe(
      '2027-01-01',
    );
  });
  test('lint is due after the dryer ran, until it is cleared', () => {
    const ran: LogEntry = { id: 'c', type: 'care', itemId: 'x', at: '2027-01-30T10:00:00Z', dryerId: 'd1' };
    const state = (log: LogEntry[]) =>
      upkeepOf({ dryers: [{ id: 'd1', kind: 'vented' }] }, log, TODAY).find((l) => l.task === 'lint')?.state;
    expect([state([]), state([ran]), state([ran, entry('d1', 'lint', '2027-01-31')])]).toEqual(['habit', 'due', 'habit']);
  });
  test('clean enough? what stands, what is left, how long since the hot cycle, each for the load that minds', () => {
    const minds = { sensitive: true, scentFree: false, coloured: true };
    const hardy = { sensitive: false, scentFree: false, coloured: false };
    const hot = [entry('w1', 'hot-empty', '2027-01-20')];
    const say = (w: Partial<Washer>, asks = minds, log = hot) => cleanEnough({ ...washer, ...w }, asks, log, TODAY);
    expect(say({})).toEqual({ verdict: 'clean', reasons: ['clean'] });
    expect(say({ lastLoads: ['softener', 'perfume'] })).toEqual({ verdict: 'purge', reasons: ['softener'] });
    expect(say({ lastLoads: ['softener'] }, hardy).verdict).toBe('clean');
    expect(say({ lastLoads: ['workshop'] }, hardy).verdict).toBe('purge');
    expect(say({ lastLoads: ['perfume'] }, { ...hardy, scentFree: true }).reasons).toEqual(['perfume']);
    expect(say({}, minds, [])).toEqual({ verdict: 'better', reasons: ['hot-unknown'] });
    expect(say({}, minds, [entry('w1', 'hot-empty', '2026-12-20')]).reasons).toEqual(['hot-overdue']);
    expect(say({ unrinsed: [{ class: 'chlorine-bleach', at: '2027-02-01T09:00:00Z' }] }, hardy).verdict).toBe('rinse');
  });
  test('a guided purge runs, repeats when it is not clean, and clears the machine', () => {
    const machine: Washer = { id: 'w1', kind: 'front-loader', lastLoads: ['softener'] };
    let run = startRun(purgeProgramme(machine), 'Cellar machine', 'run-p', 0, 'w1');
    run = finishStep(finishStep(run, 1), 2);
    run = answerCheck(run, false, 3);
    expect(current(run)?.do).toBe('purge-machine');
    run = finishStep(run, 4);
    expect(current(run)?.key).toBe('purge-look');
    run = finishStep(answerCheck(run, true, 5), 6);
    expect(run.status).toBe('finished');
    const { entry: line, washers } = finishPurge(run, { washers: [machine] }, [], { iso: '2027-02-01T10:00:00Z', logId: 'l' });
    expect(line).toMatchObject({ type: 'upkeep', machineId: 'w1', tasks: ['hot-empty', 'drawer', 'door'] });
    expect(washers[0]?.lastLoads).toEqual([]);
  });
});

describe('what must not meet, in Run', () => {
  const tub: Washer = { id: 't1', kind: 'tub', unrinsed: [{ class: 'chlorine-bleach', at: '2027-02-01T09:00:00Z' }] };
  const equipment: Equipment = { washers: [tub] };
  const stepOf = (verb: string, settings: object, id: string, phase = 'wash') =>
    ({
      id,
      key: id,
      title: id,
      phase,
      do: verb,
      text: '.',
      when: 'always',
      settings,
      attendedMin: 1,
      unattendedMin: 0,
      mayWait: true,
      why: [],
      cautions: [],
    }) as Programme['steps'][number];
  const running = (...steps: Programme['steps'][number][]): Run =>
    startRun({ ...purgeProgramme(tub), itemId: 'x', steps }, 'It', 'r', 0);

  test('bleach in this tub an hour ago holds up vinegar, and nothing harmless', () => {
    const vinegar = stepOf('tub-wash', { washerId: 't1', aids: ['vinegar'] }, 'a');
    const clash = clashAt(running(vinegar), vinegar, equipment);
    expect(clash).toMatchObject({
      brings: 'vinegar',
      meets: 'chlorine-bleach',
      sinceIso: '2027-02-01T09:00:00Z',
      vessel: { id: 't1' },
    });
    expect(clash?.pair.id).toBe('chlorine-acid');
    const soap = stepOf('tub-wash', { washerId: 't1', cleaner: 'mild-soap' }, 'a');
    expect(clashAt(running(soap), soap, equipment)).toBeNull();
    expect(clashAt(running(vinegar), vinegar, withStanding(equipment, 't1', []))).toBeNull();
  });
  test('on the thing itself: a skipped rinse leaves the clash, a done one takes it away', () => {
    const bleach = stepOf('soak', { cleaner: 'oxygen-booster' }, 'a', 'pretreat');
    const rinse = stepOf('rinse-off', { rinses: 1 }, 'b', 'rinse');
    const vinegar = stepOf('vinegar-rinse', { aids: ['vinegar'] }, 'c', 'rinse');
    const start = finishStep(running(bleach, rinse, vinegar), 1000);
    expect(clashAt(skipStep(start, 2000, 'no time'), vinegar, undefined)).toMatchObject({
      meets: 'oxygen-booster',
      vessel: null,
    });
    expect(clashAt(finishStep(start, 2000), vinegar, undefined)).toBeNull();
  });
  test('what a step brings stands in its bath until a rinse there, and a skipped step leaves nothing', () => {
    const wash = stepOf('tub-wash', { washerId: 't1', cleaner: 'mild-soap' }, 'a');
    const rinse = stepOf('bath-rinse', { washerId: 't1', rinses: 4 }, 'b', 'rinse');
    const clean: Equipment = { washers: [{ id: 't1', kind: 'tub' }] };
    const before = running(wash, rinse);
    const washed = finishStep(before, 1000);
    const after = vesselsAfter(before, washed, clean, '2027-02-01T10:00:00Z');
    expect(after.washers?.[0]?.unrinsed).toEqual([{ class: 'mild-soap', at: '2027-02-01T10:00:00Z' }]);
    expect(
      vesselsAfter(washed, answerCheck(washed, true, 2000), after, '2027-02-01T10:10:00Z').washers?.[0]?.unrinsed,
    ).toBeUndefined();
    expect(vesselsAfter(before, skipStep(before, 1000, ''), clean, '2027-02-01T10:00:00Z')).toBe(clean);
  });
});

describe('still suds', () => {
  const bath: KitPart = { preferences: { schools: { 'DOWN-PLACE': 'bathtub' } } };
  const until = (run: Run, verb: string): Run => {
    let at = run;
    for (let n = 0; n < 40 && current(at)?.do !== verb; n++)
      at = current(at)?.check ? answerCheck(at, true, n) : finishStep(at, n);
    return at;
  };
  const finish = (run: Run, thing: Item) => {
    let at = run;
    for (let n = 0; n < 40 && at.status === 'live'; n++)
      at = current(at)?.check ? answerCheck(at, true, 1000 + n) : finishStep(at, 1000 + n);
    return finishRun(at, thing, null, KIT, { iso: '2027-02-01T10:00:00Z', today: TODAY, logId: 'l', inspectionId: 'i' });
  };
  test('in a bath each answer is a fill; the count seen is learned and planned next time', () => {
    const thing = downBag();
    const first = made(thing, DIRTY, bath);
    let run = until(startRun(writeProgramme(first), 'Bag', 'r', 0), 'bath-rinse');
    for (let n = 0; n < first.bathRinses + 1; n++) run = answerCheck(run, false, 100 + n);
    run = answerCheck(run, true, 200);
    expect(rinsedIn(run)).toMatchObject({ by: 'hand', clearAfter: first.bathRinses + 2 });
    const result = finish(run, thing);
    expect(result.entry.rinsed).toEqual({ by: 'hand', clearAfter: first.bathRinses + 2 });
    const taught = result.item as Item;
    expect(taught.learned?.rinseRuns).toBe(1);
    const next = made(taught, DIRTY, bath);
    expect(next.bathRinses).toBe(first.bathRinses + 2);
    expect(doing(writeProgramme(next), 'bath-rinse')?.why.map((w) => w.rule)).toContain('rinse-learned');
  });
  test('after a drum wash a rinse is added once, counted, and learned', () => {
    const thing = shell();
    const p = writeProgramme(made(thing));
    let run = until(startRun(p, 'Shell', 'r', 0), 'machine-wash');
    const wash = current(run)!;
    const more = rinseAfter(wash)!;
    expect(more.settings).toMatchObject({ rinses: 1, washerId: 'w1' });
    run = addRinse(run, more, 50);
    expect(current(run)?.id).toBe(more.id);
    expect(addRinse(run, more, 51)).toBe(run);
    run = answerCheck(run, false, 60);
    expect(timerMinutes(current(run)!, { times: 1, round: 0 })).toBe(12);
    run = answerCheck(run, true, 70);
    expect(rinsedIn(run)).toMatchObject({ by: 'drum', clearAfter: (wash.settings.rinses ?? 0) + 2 });
    const result = finish(run, thing);
    expect(made(result.item as Item).extraRinses).toBe(2);
  });
  test('a look that finds no suds at once teaches a drum nothing', () => {
    const thing = down();
    const run = startRun(writeProgramme(made(thing)), 'Jacket', 'r', 0);
    expect(finish(run, thing).item).toBeNull();
    expect(fillsOnce(doing(writeProgramme(made(downBag(), DIRTY, bath)), 'bath-rinse')!, 0)).toBe(1);
  });
  test('what was used comes off the bottle that was meant, then off the next of its class', () => {
    const kit: KitPart = {
      supplies: [
        supply('down-cleaner', { id: 'a', remainingMl: 900, labelDoseMl: 100 }),
        supply('down-cleaner', { id: 'b', remainingMl: 120, labelDoseMl: 100, traits: ['dye-free'] }),
      ],
      preferences: { prefer: ['dye-free'] },
    };
    const run = until(startRun(writeProgramme(made(down(), DIRTY, kit)), 'J', 'r', 0), 'machine-wash');
    const done = finishStep(run, 5);
    const result = finishRun(
      done,
      down(),
      null,
      { ...KIT, ...kit },
      { iso: '2027-02-01T10:00:00Z', today: TODAY, logId: 'l', inspectionId: 'i' },
    );
    expect(result.entry.supplies).toEqual([{ supplyId: 'b', class: 'down-cleaner', ml: 100 }]);
    expect(result.supplies.map((s) => s.remainingMl)).toEqual([900, 20]);
  });
});

describe('what it takes', () => {
  const PRICES: KitPart = {
    preferences: { prices: { electricityPerKWh: 0.3, waterPerM3: 4 } },
    equipment: { ...KIT.equipment, inletC: 10 },
    supplies: [
      supply('technical-cleaner', { remainingMl: 500, labelDoseMl: 80, sizeMl: 500, price: { amount: 10, currency: 'EUR' } }),
    ],
  };
  const thing = item('base-layer', [comp('face', 'polyester-knit')], {
    massG: 200,
    label: label(40, 'normal', { tumble: 'low' }),
  });
  test('the wash line is 45/3 L warmed from 10 °C, and the money is its kWh and litres (by hand)', () => {
    const { lines } = takes(made(thing, DIRTY, PRICES));
    const heat = lines.find((l) => l.what === 'heat-water');
    const tempC = made(thing, DIRTY, PRICES).tempC;
    expect(heat?.kWh).toBeCloseTo((15 * 4.186 * (tempC - 10)) / 3600, 9);
    expect(heat?.money).toBeCloseTo((heat?.kWh ?? 0) * 0.3 + 0.015 * 4, 9);
    expect(lines.find((l) => l.what === 'supply')?.money).toBeCloseTo(1.6, 9);
  });
  test('without a price the sum says that it is not whole', () => expect(takes(made(thing)).unpriced).toBe(true));
  test('alternatives: cooler, aired, two together; never air for down, never two bags', () => {
    const ids = (t: Item, seen: Seen = DIRTY) => alternatives(made(t, seen, PRICES)).map((a) => a.id);
    expect(ids(shell())).toEqual(expect.arrayContaining(['planned', 'cooler', 'together']));
    expect(ids(down())).not.toContain('line');
    expect(ids(downBag())).not.toContain('together');
    expect(mostTogether(made(downBag()))).toBe(1);
    expect(mostTogether(made(shell()))).toBe(2);
    expect(ids(down(), CLEAN)).toEqual(['planned']);
  });
});
