import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { pullOf, pullsFor, sprayPlan } from '../../src/core/dosing/spray';
import { KINDS, type Droplet, type Item, type Kit } from '../../src/core/gear';
import { KNOWLEDGE, zonesOf } from '../../src/core/knowledge';
import type { Run } from '../../src/core/run';
import { takeOff } from '../../src/core/run/left';
import { planItem } from '../../src/core/programme';
import { sprayLeftText } from '../../src/core/telling/repellency';
import { comp, item, KIT, shell, withSupplies } from '../make';

const jacket = (grades?: Droplet, more: object = {}) =>
  sprayPlan('jacket', KNOWLEDGE, grades, { faceM2: 1.6, mlPerM2: 65, ...more });
const ml = (plan: ReturnType<typeof jacket>) => Object.fromEntries(plan.zones.map((z) => [z.zone, z.ml]));

describe('a sprayed finish, zone by zone', () => {
  // By hand: 1.6 m² × 65 mL = 104 mL; shares 10, 12, 22, 24, 8, 24 of 100; hood and shoulders half as much again [figures from memory].
  test('an untested jacket', () => {
    expect(ml(jacket())).toEqual({ hood: 16, shoulders: 19, chest: 23, sleeves: 25, hem: 8, back: 25 });
    expect(jacket().ml).toBe(116);
    expect(jacket().zones.map((z) => z.zone)).toEqual(zonesOf('jacket', KNOWLEDGE));
  });
  test('what still sheds takes less, what nearly does a little less', () => {
    expect(ml(jacket({ back: 5, chest: 4, shoulders: 2 }))).toMatchObject({ back: 12, chest: 17, shoulders: 19 });
  });
  test('after a failed test only the zones that failed', () => {
    expect(ml(jacket(undefined, { only: ['shoulders', 'back'] }))).toEqual({ shoulders: 19, back: 25 });
  });
  test('the bottle’s own figure wins, spread the same way', () => {
    const plan = jacket(undefined, { labelMl: 60 });
    expect(Math.abs(plan.ml - 60)).toBeLessThanOrEqual(3);
    expect((ml(plan).shoulders ?? 0) / (ml(plan).hem ?? 1)).toBeCloseTo(2.25, 0);
  });
  test('for every kind: shares make one whole, its exposed zones take no less than their share, none is left out', () => {
    for (const kind of KINDS) {
      const plan = sprayPlan(kind, KNOWLEDGE, undefined, { faceM2: 100, mlPerM2: 100 });
      // What has no zones of its own to a hand with a bottle is one.
      const zones = zonesOf(kind, KNOWLEDGE);
      expect(plan.zones.map((z) => z.zone)).toEqual(zones.length > 2 ? zones : ['body']);
      expect(plan.forgotten.length).toBeGreaterThan(0);
    }
    for (const row of KNOWLEDGE.zones) {
      expect(Object.values(row.share).reduce((sum, s) => sum + s, 0)).toBeCloseTo(1, 9);
      for (const zone of row.more) expect(row.exposed).toContain(zone);
    }
  });
  test('a worse grade never takes less; more face never takes less', () => {
    fc.assert(
      fc.property(fc.constantFrom(...KINDS), fc.nat(4), fc.double({ min: 0.1, max: 5, noNaN: true }), (kind, grade, faceM2) => {
        const [zone] = zonesOf(kind, KNOWLEDGE);
        const at = (g: number, m2 = faceM2) =>
          sprayPlan(kind, KNOWLEDGE, { [zone as string]: g }, { faceM2: m2, mlPerM2: 65 }).ml;
        expect(at(grade)).toBeGreaterThanOrEqual(at(grade + 1));
        expect(at(grade, faceM2 * 1.5)).toBeGreaterThanOrEqual(at(grade));
      }),
    );
  });
  test('pulls by what one pull of that bottle gives', () => {
    expect(pullOf({})).toBe(1);
    expect(pullOf(undefined)).toBe(1);
    expect(pullOf({ pullMl: 0.8 })).toBe(0.8);
    expect(pullsFor(16, 0.8)).toBe(20);
    expect(pullsFor(0.2, 1)).toBe(1);
  });
  test('a programme says it by zone, with what is forgotten, and its sum is what is poured', () => {
    const thing = shell();
    const made = planItem(
      {
        format: 'umbrastic/kit',
        version: 1,
        exportedAt: '2027-01-03T08:00:00Z',
        ...KIT,
        items: [thing],
        inspections: [
          { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', soil: 3, droplet: { shoulders: 0, hood: 1, back: 0, sleeves: 1 } },
        ],
        ...withSupplies('spray-proofer'),
      } as Kit,
      thing,
    );
    const step = made.steps.find((s) => s.settings.spray);
    expect(step?.settings.spray?.reduce((sum, z) => sum + z.ml, 0)).toBe(step?.settings.prooferMl);
    expect(step?.text).toMatch(
      /By zone: hood \d+ mL, shoulders \d+ mL, .* mL\. Front and back, and also under the arms, the back of the hood/,
    );
  });
  test('more than the bottle was thought to hold was used all the same', () => {
    const events = [{ type: 'used', class: 'spray-proofer', ml: 80, supplyId: 'b', stepId: 's', at: 1 }];
    const run = { events } as unknown as Run;
    const { supplies, used } = takeOff(run, [{ id: 'b', class: 'spray-proofer', remainingMl: 60 }]);
    expect(supplies[0]?.remainingMl).toBe(0);
    expect(used.map((u) => u.ml)).toEqual([60, 20]);
  });
  test('a boot and a tent have zones of their own names and no front; what has none is sprayed all round', () => {
    const boot = item('boot', [comp('upper', 'polyamide-woven'), comp('membrane', 'membrane'), comp('outsole', 'rubber')], {
      repellency: 'finish',
    });
    const tent = item('tent', [comp('face', 'polyester-woven'), comp('coating', 'silicone-coating')], { repellency: 'finish' });
    const tarp = { ...tent, kind: 'tarp' as const };
    const said: readonly (readonly [Item, RegExp])[] = [
      [
        boot,
        /By zone: toe \d+ mL, sides \d+ mL and edge above the sole \d+ mL\. All round, and also the tongue and seams and edges\./,
      ],
      [tent, /By zone: roof \d+ mL, sides \d+ mL, ends \d+ mL and lower edge \d+ mL\. All round, and also seams and edges\./],
      [tarp, / All round, and also seams and edges\./],
    ];
    for (const [thing, words] of said) {
      const seen = { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', soil: 0, odour: 0, droplet: { body: 1, hem: 1 } };
      const kit = {
        format: 'umbrastic/kit',
        version: 1,
        exportedAt: seen.at,
        ...KIT,
        items: [thing],
        inspections: [seen],
      } as Kit;
      const steps = planItem({ ...kit, ...withSupplies('spray-proofer') } as Kit, thing).steps.filter((s) => s.settings.spray);
      expect(steps.length).toBeGreaterThan(0);
      for (const { text } of steps) {
        expect(text).toMatch(words);
        expect(text).not.toMatch(/\bhem\b|Front and back/);
      }
    }
  });
  test('what is left in the bottle, and by how much it is short', () => {
    expect(sprayLeftText(60, 0, 116)).toBe('About 60 mL left in the bottle, 116 mL to go: it is short by 56 mL.');
    expect(sprayLeftText(200, 20, 116)).toBe('About 180 mL left in the bottle, 96 mL to go.');
    expect(sprayLeftText(undefined, 20, 116)).toBe('20 mL so far, 96 mL to go.');
    expect(sprayLeftText(200, 116, 116)).toBe('About 84 mL left in the bottle.');
  });
});
