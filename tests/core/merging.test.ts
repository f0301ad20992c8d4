import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  comingOf,
  join,
  leftWith,
  settled,
  touched,
  UNTOUCHED,
  type Register,
  type Replica,
  type Row,
  type Side,
} from '../../src/core/merging';

/*
 * Browsers as a stranger would write them: each keeps rows and registers, changes them with a clock of its own that may be wrong, and now and
 * then takes another's copy in. That joining is idempotent, commutative and associative is what a state-based convergent type is
 * (Shapiro, Preguiça, Baquero, Zawirski, "Conflict-free Replicated Data Types", INRIA RR-7687, 2011).
 */
type Rows = Record<string, Row>;
const replica = (rows: Rows = {}, registers: Record<string, Register> = {}): Replica => ({
  rows: new Map(Object.entries(rows)),
  registers: new Map(Object.entries(registers)),
});
const plain = ({ rows, registers }: Replica) => ({
  rows: Object.fromEntries([...rows].sort()),
  registers: Object.fromEntries([...registers].sort()),
});
const hangs = (row: Row, thing: string): boolean => `items/${(row as { itemId?: string }).itemId}` === thing;

/** One browser's change of one record, as the store notes it. */
function put(on: Replica, browser: string, key: string, row: Row, clock: number): Replica {
  const rows = new Map(on.rows).set(key, row);
  return { rows, registers: new Map(on.registers).set(key, touched(on.registers.get(key), browser, clock)) };
}
function take(on: Replica, browser: string, key: string, clock: number): Replica {
  const [rows, registers] = [new Map(on.rows), new Map(on.registers)];
  if (!rows.delete(key)) return on;
  let latest = 0;
  for (const [other, row] of [...rows])
    if (key.startsWith('items/') && hangs(row, key)) {
      latest = Math.max(latest, (registers.get(other) ?? UNTOUCHED).at);
      registers.set(other, leftWith(registers.get(other), browser));
      rows.delete(other);
    }
  registers.set(key, touched(registers.get(key), browser, clock, true, latest));
  return { rows, registers };
}
const BASE: Rows = {
  'items/a': { id: 'a', name: 'A' },
  'items/b': { id: 'b', name: 'B' },
  'inspections/l0': { id: 'l0', itemId: 'a' },
  'supplies/s': { id: 's', ml: 9 },
};
const KEYS = ['items/a', 'items/b', 'inspections/l0', 'inspections/l1', 'log/e1', 'supplies/s', 'supplies/t'];
const LOOKS: Readonly<Record<string, string>> = { 'inspections/l0': 'a', 'inspections/l1': 'a', 'log/e1': 'b' };
type Act =
  | { readonly do: 'put' | 'take'; readonly by: number; readonly key: string; readonly n: number; readonly clock: number }
  | { readonly do: 'join'; readonly by: number; readonly from: number };
const act: fc.Arbitrary<Act> = fc.oneof(
  fc.record({
    do: fc.constantFrom('put' as const, 'put' as const, 'take' as const),
    by: fc.nat(2),
    key: fc.constantFrom(...KEYS),
    n: fc.nat(3),
    clock: fc.nat(40),
  }),
  fc.record({ do: fc.constant('join' as const), by: fc.nat(2), from: fc.nat(2) }),
);
/** What three browsers hold after these acts. @param anew whether a thing that was taken out may be made again under its id, without its record. */
function after(acts: readonly Act[], anew = true): Replica[] {
  const all = [replica(BASE), replica(BASE), replica(BASE)];
  for (const a of acts) {
    const on = all[a.by]!;
    if (a.do === 'join') all[a.by] = join(on, all[a.from]!);
    else if (a.do === 'take') all[a.by] = take(on, 'xyz'[a.by]!, a.key, a.clock);
    else {
      const itemId = LOOKS[a.key];
      // Nothing is recorded of a thing that is not there.
      if (itemId !== undefined && !on.rows.has(`items/${itemId}`)) continue;
      if (!anew && a.key.startsWith('items/') && !on.rows.has(a.key)) continue;
      all[a.by] = put(on, 'xyz'[a.by]!, a.key, { id: a.key, n: a.n, ...(itemId ? { itemId } : {}) }, a.clock);
    }
  }
  return all;
}
const histories = fc.array(act, { minLength: 1, maxLength: 14 }).map(after);

