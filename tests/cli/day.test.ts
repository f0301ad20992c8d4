import { spawnSync } from 'node:child_process';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { commandOf, type Command } from './command';
import { makeDemoKit } from '../../demo/kit';
import { faultLine, readDayRequest, readWashDay } from '../../src/core/formats';
import type { DayRequest, WashDay } from '../../src/core/washday';
import { brokenLaws } from '../wash-day-laws';

const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
const REQUEST: DayRequest = {
  format: 'umbrastic/day-request',
  version: 1,
  kit,
  items: ['itm-bib', 'itm-storm', 'itm-boots'],
  from: '2027-01-08T17:00:00+01:00',
  hands: [{ name: 'Bo' }, { name: 'Runa', windows: [{ from: '2027-01-09T08:00:00+01:00', to: '2027-01-09T12:00:00+01:00' }] }],
  quiet: [{ from: '2027-01-08T22:00:00+01:00', to: '2027-01-09T07:00:00+01:00' }],
};
let command: Command;
beforeAll(async () => {
  command = await commandOf('cli/day.ts');
});
afterAll(() => command.remove());
function run(input: unknown): { status: number | null; out: string; err: string } {
  const done = spawnSync(process.execPath, [...command.argv, '-'], {
    encoding: 'utf8',
    input: typeof input === 'string' ? input : JSON.stringify(input),
    maxBuffer: 1e8,
  });
  return { status: done.status, out: done.stdout, err: done.stderr };
}

const FAULTS: [string, unknown, string][] = [
  ['broken JSON', '{"format":', 'request: is not readable JSON'],
  ['a list', [], 'request: must be a JSON object'],
  [
    'a window upside down',
    { ...REQUEST, quiet: [{ from: REQUEST.from, to: '2027-01-08T10:00:00+01:00' }] },
    'quiet[0].to: must be later',
  ],
  ['a thing that is not there', { ...REQUEST, items: ['nope'] }, 'items[0]: must be the id of an item in its kit'],
  ['an unknown preference', { ...REQUEST, prefer: 'cheapest' }, 'prefer: must be one of earliest, fewest-visits, least-energy'],
  ['a limit before the start', { ...REQUEST, until: '2027-01-01T10:00:00+01:00' }, 'until: must be later than from'],
  ['a day that is no time', { ...REQUEST, due: { 'itm-bib': 'Friday' } }, 'due: must be an object of times'],
  [
    'a fault in the kit',
    { ...REQUEST, kit: { ...kit, items: [{ ...kit.items[0], kind: 'spoon' }, ...kit.items.slice(1)] } },
    'kit.items[0].kind: must be one of',
  ],
  ['no kit', { ...REQUEST, kit: undefined, items: [] }, 'kit: must be a JSON object of the umbrastic/kit format'],
];

describe('the day command', () => {
  test('prints one wash day that keeps its laws and can be read back, and nothing else', () => {
    const { status, out, err } = run(REQUEST);
    expect({ status, err }).toEqual({ status: 0, err: '' });
    expect(readWashDay(out)).toMatchObject({ status: 'read' });
    expect(brokenLaws(REQUEST, JSON.parse(out) as WashDay)).toEqual([]);
  });
  test.each(FAULTS.slice(0, 2).concat(FAULTS.slice(-1)))(
    '%s: exit 2, one line a fault, nothing on standard output',
    (_, input, line) => {
      const { status, out, err } = run(input);
      expect({ status, out }).toEqual({ status: 2, out: '' });
      expect(err.startsWith(line)).toBe(true);
      expect(err.trim().split('\n')).toHaveLength(1);
    },
    30_000,
  );
  test.each(FAULTS)('%s is a fault that names its place', (_, input, line) => {
    const read = readDayRequest(typeof input === 'string' ? input : JSON.stringify(input));
    expect(read.status === 'faulty' ? read.faults.map((f) => faultLine(f, 'request')) : []).toEqual([
      expect.stringContaining(line),
    ]);
  });
  test('of more faults than are shown it is said how many more there are, of the request and of its kit', () => {
    const said = (input: object): string[] => {
      const read = readDayRequest(JSON.stringify(input));
      return read.status === 'faulty' ? read.faults.map((f) => faultLine(f, 'request')) : [];
    };
    const strangers = said({ ...REQUEST, items: Array.from({ length: 61 }, (_, n) => `nobody-${n}`) });
    expect(strangers).toHaveLength(51);
    expect(strangers.at(-1)).toContain('has 11 more faults like these');
    expect(said({ ...REQUEST, items: Array.from({ length: 51 }, (_, n) => `nobody-${n}`) }).at(-1)).toContain(
      'has one more fault',
    );
    const spoons = Array.from({ length: 60 }, (_, n) => ({ id: `i${n}`, kind: 'spoon', components: [], label: null }));
    expect(said({ ...REQUEST, kit: { ...REQUEST.kit, items: spoons } }).at(-1)).toMatch(/^kit: has \d+ more faults like these/);
  });
});
