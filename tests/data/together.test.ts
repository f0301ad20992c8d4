import { describe, expect, test } from 'vitest';
import { textOf, type Register, type Side } from '../../src/core/merging';
import { finishStep } from '../../src/core/run';
import { db, readMeta } from '../../src/data/db';
import { loadKit, loadRest, replaceKit, restoreCopy, type Whole } from '../../src/data/kit';
import * as repo from '../../src/data/repo';
import { TABLE_NAMES } from '../../src/data/tables';
import { bringTogether, replicaOf, togetherWith } from '../../src/data/together';
import type { Kit } from '../../src/core/gear';
import { CHANGES, everything, inFilledStore, kit } from '../changes';

/* One store at a time stands for one browser: it is put away whole, and another is put in its place. */
type Browser = Record<string, object[]>;
const away = async (): Promise<Browser> =>
  Object.fromEntries(await Promise.all(TABLE_NAMES.map(async (name) => [name, await db.table<object>(name).toArray()] as const)));
const into = async (browser: Browser): Promise<void> => {
  for (const name of TABLE_NAMES) {
    await db.table(name).clear();
    await db.table(name).bulkPut(structuredClone(browser[name] ?? []));
  }
};
const copyHere = async (): Promise<{ kit: Kit; whole: Whole }> => ({ kit: await loadKit(), whole: await loadRest() });
const empty = (): Promise<void> => into({});
const shared = async () => replicaOf(await loadKit(), await loadRest());
const rowsOf = async (): Promise<Record<string, string>> =>
  Object.fromEntries([...(await shared()).rows].map(([key, row]) => [key, textOf(row)] as const).sort());
const registersOf = async (): Promise<Record<string, Register>> =>
  Object.fromEntries((await db.registers.toArray()).map(({ key, ...r }) => [key, r]));

inFilledStore();

describe('who changed what when', () => {
  /** Keys that are not alike in two states. */
  const differ = (a: Record<string, unknown>, b: Record<string, unknown>): string[] =>
    [...new Set([...Object.keys(a), ...Object.keys(b)])].filter((key) => textOf(a[key]) !== textOf(b[key])).sort();
  const ofRuns = (key: string): boolean => key.startsWith('runs/');

  test.each(Object.keys(CHANGES).filter((name) => name !== 'replaceKit'))(
    '%s notes each record that it changed, and no other; its undo too',
    async (name) => {
      let [rows, registers] = [await rowsOf(), await registersOf()];
      for (const [form, change] of CHANGES[name]!.entries()) {
        const undo = await change();
        const [then, noted] = [await rowsOf(), await registersOf()];
        expect(differ(registers, noted), `form ${form}`).toEqual(differ(rows, then).filter((key) => !ofRuns(key)));
        await undo();
        [rows, registers] = [await rowsOf(), await registersOf()];
        expect(differ(noted, registers), `form ${form}, undone`).toEqual(differ(then, rows).filter((key) => !ofRuns(key)));
      }
    },
  );
  test('what a run leaves in a bath is noted with it', async () => {
    const { registers } = await shared();
    expect(registers.has('meta/equipment')).toBe(false);
    await repo.changeRun(
      'run-1',
      (run) => {
        let next = run;
        for (let n = 0; n < 40 && next.currentId; n++) {
          next = finishStep(next, Date.parse('2027-01-03T09:00:00Z'));
          if (next.programme.steps.find((s) => s.id === next.currentId)?.do === 'rinse') break;
        }
        return next;
      },
      '2027-01-03T09:00:00Z',
    );
    const moved = textOf((await shared()).rows.get('meta/equipment')) !== textOf({ key: 'equipment', value: kit.equipment });
    expect((await shared()).registers.has('meta/equipment')).toBe(moved);
  });
});

