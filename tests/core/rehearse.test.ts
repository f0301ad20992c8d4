import { latestInspection } from '../../src/core/gear';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { drumAir, latentKJPerKg, modelMinutes } from '../../src/core/drying';
import { plan, writeProgramme } from '../../src/core/programme';
import {
  canRehearse,
  LOOK_MIN,
  offered,
  NO_LUCK,
  planned,
  readChoices,
  rehearse,
  setupOf,
  luckOf,
  writeChoices,
  type ChoiceId,
  type Choices,
  type Setup,
} from '../../src/core/rehearse';
import { debrief, effectsOf, firstToMend, goalOf, hasty, soonest } from '../../src/core/rehearse/train';
import { bestText, chosenText, effectText, happenedText, mendText, outcomeText, riskText } from '../../src/core/telling/rehearse';
import { DIRTY, down, KIT, shell } from '../make';

/* Directions are common practice, no source; the models' own figures are checked with their references in tests/reference. */
const stageFor = (item: ReturnType<typeof down>): Setup => {
  const made = plan({ item, inspection: { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...DIRTY }, kit: KIT });
  return setupOf(made, writeProgramme(made));
};
const jacket = stageFor(down());
const own = planned(jacket);
const run = (change: Partial<Choices>, seed?: number): ReturnType<typeof rehearse> =>
  rehearse(jacket, { ...own, ...change }, seed === undefined ? NO_LUCK : luckOf(seed));
const ids = (change: Partial<Choices>): string[] => run(change).risks.map((r) => r.id);

const demo = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const stages = demo.items
  .map((item) => plan({ item, inspection: latestInspection(demo.inspections, item.id), kit: demo }))
  .map((made) => ({ setup: setupOf(made, writeProgramme(made)), id: made.request.item.id }))
  .filter(({ setup }) => canRehearse(setup));

describe('a programme as planned', () => {
  test('most of the demo kit can be rehearsed', () => expect(stages.length).toBeGreaterThan(25));
  test.each(stages)('$id: nothing is hurt, and the closed form agrees within 15 %', ({ setup }) => {
    const told = rehearse(setup, planned(setup), NO_LUCK);
    expect(told.risks).toEqual([]);
    const model = setup.steps.find((s) => s.settings.dryModel)?.settings.dryModel;
    if (!model) return;
    expect(told.dryAtMin).not.toBeNull();
    const begun = told.happened.find((h) => h.id === 'round' || h.id === 'hangs')?.minutes ?? 0;
    const spent = (told.dryAtMin ?? 0) - begun;
    const looks = told.happened.filter((h) => h.id === 'round' && h.minutes > begun && h.minutes < (told.dryAtMin ?? 0)).length;
    // Two minutes: moments are kept by the minute.
    expect(Math.abs(spent - looks * LOOK_MIN - modelMinutes(model))).toBeLessThan(0.15 * modelMinutes(model) + 2);
  });
});

