import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { forThoseThatHold, holds } from '../../src/core/facts';
import type { Item } from '../../src/core/gear';
import { arranged, codesHold, FactSet, KNOWLEDGE, takeThoseThatHold, type Fact, type When } from '../../src/core/knowledge';
import { alike, alikeTables } from '../../src/core/knowledge/alike';
import { codesOf } from '../../src/core/knowledge/codes';
import { plan, writeProgramme } from '../../src/core/programme';
import { invented } from '../make';
import { item as anItem } from '../property/arbitraries';

/* More names than one word has bits, so that words and their edges are met. */
const NAMES = invented<Fact[]>(Array.from({ length: 95 }, (_, n) => `coded-${n}`));
const some = fc.subarray(NAMES, { maxLength: 6 });
const condition: fc.Arbitrary<When> = fc.record({ all: some, any: some, none: some }, { requiredKeys: [] });
const known = fc.subarray(NAMES);

describe('a set of facts', () => {
  type Deed = readonly ['add' | 'delete', Fact];
  const deeds = fc.array(fc.tuple(fc.constantFrom('add' as const, 'delete' as const), fc.constantFrom(...NAMES)), {
    maxLength: 60,
  });
  const carriedOut = <S extends { add(fact: Fact): unknown; delete(fact: Fact): boolean }>(set: S, all: readonly Deed[]): S => {
    for (const [deed, fact] of all) set[deed](fact);
    return set;
  };
  test('is as a plain set is, in the same order', () => {
    fc.assert(
      fc.property(deeds, known, (all, others) => {
        const plain = carriedOut(new Set<Fact>(), all);
        const facts = carriedOut(new FactSet(), all);
        expect([[...facts], facts.size]).toEqual([[...plain], plain.size]);
        expect(NAMES.filter((name) => facts.has(name))).toEqual(NAMES.filter((name) => plain.has(name)));
        const more = new FactSet(facts);
        more.addAll(new FactSet(others));
        expect([...more]).toEqual([...new Set([...plain, ...others])]);
        // A copy is its own.
        expect([...facts]).toEqual([...plain]);
      }),
    );
  });
  test('says whether there was something to take away', () => {
    const facts = new FactSet(NAMES.slice(0, 2));
    expect([facts.delete(NAMES[0] as Fact), facts.delete(NAMES[0] as Fact)]).toEqual([true, false]);
  });
});

describe('conditions as numbers', () => {
  test('hold where the conditions hold', () => {
    fc.assert(
      fc.property(condition, known, (when, facts) => {
        expect(codesHold(codesOf(when), new FactSet(facts).bits)).toBe(holds(when, new Set(facts)));
      }),
    );
  });
  test('of a table are taken in order, and what one adds the next reads', () => {
    const [a, b, c, d] = NAMES as [Fact, Fact, Fact, Fact];
    const table = alike([
      { id: c, when: { all: [b] } },
      { id: b, when: { all: [a], none: [d] } },
      { id: d, when: { any: [c, b] } },
    ]);
    const derived = (records: typeof table): Fact[] => {
      const facts = new FactSet([a]);
      forThoseThatHold(records, facts, ({ id }) => facts.add(id));
      return [...facts];
    };
    expect(derived(table)).toEqual([a, b, d]);
    expect(derived([...table].reverse())).toEqual([a, b, c]);
    expect(
      takeThoseThatHold(invented<{ when: When }[]>([{ when: { all: [a] } }]), new FactSet([a]).bits, () => expect.fail()),
    ).toBe(false);
  });
  test('all of the shipped knowledge say what its names say, and a table is taken as one by one', () => {
    const { kit } = makeDemoKit(Date.UTC(2027, 0, 3, 8));
    const tables: (readonly { readonly id: string; readonly when: When }[])[] = [
      KNOWLEDGE.steps,
      KNOWLEDGE.assess,
      KNOWLEDGE.cautions,
      KNOWLEDGE.blocks,
      KNOWLEDGE.assumptions,
    ];
    for (const item of kit.items.slice(0, 12)) {
      const { facts } = plan({ item, inspection: null, kit });
      for (const table of tables) {
        const named = table.filter(({ when: { all, any, none } }) => holds(invented<When>({ all, any, none }), facts));
        const taken: unknown[] = [];
        forThoseThatHold(table, facts, (record, n) => taken.push([record.id, n]));
        expect(taken).toEqual(named.map((record) => [record.id, table.indexOf(record)]));
      }
    }
  });
});

