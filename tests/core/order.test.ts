import { latestByItem } from '../../src/core/gear';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { addTraits, holds, itemFacts } from '../../src/core/facts';
import {
  afterWhatTheyBuildOn,
  arranged,
  checkOrder,
  FactSet,
  KNOWLEDGE,
  type Fact,
  type Family,
  type Knowledge,
  type Trait,
} from '../../src/core/knowledge';
import { plan, writeProgramme } from '../../src/core/programme';
import { household, item, seen } from '../property/arbitraries';
import { invented } from '../make';

/* Order that matters is written in the records; where a record stands in its table changes nothing. */
const { kit } = makeDemoKit(Date.UTC(2027, 0, 3, 8));
const latest = latestByItem(kit.inspections);
const REQUESTS = [
  ...kit.items.map((thing) => ({ item: thing, inspection: latest.get(thing.id) ?? null, kit })),
  ...fc.sample(fc.record({ item, inspection: seen, kit: household }), { numRuns: 60, seed: 11 }),
];
const programmes = (knowledge: Knowledge): string[] =>
  REQUESTS.map((request) => JSON.stringify(writeProgramme(plan(request, knowledge))));
const USUAL = programmes(KNOWLEDGE);

type Table = { [K in keyof Knowledge]: Knowledge[K] extends readonly { id: string }[] ? K : never }[keyof Knowledge];
const TABLES = (Object.keys(KNOWLEDGE) as (keyof Knowledge)[]).filter((key): key is Table => Array.isArray(KNOWLEDGE[key]));

describe('a table in any order gives the same programmes', () => {
  for (const table of TABLES) {
    const records: readonly unknown[] = KNOWLEDGE[table];
    const orders = [
      [...records].reverse(),
      fc.sample(fc.shuffledSubarray([...records], { minLength: records.length }), { numRuns: 1, seed: 3 })[0],
    ];
    test.each([0, 1])(`${table} (%i)`, (n) => {
      const shuffled = programmes({ ...KNOWLEDGE, [table]: orders[n] });
      expect(shuffled.flatMap((programme, at) => (programme === USUAL[at] ? [] : [`request ${at}`]))).toEqual([]);
    });
  }
});

describe('traits', () => {
  const trait = (id: string, ...all: string[]): Trait => invented({ id, when: { all } });
  const derived = (...traits: Trait[]): string[] => {
    const facts = new FactSet().add(invented<Fact>('seen'));
    addTraits(arranged({ ...KNOWLEDGE, traits }).traits, facts);
    return [...facts].sort();
  };
  test('one may build on another that stands behind it', () =>
    expect(derived(trait('a', 'b'), trait('b', 'c'), trait('c', 'seen'))).toEqual(['a', 'b', 'c', 'seen']));
  test('one name with several records waits for all of them', () =>
    expect(derived(trait('z', 'y'), trait('y', 'never'), trait('y', 'x'), trait('x', 'seen'))).toEqual(['seen', 'x', 'y', 'z']));
  test('a ring is a fault that names it', () => expect(() => derived(trait('a', 'b'), trait('b', 'a'))).toThrow('a → b → a'));
  test('names stand after what they build on, else by the alphabet', () =>
    expect(
      afterWhatTheyBuildOn(
        new Map([
          ['b', ['c']],
          ['a', []],
          ['c', ['outside']],
        ]),
      ),
    ).toEqual(['a', 'c', 'b']));
});

describe('rules and schools', () => {
  test('of what ships read only what earlier ones say', () => expect(() => checkOrder(KNOWLEDGE)).not.toThrow());
  test('a rule may not read an aim that only a later one sets', () => {
    const assess = KNOWLEDGE.assess.map((rule) => (rule.id === 'soil-wash' ? { ...rule, order: 9999 } : rule));
    expect(() => checkOrder({ ...KNOWLEDGE, assess })).toThrow('reads aim:wash');
  });
  test('a school may not read a choice that is only settled later', () => {
    const schools = KNOWLEDGE.schools.map((school) => (school.id === 'JERSEY-PLACE' ? { ...school, order: 9999 } : school));
    expect(() => checkOrder({ ...KNOWLEDGE, schools })).toThrow('reads school:JERSEY-PLACE');
  });
});

describe('families', () => {
  const lesser = (family: Family, into = new Set<string>()): Set<string> => {
    for (const id of family.outranks)
      if (!into.has(id)) {
        into.add(id);
        lesser(KNOWLEDGE.families.find((f) => f.id === id) as Family, into);
      }
    return into;
  };
  test('of those that fit a thing, one outranks all the others', () => {
    fc.assert(
      fc.property(item, fc.boolean(), (thing, scent) => {
        const facts = itemFacts(thing);
        addTraits(KNOWLEDGE.traits, facts);
        if (scent) facts.add('scent-routine');
        const fit = KNOWLEDGE.families.filter((f) => holds(f.when, facts));
        const below = lesser(fit[0] as Family);
        expect(
          fit
            .slice(1)
            .filter((f) => !below.has(f.id))
            .map((f) => `${fit[0]?.id} does not outrank ${f.id}`),
        ).toEqual([]);
      }),
      { numRuns: 3000 },
    );
  });
});
