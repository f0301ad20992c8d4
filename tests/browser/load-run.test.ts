import { describe, expect, test } from 'vitest';
import { moveByKeys, planned } from './day-page';
import { faultsOf, passMinutes, reloadLater, soon, START, visit, type Visit } from './visit';
import { walk } from './walk';

/** A load of the day. */
const LOAD = /Load [A-Z]+/;
/** Starts the day of two things, and carries out their load. What hour it is decides whether they share a drum: if they do not, they are put together. */
async function carryOut(v: Visit, load: string): Promise<void> {
  await planned(v);
  if ((await v.all(LOAD, 'region')).length > 1) {
    await moveByKeys(v, 'Lead skater’s softshell');
    await soon(async () => expect(await v.all(LOAD, 'region')).toHaveLength(1));
    await planned(v);
  }
  await v.press('Start the day');
  // From the turn in which it begins; the load's own card leads there too.
  await v.sees('Carry it out');
  await v.press(`Begin load ${load}`);
  await v.sees('Before the door shuts:');
}
/** Ticks the first small thing that is not ticked, with the keyboard; false when there is none. */
async function tickNext(v: Visit): Promise<boolean> {
  const [before] = await v.all(/Before the door shuts.*/, 'region');
  const found = await before?.$('label:not([data-selected]) input');
  if (!found) return false;
  const label = (await v.text()).match(/Before the door shuts: [^.]*\./)?.[0] ?? '';
  await found.focus();
  await v.page.keyboard.press('Space');
  await v.page.waitForFunction((was) => !document.body.innerText.replace(/\s+/g, ' ').includes(was), { timeout: 30_000 }, label);
  return true;
}
const cleaner = async (v: Visit): Promise<number> => {
  const rows = await v.rows('supplies');
  return rows.filter((s) => s.class === 'technical-cleaner').reduce((sum, s) => sum + Number(s.remainingMl), 0);
};

describe('a load of two things', () => {
  test('is made ready by name, washed with one press, and becomes two records with one drum', async () => {
    const v = await visit({ path: '/wash-day?items=itm-ice-trousers,itm-softshell' });
    const full = await cleaner(v);
    await carryOut(v, 'A');
    // Both are named, each with its own; the drum cannot be started yet.
    const text = await v.text();
    expect(text).toContain('Bare-membrane trousers');
    expect(text).toContain('Lead skater’s softshell');
    expect(text).not.toContain('Wash them together');
    expect(await faultsOf(v)).toEqual([]);
    for (let n = 0; n < 12 && (await tickNext(v)); n++);
    await v.sees('Wash them together');
    await v.press(START);
    await v.page.waitForSelector('[role=timer]');
    await passMinutes(v.page, 400);
    await v.sees('Look now');
    // On Now it is one thing that rings.
    await reloadLater(v.page);
    await v.sees('Look now');
    await v.press('Done');
    await v.sees('Out of the drum. Two go on, each by itself.');
    // Back over it from one is back for both.
    await v.press('Go to it: Bare-membrane trousers');
    await v.press('One step back');
    await v.sees('Wash them together');
    await v.press('Done');
    await v.sees('Out of the drum.');
    expect(await cleaner(v)).toBe(full);
    // One is through and written down while the other hangs on.
    await v.press('Go to it: Bare-membrane trousers');
    await walk(v, null);
    await v.sees('In one drum with Lead skater’s softshell.');
    await v.press('Write it in the record');
    await v.sees('It is in the record.');
    const dose = full - (await cleaner(v));
    expect(dose).toBeGreaterThan(30);
    const runs = await v.rows('runs');
    const other = runs.find((r) => r.itemId === 'itm-softshell');
    expect(other?.status).toBe('live');
    // What was done to one is not done to the other: going back now would be, and is refused.
    await v.go(`/run/${String(other?.id)}`);
    await v.press('One step back');
    await v.sees('Bare-membrane trousers has gone on since. Go back there first.');
    await walk(v, null);
    await v.press('Write it in the record');
    await v.sees('It is in the record.');
    expect(full - (await cleaner(v))).toBeCloseTo(dose, 6);
    const log = (await v.rows('log')).filter((e) => e.loadId !== undefined || e.type === 'load');
    expect(log.map((e) => e.type).sort()).toEqual(['care', 'care', 'load']);
    await v.go('/record');
    await v.sees('In one drum with Bare-membrane trousers.');
    // The day knows what was begun.
    await v.go('/wash-day');
    await v.press('Go on with it: load A');
    await v.sees('All of it is in the record.');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('waits for nobody who was taken out, and the day moves round what has begun', async () => {
    const v = await visit({ path: '/wash-day?items=itm-ice-trousers,itm-softshell', width: 390, height: 844 });
    await carryOut(v, 'A');
    await v.press('Take it out: Lead skater’s softshell');
    await v.sees('Lead skater’s softshell goes on by itself');
    // Brought back in, and out again.
    await v.press('Undo');
    await v.named('Before the door shuts: Lead skater’s softshell', 'region');
    await v.press('Take it out: Lead skater’s softshell');
    await v.sees('Lead skater’s softshell goes on by itself');
    for (let n = 0; n < 12 && (await tickNext(v)); n++);
    await v.sees('Wash them');
    expect(await v.text()).toContain('Lead skater’s softshell is not in it.');
    // What is poured is for what is left.
    expect(await v.text()).not.toContain('less is enough');
    await v.press(START);
    await v.page.waitForSelector('[role=timer]');
    await v.go('/');
    await v.sees('Next in the wash day.');
    await v.go('/wash-day');
    await planned(v);
    const begun = await v.page.$$eval('section[aria-label="When you are needed"] [data-selected]', (all) => all.length);
    expect(begun).toBeGreaterThan(0);
    await v.press('Late: move the rest');
    await v.page.waitForFunction(() => /The end (moves from|stays as)/.test(document.body.innerText), { timeout: 45_000 });
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
