/**
 * The meet of all limits of a thing, each with what binds it. Commutative, associative and idempotent: order and repetition of limits
 * never matter, and one more limit never loosens it. Refuses: any opinion on what to do inside the envelope.
 */
import type { Item } from '../gear';
import type { Dimension, LimitValues } from '../knowledge';
import { LABEL_DIMENSIONS, MAKER_ALLOWS } from '../knowledge/label-rules';
import { limitOf, type Limit } from './limits';
import type { Bound, Envelope, Waiver } from './types';
import { DIMENSIONS, forEachDimension, loosest, looseness } from './scale';

export * from './changes';
export type * from './types';
export * from './limits';
export * from './scale';

/** A school that knowingly passes soft limits, or adds its own. */
export interface SchoolPull {
  readonly school: string;
  readonly waives?: Partial<LimitValues>;
  readonly tightens?: Partial<LimitValues>;
}

/** Total order on limits by content, strictest first, so that the binding cause never depends on the order they came in. */
function compare(a: Limit, b: Limit): number {
  return (
    a.loose - b.loose ||
    Number(b.hard) - Number(a.hard) ||
    (a.rule < b.rule ? -1 : a.rule > b.rule ? 1 : 0) ||
    (a.component < b.component ? -1 : a.component > b.component ? 1 : 0)
  );
}

/** The strictest of these. */
function strictest(limits: readonly Limit[]): Limit | null {
  let best: Limit | null = null;
  for (const limit of limits) if (!best || compare(limit, best) < 0) best = limit;
  return best;
}

interface Permit {
  readonly value: LimitValues[Dimension];
  readonly by: string;
}
/** What the label or the maker explicitly allows for a dimension, or undefined when silent. */
function allowed(item: Item, dimension: Dimension, limits: readonly Limit[]): Permit | undefined {
  if (!LABEL_DIMENSIONS.includes(dimension)) return undefined;
  let label: Limit | null = null;
  for (const limit of limits) if (limit.component === 'label' && (!label || compare(limit, label) < 0)) label = limit;
  if (label) return { value: label.value, by: 'label' };
  for (const note of item.makerSays ?? []) {
    if (note.says !== 'allows' && note.says !== 'requires') continue;
    const value = MAKER_ALLOWS[note.about]?.[dimension];
    if (value !== undefined) return { value, by: 'maker' };
  }
  return undefined;
}

interface Passed {
  readonly limit: Limit;
  readonly to: LimitValues[Dimension];
  readonly by: string;
}
/** The limits of one dimension: those that bind, those that can never be passed, and those that are passed, by whom and how far. */
function sorted(permit: Permit | undefined, dimension: Dimension, all: readonly Limit[], schools: readonly SchoolPull[]) {
  const loose = (value: LimitValues[Dimension]): number => looseness(dimension, value);
  const inForce: Limit[] = [];
  const passed: Passed[] = [];
  const hardOnes: Limit[] = [];
  for (const limit of all) {
    if (limit.hard) {
      const raise = limit.labelRaises;
      if (raise !== undefined && permit?.by === 'label' && loose(permit.value) > limit.loose) {
        const to = loose(permit.value) < loose(raise) ? permit.value : raise;
        const raised = limitOf({ ...limit, value: to });
        // Not hard in the tie: the label that raised it is what binds.
        inForce.push(limitOf({ ...raised, hard: false }));
        hardOnes.push(raised);
        passed.push({ limit, to, by: 'label' });
      } else {
        inForce.push(limit);
        hardOnes.push(limit);
      }
      continue;
    }
    const school = schools.find((s) => s.waives?.[dimension] !== undefined && loose(s.waives[dimension]) > limit.loose);
    if (permit && loose(permit.value) > limit.loose) passed.push({ limit, to: permit.value, by: permit.by });
    else if (school) passed.push({ limit, to: school.waives?.[dimension] as LimitValues[Dimension], by: school.school });
    else inForce.push(limit);
  }
  return { inForce, passed, hardOnes, loose };
}
/** A limit that was passed binds where the pass ends: it goes as far as its word and no further. */
const moved = ({ limit, to, by }: Passed): Limit =>
  limitOf({
    ...limit,
    value: to,
    component: by,
    rule: by === 'label' || by === 'maker' ? `${by}-allows` : by,
    hard: false,
  });
