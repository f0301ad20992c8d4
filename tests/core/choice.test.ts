import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { differenceOf, reachOf } from '../../src/core/energy/choice';
import { plan, planItem } from '../../src/core/programme';
import { costText, reachedText, stepsText } from '../../src/core/telling/choice';
import { canvas, KIT, shell } from '../make';
import { latestInspection, type Item, type Kit } from '../../src/core/gear';

const demo = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const stepsOf = (kit: Kit, item: Item): string =>
  JSON.stringify(
    planItem(kit, item).steps.map(({ key, settings, attendedMin, unattendedMin }) => [key, settings, attendedMin, unattendedMin]),
  );

describe('a choice belongs to the thing on whose page it was made', () => {
  const strong = [
    'RUBBER=solvent',
    'SHOE-HEAT=hot',
    'CLOTH-TEMP=60',
    'DOWN-HEAT=medium',
    'SHOE-MACHINE=own-risk',
    'SHELL-WATER=warm',
  ];
  test.each(strong)('%s on one thing is in the plan of no other', (choice) => {
    const [school, option] = choice.split('=') as [string, string];
    for (const item of demo.items) {
      const others = demo.items.filter((i) => i.id !== item.id);
      const chosen: Kit = {
        ...demo,
        items: demo.items.map((i) => (i.id === item.id ? { ...i, schools: { ...i.schools, [school]: option } } : i)),
      };
      for (const other of others.slice(0, 6)) expect(stepsOf(chosen, other)).toBe(stepsOf(demo, other));
    }
  });
  test('its own choice goes before the kit’s, the kit’s before ours', () => {
    const kit = { ...KIT, preferences: { schools: { LACES: 'in' } } };
    const chosen = (item: Item, from: object): string | undefined =>
      plan({
        item,
        inspection: { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', soil: 2 },
        kit: { ...KIT, ...from },
      }).choices.get('LACES');
    expect(chosen(canvas(), {})).toBe('out-in-bag');
    expect(chosen(canvas(), kit)).toBe('in');
    expect(chosen(canvas({ schools: { LACES: 'out-by-hand' } }), kit)).toBe('out-by-hand');
  });
});

describe('what another answer would change', () => {
  const seen = { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', soil: 3 } as const;
  const prices = { currency: 'EUR', prices: { electricityPerKWh: 0.3, waterPerM3: 4 } };
  const made = plan({
    item: shell(),
    inspection: { ...seen, droplet: { back: 4 } },
    kit: { ...KIT, supplies: [], preferences: prices },
  });
  test('is the other plan less this one: tumbling saves the hours on the line and costs electricity', () => {
    const d = differenceOf(made, 'PROOF-HEAT', 'tumble');
    expect(d.goes).toEqual(['Hang it on the line']);
    expect(d.comes).toEqual(['Tumble it dry, with looks']);
    expect(d.allMin).toBeLessThan(-60);
    expect(d.handsMin).toBeGreaterThan(0);
    expect(d.kWh).toBeGreaterThan(0.2);
    expect(stepsText(d)).toBe('Adds: tumble it dry, with looks. Leaves out: hang it on the line.');
  });
  test('tells what it risks and the other does not', () => {
    const hot = plan({ item: canvas(), inspection: seen, kit: KIT });
    expect(differenceOf(hot, 'SHOE-HEAT', 'hot').risks.length).toBeGreaterThan(0);
    expect(differenceOf(hot, 'RUBBER', 'solvent').risks.some((r) => r.startsWith('Acetone is very flammable'))).toBe(true);
    expect(differenceOf(hot, 'LACES', 'in').risks).toEqual([]);
  });
  test('there and back is nothing, for every question of every thing of the demo kit', () => {
    fc.assert(
      fc.property(fc.constantFrom(...demo.items), (item) => {
        const now = plan({ item, inspection: latestInspection(demo.inspections, item.id), kit: demo });
        for (const school of now.asked)
          expect(differenceOf(now, school.id, now.choices.get(school.id) ?? '')).toMatchObject({
            allMin: 0,
            handsMin: 0,
            kWh: 0,
            comes: [],
            goes: [],
            risks: [],
          });
      }),
      { numRuns: 30 },
    );
  });
  test.each([
    [
      { allMin: -40, handsMin: 5, kWh: 0.31, litres: 0, money: 0.12 },
      '40 min less in all, 5 min more of your time, 0.3 kWh more, 0.12 EUR more',
    ],
    [{ allMin: 0, handsMin: 0, kWh: 0.02, litres: -12, money: null }, '12 L less'],
    [{ allMin: 0, handsMin: 0, kWh: 0, litres: 0, money: 0.01 }, ''],
  ])('in words: %o', (by, words) => {
    expect(costText({ comes: [], goes: [], risks: [], ...by }, 'EUR')).toBe(words);
  });
});

describe('for all like it, and for the whole kit', () => {
  const white = demo.items.find((i) => i.id === 'itm-white-shoes')!;
  test('names the things of the same construction that it would change, by what it would change', () => {
    const other = { ...white, id: 'itm-second', name: 'Second pair' };
    const kit: Kit = {
      ...demo,
      items: [...demo.items, other],
      inspections: [...demo.inspections, { id: 'i2', itemId: 'itm-second', at: '2027-01-02T08:00:00Z', soil: 3 }],
    };
    const like = reachOf(kit, white, 'LACES', 'out-by-hand', 'like');
    const second = like.find((r) => r.itemId === 'itm-second');
    expect(second).toMatchObject({ does: 'changes', handsMin: 3 });
    expect(like.some((r) => r.itemId === 'itm-parka')).toBe(false);
    // What it says is what happens.
    const changed = { ...other, schools: { LACES: 'out-by-hand' } };
    const hands = (item: Item): number =>
      planItem(kit, item)
        .steps.filter((s) => s.when === 'always')
        .reduce((n, s) => n + s.attendedMin, 0);
    expect(hands(changed) - hands(other)).toBe(second?.handsMin);
  });
  test('leaves a thing’s own choice, and says where it is refused', () => {
    const second: Item = { ...white, id: 'itm-second', schools: { LACES: 'in' } };
    const third: Item = { ...white, id: 'itm-third', colour: { class: 'dark' } };
    const look = { at: '2027-01-02T08:00:00Z', soil: 3 } as const;
    const kit: Kit = {
      ...demo,
      items: [...demo.items, second, third],
      inspections: [...demo.inspections, { id: 'i2', itemId: second.id, ...look }, { id: 'i3', itemId: third.id, ...look }],
    };
    const of = (id: string, option: [string, string], reach: 'like' | 'kit'): object | undefined =>
      reachOf(kit, white, ...option, reach).find((r) => r.itemId === id);
    expect(of(second.id, ['LACES', 'out-by-hand'], 'kit')).toEqual({ itemId: second.id, does: 'own' });
    expect(of(third.id, ['LACES', 'out-by-hand'], 'kit')).toMatchObject({ does: 'changes' });
    expect(of(third.id, ['SHOE-HEAT', 'hot'], 'kit')).toEqual({ itemId: third.id, does: 'refused', rule: 'hot-white-only' });
    expect(reachedText({ itemId: 'x', does: 'own' })).toBe('keeps its own choice');
    expect(reachedText({ itemId: 'x', does: 'changes', allMin: 0, handsMin: 0 })).toBe('other settings, as long');
    expect(reachedText({ itemId: 'x', does: 'refused', rule: 'medium-needs-label' })).toMatch(
      /^stays as it is: medium heat only/,
    );
  });
});
