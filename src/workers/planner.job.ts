import { reachOf } from '../core/energy/choice';
import { latestInspection, type Inspection, type Item, type Kit } from '../core/gear';
import { entriesUsedBy } from '../core/handbook';
import { minutesOf } from '../core/document';
import { outlineOf, type ProgrammeOutline } from '../core/outline';
import { groundOf, ownParts, textOf } from '../core/outline/known';
import type { UsualCare } from '../core/season';
import { plan, writeProgramme } from '../core/programme';
import { needsOf } from '../core/supplies';
import { kitOfTexts } from './kitTexts';
import type { OnPiece, PlannerApi, PlanningEnd } from './planner.protocol';

const PIECE = 50;

/** By an id that may be any word, `__proto__` too. */
const byId = <T>(): Record<string, T> => Object.create(null) as Record<string, T>;

interface Watch {
  /** Called after every piece of work, with how many items are done. */
  readonly onPiece?: (done: number, of: number) => void;
  /** Asked after every piece. */
  readonly stopped?: () => boolean;
  /** Lets messages in between pieces; without it the work runs through. */
  readonly pause?: () => Promise<void>;
}

/** Each item with only its own inspections and lines of the log, so that a long kit is not searched anew for every item. `work` says whether it was any. */
async function forEachItem(kit: Kit, watch: Watch, work: (item: Item, own: Kit) => boolean): Promise<PlanningEnd> {
  const ownOf = ownParts(kit);
  const of = kit.items.length;
  let worked = 0;
  for (const [index, item] of kit.items.entries()) {
    if (work(item, ownOf(item))) worked++;
    if ((index + 1) % PIECE !== 0) continue;
    watch.onPiece?.(index + 1, of);
    if (worked < PIECE) continue;
    worked = 0;
    await watch.pause?.();
    if (watch.stopped?.()) return 'stopped';
  }
  watch.onPiece?.(of, of);
  return 'done';
}

/** What was planned before, and what its user did not want to wait for. */
interface Memory {
  /** The parts of the kit that every plan rests on, as text. */
  ground: string;
  readonly made: Map<string, { readonly key: string; readonly outline: ProgrammeOutline }>;
  /** Left out since planning was stopped by hand, until it is asked for again. */
  left: Set<string>;
}
export const emptyMemory = (): Memory => ({ ground: '', made: new Map(), left: new Set() });

/**
 * Plans every item and hands the outlines over in pieces; pure but for the reports and the memory. With a memory, only what changed since
 * is planned.
 */
export async function planAll(kit: Kit, onPiece: OnPiece, watch: Watch = {}, memory = emptyMemory()): Promise<PlanningEnd> {
  const ground = groundOf(kit);
  if (ground !== memory.ground) memory.made.clear();
  memory.ground = ground;
  let piece = byId<ProgrammeOutline>();
  const report = (done: number, of: number): void => {
    onPiece(piece, done, of);
    piece = byId();
  };
  const end = await forEachItem(kit, { ...watch, onPiece: report }, (item, own) => {
    if (memory.left.has(item.id)) return false;
    const key = textOf(item, own);
    const known = memory.made.get(item.id);
    const fresh = known?.key !== key;
    const made = fresh ? outlineOf(own, item) : known.outline;
    if (fresh) memory.made.set(item.id, { key, outline: made });
    piece[item.id] = made;
    return fresh;
  });
  // A job that was overtaken knows an older kit: what its follower made is not for it to forget.
  const here = new Set(end === 'done' ? kit.items.map((item) => item.id) : memory.made.keys());
  for (const id of memory.made.keys()) if (!here.has(id)) memory.made.delete(id);
  return kit.items.some((item) => memory.left.has(item.id)) ? 'stopped' : end;
}

/** Worn and dirty: as a thing is when it is washed. */
const USUALLY = { soil: 2, odour: 1 } as const;
function usualOf(kit: Kit, item: Item): UsualCare | null {
  try {
    const seen = latestInspection(kit.inspections, item.id);
    const { stains: _s, damage: _d, damp: _w, soils: _o, ...known } = seen ?? { id: 'usual', itemId: item.id, at: '' };
    const made = plan({ item, inspection: { ...known, ...USUALLY } as Inspection, kit });
    const programme = writeProgramme(made);
    if (!programme.aims.includes('wash') && !programme.aims.includes('rinse')) return null;
    const { hands } = minutesOf(programme.steps);
    const store = programme.steps.filter((s) => s.phase === 'store').map((s) => s.text);
    return { handsMin: hands, needs: needsOf(item.id, programme.steps), store: store.join(' ') };
  } catch {
    // Now says that it could not be planned.
    return null;
  }
}
/** What each thing takes when it is washed; those that no wash is for are left out. */
export async function usualOfAll(kit: Kit, watch: Watch = {}): Promise<Record<string, UsualCare>> {
  const all = byId<UsualCare>();
  await forEachItem(kit, watch, (item, own) => {
    const usual = item.archivedOn || item.retiredOn ? null : usualOf(own, item);
    if (usual) all[item.id] = usual;
    return true;
  });
  return all;
}
/** Which items rest on which handbook entries. */
export async function whoUses(kit: Kit, watch: Watch = {}): Promise<Record<string, string[]>> {
  const users = byId<string[]>();
  await forEachItem(kit, watch, (item, own) => {
    try {
      const made = plan({ item, inspection: latestInspection(own.inspections, item.id), kit: own });
      for (const entry of entriesUsedBy(made, writeProgramme(made))) (users[entry] ??= []).push(item.id);
    } catch {
      // Now says that it could not be planned.
    }
    return true;
  });
  return users;
}

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));
let latest = 0;
const memory = emptyMemory();
/** The items of the newest job. */
let asked: readonly string[] = [];

export const plannerJobs: PlannerApi = {
  planAll: (texts, onPiece, again = false) => {
    const kit = kitOfTexts(texts);
    const job = ++latest;
    asked = kit.items.map((item) => item.id);
    if (again) memory.left.clear();
    return planAll(kit, onPiece, { pause, stopped: () => job !== latest }, memory);
  },
  whoUses: (kit) => whoUses(kit, { pause }),
  usual: (kit) => usualOfAll(kit, { pause }),
  reach: async (kit, itemId, school, option, reach) => {
    const item = kit.items.find((i) => i.id === itemId);
    return item ? reachOf(kit, item, school, option, reach) : [];
  },
  stop: async () => {
    latest++;
    memory.left = new Set(asked.filter((id) => !memory.made.has(id)));
  },
};