describe('water, heat and time keep their books', () => {
  const choices = fc.record({
    heat: fc.constantFrom('air', 'low', 'medium', 'high'),
    checkHeat: fc.boolean(),
    balls: fc.integer({ min: 0, max: 3 }),
    rounds: fc.constantFrom<Choices['rounds']>(1, 2, 5, 'feels', 'weighs'),
    roundMin: fc.constantFrom(15, 30, 60, 90),
    loads: fc.integer({ min: 1, max: 3 }),
    delayMin: fc.constantFrom(0, 45, 480),
    spinRpm: fc.constantFrom(0, 400, 600, 1200),
    rinses: fc.integer({ min: 0, max: 5 }),
  }) as fc.Arbitrary<Partial<Choices>>;
  const seed = fc.integer({ min: 0, max: 9999 });
  const forAll = (check: (change: Partial<Choices>, seed: number) => void): void =>
    fc.assert(fc.property(choices, seed, check), { numRuns: 120 });
  test('what was in it is in the air or still in it', () =>
    forAll((change, day) => {
      const { startG, evaporatedG, leftG } = run(change, day).balance;
      expect(Math.abs(startG - evaporatedG - leftG)).toBeLessThan(0.01);
    }));
  test('water only goes once it dries; shares stay shares; time goes on', () =>
    forAll((change, day) => {
      const { moments, happened } = run(change, day);
      const firstRound = happened.find((h) => h.id === 'round')?.minutes ?? 0;
      const dries = moments.findIndex((m) => m.minutes >= firstRound);
      const wrong = moments.slice(1).filter((m, n) => {
        const before = moments[n]!;
        const wetter = n > dries && m.shellG + m.coreG > before.shellG + before.coreG + 1e-6;
        return m.minutes < before.minutes || wetter || ![m.clumps, m.residue].every((share) => share >= 0 && share <= 1);
      });
      expect(moments.length).toBeGreaterThan(1);
      expect(wrong).toEqual([]);
    }));
  test('the same day tells the same story, another one another', () =>
    forAll((change, day) => {
      expect(run(change, day)).toEqual(run(change, day));
      expect(run(change, day).moments).not.toEqual(run(change, day + 1).moments);
    }));
  test('the cloth is never hotter than its air, and the air pays for what it takes up', () => {
    for (const heat of ['low', 'medium', 'high'] as const) {
      const told = run({ heat, rounds: 4 });
      const { airC, wetC } = drumAir({ heat, dryer: 'vented', room: KIT.equipment?.room });
      expect(told.hottestC).toBeLessThanOrEqual(airC);
      // 0.05 kg/s of air through a vented drum, cp 1.006 kJ/(kg·K), for four hours.
      const paid = (0.05 * 1.006 * (airC - wetC) * 4 * 3600) / latentKJPerKg(wetC);
      expect(told.balance.evaporatedG / 1000).toBeLessThan(paid);
    }
  });
});

describe('what a choice does', () => {
  test.each([
    { change: { heat: 'high' }, risk: 'too-hot' },
    { change: { rounds: 1 }, risk: 'put-away-wet' },
    { change: { rounds: 'feels', roundMin: 30 }, risk: 'put-away-wet' },
    { change: { rounds: 1, balls: 0 }, risk: 'clumped' },
    { change: { rinses: 0 }, risk: 'residue' },
    { change: { delayMin: 45 }, risk: 'lay-wet' },
    { change: { spinRpm: 1200 }, risk: 'spun-hard' },
  ] as const)('$risk', ({ change, risk }) => expect(ids(change)).toContain(risk));
  test('a short wait is no harm; a night smells', () => {
    expect(ids({ delayMin: 20 })).toEqual([]);
    expect(run({ delayMin: 480 }).risks).toContainEqual({ id: 'lay-wet', minutes: 480, smells: true });
  });
  test.each([
    { what: 'more heat', less: { heat: 'air' }, more: { heat: 'low' } },
    { what: 'fewer things in the drum', less: { loads: 3 }, more: { loads: 1 } },
    { what: 'a faster spin', less: { spinRpm: 0 }, more: { spinRpm: 600 } },
    { what: 'no wait', less: { delayMin: 120 }, more: { delayMin: 0 } },
  ] as const)('$what: dry sooner', ({ less, more }) => {
    const long = { rounds: 6, roundMin: 90 } as const;
    expect(run({ ...long, ...more }).dryAtMin).toBeLessThan(run({ ...long, ...less }).dryAtMin ?? Infinity);
  });
  test('balls, room to fall and rinsed-out cleaner open clumps', () => {
    const clumps = (change: Partial<Choices>): number => run({ rounds: 3, ...change }).end.clumps;
    expect(clumps({ balls: 2 })).toBeLessThan(clumps({ balls: 0 }));
    expect(clumps({ loads: 1 })).toBeLessThan(clumps({ loads: 3 }));
    expect(clumps({ rinses: 3 })).toBeLessThan(clumps({ rinses: 1 }));
  });
  test('until it weighs dry: inside the band, then one more round and no other', () => {
    const { happened, dryAtMin } = run({ rounds: 'weighs', roundMin: 30 });
    const weighs = happened.find((h) => h.id === 'weighs-dry')!;
    expect(dryAtMin).toBeLessThanOrEqual(weighs.minutes);
    expect(happened.filter((h) => h.id === 'round' && h.minutes >= weighs.minutes)).toHaveLength(1);
  });
  test('a knob that slips is set back by who looks, and goes on hotter and hotter for who does not', () => {
    const luck = { ...NO_LUCK, slips: [false, true, true] };
    const looks = rehearse(jacket, { ...own, rounds: 3 }, luck);
    expect(looks.risks).toEqual([]);
    expect(looks.happened.filter((h) => h.id === 'set-back')).toHaveLength(2);
    const blind = rehearse(jacket, { ...own, rounds: 3, checkHeat: false }, luck);
    expect(blind.happened.filter((h) => h.id === 'round').map((h) => h.heat)).toEqual(['low', 'medium', 'high']);
    expect(blind.risks.map((r) => r.id)).toContain('too-hot');
  });
  test('each rinse more or less takes its own time', () => {
    const more = run({ rinses: own.rinses + 2 });
    expect(more.endMin).toBeGreaterThan(run({}).endMin + 20);
    expect(more.end.residue).toBeLessThan(run({}).end.residue);
    expect(run({ rinses: 0 }).end.residue).toBe(1);
  });
  test('what was learned of a thing counts', () =>
    expect(rehearse({ ...jacket, learned: { rate: -0.5, exchange: 0 } }, own, NO_LUCK).dryAtMin).toBeGreaterThan(
      run({}).dryAtMin ?? Infinity,
    ));
});