describe('records of one table', () => {
  const forms = (records: readonly object[]): number => new Set(records.map((record) => Object.keys(record).join())).size;
  test('have one form, in lists within them too, and say what they said', () => {
    const [a, b] = NAMES as [Fact, Fact];
    const table = [
      { id: 'x', when: { all: [a] }, ways: [{ use: 1 }, { use: 2, when: { none: [b] } }] },
      { id: 'y', ways: [{ use: 3, when: { any: [a, b] } }] },
      { id: 'z', set: { all: 'free', more: 1 } },
    ];
    const made = alike(table);
    expect(made).toMatchObject(table);
    expect([forms(made), forms(made.flatMap((record): readonly object[] => record.ways ?? []))]).toEqual([1, 1]);
    expect(made[2]?.set).toBe(table[2]?.set);
    expect(alike([])).toEqual([]);
  });
  test('every table of the shipped knowledge is so, and its settings', () => {
    const all: unknown[] = Object.values({ ...KNOWLEDGE, ...KNOWLEDGE.settings });
    const tables = all.filter((table): table is object[] => Array.isArray(table) && typeof table[0] === 'object');
    expect(tables.length).toBeGreaterThan(30);
    for (const table of tables) expect(forms(table)).toBe(1);
    expect(alikeTables({ one: 1, when: { all: [NAMES[0] as Fact] } })).toMatchObject({ one: 1, when: { all: [NAMES[0]] } });
    expect(arranged(KNOWLEDGE)).toBe(KNOWLEDGE);
  });
});

describe('what is kept of a thing between two plans', () => {
  const { kit } = makeDemoKit(Date.UTC(2027, 0, 3, 8));
  const planned = (item: Item): string => {
    const made = plan({ item, inspection: null, kit });
    return JSON.stringify([writeProgramme(made), [...made.facts]]);
  };
  const thing = kit.items.find((i) => i.kind === 'jacket' && i.label && i.fittings) as Item;
  const CHANGED: { readonly [field in keyof Item]?: Item[field] } = {
    kind: 'vest',
    fittings: ['fur-trim'],
    marks: ['life-safety'],
    makerSays: [{ about: 'tumble', says: 'forbids' }],
    repellency: 'none',
    lining: 'wicking',
    jobClass: 'dirty',
    colour: { class: 'dark', bleed: 'bleeds' },
    label: { wash: { allowed: false } },
    inFreezer: true,
    own: { tempC: 20 },
    count: 3,
  };
  test.each(Object.keys(CHANGED) as (keyof Item)[])('another %s is another plan, as of a thing never seen', (field) => {
    const before = planned(thing);
    const changed = { ...thing, [field]: CHANGED[field] };
    expect(planned(changed)).toBe(planned(structuredClone(changed)));
    expect(planned(changed)).not.toBe(before);
    expect(planned(thing)).toBe(before);
  });
  test.each(['massG', 'bulk'] as const)('a thing whose %s becomes known', (field) => {
    const known: Item = { ...thing, massG: 900, bulk: 'large' };
    const { [field]: _, ...unknown } = known;
    const before = planned(known);
    expect(planned(unknown)).not.toBe(before);
    expect(planned(unknown)).toBe(planned(structuredClone(unknown)));
    expect(planned(known)).toBe(before);
  });
  test('whatever else of a record changes', () => {
    fc.assert(
      fc.property(anItem, anItem, (one, other) => {
        planned(one);
        const changed = { ...other, components: one.components };
        expect(planned(changed)).toBe(planned(structuredClone(changed)));
      }),
      { numRuns: 60 },
    );
  });
});
