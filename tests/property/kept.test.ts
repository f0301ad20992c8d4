import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readKit, soundPart } from '../../src/core/formats';
import { NotKept } from '../../src/data/guard';
import { exportKit } from '../../src/data/kit';
import type * as repo from '../../src/data/repo';
import { ANY_FORM, CARELESS, inFilledStore, kit } from '../changes';

const NOW = '2027-01-03T08:00:00Z';

describe('what is kept', () => {
  inFilledStore();

  /* The copy that nobody could open: whatever hands, tabs and undos did, in whatever order. */
  test('whatever is pressed, typed and undone, a copy opens', async () => {
    let [refused, taken] = [0, 0];
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.oneof(...Object.values(CARELESS), ...ANY_FORM), fc.nat(7)), {
          minLength: 3,
          maxLength: 12,
        }),
        async (presses) => {
          const undos: repo.Undo[] = [];
          for (const [change, then] of presses) {
            try {
              undos.push(await change());
              taken++;
            } catch (error) {
              if (!(error instanceof NotKept)) throw error;
              refused++;
            }
            // Undone in no order: the toasts of two tabs.
            if (then < 3 && undos.length > 0) await undos.splice(then % undos.length, 1)[0]?.();
          }
          const read = readKit(await exportKit(NOW));
          expect(read.status === 'read' ? [] : read.faults).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
    expect([refused > 20, taken > 100]).toEqual([true, true]);
  });
});

describe('what can be read of a faulty copy', () => {
  const copy = (): Record<string, unknown> => structuredClone(kit) as unknown as Record<string, unknown>;
  const rows = (document: Record<string, unknown>, list: string): Record<string, unknown>[] =>
    document[list] as Record<string, unknown>[];
  test('of any kit with anything broken in it, the rest is a kit; what was sound is in it', () => {
    const junk = fc.constantFrom<unknown>(null, -1, '', 'x', [], {}, 1e300, '12029-05-01', [null], true);
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(), fc.nat(), junk), { minLength: 1, maxLength: 5 }), (breaks) => {
        const faulty = copy();
        const lists = ['items', 'inspections', 'supplies', 'log', 'weighIns'];
        const hit = new Set<string>();
        for (const [list, field, value] of breaks) {
          const name = lists[list % lists.length]!;
          const all = rows(faulty, name);
          const row = all[field % all.length]!;
          const keys = Object.keys(row);
          row[keys[field % keys.length]!] = value;
          hit.add(`${name}/${field % all.length}`);
        }
        const sound = soundPart(faulty);
        expect(sound).not.toBeNull();
        expect(readKit(JSON.stringify(sound!.kit)).status).toBe('read');
        const gone = new Set(kit.items.filter((i) => !sound!.kit.items.some((x) => x.id === i.id)).map((i) => i.id));
        for (const name of lists) {
          const had = rows(copy(), name).filter((row, n) => !hit.has(`${name}/${n}`) && !gone.has(String(row.itemId ?? '')));
          const kept = new Set(rows({ ...sound!.kit }, name).map((row) => JSON.stringify(row)));
          expect(had.filter((row) => !kept.has(JSON.stringify(row)))).toEqual([]);
        }
      }),
      { numRuns: 25 },
    );
  });
});
