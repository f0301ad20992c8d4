import { describe, expect, test } from 'vitest';
import type { Envelope } from '../../src/core/envelope';
import { ownedFacts } from '../../src/core/facts';
import {
  latestByItem,
  latestInspection,
  type Cycle,
  type Dryer,
  type Heat,
  type Inspection,
  type Kit,
  type Supply,
  type Washer,
} from '../../src/core/gear';
import {
  chooseBath,
  chooseCycle,
  chooseDryer,
  chooseMethod,
  chooseWasher,
  dryHeat,
  heatAllowed,
  heatsOf,
  measuredTooHot,
  warmest,
} from '../../src/core/programme/machines';
import { EVAPORATES, FactSet, KNOWLEDGE, type Fact, NEVER_TOGETHER } from '../../src/core/knowledge';
import { planItem } from '../../src/core/programme';
import { keepApart, stays, used } from '../../src/core/programme/apart';
import { DURATIONS, heldWet, SETTERS } from '../../src/core/programme/settings';
import type { StepSettings } from '../../src/core/document';
import type { PlannedStep, PlanState } from '../../src/core/programme/state';
import { bottleOf, chooseCleaner, doseOf, refuseSupplies } from '../../src/core/programme/supplies';
import { shoppingFor, type Need } from '../../src/core/supplies';
import { DIRTY, down, invented, KIT } from '../make';

/* Each setting by itself, on the smallest state that it reads. Figures by hand from the rules' own documents. */
type Bounds = Partial<Record<keyof Envelope['bounds'], unknown>>;
const OPEN: Bounds = { washMaxC: null, soakMaxMin: null, tumble: 'normal', ironMaxC: null, spinMaxRpm: null, action: 'normal' };
interface Made {
  facts?: string[];
  bounds?: Bounds;
  kit?: object;
  item?: object;
  inspection?: object | null;
  rest?: object;
}
function state({ facts = [], bounds = {}, kit = {}, item = {}, inspection = null, rest = {} }: Made = {}): PlanState {
  const all = Object.entries({ ...OPEN, ...bounds }).map(([id, value]) => [id, { value, by: null }]);
  return {
    request: { item: { id: 'x', components: [], ...item }, inspection, kit },
    knowledge: { ...KNOWLEDGE, blocks: [] },
    facts: new FactSet(invented<Fact[]>(facts)),
    envelope: { bounds: Object.fromEntries(all) },
    family: { heldKgPerKg: 1, coreFactor: 2, methods: [], cleaners: [] },
    method: 'machine',
    refusals: [],
    washer: null,
    cycle: null,
    dryer: null,
    tempC: 30,
    action: 'mild',
    spinRpm: 600,
    massG: 500,
    bulk: 'medium',
    areaM2: 2,
    cleaner: null,
    bottle: null,
    dose: null,
    cycleRinses: 2,
    extraRinses: 1,
    bathRinses: 4,
    rinse: null,
    ...rest,
  } as unknown as PlanState;
}
const set = (name: string, made: Made = {}, before: StepSettings = {}): StepSettings => {
  const settings = { ...before };
  SETTERS[name]!(state(made), settings);
  return settings;
};
const TUB = { id: 'tub', kind: 'tub' };
const BASIN = { id: 'basin', kind: 'basin' };
const FRONT = { id: 'front', kind: 'front-loader' };
const washers = (...list: object[]): Made => ({ kit: { equipment: { washers: list } } });
const stain = { id: 's', class: 'stain-remover', labelDoseMl: 40 };

