import fc from 'fast-check';
import { afterEach, beforeEach } from 'vitest';
import { makeDemoKit } from '../demo/kit';
import type { Supply } from '../src/core/gear';
import { planItem } from '../src/core/programme';
import { foldRun, recordOf, startRun } from '../src/core/run';
import { db, openStore, type Photo } from '../src/data/db';
import { besideOf, kitOfThings } from '../src/core/formats/beside';
import { addBeside, replaceKit } from '../src/data/kit';
import * as repo from '../src/data/repo';
import { TABLE_NAMES, type TableName } from '../src/data/tables';
import { invented } from './make';

/* Every change that the store can be asked for, as arbitraries, on the demo kit. */
export const kit = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const IDS = ['itm-parka', 'itm-quilt', 'itm-smock', 'nobody'];
const photo = (id: string, itemId: string): Photo => ({
  id,
  itemId,
  at: '2027-01-03T08:00:00Z',
  width: 2,
  height: 2,
  bytes: 3,
  blob: new Blob(['abc']),
});

/** Every row of every table, as plain data. Without who changed what when, and what can be taken back: undoing is a change of its own there. */
export async function everything(
  names: readonly TableName[] = TABLE_NAMES.filter((name) => name !== 'registers' && name !== 'undos'),
): Promise<Record<string, unknown>> {
  const rows = await Promise.all(names.map(async (name) => [name, await db.table(name).toArray()] as const));
  return JSON.parse(JSON.stringify(Object.fromEntries(rows))) as Record<string, unknown>;
}
/** The demo kit, with rows in every table. */
export async function fill(): Promise<void> {
  await replaceKit(structuredClone(kit));
  const item = kit.items.find((i) => i.id === 'itm-parka')!;
  await repo.saveRun(startRun(planItem(kit, item), 'Parka', 'run-1', Date.parse('2027-01-03T08:00:00Z')));
  await repo.patchDraft('itm-parka', 'soil', { soil: 2 });
  await repo.patchDraft('itm-quilt', 'soil', { soil: 1 });
  await repo.savePhotos([photo('pho-1', 'itm-parka')]);
  await repo.savePhotos([photo('pho-2', 'itm-quilt')]);
  await repo.saveView({ id: 'view-1', name: 'Due', query: 'due=1' });
  await repo.tickMove('itm-quilt', 'plan', 'a-b', true);
}
/** Has each test of where it is called begin in a store so filled, which is gone after it. */
export function inFilledStore(): void {
  beforeEach(async () => {
    await openStore();
    await fill();
  });
  afterEach(() => db.delete({ disableAutoOpen: false }));
}

