import Dexie from 'dexie';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import type { Item } from '../../src/core/gear';
import { planItem } from '../../src/core/programme';
import { current, finishStep, foldRun, leftMs, recordOf, startRun, startTimer, stopRun, type Run } from '../../src/core/run';
import { tookMinutes } from '../../src/core/run/report';
import { db, openStore, readMeta } from '../../src/data/db';
import { replaceKit } from '../../src/data/kit';
import { live, whenRead } from '../../src/data/live';
import { answerClock, clockStep, mendClocks, openRecords, saveRun, startRuns } from '../../src/data/repo';
import { dropSheet, keepSheet, readSheet } from '../../src/data/sheets';
import { isFull, isShut } from '../../src/data/storage';

/* What stands in the store while work is under way: which runs, their timers when the clock is set, and sheets that are half filled in. */
const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const T0 = Date.parse('2027-01-03T10:00:00Z');
const MIN = 60_000;
const thing = (id: string): Item => kit.items.find((i) => i.id === id) as Item;
const begun = (itemId: string, id: string): Run => startRun(planItem(kit, thing(itemId)), itemId, id, T0);
/** At its first timer, which runs. */
function ticking(): Run {
  let run = begun('itm-parka', 'run-1');
  while (current(run) && (current(run)?.unattendedMin ?? 0) === 0) run = finishStep(run, T0);
  return startTimer(run, T0);
}
const left = async (nowMs: number): Promise<number> => {
  const record = await db.runs.get('run-1');
  return record ? (leftMs(foldRun(record), nowMs) ?? NaN) / MIN : NaN;
};

beforeEach(async () => {
  await openStore();
  await replaceKit(structuredClone(kit));
});
afterEach(() => db.delete({ disableAutoOpen: false }));

describe('beginning', () => {
  test('a thing is in one run at a time: the second is told of the first, and nothing of it is stored', async () => {
    expect(await startRuns([begun('itm-parka', 'run-1')])).toBeNull();
    expect(await startRuns([begun('itm-quilt', 'run-2'), begun('itm-parka', 'run-3')])).toMatchObject({ id: 'run-1' });
    expect((await db.runs.toArray()).map((r) => r.id)).toEqual(['run-1']);
  });
  test('what is stopped and not written is still open, the oldest first; what is written is not', async () => {
    await saveRun(stopRun({ ...begun('itm-quilt', 'run-2'), startedAtMs: T0 - MIN }, T0));
    await saveRun(begun('itm-parka', 'run-1'));
    await db.runs.put({ ...recordOf(begun('itm-smock', 'run-0')), status: 'written' });
    expect((await openRecords()).map((r) => r.id)).toEqual(['run-2', 'run-1']);
  });
});

describe('a clock that is set while a timer runs', () => {
  test('back: the timer goes with it, once for all tabs that saw it', async () => {
    await saveRun(ticking());
    const before = await left(T0);
    await clockStep(-60 * MIN, T0 - 60 * MIN);
    await clockStep(-60 * MIN, T0 - 60 * MIN + 500);
    expect(await left(T0 - 60 * MIN)).toBe(before);
  });
  test('forward: it is asked about, and the answer counts: set, or slept', async () => {
    await saveRun(ticking());
    const before = await left(T0);
    await clockStep(30 * MIN, T0 + 30 * MIN);
    expect((await readMeta('clock'))?.askedMs).toBe(30 * MIN);
    await answerClock(true);
    expect(await left(T0 + 30 * MIN)).toBe(before);
    await clockStep(20 * MIN, T0 + 60 * MIN);
    await answerClock(false);
    expect([await left(T0 + 30 * MIN), (await readMeta('clock'))?.askedMs]).toEqual([before, 0]);
  });
  test('back while no page was open: what is left stays what it was', async () => {
    await saveRun(ticking());
    const before = await left(T0);
    await mendClocks(T0 - 90 * MIN);
    expect(await left(T0 - 90 * MIN)).toBe(before);
  });
  test('a run took as long as it took, whatever the clock was set to', () => {
    const run = { ...begun('itm-parka', 'run-1'), finishedAtMs: T0 + 200 * MIN };
    expect(tookMinutes(run)).toBe(200);
    expect(tookMinutes({ ...run, clockMs: 60 * MIN })).toBe(140);
    expect(tookMinutes({ ...run, finishedAtMs: T0 - MIN })).toBe(0);
  });
});

describe('half a sheet', () => {
  test('waits where it was typed until it is kept or thrown away', async () => {
    const sheet = { key: 'item/itm-parka', was: { name: 'Parka' }, draft: { name: 'Old parka' } };
    await keepSheet(sheet as Parameters<typeof keepSheet>[0]);
    expect(await readSheet('item/itm-parka')).toMatchObject(sheet);
    await dropSheet('item/itm-parka');
    expect(await readSheet('item/itm-parka')).toBeUndefined();
  });
});

describe('reading', () => {
  test('what is followed is read; what cannot be read is null', async () => {
    expect(await whenRead(live(['items'], () => db.items.count()))).toBe(kit.items.length);
    expect(await whenRead(live(['items'], () => Promise.reject(new Error('torn'))))).toBeNull();
  });
  test('a store that another page shut is told from one that is full', () => {
    const faults = [
      new Dexie.DatabaseClosedError('shut'),
      new Dexie.VersionChangeError('newer'),
      new Dexie.QuotaExceededError('full'),
      new Error('x'),
    ];
    expect(faults.map((fault) => [isShut(fault), isFull(fault)])).toEqual([
      [true, false],
      [true, false],
      [false, true],
      [false, false],
    ]);
  });
});