describe('settings of a step', () => {
  test.each<[string, string, Made, StepSettings]>([
    ['washer', 'the one taken', { rest: { washer: FRONT } }, { washerId: 'front' }],
    ['washer', 'none', {}, {}],
    ['tubId', 'a tub', washers(TUB), { washerId: 'tub' }],
    ['tubId', 'none', {}, {}],
    ['vessel', 'the machine', { ...washers(TUB), rest: { washer: FRONT } }, { washerId: 'front' }],
    ['vessel', 'the bath by hand', { ...washers(TUB), rest: { washer: FRONT, method: 'hand' } }, { washerId: 'tub' }],
    ['vessel', 'none', { rest: { method: 'hand' } }, {}],
    ['wash', 'as settled', {}, { tempC: 30, action: 'mild', spinRpm: 600 }],
    ['handWash', 'by hand', {}, { tempC: 30, action: 'hand' }],
    ['rinseSpin', 'cool', {}, { tempC: 20, action: 'mild', spinRpm: 600 }],
    ['rinseSpin', 'cooler where it must', { bounds: { washMaxC: 15 } }, { tempC: 15, action: 'mild', spinRpm: 600 }],
    ['cycleRinses', 'the machine’s', {}, { rinses: 2 }],
    ['extraRinses', 'after them', {}, { rinses: 1 }],
    ['oneRinse', 'one', {}, { rinses: 1 }],
    ['bathRinses', 'fills', {}, { rinses: 4 }],
    // 0.6 m² of tub, 5 cm deep; 0.1 m² of basin, 10 cm deep; and no more than it holds.
    ['bathLitres', 'what covers it on the floor of a tub', {}, { litresPerFill: 30 }],
    ['bathLitres', 'on the floor of a basin', { rest: { bulk: 'small', method: 'hand' } }, { litresPerFill: 10 }],
    [
      'bathLitres',
      'no more than the bath holds',
      { kit: { equipment: { washers: [{ id: 't', kind: 'tub', drumLitres: 22 }] } }, rest: { bulk: 'large' } },
      { litresPerFill: 22 },
    ],
    ['rinseWater', 'as the wash', {}, { tempC: 30 }],
    ['rinseWater', 'lukewarm for down', { facts: ['down-filled'], rest: { tempC: 20 } }, { tempC: 30 }],
    ['rinseWater', 'no warmer than it may', { facts: ['down-filled'], bounds: { washMaxC: 20 } }, { tempC: 20 }],
    ['coldIfWet', 'cold', {}, { tempC: 15 }],
    ['coldIfWet', 'nothing where nothing wet may', { bounds: { washMaxC: 0 } }, {}],
    ['coolWater', 'cool', {}, { tempC: 20 }],
    [
      'cleaner',
      'with dose and bottle',
      { rest: { cleaner: 'mild-soap', dose: { ml: 12 }, bottle: { id: 'b' } } },
      { cleaner: 'mild-soap', doseMl: 12, supplyId: 'b' },
    ],
    ['cleaner', 'to be bought', { rest: { cleaner: 'mild-soap' } }, { cleaner: 'mild-soap' }],
    ['cleaner', 'water only', {}, {}],
    ['cleanerOnly', 'its class', { rest: { cleaner: 'mild-soap', dose: { ml: 12 } } }, { cleaner: 'mild-soap' }],
    ['cleanerOnly', 'none', {}, {}],
    ['insideOut', 'filled', { facts: ['wet-filled'] }, { insideOut: true }],
    ['insideOut', 'pile', { facts: ['wet-pile'] }, { insideOut: true }],
    ['insideOut', 'print', { facts: ['wet-printed'] }, { insideOut: true }],
    ['insideOut', 'nothing of it', {}, {}],
    ['soak', 'usual', {}, { soakMin: 90 }],
    ['soak', 'shoes', { facts: ['shoe-like'] }, { soakMin: 240 }],
    ['soak', 'no longer than it may', { bounds: { soakMaxMin: 60 } }, { soakMin: 60 }],
    ['longSoak', 'overnight', {}, { soakMin: 720 }],
    ['longSoak', 'no longer than it may', { bounds: { soakMaxMin: 30 } }, { soakMin: 30 }],
    ['tubSoak', 'short', {}, { soakMin: 40, soakParts: [20, 20] }],
    ['tubSoak', 'no longer than it may', { bounds: { soakMaxMin: 30 } }, { soakMin: 30, soakParts: [15, 15] }],
    ['dryer', 'the one taken', { rest: { dryer: { id: 'd' } } }, { dryerId: 'd' }],
    ['dryer', 'away from home', {}, { place: 'launderette' }],
    ['oneRound', 'low, an hour, two balls', {}, { heat: 'low', rounds: 1, checkEveryMin: 60, aids: ['dryer-balls'], count: 2 }],
    [
      'oneRound',
      'a thin shell is looked at each half hour',
      { facts: ['thin-shell'] },
      { heat: 'low', rounds: 1, checkEveryMin: 30, aids: ['dryer-balls'], count: 2 },
    ],
    [
      'oneRound',
      'no heat where none may',
      { bounds: { tumble: 'air' } },
      { heat: 'air', rounds: 1, checkEveryMin: 60, aids: ['dryer-balls'], count: 2 },
    ],
    [
      'airRounds',
      'a bag, three felt balls',
      { facts: ['bag-like', 'have:felt-balls'] },
      { heat: 'low', rounds: 2, checkEveryMin: 30, aids: ['felt-balls'], count: 3 },
    ],
    ['plainTumble', 'low', {}, { heat: 'low', rounds: 2, checkEveryMin: 30 }],
    ['plainTumble', 'air', { bounds: { tumble: 'air' } }, { heat: 'air', rounds: 2, checkEveryMin: 30 }],
    ['fluff', 'never heat', {}, { heat: 'air', rounds: 1, checkEveryMin: 30, aids: ['dryer-balls'], count: 2 }],
    ['warm', 'medium', {}, { heat: 'medium', rounds: 2, checkEveryMin: 10 }],
    ['warm', 'as the mark permits', { bounds: { tumble: 'low' } }, { heat: 'low', rounds: 2, checkEveryMin: 10 }],
    ['warm', 'filled', { facts: ['down-filled'] }, { heat: 'low', rounds: 2, checkEveryMin: 10 }],
    ['iron', 'one dot', {}, { tool: 'iron', ironC: 110 }],
    ['iron', 'less where it must', { bounds: { ironMaxC: 90 } }, { tool: 'iron', ironC: 90 }],
    [
      'proofer',
      'a spray by its face: 2 m² × half × 65 mL, 85 and 15 of 100',
      {},
      { proofer: 'spray-proofer', prooferMl: 65, spray: expect.anything() },
    ],
    ['proofer', 'washed in', { facts: ['proof:wash-in'] }, { proofer: 'wash-in-proofer', prooferMl: 100 }],
    [
      'proofer',
      'by its bottle',
      { kit: { supplies: [{ id: 'p', class: 'spray-proofer', labelDoseMl: 60 }] } },
      { proofer: 'spray-proofer', prooferMl: 60, spray: expect.anything(), supplyId: 'p' },
    ],
    [
      'soakCleaner',
      'what is owned',
      { kit: { supplies: [stain] } },
      { cleaner: 'stain-remover', doseMl: 40, supplyId: 's', litresPerFill: 30 },
    ],
  ])('%s: %s', (name, _, made, expected) => expect(set(name, made)).toEqual(expected));
  test('a soak takes the best that may go in and is owned; else the best that may', () => {
    const oxygen = ['school:SHOE-HEAT=hot', 'can:bleach:oxygen'];
    expect(set('soakCleaner', { facts: oxygen }).cleaner).toBe('oxygen-booster');
    expect(set('soakCleaner', { facts: oxygen, kit: { supplies: [stain] } }).cleaner).toBe('stain-remover');
    expect(set('soakCleaner').cleaner).toBe('stain-remover');
    expect(set('soakCleaner').supplyId).toBeUndefined();
  });
  test('rounds: until dry by the model, and one more, at most twelve', () => {
    const made = { rest: { dryer: { id: 'd', kind: 'vented' } } };
    const s = set('rounds', made);
    expect(s).toMatchObject({ heat: 'low', checkEveryMin: 60, count: 2, dryModel: { dryG: 500, coreFactor: 2 } });
    const quick = set('rounds', { ...made, facts: ['thin-shell'] });
    expect(quick.checkEveryMin).toBe(30);
    expect((quick.rounds ?? 0) - 1).toBeGreaterThanOrEqual((s.rounds ?? 0) - 1);
    expect(set('rounds', { rest: { dryer: { id: 'd', kind: 'vented' }, massG: 40_000 } }).rounds).toBe(12);
  });
  test('a rinse model is handed on, or there is none', () => {
    expect(set('rinseModel', { rest: { rinse: { by: 'drum' } } })).toEqual({ rinseModel: { by: 'drum' } });
    expect(set('rinseModel')).toEqual({});
  });
});
describe('water when it comes to be dried', () => {
  const family = { heldKgPerKg: 1 } as PlanState['family'];
  test.each([
    ['tub', 600, 1.4],
    ['hand', 600, 1.4],
    ['machine', 600, 1],
    ['surface', 600, 1],
  ] as const)('%s', (method, spinRpm, kg) => expect(heldWet({ method, family, spinRpm })).toBeCloseTo(kg, 9));
  test('a faster spin leaves less', () => expect(heldWet({ method: 'machine', family, spinRpm: 1200 })).toBeLessThan(0.7));
});
describe('minutes of a step', () => {
  const dryModel = { dryG: 300, heldKgPerKg: 0.5, rateKgPerS: 1e-5, coreFactor: 1, exchangeS: 60 };
  test.each<[string, StepSettings, number]>([
    ['rinseMin', { rinses: 2 }, 24],
    ['rinseMin', {}, 12],
    ['soakMin', { soakMin: 90 }, 90],
    ['soakMin', {}, 0],
    ['bathMin', { rinses: 4 }, 24],
    ['bathMin', {}, 6],
    ['roundsAttended', { rounds: 3 }, 15],
    ['roundsAttended', {}, 5],
    ['roundsMin', { rounds: 3, checkEveryMin: 30 }, 90],
    ['roundsMin', {}, 60],
    ['roundMin', { checkEveryMin: 30 }, 30],
    ['roundMin', {}, 60],
    ['plainTumbleMin', {}, 60],
    ['lineMin', {}, 0],
    // 150 g at 0.01 g/s: 200 min down to 30 g, where the surface is no longer wet; 50 min × ln(30 ÷ 5) to the band; rounded up to ten.
    ['lineMin', { dryModel }, 290],
    ['lineMin', { dryModel: { ...dryModel, heldKgPerKg: 0.02 } }, 30],
    ['lineMin', { dryModel: { ...dryModel, rateKgPerS: 1e-7 } }, 4320],
  ])('%s of %j: %d', (name, settings, minutes) => expect(DURATIONS[name]!(state(), settings)).toBe(minutes));
  test('a cycle’s own minutes, else those of its kind of programme', () => {
    expect(DURATIONS.cycleMin!(state({ rest: { cycle: { name: 'Short', minutes: 33 } } }), {})).toBe(33);
    for (const [cycleStyle, minutes] of [
      ['quick', 30],
      ['delicate', 50],
      ['long-slow', 90],
    ] as const)
      expect(DURATIONS.cycleMin!(state({ rest: { cycleStyle } }), {})).toBe(minutes);
  });
});
describe('which machine', () => {
  const may: Made = { facts: ['can:machine', 'can:hand', 'can:surface', 'can:tumble:air'] };
  const with_ = (list: object[], more: Made = {}): PlanState =>
    state({ ...may, ...more, facts: [...may.facts!, ...(more.facts ?? [])], kit: { equipment: { washers: list } } });
  const small = { ...FRONT, id: 'small', drumLitres: 20 };
  test('a front loader first, then the one with less in it, then by name', () => {
    const impeller = { id: 'a', kind: 'impeller' };
    const used = { ...FRONT, id: 'b', lastLoads: ['softener'] };
    expect(chooseWasher(with_([impeller, used, FRONT]))?.id).toBe('front');
    expect(chooseWasher(with_([impeller, used]))?.id).toBe('b');
    expect(
      chooseWasher(
        with_([
          { ...FRONT, id: 'z' },
          { ...FRONT, id: 'c' },
        ]),
      )?.id,
    ).toBe('c');
  });
  test.each<[string, object, Made]>([
    ['washer-too-small', small, {}],
    ['washer-overloaded', { ...FRONT, capacityKg: 0.4 }, {}],
    ['agitator-tears', { id: 'a', kind: 'agitator' }, { facts: ['no-agitator'] }],
  ])('%s', (rule, machine, more) => {
    const s = with_([machine], more);
    expect(chooseWasher(s)).toBeNull();
    expect(s.refusals.map((r) => r.rule)).toEqual([rule]);
    const unwished = with_([machine], more);
    expect(chooseWasher(unwished, false)).toBeNull();
    expect(unwished.refusals).toEqual([]);
  });
  test('exactly its kilograms, exactly its litres, and an agitator where nothing forbids it, will do', () => {
    expect(chooseWasher(with_([{ ...FRONT, capacityKg: 0.5, drumLitres: 30 }]))?.id).toBe('front');
    expect(chooseWasher(with_([{ id: 'a', kind: 'agitator' }]))?.id).toBe('a');
    const s = state({ kit: { equipment: { washers: [FRONT, TUB] } } });
    expect(chooseWasher(s)).toBeNull();
    expect(s.refusals.map((r) => r.rule)).toEqual(['machine-not-allowed']);
  });
  test('a tub for what is large, a basin for what is small and washed by hand', () => {
    const bath = (bulk: string, method: string, ...list: object[]): Washer | null =>
      chooseBath(with_(list, { rest: { bulk, method } }));
    expect(bath('medium', 'hand', BASIN, TUB)?.id).toBe('tub');
    expect(bath('small', 'hand', TUB, BASIN)?.id).toBe('basin');
    expect(bath('small', 'tub', BASIN, TUB)?.id).toBe('tub');
    expect(bath('small', 'hand', TUB)?.id).toBe('tub');
    expect(bath('medium', 'hand', BASIN, FRONT)).toBeNull();
    expect(chooseBath(state())).toBeNull();
  });
  const method = (methods: string[], list: object[], more: Made = {}): string => {
    const s = with_(list, { ...more, rest: { family: { methods: methods.map((use) => ({ use })) }, ...more.rest } });
    return chooseMethod(s).method;
  };
  test('the first way that can be had; by hand after all; else none', () => {
    expect(method(['machine', 'tub'], [FRONT, TUB])).toBe('machine');
    expect(method(['machine', 'tub'], [small, TUB])).toBe('tub');
    expect(method(['machine'], [small, TUB])).toBe('hand');
    expect(method(['machine'], [small])).toBe('refer');
    expect(method(['machine'], [small], { facts: ['unknown:washers'] })).toBe('hand');
    expect(method(['tub'], [], { rest: { bulk: 'small' } })).toBe('tub');
    expect(method(['surface'], [])).toBe('surface');
    expect(method(['extract'], [])).toBe('extract');
    expect(method(['none'], [])).toBe('none');
    const bare = (use: string): string =>
      chooseMethod(state({ kit: { equipment: { washers: [TUB] } }, rest: { family: { methods: [{ use }] } } })).method;
    expect([bare('surface'), bare('tub'), bare('hand'), bare('extract')]).toEqual(['refer', 'refer', 'refer', 'refer']);
  });
  test('a way whose condition does not hold is passed over', () => {
    const s = with_([FRONT, TUB], {
      rest: { family: { methods: [{ use: 'machine', when: { all: ['never'] } }, { use: 'tub' }] } },
    });
    expect(chooseMethod(s)).toEqual({ method: 'tub', washer: null });
  });
  describe('the machine’s own programme', () => {
    const CYCLES = [
      { name: 'Cotton 60', tempC: 60, spinRpm: 1400 },
      { name: 'Cotton 30', tempC: 30, spinRpm: 1200 },
      { name: 'Easy-care', tempC: 40, spinRpm: 1000 },
      { name: 'Wool', tempC: 30, spinRpm: 600 },
      { name: 'Quick', tempC: 30, spinRpm: 800 },
      { name: 'Q7', tempC: 20, spinRpm: 1200 },
    ];
    type Wish = Parameters<typeof chooseCycle>[1];
    const GENTLE: Wish = { tempC: 20, action: 'very-mild', spinRpm: 600, style: 'delicate' };
    const cycle = (
      bounds: Bounds,
      wish: Partial<Wish> = {},
      list: object[] = CYCLES,
      washer: object = FRONT,
    ): string | undefined =>
      chooseCycle({ ...(washer as Washer), cycles: list as Cycle[] }, { ...GENTLE, ...wish }, state({ bounds }))?.name;
    test('is gentle enough, however near the others come in temperature', () => {
      expect(cycle({ action: 'very-mild', washMaxC: 30 })).toBe('Wool');
      expect(cycle({ action: 'very-mild', washMaxC: 30 }, {}, CYCLES.slice(0, 3))).toBeUndefined();
    });
    test('is never hotter than it may be', () => {
      const normal = { action: 'normal', tempC: 60, style: 'normal', spinRpm: 1200 } as const;
      expect(cycle({ action: 'normal', washMaxC: 60 }, normal)).toBe('Cotton 60');
      expect(cycle({ action: 'normal', washMaxC: 40 }, { ...normal, tempC: 40 })).toBe('Cotton 30');
      expect(cycle({ action: 'normal', washMaxC: 20 }, { ...normal, tempC: 20 })).toBe('Q7');
    });
    test('is the kind that is looked for, before the temperature', () => {
      expect(cycle({ action: 'normal', washMaxC: 60 }, { action: 'normal', style: 'quick', tempC: 40 })).toBe('Quick');
      expect(cycle({ action: 'mild', washMaxC: 60 }, { action: 'mild', style: 'easy-care', tempC: 20 })).toBe('Easy-care');
    });
    test('spins no faster than it may, unless the machine can be told to', () => {
      const fixed = { ...FRONT, spinRpm: undefined };
      const fast = [{ name: 'Wool', tempC: 30, spinRpm: 1000 }];
      expect(cycle({ action: 'very-mild', spinMaxRpm: 600 }, {}, fast, fixed)).toBeUndefined();
      expect(cycle({ action: 'very-mild', spinMaxRpm: 600 }, {}, fast, { ...FRONT, spinRpm: [400, 1000] })).toBe('Wool');
    });
    test('is judged by what its owner said of it, else by its name; a name that says nothing counts by its spin', () => {
      expect(cycle({ action: 'very-mild' }, {}, [{ name: 'P3', action: 'very-mild' }])).toBe('P3');
      expect(cycle({ action: 'very-mild' }, {}, [{ name: 'Wool', action: 'normal' }])).toBeUndefined();
      expect(cycle({ action: 'very-mild' }, {}, [{ name: 'P3', spinRpm: 600 }])).toBe('P3');
      expect(cycle({ action: 'very-mild' }, {}, [{ name: 'P3', spinRpm: 1000 }])).toBeUndefined();
    });
  });
});
describe('which heat, which dryer', () => {
  const dryer = (rest: object = {}): Dryer => ({ id: 'd', kind: 'vented', ...rest }) as Dryer;
  const bears = (tumble: string, d: Dryer | null = null): PlanState => state({ bounds: { tumble }, rest: { dryer: d } });
  test('what it offers, coolest first', () => {
    expect(heatsOf(null)).toEqual(['air', 'low', 'medium', 'high']);
    expect(heatsOf(dryer({ heats: ['medium', 'air'] }))).toEqual(['air', 'medium']);
  });
  test.each<[string, Record<Heat, boolean>]>([
    ['normal', { air: true, low: true, medium: true, high: false }],
    ['low', { air: true, low: true, medium: false, high: false }],
    ['air', { air: true, low: false, medium: false, high: false }],
    ['none', { air: false, low: false, medium: false, high: false }],
  ])('a mark of %s', (mark, may) => {
    for (const heat of Object.keys(may) as Heat[]) expect(heatAllowed(heat, bears(mark))).toBe(may[heat]);
  });
  test('the warmest up to the wish that it bears, that is offered, and that is not measured too hot', () => {
    expect(warmest('medium', bears('normal'))).toBe('medium');
    expect(warmest('low', bears('normal'))).toBe('low');
    expect(warmest('medium', bears('low'))).toBe('low');
    expect(warmest('medium', bears('normal', dryer({ heats: ['air', 'high'] })))).toBe('air');
    expect(warmest('low', bears('low', dryer({ heatC: { low: 61 } })))).toBe('air');
    expect(warmest('low', bears('low', dryer({ heatC: { low: 60 } })))).toBe('low');
    expect(warmest('medium', bears('none'))).toBeNull();
    expect(measuredTooHot('low', bears('none', dryer({ heatC: { low: 99 } })))).toBe(false);
    expect(measuredTooHot('low', bears('low', dryer()))).toBe(false);
    expect(dryHeat(state({ facts: ['school:DOWN-HEAT=air'] }))).toBe('air');
    expect(dryHeat(state({ facts: ['school:DOWN-HEAT=medium'] }))).toBe('medium');
  });
  const among = (list: object[], more: Made = {}): PlanState =>
    state({ facts: ['can:tumble:air'], ...more, kit: { equipment: { dryers: list } } });
  test('the roomiest, then by name; a commercial one is never too small', () => {
    expect(chooseDryer(among([dryer({ drumLitres: 100 }), dryer({ id: 'e', drumLitres: 110 })]), true)?.id).toBe('e');
    expect(chooseDryer(among([dryer({ id: 'z' }), dryer()]), true)?.id).toBe('d');
    expect(chooseDryer(among([dryer({ kind: 'commercial', drumLitres: 10 })]), true)?.id).toBe('d');
    expect(chooseDryer(among([dryer({ drumLitres: 60 })]), true)?.id).toBe('d');
    expect(chooseDryer(state(), true)).toBeNull();
  });
  test.each<[string, object, Made]>([
    ['dryer-too-small', { drumLitres: 59 }, {}],
    ['dryer-not-allowed', {}, { facts: [] }],
    ['dryer-not-allowed', { heats: ['high'] }, {}],
  ])('%s', (rule, own, more) => {
    const s = among([dryer(own)], more);
    expect(chooseDryer(s, true)).toBeNull();
    expect(s.refusals.map((r) => r.rule)).toEqual([rule]);
    const unwished = among([dryer(own)], more);
    chooseDryer(unwished, false);
    expect(unwished.refusals).toEqual([]);
  });
});

