import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { current, foldRun, type RunRecord } from '../../src/core/run';
import { passMinutes, reloadLater, START, visit, type Visit } from './visit';
import { has } from './walk';

/* A down jacket through the whole job in the real page, weighed on the stand-in scale: failed suds, a failed look, a late answer, and a reload in each phase. */
let v: Visit;
beforeAll(async () => {
  v = await visit();
  await v.device('/reset', { seed: 11, speed: 1 });
});
/** Lets the stand-ins have their hour, then takes what the scale says. */
const weighAfterAnHour = async (): Promise<void> => {
  await v.device('/advance', { minutes: 60 });
  // A weight is the middle of five readings, four a second: those of an hour ago must have gone by.
  await new Promise((resolve) => setTimeout(resolve, 1600));
  await takeWeight();
};
const weights = async (): Promise<number> =>
  (await v.rows('runs')).flatMap((r) => (r as unknown as RunRecord).events.filter((e) => e.type === 'weighed')).length;
const takeWeight = async (): Promise<void> => {
  const before = await weights();
  await v.press('Take this weight');
  await v.press('Keep it');
  // On a busy machine keeping it takes its time: a look answered before it stands is answered without its proof.
  for (let n = 0; n < 400 && (await weights()) === before; n++) await new Promise((resolve) => setTimeout(resolve, 50));
};
afterAll(() => v.close());

const key = async (): Promise<{ key: string; phase: string; round: number }> => {
  const records = (await v.rows('runs')) as unknown as RunRecord[];
  const record = records.find((r) => r.itemId === 'itm-parka' && r.status === 'live');
  const run = record && foldRun(record);
  const step = run && current(run);
  return { key: step?.key ?? 'end', phase: step?.phase ?? 'end', round: (step && run.steps[step.id]?.round) ?? 0 };
};
const until = async (check: (now: Awaited<ReturnType<typeof key>>) => boolean): Promise<void> => {
  for (let n = 0; n < 60; n++) {
    if (check(await key())) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`The run stayed at ${JSON.stringify(await key())}`);
};