describe('two browsers brought together, whatever happened in them', () => {
  test('twice is once; whose copy is opened where does not matter; nor does the order of three', () =>
    fc.assert(
      fc.property(histories, ([x, y, z]) => {
        expect(plain(join(x!, x!))).toEqual(plain(join(x!, replica())));
        expect(plain(join(x!, y!))).toEqual(plain(join(y!, x!)));
        expect(plain(join(join(x!, y!), y!))).toEqual(plain(join(x!, y!)));
        expect(plain(join(join(x!, y!), z!))).toEqual(plain(join(x!, join(y!, z!))));
      }),
      { numRuns: 1500 },
    ));
  test('what only one has changed comes as it is there, and is no clash', () =>
    fc.assert(
      fc.property(fc.array(act, { maxLength: 10 }), (acts) => {
        const theirs = after(
          acts.map((a) => ({ ...a, by: 1 })),
          false,
        )[1]!;
        const { joined, clashes } = comingOf(replica(BASE), theirs);
        expect(clashes).toEqual([]);
        expect(Object.fromEntries(joined.rows)).toEqual(Object.fromEntries(theirs.rows));
      }),
      { numRuns: 500 },
    ));
  test('whatever is chosen, the other browser follows: after it has taken the answer in, both are alike and nothing clashes', () =>
    fc.assert(
      fc.property(histories, fc.infiniteStream(fc.constantFrom<Side>('mine', 'theirs')), ([x, y], sides) => {
        const coming = comingOf(x!, y!);
        const choices = Object.fromEntries(coming.clashes.map((c) => [c.key, sides.next().value as Side]));
        const here = settled(coming, { mine: x!, theirs: y! }, choices, 'x', 50);
        const back = comingOf(y!, here);
        expect(back.clashes.filter((c) => c.mine && c.theirs)).toEqual([]);
        const there = back.joined;
        expect(Object.fromEntries(there.rows)).toEqual(Object.fromEntries(here.rows));
        for (const clash of coming.clashes) {
          const chosen = choices[clash.key] === 'mine' ? clash.mine : clash.theirs;
          expect(here.rows.get(clash.key) ?? null).toEqual(chosen);
        }
      }),
      { numRuns: 1000 },
    ));
  test('nothing hangs on a thing that is gone', () =>
    fc.assert(
      fc.property(histories, ([x, y]) => {
        const { rows } = join(x!, y!);
        for (const row of rows.values()) {
          const { itemId } = row as { itemId?: string };
          if (itemId !== undefined) expect(rows.has(`items/${itemId}`)).toBe(true);
        }
      }),
      { numRuns: 500 },
    ));
});

describe('a phone at the tub and a laptop in the kitchen', () => {
  const base = replica({ ...BASE });
  const name = (key: string, r: Replica): unknown => (r.rows.get(key) as { name?: string } | undefined)?.name;
  test('the newer of two changes stands, the older is shown beside it, and either can be taken', () => {
    const phone = put(base, 'p', 'items/a', { id: 'a', name: 'Phone' }, 100);
    const laptop = put(base, 'l', 'items/a', { id: 'a', name: 'Laptop' }, 200);
    const coming = comingOf(phone, laptop);
    expect(coming.clashes).toEqual([
      {
        key: 'items/a',
        mine: { id: 'a', name: 'Phone' },
        theirs: { id: 'a', name: 'Laptop' },
        mineAt: 100,
        theirsAt: 200,
        takes: 'theirs',
      },
    ]);
    expect(name('items/a', coming.joined)).toBe('Laptop');
    const kept = settled(coming, { mine: phone, theirs: laptop }, { 'items/a': 'mine' }, 'p', 300);
    expect(name('items/a', kept)).toBe('Phone');
    // The laptop, which does not know of the choice, follows it.
    const back = comingOf(laptop, kept);
    expect([back.clashes, name('items/a', back.joined)]).toEqual([[], 'Phone']);
  });
  test('a clock that is wrong by a year does not make an older state of one browser the newer', () => {
    const first = put(base, 'p', 'items/a', { id: 'a', name: 'First' }, 31_536_000_000);
    const second = put(first, 'p', 'items/a', { id: 'a', name: 'Second' }, 5);
    expect(name('items/a', join(second, first))).toBe('Second');
    expect(comingOf(first, second).clashes).toEqual([]);
  });
  test('a thing deleted here stays deleted, with its record, when an older copy is opened', () => {
    const phone = take(base, 'p', 'items/a', 100);
    const { joined, clashes, comes } = comingOf(phone, base);
    expect([...joined.rows.keys()].sort()).toEqual(['items/b', 'supplies/s']);
    expect([clashes, comes]).toEqual([[], []]);
  });
  test('deleted here, and there looked over since: both are shown; it comes back with its whole record, or goes in both', () => {
    const phone = take(base, 'p', 'items/a', 100);
    const laptop = put(base, 'l', 'inspections/l1', { id: 'l1', itemId: 'a' }, 200);
    const coming = comingOf(phone, laptop);
    expect(coming.clashes).toMatchObject([{ key: 'items/a', mine: null, mineAt: 100, theirs: { id: 'a' }, takes: 'theirs' }]);
    const sides = { mine: phone, theirs: laptop };
    expect([...settled(coming, sides, {}, 'p', 300).rows.keys()].sort()).toEqual(
      ['inspections/l0', 'inspections/l1', 'items/a', 'items/b', 'supplies/s'].sort(),
    );
    const gone = settled(coming, sides, { 'items/a': 'mine' }, 'p', 300);
    expect([...gone.rows.keys()].sort()).toEqual(['items/b', 'supplies/s']);
    expect([...join(laptop, gone).rows.keys()].sort()).toEqual(['items/b', 'supplies/s']);
    // And the other way about, with the older look there.
    const early = comingOf(phone, put(base, 'l', 'inspections/l1', { id: 'l1', itemId: 'a' }, 50));
    expect(early.clashes).toMatchObject([{ key: 'items/a', takes: 'mine' }]);
  });
  test('two records of before anything was noted that differ are a clash of unknown time; those alike are none', () => {
    const mine = replica({ ...BASE, 'items/a': { id: 'a', name: 'Mine' } });
    expect(comingOf(mine, replica(BASE)).clashes).toMatchObject([{ key: 'items/a', mineAt: 0, theirsAt: 0 }]);
    expect(
      comingOf(replica({ 'items/a': { id: 'a', x: 1, y: 2 } }), replica({ 'items/a': { y: 2, x: 1, id: 'a' } })).clashes,
    ).toEqual([]);
  });
  test('what was done to a machine hangs on no thing', () => {
    const run = { 'runs/r': { id: 'r', itemId: 'washer', machineId: 'washer' } };
    expect([...join(replica(), replica(run)).rows.keys()]).toEqual(['runs/r']);
  });
});
