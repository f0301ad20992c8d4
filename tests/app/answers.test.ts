import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { demoOffer } from '../../demo/offer';
import type { Kit } from '../../src/core/gear';
import type { Outlines } from '../../src/app/answers';
import { db, openStore } from '../../src/data/db';
import { loadKit, takeFirst } from '../../src/data/kit';
import { planAll } from '../../src/workers/planner.job';

/* What was answered last stands again on the next visit, and only while every word that it rests on is the same. */
const build = vi.hoisted(() => ({ by: 'build-1' as string | null }));
vi.mock('../../src/workers', () => ({
  get PLANNED_BY() {
    return build.by;
  },
}));

const { kit: club, answers, runs } = demoOffer(Date.parse('2027-01-03T08:00:00Z'));
/** The app as a page that is opened anew has it. */
const visit = async () => {
  vi.resetModules();
  return import('../../src/app/answers');
};
const known = async (kit: Kit): Promise<Outlines | null> => (await visit()).knownFor(kit);
const planned = async (kit: Kit): Promise<Outlines> => {
  const made: Record<string, Outlines[string]> = {};
  await planAll(kit, (piece) => Object.assign(made, piece));
  return made;
};
const keep = async (kit: Kit): Promise<void> => (await visit()).keepAnswers(kit, await planned(kit));

let kit: Kit;
beforeEach(async () => {
  build.by = 'build-1';
  await openStore();
  await takeFirst(club, runs);
  kit = await loadKit();
});
afterEach(() => db.delete({ disableAutoOpen: false }));

/** A kit with one of its things or looks or lines otherwise. */
const otherwise = <K extends 'items' | 'inspections' | 'log' | 'supplies'>(part: K, change: object, at = 0): Kit => ({
  ...kit,
  [part]: (kit[part] ?? []).map((row, n) => (n === at ? { ...row, ...change } : row)),
});

describe('what was answered last', () => {
  test('the server’s answers to the club are those that its kit gets when it is planned here', async () => {
    expect(answers).toEqual(await planned((await visit()).asPlansRead(kit)));
  });
  test('stands again for the same kit', async () => {
    await keep(kit);
    expect(await known(await loadKit())).toEqual(await planned(kit));
  });
  test('there is none in a store that kept none, and a first page is told what came with its kit', async () => {
    expect(await known(kit)).toBeNull();
    const page = await visit();
    page.takeAnswers(kit, answers);
    expect(await page.knownFor(kit)).toBe(answers);
    // Of no other kit, were it the same by every word.
    expect(await page.knownFor({ ...kit })).toBeNull();
  });
  test('does not stand when anything is otherwise that a plan reads', async () => {
    await keep(kit);
    const used = kit.log!.findIndex((e) => e.type === 'use');
    const changed: Record<string, Kit> = {
      'a thing': otherwise('items', { massG: 1 }),
      'a look': otherwise('inspections', { soil: 4 }),
      'a use': otherwise('log', { at: '2026-12-31T08:00:00Z' }, used),
      'a bottle': otherwise('supplies', { remainingMl: 1 }),
      'a choice': { ...kit, preferences: { ...kit.preferences, schools: { LACES: 'in' } } },
      'the water': { ...kit, equipment: { ...kit.equipment, waterHardnessMgPerL: 333 } },
      'one more': { ...kit, items: [...kit.items, { ...kit.items[0]!, id: 'more' }] },
    };
    for (const [what, other] of Object.entries(changed)) expect([what, await known(other)]).toEqual([what, null]);
    build.by = 'build-2';
    expect(await known(kit)).toBeNull();
    build.by = null;
    expect(await known(kit)).toBeNull();
    build.by = 'build-1';
    expect(await known(kit)).not.toBeNull();
  });
  test('stands when only that is otherwise which no plan reads', async () => {
    await keep(kit);
    const care = kit.log!.findIndex((e) => e.type === 'care');
    expect(await known(otherwise('log', { note: 'It went well.' }, care))).not.toBeNull();
    expect(await known({ ...kit, weighIns: [] })).not.toBeNull();
  });
  test('a thing that is gone leaves the others’ answers standing; one that could not be planned is asked again', async () => {
    await keep(kit);
    const fewer = { ...kit, items: kit.items.slice(1) };
    expect(Object.keys((await known(fewer)) ?? {})).toEqual(fewer.items.map((i) => i.id));
    await db.answers.clear();
    const page = await visit();
    const id = kit.items[0]!.id;
    await page.keepAnswers(kit, { ...answers, [id]: { ...answers[id]!, failed: 'No plan.' } });
    expect(await db.answers.count()).toBe(0);
  });
  test('of a large kit nothing is kept, and it is not looked for', async () => {
    const large = { ...kit, items: Array.from({ length: 301 }, (_, n) => ({ ...kit.items[0]!, id: `i${n}` })) };
    await keep(large);
    expect(await db.answers.count()).toBe(0);
    const most = { ...large, items: large.items.slice(1) };
    await keep(most);
    expect(Object.keys((await known(most)) ?? {})).toHaveLength(300);
  });
  test('a store that takes nothing more is no fault of a page: the next visit plans', async () => {
    const page = await visit();
    const { db: its } = await import('../../src/data/db');
    vi.spyOn(its.answers, 'put').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    await expect(page.keepAnswers(kit, answers)).resolves.toBeUndefined();
    expect(await known(kit)).toBeNull();
  });
});
