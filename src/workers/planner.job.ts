import { reachOf } from '../core/energy/choice';
import { readKit } from '../core/formats';
import type { Inspection, Item, Kit } from '../core/gear';
import { entriesUsedBy } from '../core/handbook';
import type { Programme } from '../core/document';
import { latestInspection, plan, planItem, writeProgramme } from '../core/programme';
import { rhythmOf } from '../core/due';
import { needsOf } from '../core/supplies';
import type { OnPiece, PlannerApi, PlanningEnd, ProgrammeOutline } from './planner.protocol';

const PIECE = 50;

function outline({ itemId, verdict, because, aims, method, confidence, steps }: Programme, item: Item): ProgrammeOutline {
  return {
    itemId,
    verdict,
    because,
    aims,
    method,
    confidence,
    lookDays: rhythmOf(item).days,
    needs: needsOf(itemId, steps),
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
  /** Called after every piece of work, with how many items are done. */
  readonly onPiece?: (done: number, of: number) => void;
  /** Asked after every piece. */
  readonly stopped?: () => boolean;
  /** Lets messages in between pieces; without it the work runs through. */
  readonly pause?: () => Promise<void>;
}

/** Each item with only its own inspections, so that a long kit is not searched anew for every item. */
async function forEachItem(kit: Kit, watch: Watch, work: (item: Item, own: Kit) => void): Promise<PlanningEnd> {
  const byItem = new Map<string, Inspection[]>();
  for (const inspection of kit.inspections) {
    const list = byItem.get(inspection.itemId);
    if (list) list.push(inspection);
    else byItem.set(inspection.itemId, [inspection]);
  }
  const of = kit.items.length;
  for (const [index, item] of kit.items.entries()) {
    work(item, { ...kit, inspections: byItem.get(item.id) ?? [] });
    if ((index + 1) % PIECE !== 0) continue;
    watch.onPiece?.(index + 1, of);
    await watch.pause?.();
    if (watch.stopped?.()) return 'stopped';
  }
  watch.onPiece?.(of, of);
  return 'done';
}

/** Plans every item and hands the outlines over in pieces; pure but for the reports. */
export async function planAll(kit: Kit, onPiece: OnPiece, watch: Watch = {}): Promise<PlanningEnd> {
  let piece: Record<string, ProgrammeOutline> = {};
  return forEachItem(
    kit,
    {
      ...watch,
      onPiece: (done, of) => {
        onPiece(piece, done, of);
        piece = {};
      },
    },
    (item, own) => {
      piece[item.id] = outline(planItem(own, item), item);
    },
  );
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
  planAll: (kit, onPiece) => {
    const job = ++latest;
    return planAll(kit, onPiece, { pause, stopped: () => job !== latest });
  },
  whoUses: (kit) => whoUses(kit, { pause }),
  reach: async (kit, itemId, school, option, reach) => {
    const item = kit.items.find((i) => i.id === itemId);
    return item ? reachOf(kit, item, school, option, reach) : [];
  },
  stop: async () => {
    latest++;
  },
  read: async (text) => readKit(text),
};
