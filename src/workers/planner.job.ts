import { readKit } from '../core/formats';
import type { Kit } from '../core/gear';
import type { Programme } from '../core/programme';
import { planItem } from '../core/programme';
import type { PlannerApi } from './planner.protocol';

const REPORT_EVERY = 25;

/** Plans every item; pure but for the progress report. */
export async function planAll(kit: Kit, onProgress?: (done: number, of: number) => void): Promise<Record<string, Programme>> {
  const programmes: Record<string, Programme> = {};
  const byItem = new Map<string, Kit['inspections']>();
  for (const inspection of kit.inspections) {
    const list = byItem.get(inspection.itemId);
    if (list) list.push(inspection);
    else byItem.set(inspection.itemId, [inspection]);
  }
  for (const [index, item] of kit.items.entries()) {
    programmes[item.id] = planItem({ ...kit, inspections: byItem.get(item.id) ?? [] }, item);
    if (onProgress && index % REPORT_EVERY === 0) onProgress(index, kit.items.length);
  }
  return programmes;
}

export const plannerJobs: PlannerApi = {
  planAll,
  read: async (text) => readKit(text),
};