export type Change = () => Promise<repo.Undo>;
/** Things that are there, unless they were deleted before. */
const HERE = IDS.slice(0, 3);
/** Each change in all its forms. */
export const CHANGES: Readonly<Record<string, readonly Change[]>> = {
  saveItem: IDS.map((i) => () => repo.saveItem({ ...kit.items[0]!, id: i, name: 'changed' })),
  deleteItem: IDS.map((i) => () => repo.deleteItem(i)),
  saveInspection: HERE.map(
    (i) => () => repo.saveInspection({ id: `ins-of-${i}`, itemId: i, at: '2027-01-04T08:00:00Z', soil: 1 }),
  ),
  saveSeen: HERE.map(
    (i) => () => repo.saveSeen({ id: `marks-of-${i}`, itemId: i, at: '2027-01-05T08:00:00Z', stains: [{ soil: 'scuff' }] }),
  ),
  saveHalves: HERE.map(
    (i) => () =>
      repo.saveHalves({
        id: `halves-${i}`,
        type: 'halves',
        itemId: i,
        at: '2027-01-05T08:00:00Z',
        half: 'left',
        treatment: 'renew',
        supplies: [{ supplyId: 's-spray', class: 'spray-proofer', ml: 30 }],
      }),
  ),
  saveTreatment: HERE.map(
    (i) => () =>
      repo.saveTreatment(
        {
          id: `rung-${i}`,
          type: 'treatment',
          itemId: i,
          at: '2027-01-05T08:00:00Z',
          soil: 'scuff',
          rung: 'damp-cloth',
          result: 'same',
          supplies: [{ supplyId: 's-down', class: 'down-cleaner', ml: 5 }],
        },
        { id: `after-${i}`, itemId: i, at: '2027-01-05T08:00:00Z', stains: [] },
      ),
  ),
  saveSupply: ['s-down', 's-new'].map((s) => () => repo.saveSupply({ id: s, class: 'down-cleaner' })),
  deleteSupply: ['s-down', 's-none'].map((s) => () => repo.deleteSupply(s)),
  saveEquipment: [() => repo.saveEquipment({ washers: [] })],
  saveTitle: [() => repo.saveTitle('Ours')],
  savePreferences: [() => repo.savePreferences({ units: 'us', currency: undefined })],
  chooseFor: [() => repo.chooseFor(['itm-parka', 'itm-vest'], 'LACES', 'in')],
  chooseForKit: [() => repo.chooseForKit('LACES', 'in')],
  saveRuns: IDS.map(
    (i) => () => repo.saveRuns([0, 1].map((n) => startRun(planItem(kit, kit.items[n]!), 'x', `run-${i}-${n}`, 5))),
  ),
  dropRuns: ['run-1'].map((r) => async () => {
    const stored = await db.runs.get(r);
    return repo.dropRuns(stored ? [foldRun(stored)] : []);
  }),
  saveRun: IDS.map((i) => () => repo.saveRun(startRun(planItem(kit, kit.items[1]!), 'x', `run-${i}`, 5))),
  saveEntry: ['log-1', 'use-new'].map((l) => () => repo.saveEntry({ id: l, type: 'use', at: '2027-01-04T08:00:00Z' })),
  saveEvents: [
    () => repo.saveEvents([{ id: 'cal-1', type: 'event', at: '2027-01-04T08:00:00Z', name: 'Hut week', on: '2027-02-01' }]),
  ],
  deleteEntry: ['log-1', 'none'].map((l) => () => repo.deleteEntry(l)),
  saveUses: HERE.map((i) => () => repo.saveUses([{ id: `use-${i}`, type: 'use', itemId: i, at: '2027-01-04T08:00:00Z' }])),
  saveWeighIn: HERE.map((i) => () => repo.saveWeighIn({ itemId: i, at: '2027-01-04T08:00:00Z', massG: 500 })),
  changeItems: [
    () =>
      repo.changeItems([
        { ...kit.items[0]!, name: 'a' },
        { ...kit.items[1]!, id: 'new' },
      ]),
  ],
  saveWashDay: ['earliest' as const, 'least-energy' as const].map(
    (prefer) => () => repo.saveWashDay({ items: ['a'], from: '2027-01-08T08:00:00Z', people: [], prefer }),
  ),
  saveView: ['view-1', 'view-2'].map((v) => () => repo.saveView({ id: v, name: 'x', query: '' })),
  deleteView: ['view-1', 'view-9'].map((v) => () => repo.deleteView(v)),
  savePhotos: ['pho-1', 'pho-9'].map((p) => () => repo.savePhotos([photo(p, 'itm-smock')])),
  changePhoto: ['pho-1', 'pho-9'].map(
    (p) => () => repo.changePhoto(p, { light: { marks: invented({ corners: [] }), spread: [] } }),
  ),
  deletePhoto: ['pho-1', 'pho-9'].map((p) => () => repo.deletePhoto(p)),
  tickMove: [true, false].map((done) => () => repo.tickMove('itm-quilt', 'plan', 'a-b', done)),
  addBeside: HERE.map((i) => () => {
    const theirs = kitOfThings(
      { ...kit, items: kit.items.map((t) => ({ ...t, id: `${t.id}-b` })), inspections: [], log: [] },
      [`${i}-b`],
      '2027-01-03T08:00:00Z',
    );
    const run = { ...recordOf(startRun(planItem(kit, kit.items[1]!), 'x', `run-of-${i}`, 5)), itemId: `${i}-b` };
    const washDay = { items: [`${i}-b`], from: '2027-01-08T08:00:00Z', people: [], prefer: 'earliest' as const };
    return addBeside(besideOf(kit, theirs), { photos: [photo(`pho-of-${i}`, `${i}-b`)], runs: [run], washDay }, 7);
  }),
  replaceKit: [2, 9].map((n) => () => {
    const items = kit.items.slice(0, n);
    const own = <R extends { itemId: string }>(rows: readonly R[]): R[] =>
      rows.filter((r) => items.some((i) => i.id === r.itemId));
    const rest = { inspections: own(kit.inspections), weighIns: own(kit.weighIns ?? []), log: [], title: 'other' };
    return replaceKit({ ...structuredClone(kit), items, ...rest });
  }),
};
/** Each change in any of its forms. */
export const ANY_FORM: readonly fc.Arbitrary<Change>[] = Object.values(CHANGES).map((forms) => fc.constantFrom(...forms));

const FAR = '12029-05-01';
const id = fc.constantFrom(...IDS);
const here = fc.constantFrom(...HERE);
const day = fc.constantFrom('2027-05-01', FAR, '2027-02-30', '', 'soon');
const amount = fc.constantFrom(0, -1, 5e-324, 1, 250, 1e9, Number.NaN, Number.POSITIVE_INFINITY);
const words = fc.constantFrom('', 'Parka', 'x'.repeat(61), 'y'.repeat(5000), '=1+1', '<script>');
/** Changes with values that a careless hand, an earlier version or another tab could bring. */
export const CARELESS: Record<string, fc.Arbitrary<Change>> = {
  bottle: fc.tuple(day, amount, words).map(
    ([expiresOn, remainingMl, name]) =>
      () =>
        repo.saveSupply(invented<Supply>({ id: 's-x', class: 'vinegar', name, expiresOn, remainingMl })),
  ),
  thing: fc.tuple(here, words, amount).map(
    ([i, name, massG]) =>
      () =>
        repo.saveItem(invented({ ...kit.items[0]!, id: i, name, massG })),
  ),
  lending: fc.tuple(here, day, words).map(
    ([i, until, to]) =>
      () =>
        repo.changeItems([invented({ ...kit.items.find((x) => x.id === i)!, lent: { to, until } })]),
  ),
  baffle: fc.tuple(words, amount).map(
    ([name, massG]) =>
      () =>
        repo.saveItem(invented({ ...kit.items[0]!, fillMap: { baffles: [{ id: name, name, fillG: massG }] } })),
  ),
  use: fc.tuple(id, day, words).map(
    ([itemId, at, note]) =>
      () =>
        repo.saveEntry(invented({ id: `use-${at}`, type: 'use', itemId, at, note })),
  ),
  weight: fc.tuple(id, amount).map(
    ([itemId, massG]) =>
      () =>
        repo.saveWeighIn({ itemId, massG, at: '2027-01-04T08:00:00Z' }),
  ),
  settings: words.map((units) => () => repo.savePreferences(invented({ units, thresholds: { [units]: 3 } }))),
  machine: fc.tuple(words, amount).map(
    ([name, capacityKg]) =>
      () =>
        repo.saveEquipment(
          invented({
            washers: [
              { id: 'w', kind: 'front-loader', name, capacityKg },
              ...(name === '' ? [{ id: 'w', kind: 'front-loader' }] : []),
            ],
          }),
        ),
  ),
};
