import { arranged, factsIn } from './arrange';
import type { Knowledge } from './types';

/** @throws RangeError when a record reads what only a later one says. */
function readsOnlyEarlier<T extends { readonly id: string }>(
  records: readonly T[],
  says: (r: T) => string,
  reads: (r: T) => Iterable<string>,
): void {
  const later = new Map<string, number>();
  records.forEach((record, n) => later.set(says(record), n));
  records.forEach((record, n) => {
    for (const fact of reads(record))
      if ((later.get(fact) ?? -1) > n)
        throw new RangeError(`“${record.id}” reads ${fact}, which a later record says: move it behind.`);
  });
}

/**
 * Holds the numbers of rules and schools against what they read. Kept apart from `arranged`, which every page loads: whoever changes the
 * knowledge calls it, as the tests do for what ships.
 * @throws RangeError naming the record that reads an aim or a choice which only a later one says, or the ring of traits or families.
 */
export function checkOrder(knowledge: Knowledge): void {
  const { assess, schools } = arranged(knowledge);
  readsOnlyEarlier(
    assess,
    (rule) => `aim:${rule.aim}`,
    (rule) => factsIn(rule.when),
  );
  readsOnlyEarlier(
    schools,
    (school) => `school:${school.id}`,
    (school) =>
      [...factsIn(school.applies), ...school.options.flatMap((o) => (o.refused ?? []).flatMap((r) => factsIn(r.when)))].map(
        (fact) => fact.replace(/^school:([^=]*)=.*$/, 'school:$1'),
      ),
  );
}
