import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import type { CareEntry, Item, Washer } from '../../src/core/gear';
import { planItem } from '../../src/core/programme';
import { finishStep, foldRun, startRun, stepOf, type Run, type RunRecord } from '../../src/core/run';
import { db, openStore, readMeta, writeMeta } from '../../src/data/db';
import { replaceKit } from '../../src/data/kit';
import { changeRun, saveRun, writePurge, writeResult } from '../../src/data/repo';

/* What a run changes is stored whole, once, and from what is stored. */
const kit = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const parka = kit.items.find((i) => i.id === 'itm-parka') as Item;
const AT = '2027-01-03T10:00:00Z';
const entry: CareEntry = { id: 'log-run-1', type: 'care', itemId: 'itm-parka', at: AT, aims: ['wash'] };
const washers: Washer[] = [{ id: 'w-cellar', kind: 'front-loader', lastLoads: [] }];
const result = {
  entry,
  supplies: [{ id: 's-down', class: 'down-cleaner', remainingMl: 7 }] as const,
  washers,
  inspection: { id: 'ins-run-1', itemId: 'itm-parka', at: AT, soil: 0 },
  item: { ...parka, learned: { dryRuns: 1 } },
  weighIns: [{ itemId: 'itm-parka', at: AT, massG: 431, after: 'dry', runId: 'run-1' }] as const,
  load: null,
};

beforeEach(async () => {
  await openStore();
  await replaceKit(structuredClone(kit));
  await saveRun(startRun(planItem(kit, parka), 'Parka', 'run-1', 0));
});
afterEach(() => db.delete({ disableAutoOpen: false }));

describe('a result', () => {
  test('is written whole: record, look, bottle, machine, what was learned, and the run is over', async () => {
    await writeResult('run-1', result);
    expect(await db.log.get('log-run-1')).toEqual(entry);
    expect((await db.inspections.get('ins-run-1'))?.soil).toBe(0);
    expect((await db.supplies.get('s-down'))?.remainingMl).toBe(7);
    expect((await readMeta('equipment'))?.washers).toEqual(washers);
    expect((await db.items.get('itm-parka'))?.learned).toEqual({ dryRuns: 1 });
    expect((await db.items.get('itm-parka'))?.name).toBe(parka.name);
    expect((await db.runs.get('run-1'))?.status).toBe('written');
    expect((await db.weighIns.toArray()).filter((w) => w.runId === 'run-1').map((w) => w.massG)).toEqual([431]);
  });
  test('is written once: a second press takes nothing more', async () => {
    await writeResult('run-1', result);
    await writeResult('run-1', { ...result, supplies: [{ id: 's-down', class: 'down-cleaner', remainingMl: 1 }] });
    expect((await db.supplies.get('s-down'))?.remainingMl).toBe(7);
  });
  test('of a purge: the machine and the line, once', async () => {
    const line = { id: 'log-purge', type: 'upkeep', at: AT, machineId: 'w-cellar', tasks: [] } as const;
    await writePurge('run-1', { entry: { ...line, tasks: ['hot-empty'] }, washers, supplies: [] });
    await writePurge('run-1', { entry: { ...line, tasks: ['drawer'] }, washers: [], supplies: [] });
    expect(await db.log.get('log-purge')).toMatchObject({ tasks: ['hot-empty'] });
    expect((await readMeta('equipment'))?.washers).toEqual(washers);
    expect((await db.runs.get('run-1'))?.status).toBe('written');
  });
});

describe('a change of a run', () => {
  test('starts from what is stored, so that two at once both count', async () => {
    const stored = async (): Promise<Run> => foldRun((await db.runs.get('run-1')) as RunRecord);
    const first = (await stored()).currentId;
    await Promise.all([changeRun('run-1', (r) => finishStep(r, 1)), changeRun('run-1', (r) => finishStep(r, 2))]);
    const { steps, currentId } = await stored();
    expect(Object.values(steps).filter((s) => s.state === 'done')).toHaveLength(2);
    expect(currentId).not.toBe(first);
  });
  test('of one that is gone changes nothing', async () => expect(await changeRun('run-9', (r) => r)).toBeUndefined());
  test('leaves in the bath what it poured there, and a rinse takes it away', async () => {
    const bathed = { ...kit, preferences: { ...kit.preferences, schools: { 'DOWN-PLACE': 'bathtub' } } };
    const clean = (kit.equipment?.washers ?? []).map(({ unrinsed: _, ...washer }) => washer);
    await writeMeta('equipment', { ...kit.equipment, washers: clean });
    await saveRun(startRun(planItem({ ...bathed, equipment: { ...kit.equipment, washers: clean } }, parka), 'Parka', 'run-2', 0));
    const to = (verb: string) => (run: Run) => {
      let next = run;
      while (stepOf(next, next.currentId ?? '')?.do !== verb) next = finishStep(next, 1);
      return next;
    };
    const standing = async (): Promise<string[]> =>
      (await readMeta('equipment'))?.washers?.flatMap((w) => (w.kind === 'tub' ? (w.unrinsed ?? []).map((u) => u.class) : [])) ??
      [];
    await changeRun('run-2', to('tub-wash'), AT);
    expect(await standing()).toEqual([]);
    await changeRun('run-2', (run) => finishStep(run, 2), AT);
    expect(await standing()).toEqual(['down-cleaner']);
    await changeRun('run-2', (run) => finishStep(to('bath-rinse')(run), 3), AT);
    expect(await standing()).toEqual([]);
  });
});
