import { readKit } from '../core/formats';
import type { Inspection, Item, Kit } from '../core/gear';
import { entriesUsedBy } from '../core/handbook';
import type { Programme } from '../core/programme';
import { latestInspection, plan, planItem, writeProgramme } from '../core/programme';
import type { KitPlans, PlannerApi, ProgrammeOutline, Progress } from './planner.protocol';

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

interface Watch {
  readonly onProgress?: Progress | undefined;
  /** Asked after every piece of work. */
  readonly stopped?: () => boolean;
  /** Lets messages in between pieces; without it the work runs through. */
  readonly pause?: () => Promise<void>;
}

/** Each item with only its own inspections, so that a long kit is not searched anew for every item. */
async function forEachItem(kit: Kit, watch: Watch, work: (item: Item, own: Kit) => void): Promise<'done' | 'stopped'> {
  const byItem = new Map<string, Inspection[]>();
  for (const inspection of kit.inspections) {
    const list = byItem.get(inspection.itemId);
    if (list) list.push(inspection);
    else byItem.set(inspection.itemId, [inspection]);
  }
  for (const [index, item] of kit.items.entries()) {
    work(item, { ...kit, inspections: byItem.get(item.id) ?? [] });
    if (index % REPORT_EVERY !== 0) continue;
    watch.onProgress?.(index, kit.items.length);
    await watch.pause?.();
    if (watch.stopped?.()) return 'stopped';
  }
  return 'done';
}

/** Plans every item; pure but for the reports. */
export async function planAll(kit: Kit, watch: Watch = {}): Promise<KitPlans> {
  const programmes: Record<string, ProgrammeOutline> = {};
  const status = await forEachItem(kit, watch, (item, own) => {
    programmes[item.id] = outline(planItem(own, item));
  });
  return { status, programmes };
}

/** Which items rest on which handbook entries. */
export async function whoUses(kit: Kit, watch: Watch = {}): Promise<Record<string, string[]>> {
  const users: Record<string, string[]> = {};
  await forEachItem(kit, watch, (item, own) => {
    const made = plan({ item, inspection: latestInspection(own.inspections, item.id), kit: own });
    for (const entry of entriesUsedBy(made, writeProgramme(made))) (users[entry] ??= []).push(item.id);
  });
  return users;
}

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));
let latest = 0;

export const plannerJobs: PlannerApi = {
  planAll: (kit, onProgress) => {
    const job = ++latest;
    return planAll(kit, { onProgress, pause, stopped: () => job !== latest });
  },
  whoUses: (kit) => whoUses(kit, { pause }),
  stop: async () => {
    latest++;
  },
  read: async (text) => readKit(text),
};
