import { INSPECTION_FIELDS, type Inspection, type InspectionField } from './inspection';

/** The newest inspection of an item by its time, or null. */
export function latestInspection(inspections: readonly Inspection[], itemId: string): Inspection | null {
  let newest: Inspection | null = null;
  for (const inspection of inspections) {
    if (inspection.itemId !== itemId) continue;
    if (!newest || Date.parse(inspection.at) >= Date.parse(newest.at)) newest = inspection;
  }
  return newest;
}

/** Rows by the thing that they are of, in their order; those of none are left out. */
export function byItem<R extends { readonly itemId?: string }>(rows: readonly R[]): Map<string, R[]> {
  const lists = new Map<string, R[]>();
  for (const row of rows) {
    if (row.itemId === undefined) continue;
    const known = lists.get(row.itemId);
    if (known) known.push(row);
    else lists.set(row.itemId, [row]);
  }
  return lists;
}
/** The newest inspection of every item that has one. */
export function latestByItem(inspections: readonly Inspection[]): Map<string, Inspection> {
  const newest = new Map<string, Inspection>();
  for (const inspection of inspections) {
    const known = newest.get(inspection.itemId);
    if (!known || Date.parse(inspection.at) >= Date.parse(known.at)) newest.set(inspection.itemId, inspection);
  }
  return newest;
}

/** A look in which only some things are new: what else was seen stands as it was, with the day it is from. Its note was of that day. */
export function seenAnew(seen: Inspection | null, anew: Inspection): Inspection {
  if (!seen) return anew;
  const { note: _note, asOf, ...before } = seen;
  const from = Object.fromEntries(
    INSPECTION_FIELDS.filter((field) => before[field] !== undefined && anew[field] === undefined).map((field) => [
      field,
      asOf?.[field] ?? before.at,
    ]),
  );
  return { ...before, ...anew, ...(Object.keys(from).length > 0 ? { asOf: from } : {}) };
}

/** What is tried by itself, with drops, and is no look over. */
const BY_ITSELF: InspectionField = 'droplet';
/**
 * When a thing was looked over as a whole, ISO 8601: a look in which only the marks are new, after one of them was worked on, or only the drops,
 * is none of that kind. It holds what was seen before with the day that this is from, the newest of which is meant.
 */
export function lookedAt(seen: Inspection): string {
  const { asOf } = seen;
  if (!asOf) return seen.at;
  let newest: string | null = null;
  for (const field of INSPECTION_FIELDS) {
    if (seen[field] === undefined || field === BY_ITSELF) continue;
    const from = asOf[field];
    if (from === undefined) return seen.at;
    if (newest === null || Date.parse(from) > Date.parse(newest)) newest = from;
  }
  return newest ?? seen.at;
}