describe('what is offered', () => {
  test('only what the programme rests on', () => {
    expect(Object.keys(offered(jacket)).sort()).toEqual(
      ['heat', 'checkHeat', 'loads', 'rounds', 'roundMin', 'balls', 'delayMin', 'spinRpm', 'rinses'].sort(),
    );
    const line = stageFor(shell());
    expect(Object.keys(offered(line))).toEqual(expect.arrayContaining(['air', 'hangMin', 'rinses', 'heat']));
    expect(offered(line).rounds).toBeUndefined();
    expect(offered(line).balls).toBeUndefined();
  });
  test('the plan’s own value is always among them', () => {
    for (const { setup } of stages) {
      const can = offered(setup);
      for (const id of Object.keys(can) as ChoiceId[]) expect(can[id]).toContain(planned(setup)[id]);
    }
  });
  test('an address carries what is not as planned, and nonsense is as planned', () => {
    const other: Choices = { ...own, heat: 'medium', rounds: 'feels', checkHeat: false, rinses: 0 };
    const said = writeChoices(jacket, other);
    expect(said).toEqual({ heat: 'medium', rounds: 'feels', checkHeat: 'false', rinses: '0' });
    expect(readChoices(jacket, (id) => said[id as ChoiceId] ?? null)).toEqual(other);
    expect(readChoices(jacket, (id) => ({ heat: 'hot', spinRpm: '1e9', air: 'fan' })[id] ?? null)).toEqual(own);
  });
});

describe('a lesson', () => {
  test('a hurry goes wrong; each choice is told by what it does to the plan; one is to be mended first', () => {
    const hurry = hasty(jacket);
    const told = debrief(jacket, hurry, NO_LUCK, 300);
    expect(told.kept.dry && told.kept.unhurt && told.kept.even).toBe(false);
    expect(told.effects.map((e) => e.choice)).toEqual(expect.arrayContaining(['rounds', 'loads', 'delayMin']));
    for (const e of told.effects) expect(hurry[e.choice]).not.toBe(own[e.choice]);
    expect(told.effects.find((e) => e.choice === 'loads')?.dryMin).toBeGreaterThan(10);
    expect(told.mend).not.toBeNull();
    const mended = rehearse(jacket, { ...hurry, [told.mend!.choice]: told.mend!.to }, NO_LUCK);
    expect(mended.risks.length).toBe(told.mend!.left);
    expect(mended.risks.length).toBeLessThan(told.rehearsal.risks.length);
  });
  test('the plan itself leaves nothing to tell', () => {
    expect(effectsOf(jacket, own, NO_LUCK)).toEqual([]);
    expect(firstToMend(jacket, own, NO_LUCK)).toBeNull();
    expect(debrief(jacket, own, NO_LUCK, 10_000).kept).toEqual({ 'in-time': true, dry: true, unhurt: true, even: true });
    expect(debrief(jacket, own, NO_LUCK, 10).kept['in-time']).toBe(false);
  });
  test('the soonest end hurts nothing and is no later than the plan', () => {
    for (const { setup } of stages.filter((_, n) => n % 4 === 0)) {
      const best = soonest(setup, NO_LUCK);
      if (!best) continue;
      expect(rehearse(setup, best.choices, NO_LUCK).risks).toEqual([]);
      expect(best.endMin).toBeLessThanOrEqual(rehearse(setup, planned(setup), NO_LUCK).endMin + 1);
    }
  });
  test('goals are quarter hours near the soonest end; some can be kept and some cannot', () => {
    const best = soonest(jacket, NO_LUCK)!.endMin;
    const goals = Array.from({ length: 40 }, (_, n) => goalOf(jacket, n));
    for (const goal of goals) expect(goal % 15).toBe(0);
    expect(goals.some((g) => g > best)).toBe(true);
    expect(goals.some((g) => g < best)).toBe(true);
  });
});