/** Limits that schools set of their own. */
const tightened = (dimension: Dimension, schools: readonly SchoolPull[]): Limit[] =>
  schools.flatMap((school): Limit[] => {
    const value = school.tightens?.[dimension];
    if (value === undefined) return [];
    return [
      limitOf({ dimension, value, hard: false, scope: 'whole', component: 'school', rule: school.school, basis: 'practice' }),
    ];
  });

/** What one dimension comes to: its bound, and the meet of its hard limits alone. */
interface Met {
  readonly bound: Bound;
  readonly hard: LimitValues[Dimension];
}
/** Of a dimension that nothing limits. */
const FREE = forEachDimension((dimension): Met => ({ bound: { value: loosest(dimension), by: null }, hard: loosest(dimension) }));
/** The meet of limits that nobody passes. */
function meetAsTheyAre(dimension: Dimension, all: readonly Limit[]): Met {
  let by: Limit | null = null;
  let hard: Limit | null = null;
  for (const limit of all) {
    if (!by || compare(limit, by) < 0) by = limit;
    if (limit.hard && (!hard || compare(limit, hard) < 0)) hard = limit;
  }
  const free = FREE[dimension];
  return { bound: by ? { value: by.value, by } : free.bound, hard: hard ? hard.value : free.hard };
}
/** The meet of one dimension's limits; what was passed is added to `waived`. */
function meet(item: Item, dimension: Dimension, all: readonly Limit[], schools: readonly SchoolPull[], waived: Waiver[]): Met {
  const permit = allowed(item, dimension, all);
  if (!permit && schools.length === 0) return meetAsTheyAre(dimension, all);
  const { inForce, passed, hardOnes, loose } = sorted(permit, dimension, all, schools);
  // A school may be passed on by a label that allows more still.
  inForce.push(...passed.filter((p) => !p.limit.hard).map(moved), ...tightened(dimension, schools));
  const binding = strictest(inForce);
  const value = binding ? binding.value : loosest(dimension);
  for (const { limit, by } of passed) {
    const known = waived.some(
      (w) => w.dimension === dimension && w.limit.rule === limit.rule && w.limit.component === limit.component,
    );
    if (!known && loose(value) > limit.loose) waived.push({ dimension, from: limit.value, to: value, by, limit });
  }
  return { bound: { value, by: binding }, hard: strictest(hardOnes)?.value ?? loosest(dimension) };
}

/**
 * The envelope of an item: per dimension the strictest of its hard limits and of those soft limits that neither an explicit label, nor the
 * maker, nor a knowingly chosen school passes. Limits of scope `part` are kept for work on that part and do not bind the whole.
 */
export function envelopeOf(item: Item, limits: readonly Limit[], schools: readonly SchoolPull[] = []): Envelope {
  const waived: Waiver[] = [];
  const byDimension = new Map<Dimension, Limit[]>();
  for (const limit of limits) {
    if (limit.scope !== 'whole') continue;
    const list = byDimension.get(limit.dimension);
    if (list) list.push(limit);
    else byDimension.set(limit.dimension, [limit]);
  }
  const met = forEachDimension((dimension) => {
    const all = byDimension.get(dimension);
    return all || schools.length > 0 ? meet(item, dimension, all ?? [], schools, waived) : FREE[dimension];
  });
  return {
    bounds: forEachDimension((dimension) => met[dimension].bound) as Envelope['bounds'],
    hard: forEachDimension((dimension) => met[dimension].hard) as Envelope['hard'],
    waived: waived.sort(byContent),
    limits,
  };
}

function byContent(a: Waiver, b: Waiver): number {
  return DIMENSIONS.indexOf(a.dimension) - DIMENSIONS.indexOf(b.dimension) || compare(a.limit, b.limit);
}

/** True when doing `value` stays inside the envelope. */
export function allows<D extends Dimension>(envelope: Envelope, dimension: D, value: LimitValues[D]): boolean {
  return looseness(dimension, value) <= looseness(dimension, envelope.bounds[dimension].value);
}
