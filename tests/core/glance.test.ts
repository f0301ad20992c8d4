import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { minutesOf } from '../../src/core/document';
import { planItem } from '../../src/core/programme';
import { allInUnits } from '../../src/core/units/said';
import { glanceOf } from '../../src/core/telling/glance';

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const plan = (id: string) =>
  planItem(
    kit,
    kit.items.find((i) => i.id === id)!,
  );
const said = (id: string, us = false): Record<string, string> =>
  Object.fromEntries(allInUnits(glanceOf(plan(id)), us ? 'us' : 'metric').map((g) => [g.label, `${g.value}, ${g.more}`]));

describe('a programme in five figures', () => {
  test('of a machine wash, a wash by hand, a warming, and of nothing', () => {
    expect(said('itm-parka')).toMatchObject({
      Cleaner: '100 mL, down cleaner, 4 caps',
      Water: '20 °C, on “Delicate”',
      Rinses: '3, at least, until clear',
    });
    expect(said('itm-jersey')).toMatchObject({ Water: '20 °C, by hand', Rinses: '5, at least, until clear' });
    // The minutes in the dryer, as its step says them; hands are told apart.
    expect(said('itm-smock')).toMatchObject({ Dryer: 'medium, 20 min' });
    expect(Object.keys(said('itm-smock'))).toEqual(['Dryer', 'Your hands']);
    expect(said('itm-vest')).toEqual({});
    expect(said('itm-rope')).toEqual({});
  });
  // 20 °C is 68 °F; a US fluid ounce is 29.5735 mL (NIST SP 811, appendix B.8): 100 mL are 3.38.
  test('in the units of the United States', () =>
    expect(said('itm-parka', true)).toMatchObject({
      Cleaner: '3.4 US fl oz, down cleaner, 4 caps',
      Water: '68 °F, on “Delicate”',
    }));
  test('each is what its steps say, for every thing of the kit', () => {
    for (const item of kit.items) {
      const programme = planItem(kit, item);
      const always = programme.steps.filter((s) => s.when === 'always');
      for (const { id, value, step } of glanceOf(programme)) {
        if (step) expect(always).toContain(step);
        if (id === 'cleaner' && step?.settings.doseMl) expect(value).toBe(`${step.settings.doseMl} mL`);
        if (id === 'water') expect(value).toBe(`${step?.settings.tempC} °C`);
        if (id === 'rinses') expect(Number(value)).toBe(always.reduce((sum, s) => sum + (s.settings.rinses ?? 0), 0));
        if (id === 'hands') expect(minutesOf(always).hands).toBeGreaterThan(0);
      }
      // Whatever is washed with something says what and how much.
      const wash = always.find((s) => s.do === 'machine-wash');
      if (wash)
        expect(glanceOf(programme).map((g) => g.id)).toEqual(
          expect.arrayContaining(['cleaner', 'water', 'rinses', 'dry', 'hands']),
        );
    }
  });
});