describe('which bottle, how much, what to buy', () => {
  const bottle = (rest: object): Supply => ({ id: 'b', class: 'mild-soap', ...rest }) as Supply;
  const owning = (...supplies: object[]): Made => ({ kit: { supplies } });
  test('an empty one is none; of two the one with enough, then the fuller', () => {
    expect(bottleOf(state(owning(bottle({ remainingMl: 0 }))), 'mild-soap')).toBeNull();
    expect(bottleOf(state(owning(bottle({ class: 'down-cleaner' }))), 'mild-soap')).toBeNull();
    const two = owning(bottle({ remainingMl: 5, labelDoseMl: 20 }), bottle({ id: 'c', remainingMl: 90, labelDoseMl: 20 }));
    expect(bottleOf(state(two), 'mild-soap')?.id).toBe('c');
    const liked = {
      kit: {
        ...(two.kit as object),
        preferences: { prefer: ['plant-based'] },
        supplies: [bottle({ remainingMl: 90 }), bottle({ id: 'c', remainingMl: 80, traits: ['plant-based'] })],
      },
    };
    expect(bottleOf(state(liked), 'mild-soap')?.id).toBe('c');
    expect(bottleOf(state(), 'mild-soap')).toBeNull();
  });
  test('a dose: the label’s, under our ceiling, or the user’s own inside it', () => {
    const plain = bottle({ class: 'plain-liquid', labelDoseMl: 50 });
    expect(doseOf(state({ facts: ['waterproof'] }), 'plain-liquid', plain)).toMatchObject({ ml: 30, capped: true });
    expect(doseOf(state(), 'plain-liquid', plain)).toMatchObject({ ml: 50, capped: false });
    // By hand a bowl takes its share of a full load's figure: 10 L of 40.
    const bowl = state({ rest: { method: 'hand', bulk: 'small' } });
    expect(doseOf(bowl, 'mild-soap', bottle({ labelDoseMl: 80 }))).toMatchObject({ ml: 20, basis: 'label' });
    expect(doseOf(bowl, 'mild-soap', bottle({ labelDoseMl: 80, labelDoseByWasher: { basin: 12 } }))).toMatchObject({ ml: 12 });
    const own = { item: { own: { dosesMl: { 'plain-liquid': 25 } } }, facts: ['waterproof'] };
    const ranged = bottle({ class: 'plain-liquid', labelDoseRangeMl: [20, 50] });
    expect(doseOf(state(own), 'plain-liquid', ranged)).toMatchObject({ ml: 25, basis: 'own', capped: false });
    const much = { item: { own: { dosesMl: { 'plain-liquid': 45 } } }, facts: ['waterproof'] };
    expect(doseOf(state(much), 'plain-liquid', ranged)).toMatchObject({ ml: 30, capped: true });
  });
  const need = (ml: number, more: object = {}): Need => ({ itemId: 'x', class: 'mild-soap', ml, ...more });
  const pieces = (count: number): Need => ({ itemId: 'x', class: 'suede-kit', count });
  const lacks = (needs: Need[], ...supplies: Supply[]): object[] =>
    shoppingFor(needs, supplies, null).map(({ buyMl, buyCount, perhaps }) => ({ buyMl, buyCount, perhaps }));
  test.each<[string, Supply[], number | null]>([
    ['nothing owned', [], 30],
    ['some left', [bottle({ remainingMl: 10 }), bottle({ id: 'c', remainingMl: 5 })], 15],
    ['just enough', [bottle({ remainingMl: 30 })], null],
    ['nobody knows how much', [bottle({})], null],
    ['only empty ones', [bottle({ remainingMl: 0 })], 30],
    ['another class', [bottle({ class: 'down-cleaner' })], 30],
  ])('millilitres, %s', (_, owned, buyMl) =>
    expect(lacks([need(30)], ...owned)).toEqual(buyMl === null ? [] : [{ buyMl, buyCount: undefined, perhaps: undefined }]),
  );
  test('what two steps pour adds up; what a failed check may want is perhaps, and only when the sure part is there', () => {
    expect(lacks([need(30), need(20)])).toEqual([{ buyMl: 50, buyCount: undefined, perhaps: undefined }]);
    expect(lacks([need(30), need(20, { perhaps: true })])).toEqual([{ buyMl: 30, buyCount: undefined, perhaps: undefined }]);
    expect(lacks([need(30), need(20, { perhaps: true })], bottle({ remainingMl: 40 }))).toEqual([
      { buyMl: 10, buyCount: undefined, perhaps: true },
    ]);
    expect(lacks([need(20, { perhaps: true })], bottle({ remainingMl: 40 }))).toEqual([]);
  });
  test.each<[string, object[], number | null]>([
    ['nothing owned', [], 3],
    ['one short', [{ remainingCount: 2 }], 1],
    ['enough', [{ remainingCount: 3 }], null],
    ['uncounted', [{}], null],
  ])('pieces, %s', (_, owned, buyCount) =>
    expect(lacks([pieces(2), pieces(3)], ...owned.map((o) => bottle({ class: 'suede-kit', ...o })))).toEqual(
      buyCount === null ? [] : [{ buyMl: undefined, buyCount, perhaps: undefined }],
    ),
  );
  const cleaners = [
    { use: 'mild-soap' },
    { use: 'plain-liquid' },
    { use: 'mild-soap' },
    { use: 'down-cleaner', when: { all: ['never'] } },
  ];
  const chosen = (made: Made, refused: string[] = []): PlanState => {
    const s = state({
      ...made,
      rest: { ...made.rest, family: { cleaners }, refusals: refused.map((option) => ({ option, rule: 'r' })) },
    });
    return { ...s, ...chooseCleaner(s) };
  };
  test('the first that is owned in sufficient amount, else owned, else the best to be bought', () => {
    const some = bottle({ remainingMl: 1, labelDoseMl: 20 });
    const plain = bottle({ id: 'p', class: 'plain-liquid', remainingMl: 500, labelDoseMl: 20 });
    expect(chosen(owning(some, plain))).toMatchObject({ cleaner: 'plain-liquid', bottle: { id: 'p' } });
    expect(chosen(owning(some))).toMatchObject({ cleaner: 'mild-soap', bottle: { id: 'b' } });
    expect(chosen({})).toMatchObject({ cleaner: 'mild-soap', bottle: null });
    expect(chosen({}, ['mild-soap']).cleaner).toBe('plain-liquid');
  });
  test('none where all are refused or the maker forbids it', () => {
    for (const s of [chosen({}, ['mild-soap', 'plain-liquid']), chosen({ facts: ['maker:forbids:detergent'] })]) {
      expect(s.cleaner).toBeNull();
      expect(s.facts.has('no-cleaner')).toBe(true);
    }
  });
  test('owned things that must not be used are listed once; empty and unowned ones are not', () => {
    const blocks = [
      { id: 'r1', option: 'mild-soap', when: {} },
      { id: 'r2', option: 'mild-soap', when: {} },
      { id: 'r3', option: 'plain-liquid', when: {} },
      { id: 'r4', option: 'down-cleaner', when: { all: ['never'] } },
    ];
    const s = state({
      ...owning(bottle({}), bottle({ class: 'plain-liquid', remainingMl: 0 }), bottle({ class: 'down-cleaner' })),
      rest: { knowledge: { blocks } },
    });
    ownedFacts(s.request.kit, s.facts);
    refuseSupplies(s);
    expect(s.refusals).toEqual([{ option: 'mild-soap', rule: 'r1' }]);
  });
});

