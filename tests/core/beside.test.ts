import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { checkKit } from '../../src/core/formats';
import { besideOf, kitOfThings } from '../../src/core/formats/beside';
import type { Kit } from '../../src/core/gear';

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const AT = '2027-01-03T08:00:00Z';
const IDS = kit.items.map((i) => i.id);
/** As the store does it. */
const added = (mine: Kit, theirs: Kit): Kit => {
  const { items, inspections, log, weighIns } = besideOf(mine, theirs);
  return {
    ...mine,
    items: [...mine.items, ...items],
    inspections: [...mine.inspections, ...inspections],
    log: [...(mine.log ?? []), ...log],
    weighIns: [...(mine.weighIns ?? []), ...weighIns],
  };
};
const sorted = (k: Kit) => ({
  items: [...k.items].map((i) => i.id).sort(),
  inspections: [...k.inspections].map((i) => i.id).sort(),
  log: [...(k.log ?? [])].map((e) => e.id).sort(),
});
const some = fc.subarray(IDS);
const of = (ids: readonly string[]): Kit => kitOfThings(kit, ids, AT);

describe('things handed over', () => {
  test('a thing alone: its looks, lines and weights, no bottle, machine or drum of its owner, and a sound document', () => {
    const alone = of(['itm-parka']);
    expect(alone.items.map((i) => i.id)).toEqual(['itm-parka']);
    expect(alone.inspections.length).toBe(kit.inspections.filter((i) => i.itemId === 'itm-parka').length);
    expect(alone.log?.length).toBe(kit.log?.filter((e) => e.itemId === 'itm-parka').length);
    expect(JSON.stringify(alone)).not.toMatch(/supplyId|washerId|dryerId|loadId/);
    expect(alone.log?.some((e) => 'supplies' in e && (e.supplies ?? []).some((s) => s.class === 'down-cleaner'))).toBe(true);
    expect(alone).not.toHaveProperty('equipment');
    expect(alone).not.toHaveProperty('supplies');
    expect(checkKit(structuredClone(alone)).status).toBe('read');
  });
  test('what is its owner’s alone stays: price, worth, loans, words, figures and risks that were taken', () => {
    const [parka] = kit.items.filter((i) => i.id === 'itm-parka');
    const full = {
      ...parka!,
      owner: 'Ansa',
      tags: ['mine'],
      price: { amount: 300, currency: 'EUR' },
      worth: { asFound: { low: 1, high: 2 } },
      lent: { to: 'Tor', on: '2027-01-01' },
      own: { dosesMl: {} },
      schools: { 'SHOE-HEAT': 'hot' },
    };
    const [gone] = kitOfThings({ ...kit, items: [full] }, ['itm-parka'], AT).items;
    for (const field of ['owner', 'tags', 'price', 'worth', 'lent', 'own', 'schools']) expect(gone).not.toHaveProperty(field);
    expect(gone).toMatchObject({ name: parka!.name, components: parka!.components, label: parka!.label });
  });
  test('what is here stays as it is, and is named', () => {
    const mine = { ...of(['itm-parka']), items: of(['itm-parka']).items.map((i) => ({ ...i, name: 'Mine' })) };
    const { items, known, inspections, log } = besideOf(mine, of(['itm-parka', 'itm-quilt']));
    expect(items.map((i) => i.id)).toEqual(['itm-quilt']);
    expect(known.map((i) => i.id)).toEqual(['itm-parka']);
    expect([...inspections, ...log].every((row) => row.itemId === 'itm-quilt')).toBe(true);
  });
  test('laws: twice is once, nothing of mine is lost or changed, two files in either order come to the same, the result is sound', () => {
    fc.assert(
      fc.property(some, some, some, (a, b, c) => {
        const [mine, one, two] = [of(a), of(b), of(c)];
        const once = added(mine, one);
        expect(added(once, one)).toEqual(once);
        for (const list of ['items', 'inspections', 'log'] as const)
          expect((once[list] ?? []).slice(0, mine[list]?.length ?? 0)).toEqual(mine[list]);
        expect(sorted(added(once, two))).toEqual(sorted(added(added(mine, two), one)));
        expect(checkKit(structuredClone(once)).status).toBe('read');
      }),
      { numRuns: 25 },
    );
  });
});
