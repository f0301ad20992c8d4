import { alikeTables } from './alike';
import type { Fact } from './fact';
import type { When } from './condition';
import type { Family, Knowledge } from './types';

/*
 * Puts records into the order in which they are read, whatever order they were written down in: conditions after what they build on, greater
 * before lesser, told ones by their own `order`. A ring is a fault of the knowledge, not of a request.
 */

/** Facts that a condition reads. */
export const factsIn = (when: When | null | undefined): readonly Fact[] => [
  ...(when?.all ?? []),
  ...(when?.any ?? []),
  ...(when?.none ?? []),
];

/**
 * Names in an order in which each comes after those it builds on; names that do not depend on each other stand by the alphabet.
 * @param before what each name builds on; names outside it are passed over.
 * @throws RangeError naming the ring when one builds on itself.
 */
export function afterWhatTheyBuildOn(before: ReadonlyMap<string, Iterable<string>>): string[] {
  const done: string[] = [];
  const placed = new Set<string>();
  const open: string[] = [];
  const place = (name: string): void => {
    if (placed.has(name)) return;
    if (open.includes(name))
      throw new RangeError(`These build on each other: ${[...open.slice(open.indexOf(name)), name].join(' → ')}.`);
    open.push(name);
    for (const earlier of [...(before.get(name) ?? [])].sort()) if (before.has(earlier)) place(earlier);
    open.pop();
    placed.add(name);
    done.push(name);
  };
  for (const name of [...before.keys()].sort()) place(name);
  return done;
}

const by =
  <T>(key: (record: T) => number, names: (record: T) => string) =>
  (a: T, b: T): number =>
    key(a) - key(b) || (names(a) < names(b) ? -1 : 1);
const inOrderOf = <T extends { readonly id: string }>(records: readonly T[], names: readonly string[]): T[] => {
  const place = new Map(names.map((name, n) => [name, n]));
  return [...records].sort(
    by<T>(
      (r) => place.get(r.id) ?? 0,
      (r) => JSON.stringify(r),
    ),
  );
};
const inOrder = <T extends { readonly id: string; readonly order: number }>(records: readonly T[]): T[] =>
  [...records].sort(
    by<T>(
      (r) => r.order,
      (r) => r.id,
    ),
  );

/** Traits after the traits they build on. A name may have several records; all of them come before what reads it. */
function traitsInOrder<T extends { readonly id: string; readonly when: When }>(traits: readonly T[]): T[] {
  const before = new Map<string, Set<string>>();
  for (const { id, when } of traits) {
    const reads = before.get(id) ?? new Set();
    for (const fact of factsIn(when)) reads.add(fact);
    before.set(id, reads);
  }
  return inOrderOf(traits, afterWhatTheyBuildOn(before));
}

/** Families, greater ones first: the first that fits then speaks. */
function familiesInOrder(families: readonly Family[]): Family[] {
  const before = new Map<string, string[]>(families.map(({ id }) => [id, []]));
  for (const { id, outranks } of families) for (const lesser of outranks) before.get(lesser)?.push(id);
  return inOrderOf(families, afterWhatTheyBuildOn(before));
}

const arrangements = new WeakMap<Knowledge, Knowledge>();

/** The same knowledge with every table in the order it is read. Made once for each knowledge; arranging twice changes nothing. */
export function arranged(knowledge: Knowledge): Knowledge {
  let made = arrangements.get(knowledge);
  if (!made) {
    made = alikeTables({
      ...knowledge,
      traits: traitsInOrder(knowledge.traits),
      planTraits: traitsInOrder(knowledge.planTraits),
      families: familiesInOrder(knowledge.families),
      assess: inOrder(knowledge.assess),
      schools: inOrder(knowledge.schools),
      steps: inOrder(knowledge.steps),
      cautions: inOrder(knowledge.cautions),
      blocks: inOrder(knowledge.blocks),
      assumptions: inOrder(knowledge.assumptions),
      settings: alikeTables(knowledge.settings),
    });
    arrangements.set(knowledge, made);
    arrangements.set(made, made);
  }
  return made;
}