describe('the phone at the tub and the laptop in the kitchen', () => {
  /** Both begin from one state: the laptop opened the phone's copy. */
  async function two(): Promise<{ phone: Browser; laptop: Browser }> {
    await repo.saveTitle('Ours');
    const { kit: text, whole } = await copyHere();
    const phone = await away();
    await empty();
    await restoreCopy(text, whole);
    await repo.saveView({ id: 'v-laptop', name: 'Here', query: '' });
    const laptop = await away();
    expect(((laptop.meta ?? []) as { key: string; value: unknown }[]).find((m) => m.key === 'browser')?.value).not.toBe(
      ((phone.meta ?? []) as { key: string; value: unknown }[]).find((m) => m.key === 'browser')?.value,
    );
    return { phone, laptop };
  }
  const take = async (from: Browser, choices: Record<string, Side> = {}): Promise<repo.Undo> => {
    const here = await away();
    await into(from);
    const { kit: text, whole } = await copyHere();
    await into(here);
    return bringTogether(text, whole, choices, Date.now());
  };

  test('each takes the other’s copy in: both hold all that was done in either, pictures too; twice is once', async () => {
    const { phone, laptop } = await two();
    await into(phone);
    await repo.saveInspection({ id: 'ins-tub', itemId: 'itm-parka', at: '2027-01-05T08:00:00Z', soil: 3 });
    await repo.saveWeighIn({ itemId: 'itm-quilt', at: '2027-01-05T08:00:00Z', massG: 1234 });
    await repo.savePhotos([{ ...(await db.photos.get('pho-1'))!, id: 'pho-tub', blob: new Blob(['tub']) }]);
    await repo.deleteItem('itm-smock');
    const phoneAfter = await away();
    await into(laptop);
    await repo.saveSupply({ id: 's-kitchen', class: 'vinegar' });
    await repo.deleteEntry(kit.log![0]!.id);
    await repo.saveItem({ ...kit.items.find((i) => i.id === 'itm-parka')!, name: 'Renamed in the kitchen' });
    await take(phoneAfter);
    const here = await rowsOf();
    const laptopAfter = await away();
    expect(await (await db.photos.get('pho-tub'))?.blob.text()).toBe('tub');
    expect([await db.items.get('itm-smock'), await db.log.get(kit.log![0]!.id)]).toEqual([undefined, undefined]);
    expect((await db.items.get('itm-parka'))?.name).toBe('Renamed in the kitchen');
    expect(await db.inspections.get('ins-tub')).toBeDefined();
    expect(
      await db.weighIns
        .where({ itemId: 'itm-quilt' })
        .filter((w) => w.massG === 1234)
        .count(),
    ).toBe(1);

    await into(phoneAfter);
    await take(laptopAfter);
    expect(await rowsOf()).toEqual(here);
    expect((await db.supplies.get('s-kitchen'))?.class).toBe('vinegar');
    const again = await everything();
    await take(laptopAfter);
    expect(await everything()).toEqual(again);
    // Nothing is left to say either way.
    await into(laptopAfter);
    const back = await togetherWith(...((c) => [c.kit, c.whole] as const)(await copyHere()));
    expect([back.coming.comes, back.coming.changes, back.coming.goes, back.coming.clashes]).toEqual([[], [], [], []]);
  });
  test('undone, everything is as before, registers too: the other’s copy can be taken in again', async () => {
    const { phone, laptop } = await two();
    await into(phone);
    await repo.saveInspection({ id: 'ins-tub', itemId: 'itm-parka', at: '2027-01-05T08:00:00Z', soil: 3 });
    const phoneAfter = await away();
    await into(laptop);
    const [before, registers] = [await everything(), await registersOf()];
    const undo = await take(phoneAfter);
    expect(await db.inspections.get('ins-tub')).toBeDefined();
    await undo();
    expect(await everything()).toEqual(before);
    expect(await registersOf()).toEqual(registers);
    await take(phoneAfter);
    expect(await db.inspections.get('ins-tub')).toBeDefined();
  });
  test('changed in both: one choice, and the other browser follows it', async () => {
    const { phone, laptop } = await two();
    const parka = kit.items.find((i) => i.id === 'itm-parka')!;
    await into(phone);
    await repo.saveItem({ ...parka, name: 'Phone' });
    const phoneAfter = await away();
    await into(laptop);
    await repo.saveItem({ ...parka, name: 'Laptop' });
    await take(phoneAfter, { 'items/itm-parka': 'theirs' });
    expect((await db.items.get('itm-parka'))?.name).toBe('Phone');
    const laptopAfter = await away();
    await into(phoneAfter);
    await take(laptopAfter);
    expect((await db.items.get('itm-parka'))?.name).toBe('Phone');
  });
  test('a programme under way: the browser in which more has happened', async () => {
    const { phone, laptop } = await two();
    await into(phone);
    await repo.changeRun('run-1', (run) => finishStep(run, Date.parse('2027-01-03T09:00:00Z')));
    const lines = (await db.runs.get('run-1'))!.events.length;
    const phoneAfter = await away();
    await into(laptop);
    expect((await db.runs.get('run-1'))!.events.length).toBeLessThan(lines);
    await take(phoneAfter);
    expect((await db.runs.get('run-1'))!.events.length).toBe(lines);
    const ahead = await away();
    await into(phoneAfter);
    await take(laptop);
    expect((await db.runs.get('run-1'))!.events.length).toBe(lines);
    expect(ahead.registers?.some((r) => (r as { key: string }).key.startsWith('runs/'))).toBe(false);
  });
  test('what is half-made stays in the browser that it is of', async () => {
    const { phone, laptop } = await two();
    await into(phone);
    await db.sheets.put({ key: 'item:itm-parka', was: {}, draft: { name: 'half' } });
    await repo.patchDraft('itm-smock', 'soil', { soil: 3 });
    const phoneAfter = await away();
    await into(laptop);
    await take(phoneAfter);
    expect([await db.sheets.toArray(), await db.drafts.get('itm-smock')]).toEqual([[], undefined]);
  });
});

describe('replaced by a copy', () => {
  test('what is other than it was known here was changed here and now; what nobody here had touched leaves nothing behind', async () => {
    const old = await copyHere();
    await repo.saveItem({ ...kit.items.find((i) => i.id === 'itm-parka')!, name: 'Later' });
    const later = await away();
    const wasAt = (await db.registers.get('items/itm-parka'))!.at;
    await restoreCopy(old.kit, old.whole);
    expect((await db.registers.get('items/itm-parka'))!.at).toBeGreaterThan(wasAt);
    // Another browser that holds the later state follows the one that went back.
    const back = await copyHere();
    await into(later);
    await bringTogether(back.kit, back.whole, {}, Date.now());
    expect((await db.items.get('itm-parka'))?.name).toBe(kit.items.find((i) => i.id === 'itm-parka')!.name);

    await empty();
    await replaceKit(structuredClone(kit));
    await replaceKit({ ...structuredClone(kit), items: [], inspections: [], log: [], weighIns: [] });
    expect(await db.registers.count()).toBe(0);
    expect(await readMeta('browser')).toBeUndefined();
  });
});
