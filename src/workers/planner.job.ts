import { readKit } from '../core/formats';
import type { Kit } from '../core/gear';
import type { Programme } from '../core/programme';
import { planItem } from '../core/programme';
import type { PlannerApi, ProgrammeOutline } from './planner.protocol';

const REPORT_EVERY = 25;

function outline({ itemId, verdict, because, aims, method, confidence, steps }: Programme): ProgrammeOutline {
  return {
    itemId,
    verdict,
    because,
    aims,
    method,
    confidence,
    steps: steps.map(({ id, key, phase, do: verb, when, settings, attendedMin, unattendedMin }) => ({
      id,
      key,
      phase,
      do: verb,
      when,
      settings: settings.heat === undefined ? {} : { heat: settings.heat },
      attendedMin,
      unattendedMin,
    })),
  };
}

/** Plans every item; pure but for the progress report. */
export async function planAll(
  kit: Kit,
  onProgress?: (done: number, of: number) => void,
): Promise<Record<string, ProgrammeOutline>> {
  const programmes: Record<string, ProgrammeOutline> = {};
  const byItem = new Map<string, Kit['inspections']>();
  for (const inspection of kit.inspections) {
    const list = byItem.get(inspection.itemId);
    if (list) list.push(inspection);
    else byItem.set(inspection.itemId, [inspection]);
  }
  for (const [index, item] of kit.items.entries()) {
    programmes[item.id] = outline(planItem({ ...kit, inspections: byItem.get(item.id) ?? [] }, item));
    if (onProgress && index % REPORT_EVERY === 0) onProgress(index, kit.items.length);
  }
  return programmes;
}

export const plannerJobs: PlannerApi = {
  planAll,
  read: async (text) => readKit(text),
};