describe('what must never meet', () => {
  const step = (settings: StepSettings, phase = 'wash', verb = 'soak'): PlannedStep =>
    ({ template: { id: verb, phase, do: verb }, settings, attendedMin: 1, unattendedMin: 0 }) as unknown as PlannedStep;
  const bleach = step({ cleaner: 'chlorine-bleach' });
  const sour = step({ aids: ['vinegar'] }, 'rinse', 'vinegar-rinse');
  const kept = (...steps: PlannedStep[]): [number, string[]] => {
    const { steps: stay, refused } = keepApart(steps, NEVER_TOGETHER);
    return [stay.length, refused.map((r) => r.option)];
  };
  test('what a step brings: cleaner, proofer, aids', () => {
    expect(used({ cleaner: 'mild-soap', proofer: 'spray-proofer', aids: ['vinegar'] })).toEqual([
      'mild-soap',
      'spray-proofer',
      'vinegar',
    ]);
    expect(used({})).toEqual([]);
  });
  test.each<[string, PlannedStep[], [number, string[]]]>([
    ['one after the other', [bleach, sour], [1, ['vinegar']]],
    ['the other way round', [sour, bleach], [1, ['chlorine-bleach']]],
    ['a dry step between changes nothing', [bleach, step({}, 'pretreat', 'look'), sour], [2, ['vinegar']]],
    ['a rinse between', [bleach, step({ rinses: 1 }, 'rinse', 'bath-rinse'), sour], [3, []]],
    ['none counted', [bleach, step({ rinses: 0 }, 'wash', 'hand-wash'), sour], [2, ['vinegar']]],
    ...['rinse-vessel', 'purge-machine', 'purge-scent', 'scrub-tub'].map((verb): [string, PlannedStep[], [number, string[]]] => [
      verb,
      [bleach, step({}, 'prepare-machine', verb), sour],
      [3, []],
    ]),
    ['a rinse that brings something leaves that', [sour, bleach], [1, ['chlorine-bleach']]],
    ['a rinse that brings something takes the rest', [bleach, step({ aids: ['dryer-balls'] }, 'rinse', 'x'), sour], [3, []]],
    ['in one step', [step({ cleaner: 'chlorine-bleach', aids: ['vinegar'] })], [0, ['chlorine-bleach']]],
    ['nothing brought', [step({}), step({})], [2, []]],
    ['what was refused is not left', [bleach, sour, step({ cleaner: 'chlorine-bleach' })], [2, ['vinegar']]],
  ])('%s', (_, steps, expected) => expect(kept(...steps)).toEqual(expected));
  test('what stood there before counts, and what evaporates does not', () => {
    expect(keepApart([sour], NEVER_TOGETHER, ['chlorine-bleach']).refused).toHaveLength(1);
    expect(keepApart([sour], NEVER_TOGETHER, ['mild-soap']).refused).toEqual([]);
    for (const agent of EVAPORATES) expect(stays(agent)).toBe(false);
    expect(stays('chlorine-bleach')).toBe(true);
  });
});

