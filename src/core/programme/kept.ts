import { allLimits, envelopeOf, type Envelope } from '../envelope';
import { hardFacts, itemFacts } from '../facts';
import type { Item } from '../gear';
import { FactSet, type Knowledge } from '../knowledge';

/** What the record of a thing settles by itself, whatever was seen of it and whatever is owned. */
export interface Kept {
  readonly facts: FactSet;
  readonly envelope: Envelope;
  /** What its hard limits alone would permit. */
  readonly hard: FactSet;
}

/** What of a record the above is made from. */
const READ = [
  'kind',
  'components',
  'fittings',
  'marks',
  'makerSays',
  'repellency',
  'lining',
  'jobClass',
  'colour',
  'label',
  'inFreezer',
  'own',
  'massG',
  'bulk',
] as const satisfies readonly (keyof Item)[];
/** True when nothing that was read has changed. A mass counts only as known or unknown. */
const same = (a: Item, b: Item): boolean =>
  READ.every((field) => (field === 'massG' ? (a.massG === undefined) === (b.massG === undefined) : a[field] === b[field]));

const kept = new WeakMap<Knowledge, WeakMap<Item['components'], { readonly of: Item; readonly what: Kept }>>();

/** The same for a thing that is planned again: with another look, another choice, other machines. Made anew when its record has changed. */
export function keptOf(item: Item, knowledge: Knowledge): Kept {
  let byParts = kept.get(knowledge);
  if (!byParts) kept.set(knowledge, (byParts = new WeakMap()));
  const before = byParts.get(item.components);
  if (before && same(before.of, item)) return before.what;
  const envelope = envelopeOf(item, allLimits(item, knowledge));
  const hard = new FactSet();
  hardFacts(envelope, hard);
  const facts = new FactSet();
  itemFacts(item, facts);
  const what = { facts, envelope, hard };
  byParts.set(item.components, { of: item, what });
  return what;
}
