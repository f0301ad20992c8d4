import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import * as knowledge from '../../src/core/knowledge';
import * as gear from '../../src/core/gear';
import type { Fact, When } from '../../src/core/knowledge';

/* A fact is a word that one side says and another hears. A misspelt one does not compile; one that nobody says, or nobody hears, fails here. */
const SOURCE = readdirSync('src', { recursive: true, encoding: 'utf8' })
  // A rehearsal tells its own risks, and a CSV its own columns, by names that are no facts.
  .filter((file) => /\.tsx?$/.test(file) && !/knowledge\/fact\.ts$|rehears|formats\/csv/.test(file))
  .map((file) => readFileSync(join('src', file), 'utf8'))
  .join('\n');

/** Every fact that a condition of the knowledge reads. */
function readsOf(record: unknown, into: Set<string>): Set<string> {
  if (!record || typeof record !== 'object') return into;
  for (const [key, value] of Object.entries(record)) {
    if (Array.isArray(value) && ['all', 'any', 'none'].includes(key)) for (const fact of value) into.add(String(fact));
    else readsOf(value, into);
  }
  return into;
}
const found = (pattern: RegExp): string[] => [...SOURCE.matchAll(pattern)].map((m) => m[1] as string);

const READ = readsOf([knowledge.KNOWLEDGE, knowledge.OBSERVED], new Set());
for (const fact of found(/\bhas\('([^']+)'/g)) READ.add(fact);
for (const prefix of found(/\bhas\(tag\('([^']+)'/g)) READ.add(prefix);
const SAID = new Set<string>([
  ...[...knowledge.KNOWLEDGE.traits, ...knowledge.KNOWLEDGE.planTraits].map((t) => t.id),
  ...knowledge.KNOWLEDGE.assess.flatMap((r) => r.adds ?? []),
  ...found(/\.add\('([^']+)'\)/g),
  ...found(/\.add\([^()]*\? '([^']+)' : /g),
  ...found(/\? '[^']+' : '([^']+)'\)/g),
  ...found(/\? '(drop:[^']+)'/g),
  ...found(/: '(drop:[^']+)'/g),
]);
const PREFIXES = [...new Set([...found(/\btag\('([^']+)'/g), ...found(/\btagPair\('([^']+)'/g)].filter(Boolean))];

describe('facts', () => {
  const named: readonly string[] = [
    ...knowledge.TRAIT_NAMES,
    ...knowledge.PLAN_TRAIT_NAMES,
    ...knowledge.THING_NAMES,
    ...knowledge.SEEN_NAMES,
    ...knowledge.JUDGED_NAMES,
    ...knowledge.PLANNED_NAMES,
  ];
  test('every named one is said by something', () => expect(named.filter((fact) => !SAID.has(fact))).toEqual([]));
  test('every named one is read by something', () => expect(named.filter((fact) => !READ.has(fact))).toEqual([]));
  test('every prefix that is said is read', () =>
    expect(PREFIXES.filter((prefix) => ![...READ].some((fact) => fact.startsWith(prefix)))).toEqual([]));
  test('every fact that a record reads is said, by its name or its prefix', () => {
    const parts = /^[a-z]+:[a-z-]+$/;
    expect(
      [...READ].filter(
        (fact) => !SAID.has(fact) && !PREFIXES.some((prefix) => fact.startsWith(prefix)) && !(parts.test(fact) && isLayer(fact)),
      ),
    ).toEqual([]);
  });
  test('a misspelt one does not compile', () => {
    const right: When = { all: ['fill:down', 'soil>=2', 'school:DOWN-HEAT=low'], none: ['has-finish'] };
    // @ts-expect-error "doun" is no material
    const layer: Fact = 'fill:doun';
    // @ts-expect-error soil ends at 4
    const grade: Fact = 'soil>=5';
    // @ts-expect-error this school has no such option
    const option: Fact = 'school:DOWN-HEAT=hot';
    // @ts-expect-error nothing is called so
    const name: When = { all: ['has-finnish'] };
    expect([right, layer, grade, option, name]).toHaveLength(5);
  });
  test('schools have just the options of the vocabulary', () =>
    expect(Object.fromEntries(knowledge.SCHOOLS.map((s) => [s.id, s.options.map((o) => o.id)]))).toEqual(
      knowledge.SCHOOL_OPTIONS,
    ));
});

/** "upper:leather": a part and a material. */
function isLayer(fact: string): boolean {
  const [part, material] = fact.split(':') as [string, string];
  return (gear.PARTS as readonly string[]).includes(part) && (gear.MATERIALS as readonly string[]).includes(material);
}
