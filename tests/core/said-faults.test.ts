import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { readKit } from '../../src/core/formats';
import { meant, saidFaults, wrongText } from '../../src/core/explaining';
import { KINDS } from '../../src/core/gear';

/* What is wrong with a file, as whoever wrote it reads it: whose, on which line, and what was likely meant. */
const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const said = (change: (k: { items: Record<string, unknown>[]; inspections: Record<string, unknown>[] }) => void): string[] => {
  const broken = structuredClone(kit) as unknown as Parameters<typeof change>[0];
  change(broken);
  const text = JSON.stringify(broken, null, 2);
  const read = readKit(text);
  if (read.status === 'read') throw new Error('it was read');
  return saidFaults(read.faults, text).map((f) => f.said);
};

describe('a fault of a file, for people', () => {
  test('the thing by name, the line in the file, what stands there and what was meant', () => {
    const [line] = said((k) => void (k.items[0]!.kind = 'coat'));
    // The file is written with a line a field: the first thing's kind is among its first dozen.
    expect(line).toMatch(/^Long grey parka, line \d+: kind "coat" is not one of those known here\. Did you mean jacket\?$/);
    const n = Number(/line (\d+)/.exec(line ?? '')?.[1]);
    const broken = structuredClone(kit) as unknown as { items: Record<string, unknown>[] };
    broken.items[0]!.kind = 'coat';
    expect(JSON.stringify(broken, null, 2).split('\n')[n - 1]).toContain('"kind": "coat"');
  });
  test('a look is told by the thing that was looked at; what is near in no way lists what is known', () => {
    expect(said((k) => void (k.inspections[0]!.soil = 9))[0]).toMatch(
      /^a look at .+, line \d+: soil 9 must be a whole number from 0 to 4$/,
    );
    expect(said((k) => void (k.items[0]!.kind = 'xqz'))[0]).toContain('kind "xqz" is not one of jacket, trousers');
  });
  test('what is missing is said to be', () => {
    expect(said((k) => delete k.items[0]!.kind)[0]).toContain('kind is missing: it is one of');
  });
  test('a file that is no kit at all still has its faults', () => {
    expect(saidFaults([{ path: '', message: 'is not JSON' }], 'no')).toEqual([
      { path: '', message: 'is not JSON', said: 'is not JSON' },
    ]);
  });
});
describe('what was likely meant', () => {
  test.each([
    ['coat', 'jacket'],
    ['rucksack', 'pack'],
    ['sneakers', 'shoe'],
    ['duvet', 'quilt'],
    ['Jaket', 'jacket'],
    ['trouser', 'trousers'],
    ['sleeping bag', 'sleeping-bag'],
  ])('%s: %s', (word, kind) => expect(meant(word, KINDS)).toBe(kind));
  test('nothing where nothing is near', () => {
    expect(meant('spoon', KINDS)).toBeNull();
    expect(meant(7, KINDS)).toBeNull();
    expect(meant('', KINDS)).toBeNull();
    expect(wrongText('must be a number', 'three')).toBe('"three" must be a number');
  });
});
