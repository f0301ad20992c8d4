import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readKit, soundPart } from '../../src/core/formats';
import type { Item, Supply } from '../../src/core/gear';
import { db } from '../../src/data/db';
import { NotKept } from '../../src/data/guard';
import { exportKit } from '../../src/data/kit';
import { takenBack } from '../../src/data/merge';
import * as repo from '../../src/data/repo';
import { everything, inFilledStore, kit } from '../changes';
import { invented } from '../make';

const NOW = '2027-01-03T08:00:00Z';
const use = (id: string, itemId: string) => ({ id, type: 'use', itemId, at: NOW }) as const;
const item = (id: string, more: Partial<Item> = {}): Item => ({ ...kit.items[0]!, id, ...more });

describe('what is kept', () => {
  inFilledStore();

  const bottle = (more: object): Promise<repo.Undo> =>
    repo.saveSupply(invented<Supply>({ id: 's-x', class: 'vinegar', ...more }));
  test.each<[string, () => Promise<unknown>, RegExp]>([
    [
      'a five-digit year',
      () => bottle({ name: 'White vinegar', expiresOn: '12029-05-01' }),
      /^White vinegar: expiresOn must be a day/,
    ],
    ['less than nothing', () => bottle({ remainingMl: -5 }), /remainingMl must be/],
    ['a name that is a book', () => repo.saveItem(item('itm-x', { name: 'x'.repeat(5000) })), /name must be text of at most/],
    [
      'a record of a thing that is gone',
      () => repo.saveEntry(use('use-x', 'nobody')),
      /of a thing that is no longer in your kit/,
    ],
    [
      'two machines that are one',
      () => repo.saveEquipment(invented({ washers: [1, 2].map(() => ({ id: 'w', kind: 'front-loader' })) })),
      /washers\[1\]\.id must be unique/,
    ],
  ])('is never %s; the sentence names it, and nothing is changed', async (_what, change, message) => {
    const before = await everything();
    await expect(change()).rejects.toThrow(message);
    await expect(change()).rejects.toBeInstanceOf(NotKept);
    expect(await everything()).toEqual(before);
  });
  test('goes whole when its thing’s adding is undone, though it was used meanwhile', async () => {
    const undo = await repo.saveItem(item('itm-new'));
    await repo.saveUses([use('use-new', 'itm-new')]);
    await repo.patchDraft('itm-new', 'soil', { soil: 1 });
    await undo();
    expect([await db.items.get('itm-new'), await db.log.get('use-new'), await db.drafts.get('itm-new')]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
    expect(readKit(await exportKit(NOW)).status).toBe('read');
  });
  test('does not come back to a thing that was deleted meanwhile', async () => {
    const undo = await repo.deleteEntry((await db.log.where('itemId').equals('itm-parka').first())!.id);
    await repo.deleteItem('itm-parka');
    await undo();
    expect(await db.log.where('itemId').equals('itm-parka').count()).toBe(0);
  });
  test('what another tab changed meanwhile outlives an undo', async () => {
    const parka = (await db.items.get('itm-parka'))!;
    const undo = await repo.saveItem({ ...parka, name: 'Winter parka' });
    await repo.saveItem({ ...parka, name: 'Winter parka', owner: 'Runa' });
    await undo();
    expect(await db.items.get('itm-parka')).toEqual({ ...parka, owner: 'Runa' });
  });
});

describe('a change taken back', () => {
  const value = fc.oneof(fc.nat(3), fc.constantFrom('a', 'b'), fc.constant(undefined));
  const row = fc.record({ a: value, b: value, deep: fc.record({ c: value, d: value }) });
  test('is as before when nothing happened since; is nothing when nothing was changed', () =>
    fc.assert(
      fc.property(row, row, (was, made) => {
        const plain = (x: unknown): unknown => JSON.parse(JSON.stringify(x)) as unknown;
        expect(plain(takenBack(was, made, made))).toEqual(plain(was));
        expect(plain(takenBack(was, was, made))).toEqual(plain(made));
      }),
    ));
  test('leaves machines that came or changed since', () => {
    const was = { washers: [{ id: 'a', kg: 5 }] };
    const made = {
      washers: [
        { id: 'a', kg: 6 },
        { id: 'b', kg: 7 },
      ],
    };
    const now = {
      washers: [
        { id: 'a', kg: 6, rinses: 4 },
        { id: 'b', kg: 7 },
        { id: 'c', kg: 8 },
      ],
    };
    expect(takenBack(was, made, now)).toEqual({
      washers: [
        { id: 'a', kg: 5, rinses: 4 },
        { id: 'c', kg: 8 },
      ],
    });
    expect(
      takenBack(made, was, {
        washers: [
          { id: 'a', kg: 5 },
          { id: 'c', kg: 8 },
        ],
      }),
    ).toEqual({
      washers: [
        { id: 'a', kg: 6 },
        { id: 'c', kg: 8 },
        { id: 'b', kg: 7 },
      ],
    });
  });
});

describe('what can be read of a faulty copy', () => {
  const copy = (): Record<string, unknown> => structuredClone(kit) as unknown as Record<string, unknown>;
  const rows = (document: Record<string, unknown>, list: string): Record<string, unknown>[] =>
    document[list] as Record<string, unknown>[];
  test('a wrong day in a bottle costs that day only, and is named', () => {
    const faulty = copy();
    rows(faulty, 'supplies')[0]!.expiresOn = '12029-05-01';
    const { expiresOn: _day, ...rest } = kit.supplies![0]!;
    const sound = soundPart(faulty);
    expect(sound?.left).toEqual([
      { name: rest.name, path: 'expiresOn', message: expect.stringContaining('must be a day') as string },
    ]);
    expect(sound?.kit).toEqual({ ...kit, supplies: [rest, ...kit.supplies!.slice(1)] });
  });
  test('a thing without a kind goes, with what is of it', () => {
    const faulty = copy();
    delete rows(faulty, 'items')[0]!.kind;
    const id = kit.items[0]!.id;
    const sound = soundPart(faulty);
    expect(sound?.kit.items.map((i) => i.id)).toEqual(kit.items.slice(1).map((i) => i.id));
    expect([...(sound?.kit.log ?? []), ...(sound?.kit.inspections ?? [])].some((row) => row.itemId === id)).toBe(false);
    expect(sound?.left[0]?.path).toBe('');
  });
  test('of two with one id the first stays; junk in a list is passed over; a machine is one entry', () => {
    const faulty = copy();
    (faulty.items as unknown[]).push({ ...rows(faulty, 'items')[3]! }, null, 7);
    const equipment = structuredClone(kit.equipment) as unknown as Record<string, Record<string, unknown>[]>;
    equipment.washers![0]!.kind = 'rocket';
    faulty.equipment = equipment;
    const sound = soundPart(faulty);
    expect(sound?.kit.items).toEqual(kit.items);
    expect(sound?.kit.equipment?.washers).toEqual(kit.equipment!.washers!.slice(1));
  });
  test('is nothing where there is no kit', () =>
    expect([null, 7, [], {}, { format: 'umbrastic/kit' }, { format: 'x', items: [] }].map(soundPart)).toEqual(
      Array(6).fill(null),
    ));
  test('60 MB of open brackets are refused before they are read', () => {
    const read = readKit('['.repeat(60_000_000));
    expect(read).toEqual({ status: 'faulty', faults: [{ path: '', message: 'must not be nested deeper than 60 levels' }] });
    expect(readKit(JSON.stringify({ ...kit, title: '[[[[{{{{"'.repeat(9) })).status).toBe('read');
  });
});