describe('the newest look', () => {
  const look = (id: string, itemId: string, at: string): Inspection => ({ id, itemId, at }) as Inspection;
  const looks = [
    look('a', 'x', '2027-01-02T08:00:00Z'),
    look('b', 'x', '2027-01-03T08:00:00Z'),
    look('c', 'y', '2027-01-01T08:00:00Z'),
  ];
  test('of one thing, whatever the order', () => {
    expect(latestInspection(looks, 'x')?.id).toBe('b');
    expect(latestInspection([...looks].reverse(), 'x')?.id).toBe('b');
    expect(latestInspection(looks, 'y')?.id).toBe('c');
    expect(latestInspection(looks, 'z')).toBeNull();
  });
  test('of every thing', () => {
    for (const list of [looks, [...looks].reverse()])
      expect([...latestByItem(list)].map(([id, i]) => [id, i.id]).sort()).toEqual([
        ['x', 'b'],
        ['y', 'c'],
      ]);
  });
  test('a thing is planned by it', () => {
    const thing = down({ id: 'x' });
    const kit = { ...KIT, items: [thing], inspections: [{ ...looks[0]!, ...DIRTY }, looks[2]!] } as unknown as Kit;
    expect(planItem(kit, thing).aims).toContain('wash');
    expect(planItem({ ...kit, inspections: [] }, thing).aims).not.toContain('wash');
    expect(planItem(kit, thing, { ...KNOWLEDGE, assess: [] }).aims).toEqual([]);
  });
});
