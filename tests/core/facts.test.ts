import { describe, expect, test } from 'vitest';
import type { Knowledge } from '../../src/core/knowledge';
import { KNOWLEDGE } from '../../src/core/knowledge';
import { ASSESS_FACTS } from './facts/assess';
import { CHOICE_FACTS } from './facts/choices';
import type { Fact } from './facts/fact';
import { FAMILY_FACTS } from './facts/families';
import { MATERIAL_FACTS } from './facts/materials';
import { PLACE_FACTS } from './facts/places';
import { RENEWAL_FACTS } from './facts/renewals';
import { SCHOOL_FACTS } from './facts/schools';
import { SIGN_FACTS } from './facts/signs';
import { STAIN_FACTS } from './facts/stains';
import { STEP_FACTS } from './facts/steps';
import { USE_FACTS } from './facts/uses';

const FACTS: readonly Fact[] = [
  ...MATERIAL_FACTS,
  ...ASSESS_FACTS,
  ...STEP_FACTS,
  ...RENEWAL_FACTS,
  ...SIGN_FACTS,
  ...STAIN_FACTS,
  ...PLACE_FACTS,
  ...USE_FACTS,
  ...FAMILY_FACTS,
  ...SCHOOL_FACTS,
  ...CHOICE_FACTS,
];

describe('facts of the trade', () => {
  test.each(FACTS.map((fact, n) => ({ fact, name: `${n}: ${fact.about.slice(0, 3).join(', ')} (${fact.basis})` })))(
    '$name',
    ({ fact }) => {
      if (fact.lists) expect(fact.lists.found(KNOWLEDGE)).toEqual(fact.lists.expected);
      expect(fact.holds(KNOWLEDGE)).toBe(true);
    },
  );
});

/** The fact fails without the record, by its answer or by not being answerable at all. */
function failsWithout(fact: Fact, knowledge: Knowledge): boolean {
  try {
    return !fact.holds(knowledge);
  } catch {
    return true;
  }
}

describe('every record earns its place', () => {
  type Listed = { [K in keyof Knowledge]: Knowledge[K] extends readonly { id: string }[] ? K : never }[keyof Knowledge];
  const lists = (Object.keys(KNOWLEDGE) as (keyof Knowledge)[]).filter((key): key is Listed => Array.isArray(KNOWLEDGE[key]));
  for (const list of lists) {
    test(`deleting any one of ${list} makes a fact fail`, () => {
      const idle: string[] = [];
      KNOWLEDGE[list].forEach((record, index) => {
        const without: Knowledge = {
          ...KNOWLEDGE,
          [list]: (KNOWLEDGE[list] as readonly unknown[]).filter((_, n) => n !== index),
        };
        const name = `${list}/${record.id}`;
        const named = FACTS.filter((fact) => fact.about.includes(name) || fact.about.includes(`${list}/*`));
        if (!named.some((fact) => failsWithout(fact, without)) && !FACTS.some((fact) => failsWithout(fact, without)))
          idle.push(`${name} (${index})`);
      });
      expect(idle).toEqual([]);
    }, 120_000);
  }
});
