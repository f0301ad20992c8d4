import { allLimits, envelopeOf, type Envelope } from '../envelope';
import { envelopeFacts, hardFacts, itemFacts } from '../facts';
import type { Item } from '../gear';
import { FactSet, type Knowledge } from '../knowledge';
import { onceFor } from '../once';

/** What the record of a thing settles by itself, whatever was seen of it and whatever is owned. */
export interface ByRecord {
  readonly facts: FactSet;
  readonly envelope: Envelope;
  /** What its hard limits alone would permit, and what all its limits do. */
  readonly hard: FactSet;
  readonly can: FactSet;
}

/** True when nothing of its record has changed that the above is made from. A mass and a bulk count only as known or unknown. */
const same = (a: Item, b: Item): boolean =>
  a.kind === b.kind &&
  a.components === b.components &&
  a.fittings === b.fittings &&
  a.marks === b.marks &&
  a.makerSays === b.makerSays &&
  a.repellency === b.repellency &&
  a.lining === b.lining &&
  a.jobClass === b.jobClass &&
  a.colour === b.colour &&
  a.label === b.label &&
  a.inFreezer === b.inFreezer &&
  a.own === b.own &&
  (a.bulk === undefined) === (b.bulk === undefined) &&
  (a.massG === undefined) === (b.massG === undefined);

const lastOf = onceFor((_: Knowledge) => new WeakMap<Item['components'], { readonly of: Item; readonly settled: ByRecord }>());

/** The same for a thing that is planned again: with another look, another choice, other machines. Made anew when its record has changed. */
export function byRecord(item: Item, knowledge: Knowledge): ByRecord {
  const last = lastOf(knowledge);
  const before = last.get(item.components);
  if (before && same(before.of, item)) return before.settled;
  const envelope = envelopeOf(item, allLimits(item, knowledge));
  const hard = new FactSet();
  hardFacts(envelope, hard);
  const can = new FactSet();
  envelopeFacts(envelope, can);
  const settled = { facts: itemFacts(item), envelope, hard, can };
  last.set(item.components, { of: item, settled });
  return settled;
}
