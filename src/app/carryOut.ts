import type { Programme } from '../core/document';
import type { Kit, Washer } from '../core/gear';
import { planItem } from '../core/programme';
import { foldRun, startRun, type Run } from '../core/run';
import { backIn, relay, startLoad, takeOut } from '../core/run/load';
import { purgeProgramme } from '../core/upkeep';
import { carryLoad, driedOn, loadOfSome, memberOf, type DayLoad, type WashDay } from '../core/washday';
import { thingName, WASHER_WORDS } from '../core/words';
import { listed } from '../core/words/text';
import { changeRuns, startRuns, type Undo } from '../data/repo';
import { idsWith, readWish, runId } from './loads';
import { newId, nowIso, nowMs } from './now';

/* Plans anew, so it comes only when something is begun. */

/**
 * Begins a piece of a started day: a load, a purge, or a thing by itself.
 * @param kit the kit that the day was planned for.
 * @param begun tasks that have begun; a purge among them is not asked for again.
 * @returns the id under which it was begun, or the run that one of its things is in.
 */
export async function beginPiece(
  kit: Kit,
  day: WashDay,
  piece: string,
  begun: readonly string[],
): Promise<{ readonly loadId: string } | { readonly busy: Run }> {
  const load = day.loads.find((l) => l.id === piece);
  const loadId = newId('load');
  const runs = load ? runsFor(kit, day, load, begun, loadId) : [runOf(kit, day, piece, loadId)];
  const open = await startRuns(runs);
  return open ? { busy: foldRun(open) } : { loadId };
}
/** A thing by itself, dried where the day dries it. */
const runOf = (kit: Kit, day: WashDay, itemId: string, loadId: string): Run => {
  const item = kit.items.find((i) => i.id === itemId);
  if (!item) throw new RangeError(`There is no thing ${itemId} in this kit.`);
  return startRun(driedOn(day, memberOf(kit, item)).programme, thingName(item), runId(loadId, 0), nowMs());
};
/** A purge of the day: the guided one, or for one against smells what the things ask for. */
function purgeOf(kit: Kit, day: WashDay, load: DayLoad, washer: Washer): Programme {
  const guided = purgeProgramme(washer);
  if (load.purpose === 'purge') return guided;
  const steps = day.tasks
    .filter((t) => t.loadId === load.id)
    .flatMap((task) => {
      const [first] = task.steps;
      const item = kit.items.find((i) => i.id === first?.itemId);
      const asked = item && planItem(kit, item).steps.find((s) => s.id === first?.stepId);
      return asked ? [{ ...asked, text: task.text, settings: { ...asked.settings, washerId: washer.id } }] : [];
    });
  return { ...guided, steps };
}
function runsFor(kit: Kit, day: WashDay, load: DayLoad, begun: readonly string[], loadId: string): Run[] {
  if (load.purpose !== 'wash') {
    const washer = kit.equipment?.washers?.find((w) => w.id === load.washerId);
    if (!washer) throw new RangeError(`There is no machine ${load.washerId} in this kit.`);
    return [
      startRun(purgeOf(kit, day, load, washer), washer.name ?? WASHER_WORDS[washer.kind], runId(loadId, 0), nowMs(), washer.id),
    ];
  }
  const things = carryLoad(kit, day, load, new Set(begun)).map((c) => ({ ...c, itemId: c.item.id, name: thingName(c.item) }));
  const order = things.map((t) => t.itemId);
  return startLoad(
    things,
    { id: loadId, name: listed(things.map((t) => t.name)) },
    (itemId) => runId(loadId, order.indexOf(itemId)),
    nowMs(),
  );
}

/**
 * Takes a thing out of its load. As long as the drum has not begun, the others are washed with what is right for them alone, and it with what is
 * right for it: settings, dose and words are worked out anew.
 * @returns what brings it back in.
 */
export async function takeOutOf(run: Run): Promise<Undo> {
  const started = (await readWish())?.started;
  const piece = Object.entries(started?.loads ?? {}).find(([, id]) => id === run.load?.id)?.[0];
  const load = started?.day.loads.find((l) => l.id === piece);
  const kit = started?.kit;
  const before = new Map<string, Run>();
  const ids = idsWith(run);
  await changeRuns(
    ids,
    (all) => {
      for (const one of all) before.set(one.id, one);
      const inIt = all.filter((r) => !r.alone && r.status === 'live');
      const anew = kit && load ? laidAnew(kit, started.day, load, inIt, run) : new Map<string, Programme>();
      return all.map((one) => {
        const out = one.id === run.id ? takeOut(one, nowMs()) : one;
        return relay(out, anew.get(one.itemId)?.steps ?? [], nowMs());
      });
    },
    nowIso(),
  );
  return async () => {
    await changeRuns(
      ids,
      (all) =>
        all.map((one) => {
          const was = before.get(one.id);
          const back = one.id === run.id ? backIn(one, nowMs()) : one;
          return was ? relay(back, was.programme.steps, nowMs()) : back;
        }),
      nowIso(),
    );
  };
}
/** The programmes of what stays in a load and of what leaves it, by item. */
function laidAnew(kit: Kit, day: WashDay, load: DayLoad, inIt: readonly Run[], leaving: Run): Map<string, Programme> {
  const staying = inIt.filter((r) => r.id !== leaving.id).map((r) => r.itemId);
  const programmes = new Map<string, Programme>();
  for (const itemIds of [staying, [leaving.itemId]]) {
    const some = loadOfSome(kit, day, load, itemIds);
    for (const one of some ? carryLoad(kit, some.day, some.load) : []) programmes.set(one.item.id, one.programme);
  }
  return programmes;
}