describe('in words', () => {
  const at = (minutes: number): string => `at minute ${Math.round(minutes)}`;
  test('the answer', () => {
    const good = run({});
    expect(outcomeText(good, at)).toMatch(/^Dry after \d h( \d\d)?, nothing is hurt, and it goes away at minute \d+\.$/);
    expect(outcomeText({ ...good, endMin: 61, risks: [{ id: 'lay-wet', minutes: 45, smells: false }] }, at)).toBe(
      'That goes wrong: lay wet; it goes away at minute 61.',
    );
  });
  test('harms with their figures', () => {
    expect(riskText({ id: 'spun-hard', rpm: 1200, limitRpm: 600 })).toContain('1200 rpm where 600 is the most');
    expect(riskText({ id: 'put-away-wet', waterG: 25.2, coreG: 24.9, bandG: 11.4 })).toContain(
      '25 g of water where 11 g may be left, 99 % of it in the core',
    );
    expect(riskText({ id: 'too-hot', minutes: 70, maxC: 68.4, limitC: 60, atMin: 200 })).toContain(
      'up to 68 °C where 60 °C is the most it may, for 1 h 10, from 3 h 20 on',
    );
    expect(riskText({ id: 'residue', share: 0.128, target: 0.03 })).toContain('13 % of what went in, where 3 % counts as clear');
    expect(riskText({ id: 'clumped', share: 0.25, later: 0.35 })).toContain('25 % of it now, about 35 % a week later');
    expect(riskText({ id: 'lay-wet', minutes: 480, smells: true })).toContain('8 h: long enough to smell');
  });
  test('effects, the first to mend, the best', () => {
    const effect = {
      choice: 'loads',
      yours: 2,
      plans: 1,
      endMin: 0,
      dryMin: 65,
      waterG: 9,
      clumps: 0.05,
      residue: 0,
      hotMin: 0,
    } as const;
    expect(effectText(effect)).toBe(
      'In the drum “one more like it” instead of “it alone”: dry 1 h 05 later, 9 g more water put away, 5 % more of it clumped.',
    );
    expect(mendText({ choice: 'rounds', to: 'weighs', left: 0 })).toBe(
      'Put this right first: stop “when it weighs dry, and one more”, and nothing would have been hurt.',
    );
    const told = debrief(jacket, own, NO_LUCK, 10);
    expect(bestText(told, true, at)).toContain('Nobody could have kept it');
    expect(bestText({ ...told, goalMin: 9999 }, true, at)).toContain('It can be done: put away at minute');
    expect(bestText({ ...told, best: null }, true, at)).toContain('nothing ends unharmed');
  });
  test('every value that can be chosen and everything that happens has words', () => {
    for (const { setup } of stages) {
      const can = offered(setup);
      for (const id of Object.keys(can) as ChoiceId[])
        for (const value of can[id] as readonly Choices[ChoiceId][]) expect(chosenText(id, value)).not.toBe('');
      for (const h of rehearse(setup, hasty(setup), luckOf(3)).happened) expect(happenedText(h)).toMatch(/^[A-Z].*\.$/);
    }
  });
});
