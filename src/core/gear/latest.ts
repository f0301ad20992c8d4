import type { Inspection } from './inspection';

/** The newest inspection of an item by its time, or null. */
export function latestInspection(inspections: readonly Inspection[], itemId: string): Inspection | null {
  let newest: Inspection | null = null;
  for (const inspection of inspections) {
    if (inspection.itemId !== itemId) continue;
    if (!newest || Date.parse(inspection.at) >= Date.parse(newest.at)) newest = inspection;
  }
  return newest;
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
