import type { Component, Fabric, Item, Material, Part } from '../gear';
import { onceFor, onceForWord } from '../once';
import type { Basis, Dimension, Knowledge, LimitValues, MaterialRow } from '../knowledge';
import { LABEL_RULES, MAKER_RULES, TAKEN_OUT } from '../knowledge';
import { DIMENSIONS, looseness } from './scale';

/** One limit with its cause. `component` is a part name, "label" or "maker". */
export interface Limit extends Basis {
  readonly dimension: Dimension;
  readonly value: LimitValues[Dimension];
  readonly hard: boolean;
  /** `part`: binds only work on that very part. */
  readonly scope: 'whole' | 'part';
  readonly component: string;
  /** Of the component, when it is one. */
  readonly material?: Material | undefined;
  readonly fabric?: Fabric | undefined;
  readonly rule: string;
  /** A hard limit that an explicit label alone may raise this far. */
  readonly labelRaises?: LimitValues[Dimension] | undefined;
  /** How loose the value is, as `looseness` says. */
  readonly loose: number;
}

/**
 * A limit with how loose it is. Every limit has all the fields in one order: they are compared by the thousand.
 * @throws RangeError for a word that the scale does not know (a caller's mistake).
 */
export const limitOf = (of: Omit<Limit, 'loose'>): Limit => ({
  dimension: of.dimension,
  value: of.value,
  loose: looseness(of.dimension, of.value),
  hard: of.hard,
  scope: of.scope,
  component: of.component,
  material: of.material,
  fabric: of.fabric,
  rule: of.rule,
  labelRaises: of.labelRaises,
  basis: of.basis,
  source: of.source,
});

const MEMORY: Basis = { basis: 'memory' };

/** True when the programme takes the component out before anything wet, so that it does not bind. */
export function isTakenOut(item: Item, component: Component): boolean {
  if (component.removable !== undefined) return component.removable;
  const fittings = item.fittings ?? [];
  return TAKEN_OUT.some(
    (t) => fittings.includes(t.fitting) && ('part' in t ? component.part === t.part : component.material === t.material),
  );
}

const rowsIn = onceFor((materials: readonly MaterialRow[]) =>
  onceForWord((material: Material): readonly MaterialRow[] => materials.filter((row) => row.material === material)),
);

function specificity(row: MaterialRow): number {
  return (row.colours ? 1 : 0) + (row.kinds ? 2 : 0) + (row.parts ? 4 : 0) + (row.bonded ? 8 : 0) + (row.fabric ? 16 : 0);
}

/** The most specific row that speaks for a component, or null when nothing is known about its material. */
export function rowFor(item: Item, component: Component, materials: readonly MaterialRow[]): MaterialRow | null {
  let best: MaterialRow | null = null;
  for (const row of rowsIn(materials)(component.material)) {
    if (row.kinds && !row.kinds.includes(item.kind)) continue;
    if (row.parts && !row.parts.includes(component.part)) continue;
    if (row.bonded && component.bonded === undefined) continue;
    if (row.fabric && row.fabric !== component.attributes?.fabric) continue;
    if (row.colours && !row.colours.includes(item.colour?.class ?? 'unknown')) continue;
    if (!best || specificity(row) > specificity(best)) best = row;
  }
  return best;
}

/** The limits that one component brings. */
export function componentLimits(item: Item, component: Component, knowledge: Knowledge): readonly Limit[] {
  const row = rowFor(item, component, knowledge.materials);
  return row ? limitsOf(row)(component.part) : [];
}
const limitsOf = onceFor((row: MaterialRow) => onceForWord((part: Part) => limitsAt(row, part)));

/** The limits of a row, as this part brings them. */
function limitsAt(row: MaterialRow, part: Part): readonly Limit[] {
  const limits: Limit[] = [];
  for (const dimension of DIMENSIONS) {
    const value = row.limits[dimension];
    if (value === undefined || value === null) continue;
    limits.push(
      limitOf({
        dimension,
        value,
        hard: row.hard?.includes(dimension) ?? false,
        scope: row.partScope?.includes(dimension) ? 'part' : 'whole',
        component: part,
        material: row.material,
        fabric: row.fabric,
        rule: `${row.id}.${dimension}`,
        labelRaises: row.labelRaises?.[dimension],
        ...(row.basis?.[dimension] ?? MEMORY),
      }),
    );
  }
  return limits;
}

/** What fittings bring beside the components. */
function fittingLimits(item: Item, knowledge: Knowledge): Limit[] {
  const rows = knowledge.fittings.filter((row) => item.fittings?.includes(row.fitting));
  return rows.flatMap(({ part, material }) => componentLimits(item, { part, material }, knowledge));
}

/** The limits of the care label; none when it is missing. Label limits are hard. */
export function labelLimits(item: Item): Limit[] {
  const label = item.label;
  if (!label) return [];
  const limits: Limit[] = [];
  const add = (dimension: Dimension, value: LimitValues[Dimension], by: Basis & { id: string }): void => {
    const { id: rule, basis, source } = by;
    limits.push(limitOf({ dimension, value, hard: true, scope: 'whole', component: 'label', rule, basis, source }));
  };
  if (label.wash) {
    if (!label.wash.allowed) {
      add('washMaxC', 0, LABEL_RULES.washNo);
      add('action', 'surface', LABEL_RULES.washNo);
    } else {
      if (label.wash.maxC !== undefined) add('washMaxC', label.wash.maxC, LABEL_RULES.washMaxC);
      if (label.wash.action !== undefined) add('action', label.wash.action, LABEL_RULES.action);
      if (label.wash.action === 'hand') add('washMaxC', LABEL_RULES.handMaxC.maxC, LABEL_RULES.handMaxC);
    }
  }
  if (label.bleach !== undefined) add('bleach', label.bleach, LABEL_RULES.bleach);
  if (label.tumble !== undefined) add('tumble', label.tumble, LABEL_RULES.tumble);
  if (label.ironMaxC !== undefined) add('ironMaxC', label.ironMaxC, LABEL_RULES.ironMaxC);
  if (label.naturalDrying?.includes('drip')) add('spinMaxRpm', 0, LABEL_RULES.drip);
  return limits;
}

/** The limits in the maker's own notes. */
export function makerLimits(item: Item): Limit[] {
  const limits: Limit[] = [];
  for (const note of item.makerSays ?? []) {
    for (const rule of MAKER_RULES) {
      if (rule.about !== note.about || rule.says !== note.says) continue;
      for (const dimension of DIMENSIONS) {
        const value = rule.limits[dimension];
        if (value === undefined || value === null) continue;
        limits.push(
          limitOf({
            dimension,
            value,
            hard: rule.hard,
            scope: 'whole',
            component: 'maker',
            rule: `maker-${note.says}-${note.about}`,
            basis: 'maker',
          }),
        );
      }
    }
  }
  return limits;
}

/** Every limit on an item: components that stay on, label, maker. */
export function allLimits(item: Item, knowledge: Knowledge, keepsOn: (component: Component) => boolean = () => false): Limit[] {
  const limits: Limit[] = [];
  for (const component of item.components) {
    if (isTakenOut(item, component) && !keepsOn(component)) continue;
    limits.push(...componentLimits(item, component, knowledge));
  }
  limits.push(...fittingLimits(item, knowledge), ...labelLimits(item), ...makerLimits(item));
  return limits;
}