describe('a down jacket, start to record', () => {
  test('is found on Now, planned and started', async () => {
    await v.sees('things need care');
    await v.go('/kit/itm-parka/programme');
    await v.sees('Wash it, dry it in rounds');
    await v.press('Start');
    await v.sees('step 1 of');
  });

  test('goes through every phase, with a reload in each, a failed rinse, a failed look and a late answer', async () => {
    const reloaded = new Set<string>();
    let suds = false;
    let look = false;
    let late = false;
    let asked = false;
    let runs = 0;
    let unproved = 0;
    for (;;) {
      const now = await key();
      if (now.key === 'end' || runs++ > 60) break;
      if (!reloaded.has(now.phase)) {
        reloaded.add(now.phase);
        await reloadLater(v.page);
        expect(await key()).toEqual(now);
      }
      const actions = await v.page.$$eval('button', (buttons) => buttons.map((b) => window.nameOf(b)));
      // Somebody's quilt is in the dryer.
      if (actions.includes('They go in together')) {
        await v.press('They go in together');
        await v.page.waitForFunction(() => !document.body.innerText.includes('They go in together'));
        continue;
      }
      const starts = (now.key !== 'tumble-down' || now.round < 3) && now.key !== 'measure-loft' && has(actions, START);
      if (starts) {
        await v.press(START);
        await until((x) => x.round > now.round);
        if (now.key === 'tumble-down' && now.round === 0) {
          await reloadLater(v.page);
          await v.sees('Round 1 of');
          await v.press('Connect scale, dryer and room sensor');
          await v.sees('Take this weight');
          await takeWeight();
        }
        const wait = now.key === 'tumble-down' && now.round === 1 ? 100 : 1500;
        await passMinutes(v.page, now.key === 'tumble-down' ? (now.round === 1 ? 100 : 61) : wait);
        await v.sees('Look now');
        if (now.key === 'tumble-down' && now.round === 1) {
          await v.sees('It has waited');
          await v.sees('Do the next thing now');
          late = true;
        }
        if (now.key === 'tumble-down') await weighAfterAnHour();
        continue;
      }
      if (now.key === 'rinse-machine' && !suds) {
        suds = true;
        await v.press('Still suds');
        await until((x) => x.key === 'rinse-machine');
        await v.named(START, 'button');
        continue;
      }
      if (now.key === 'droplet-test' && !look) {
        look = true;
        await v.press('Shoulders');
        await v.press('3');
        await v.press('Drops soak in on shoulders: go on to the remedy');
        await until((x) => x.key === 'spray-if-failed');
        continue;
      }
      if (now.key === 'droplet-test') {
        await v.press('4');
        await v.press('It sheds: go on');
        await until((x) => x.key !== now.key);
        continue;
      }
      if (now.key === 'measure-loft') {
        await v.write('Now, mm', '43,65');
        await v.write('When new, mm', '45');
        await v.sees('97 % of new');
        await v.press('Keep the loft');
        // It has lain long enough for whoever has measured it: no clock is waited for, nor offered.
        await v.named('Done', 'button');
        expect(await v.all(START, 'button')).toEqual([]);
        await v.press('Done');
        await until((x) => x.key !== now.key);
        continue;
      }
      if (now.key === 'weigh-loft') {
        await v.write('On the scale, g', '430');
        await v.press('Dry: weight, hands and chill');
        await until((x) => x.key !== now.key);
        continue;
      }
      if (actions.includes('It feels dry')) {
        await v.press('It feels dry');
        const proved = await Promise.race([
          until((x) => x.key !== now.key).then(() => true),
          v.page.waitForFunction(() => document.body.innerText.includes('not proved')).then(() => false),
        ]);
        if (proved) continue;
        unproved++;
        await v.press(/One more round, heat on LOW, .+/);
        await v.page.waitForFunction(() => !document.body.innerText.includes('Look now'));
        // After two rounds more than were planned, the page asks what to do.
        if ((await v.text()).includes('after more rounds than were planned')) {
          asked = true;
          await v.press('Longer');
          await v.press(START);
        }
        await until((x) => x.round > now.round);
        await passMinutes(v.page, 61);
        await v.sees('Look now');
        await weighAfterAnHour();
        continue;
      } else
        await v.press(['Clean, no smell', 'It is good', 'Clear', 'No scale: go on'].find((a) => actions.includes(a)) ?? 'Done');
      await until((x) => x.key !== now.key);
    }
    expect({ suds, look, late }).toEqual({ suds: true, look: true, late: true });
    // The stand-in's thing dries in three bodies of water, slower than planned: its weights ask for more rounds, and end.
    expect(unproved).toBeGreaterThan(0);
    expect(unproved).toBeLessThan(8);
    expect(asked).toBe(unproved > 2);
    expect([...reloaded].sort()).toEqual([
      'dry',
      'extract',
      'prepare-item',
      'prepare-machine',
      'pretreat',
      'repel',
      'restore',
      'rinse',
      'store',
      'verify',
      'wash',
    ]);
  }, 180_000);

  test('writes the record, takes supplies off, clears the machine and sets the next look', async () => {
    await v.sees('Done. Long grey parka is through.');
    await reloadLater(v.page);
    await v.sees('97 % of new');
    await v.press('Write it in the record');
    await v.sees('It is in the record.');
    const entry = (await v.rows('log')).find((e) => String(e.id).startsWith('log-run-') && e.itemId === 'itm-parka') as {
      steps: { do: string; times: number; outcome: string; satMin?: number; looks?: { proof?: string }[] }[];
      nextDue: string;
      runId: string;
      supplies: { supplyId?: string; class: string; ml: number }[];
    };
    expect(entry.nextDue).toMatch(/^\d{4}-\d{2}-\d{2}$/);
    expect(entry.steps.find((s) => s.do === 'machine-rinse')).toMatchObject({ times: 2, outcome: 'passed' });
    expect(entry.steps.some((s) => (s.satMin ?? 0) > 30)).toBe(true);
    // Only what had failed was sprayed, and that much is recorded.
    expect(entry.supplies.flatMap((s) => s.supplyId ?? []).sort()).toEqual(['s-down', 's-spray']);
    const done = ((await v.rows('runs')) as unknown as RunRecord[]).find((r) => r.id === entry.runId);
    const zones = (done?.programme.steps ?? []).find((s) => s.key === 'spray-if-failed')?.settings.spray ?? [];
    const shoulders = zones.find((z) => z.zone === 'shoulders')?.ml;
    expect(entry.supplies.filter((s) => s.class === 'spray-proofer').map((s) => s.ml)).toEqual([shoulders]);
    expect(await v.stored('supplies', 's-down')).toMatchObject({ remainingMl: 200 });
    const equipment = (await v.stored('meta', 'equipment')) as { value: { washers: { id: string; lastLoads: string[] }[] } };
    expect(equipment.value.washers.find((w) => w.id === 'w-cellar')?.lastLoads).toEqual([]);
    const weights = (await v.rows('weighIns')).filter((w) => w.runId === entry.runId).map((w) => w.massG);
    expect(weights[0]).toBeGreaterThan(800);
    expect(Math.abs(Number(weights.at(-1)) - 430)).toBeLessThan(8);
    expect(entry.steps.find((s) => s.do === 'tumble')?.looks?.at(-1)?.proof).toBe('weights');
    expect(((await v.stored('items', 'itm-parka')) as { learned?: { dryRuns?: number } }).learned?.dryRuns).toBe(1);
    await v.press('See Long grey parka');
    await v.sees('Leave it alone');
    await v.sees('loft 97 %');
    expect(v.errors).toEqual([]);
  });
});
