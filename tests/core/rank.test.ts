import { describe, expect, test } from 'vitest';
import { byNeed, needsCare, notReady, rankAll, rankerOf, type Need, type Outline } from '../../src/core/due/rank';
import type { Inspection, Item, Kit } from '../../src/core/gear';
import { planItem } from '../../src/core/programme';
import { didText, lastDays } from '../../src/core/telling/run';
import { comp, down, item, KIT, label, shell } from '../make';

/* One state, one day and one order for every list, as one table. */
const TODAY = '2027-01-03';
const seen = (itemId: string, at: string, rest: object): Inspection => ({ id: `i-${itemId}`, itemId, at, ...rest }) as Inspection;
const layer = (id: string, rest: Partial<Item> = {}): Item =>
  item('base-layer', [comp('face', 'polyester-knit')], { id, name: id, repellency: 'none', label: label(40, 'normal'), ...rest });
const NEW = '2027-01-02T08:00:00Z';
const OLD = '2026-03-02T08:00:00Z';

/** Thing, what was seen, whether it is under way; and its state and day. */
const TABLE: readonly (readonly [Item, Inspection | null, boolean, Need, string])[] = [
  [layer('a in the dryer'), seen('a in the dryer', NEW, { soil: 4, odour: 3 }), true, 'under-way', TODAY],
  [layer('b damp'), seen('b damp', NEW, { soil: 0, odour: 0, damp: true }), false, 'urgent', TODAY],
  [layer('c filthy'), seen('c filthy', NEW, { soil: 4, odour: 0 }), false, 'urgent', TODAY],
  [layer('d worn'), seen('d worn', NEW, { soil: 2, odour: 0 }), false, 'due', TODAY],
  [layer('e long ago'), seen('e long ago', OLD, { soil: 0, odour: 0 }), false, 'look', '2026-04-01'],
  [layer('f never looked over'), null, false, 'look', TODAY],
  [
    down({ id: 'g no dryer', name: 'g no dryer', label: label(30, 'mild', { tumble: 'none' }) }),
    seen('g no dryer', NEW, { soil: 3 }),
    false,
    'blocked',
    '2027-05-02',
  ],
  [
    shell({ id: 'h fine', name: 'h fine' }),
    seen('h fine', NEW, { soil: 0, odour: 0, droplet: { hood: 5, shoulders: 5, back: 5, sleeves: 5 } }),
    false,
    'fresh',
    '2027-03-03',
  ],
  [
    item('helmet', [comp('foam', 'pu-foam')], { id: 'i maker only', name: 'i maker only', marks: ['life-safety'] }),
    seen('i maker only', NEW, { soil: 2 }),
    false,
    'safety',
    '',
  ],
  [layer('j lent', { lent: { to: 'Tor', on: '2027-01-01' } }), seen('j lent', NEW, { soil: 4 }), false, 'lent', ''],
  [layer('k put away', { archivedOn: '2027-01-01' }), seen('k put away', NEW, { soil: 4 }), false, 'away', ''],
];
const kit: Kit = {
  format: 'umbrastic/kit',
  version: 1,
  ...KIT,
  items: TABLE.map(([thing]) => thing),
  inspections: TABLE.flatMap(([, look]) => look ?? []),
  log: [],
};
const outlines: Record<string, Outline> = Object.fromEntries(
  kit.items.map((thing) => [
    thing.id,
    { ...planItem(kit, thing), lookDays: thing.id.startsWith('g') ? 120 : thing.id.startsWith('h') ? 60 : 30 },
  ]),
);
const ranked = rankAll(kit, outlines, TODAY, new Set(TABLE.flatMap(([thing, , underWay]) => (underWay ? thing.id : []))));

describe('one table for every list', () => {
  test('state and order are those of the table, whatever order the kit is in', () => {
    expect(ranked.map((r) => [r.item.id, r.need])).toEqual(TABLE.map(([thing, , , need]) => [thing.id, need]));
    expect([...ranked].reverse().sort(byNeed)).toEqual(ranked);
  });
  test.each(TABLE.filter(([, , , , on]) => on !== '').map(([thing, , , , on]) => [thing.id, on] as const))('%s: %s', (id, on) =>
    expect(ranked.find((r) => r.item.id === id)?.on).toBe(on),
  );
  test('what is under way needs no care, and is not ready', () => {
    expect(ranked.filter(needsCare).map((r) => r.item.id)).toEqual(['b damp', 'c filthy', 'd worn']);
    expect(ranked.filter(notReady)).toHaveLength(4);
  });
});

describe('what was last done', () => {
  const log: Kit['log'] = [
    { id: '1', type: 'care', itemId: 'x', at: '2026-01-01T08:00:00Z', aims: ['wash', 'reactivate'] },
    { id: '2', type: 'care', itemId: 'x', at: '2026-06-01T08:00:00Z', aims: ['wash'], did: [], stopped: true },
    { id: '3', type: 'care', itemId: 'x', at: '2026-03-01T08:00:00Z', did: ['renewed', 'warmed'] },
    { id: '4', type: 'care', itemId: 'y', at: '2026-09-01T08:00:00Z', did: ['washed', 'mended'] },
  ];
  test('by what was done, not by what was planned; older lines by their aims', () =>
    expect(lastDays(log, 'x')).toEqual([
      { name: 'washed', at: '2026-01-01T08:00:00Z' },
      { name: 'warmed', at: '2026-03-01T08:00:00Z' },
      { name: 'renewed', at: '2026-03-01T08:00:00Z' },
      { name: 'mended', at: null },
    ]));
  test('in words', () => {
    const said = (log ?? []).map((e) => (e.type === 'care' ? didText(e) : ''));
    expect(said).toEqual(['washed and warmed', 'begun, nothing done', 'finish renewed and warmed', 'washed and mended']);
  });
});

describe('an order that is taken again as programmes come', () => {
  test('is the one that all of them give at once, and what was known keeps its row', () => {
    const rank = rankerOf<Outline>(kit, TODAY, new Set([kit.items[0]!.id]));
    const ids = kit.items.map((i) => i.id);
    let before = new Map(rank(null).map((r) => [r.item.id, r]));
    for (let known = 0; known <= ids.length; known += 3) {
      const some = Object.fromEntries(ids.slice(0, known).flatMap((id) => (outlines[id] ? [[id, outlines[id]]] : [])));
      const rows = rank(some);
      expect(rows).toEqual(rankAll(kit, some, TODAY, new Set([ids[0]!])));
      for (const row of rows) if (before.get(row.item.id)?.programme === row.programme) expect(row).toBe(before.get(row.item.id));
      before = new Map(rows.map((r) => [r.item.id, r]));
    }
    // What was taken back is told anew.
    expect(rank(null)).toEqual(rankAll(kit, null, TODAY, new Set([ids[0]!])));
  });
});
