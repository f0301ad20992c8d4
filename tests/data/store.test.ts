import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { demoOffer } from '../../demo/offer';
import { readKit } from '../../src/core/formats';
import { openStore, SCHEMA_VERSION, UmbrasticDb, writeMeta } from '../../src/data/db';
import { exportKit, loadKit, replaceKit, takeFirst } from '../../src/data/kit';
import { chooseFor, chooseForKit, patchDraft, saveItem, savePhotos, saveRuns, saveWashDay } from '../../src/data/repo';
import { db } from '../../src/data/db';
import { TABLE_NAMES } from '../../src/data/tables';
import { AS_IT_CAME } from '../../src/data/undo';
import { foldRun } from '../../src/core/run';
import { everything } from '../changes';
import { invented } from '../make';

const kit = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;

describe('the store', () => {
  beforeEach(async () => {
    await openStore();
    await replaceKit(structuredClone(kit));
  });
  afterEach(() => db.delete({ disableAutoOpen: false }));

  test('gives back the kit it was given, unknown fields too', async () => {
    const odd = { ...structuredClone(kit), horn: { sound: 'low' } };
    await replaceKit(odd);
    const back = readKit(await exportKit('2027-01-03T09:00:00Z'));
    expect(back.status).toBe('read');
    if (back.status !== 'read') return;
    const sort = (k: typeof kit): unknown => ({
      ...k,
      exportedAt: '',
      items: [...k.items].sort((a, b) => (a.id < b.id ? -1 : 1)),
      inspections: [...k.inspections].sort((a, b) => (a.id < b.id ? -1 : 1)),
      supplies: [...(k.supplies ?? [])].sort((a, b) => (a.id < b.id ? -1 : 1)),
      log: [...(k.log ?? [])].sort((a, b) => (a.id < b.id ? -1 : 1)),
    });
    expect(sort(back.kit)).toEqual(sort(odd));
  });
  test('a replacement that fails half-way leaves the old kit', async () => {
    const broken = {
      ...structuredClone(kit),
      items: kit.items.slice(0, 2),
      log: [{ ...kit.log![0]!, id: undefined as unknown as string }],
    };
    await expect(replaceKit(broken)).rejects.toThrow();
    expect((await loadKit()).items).toHaveLength(kit.items.length);
  });
  test('a photograph that was made smaller while its thing was deleted is not kept', async () => {
    const photo = { id: 'p', itemId: 'gone', at: '2027-01-03T08:00:00Z', width: 1, height: 1, bytes: 1, blob: new Blob(['x']) };
    await expect(savePhotos([photo])).rejects.toThrow('no longer in your kit');
    expect(await db.photos.count()).toBe(0);
  });
  test('undo of a new item takes it away again', async () => {
    const undo = await saveItem({ ...kit.items[0]!, id: 'new' });
    await undo();
    expect(await db.items.get('new')).toBeUndefined();
  });
  test('quick answers of a look-over are merged, and one can be taken back', async () => {
    await Promise.all([patchDraft('itm-parka', 'soil', { soil: 2 }), patchDraft('itm-parka', 'soils', { odour: 1 })]);
    await patchDraft('itm-parka', 'odour', { odour: undefined });
    expect((await db.drafts.get('itm-parka'))?.seen).toEqual({ soil: 2 });
  });
  test('a choice is made for these things and no others, and taken back whole', async () => {
    const of = async (id: string): Promise<unknown> => (await loadKit()).items.find((i) => i.id === id)?.schools;
    const [one, two, three] = (await loadKit()).items.map((i) => i.id) as [string, string, string];
    const undo = await chooseFor([one, two, 'not-there'], 'LACES', 'in');
    expect(await Promise.all([one, two, three].map(of))).toEqual([{ LACES: 'in' }, { LACES: 'in' }, undefined]);
    await undo();
    expect(await of(one)).toBeUndefined();
  });
  test('a school is chosen beside the others', async () => {
    await chooseForKit('DOWN-HEAT', 'air');
    await chooseForKit('LACES', 'in');
    expect((await loadKit()).preferences?.schools).toEqual({ 'DOWN-HEAT': 'air', LACES: 'in' });
  });
});

describe('the first kit of an empty store', () => {
  const { kit: club, runs, weekend } = demoOffer(Date.parse('2027-01-03T08:00:00Z'));
  const day = { ...weekend, from: '2027-01-09T08:00:00Z', prefer: 'earliest' } as const;
  beforeEach(async () => void (await openStore()));
  afterEach(() => db.delete({ disableAutoOpen: false }));

  test('is what replacing, starting and wishing one after the other would make of it', async () => {
    await replaceKit(club);
    await saveRuns(runs.map(foldRun));
    await saveWashDay(day, AS_IT_CAME);
    const apart = await everything(TABLE_NAMES);
    await db.delete({ disableAutoOpen: false });
    await openStore();
    expect(await takeFirst(club, runs, day)).toBe(true);
    const own = (all: Record<string, unknown>) => ({
      ...all,
      // Who a browser is is its own; keys that the store makes up go on counting.
      meta: (all.meta as { key: string }[]).filter(({ key }) => key !== 'browser'),
    });
    expect(own(await everything(TABLE_NAMES))).toEqual(own(apart));
    expect(((await everything(['runs'])).runs as unknown[]).length).toBeGreaterThan(0);
  });
  test('is not taken where there is a thing', async () => {
    await replaceKit({ ...club, items: club.items.slice(0, 1), inspections: [], log: [], weighIns: [] });
    const before = await everything();
    expect(await takeFirst(club, runs)).toBe(false);
    expect(await everything()).toEqual(before);
  });
});

describe('versions', () => {
  test('data of a newer version is left untouched', async () => {
    const store = new UmbrasticDb('newer');
    await openStore({}, store);
    await writeMeta('schemaVersion', SCHEMA_VERSION + 1, store);
    expect(await openStore({}, store)).toEqual({ status: 'newer', version: SCHEMA_VERSION + 1 });
    await store.delete();
  });
  test('a store that cannot be opened says so, with the browser’s own words, and nothing is written', async () => {
    const store = new UmbrasticDb('blocked');
    store.open = () => invented(Promise.reject(new Error('Internal error opening backing store')));
    expect(await openStore({}, store)).toEqual({ status: 'failed', message: 'Internal error opening backing store' });
    expect(store.isOpen()).toBe(false);
  });
});
