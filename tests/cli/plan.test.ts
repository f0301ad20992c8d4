import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { commandOf, inShell, type Command } from './command';
import { makeDemoKit } from '../../demo/kit';

let command: Command;
let folder: string;
let file: string;
const kit = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
beforeAll(async () => {
  command = await commandOf('cli/plan.ts');
  folder = mkdtempSync(join(tmpdir(), 'umbrastic-plan-'));
  file = join(folder, 'kit.json');
  writeFileSync(file, JSON.stringify(kit));
});
afterAll(() => {
  command.remove();
  rmSync(folder, { recursive: true });
});

function run(args: readonly string[], input?: string): { status: number | null; out: string; err: string } {
  const done = spawnSync(process.execPath, [...command.argv, ...args], {
    encoding: 'utf8',
    ...(input === undefined ? {} : { input }),
    maxBuffer: 1e8,
  });
  return { status: done.status, out: done.stdout, err: done.stderr };
}

describe('the planning command', () => {
  test('plans every item that has an inspection, and prints nothing else, as npm runs it', () => {
    const done = spawnSync('npm', ['run', '-s', 'plan', '--', file], { encoding: 'utf8', maxBuffer: 1e8 });
    const { status, stdout: out } = done;
    // What npm has to say of its own settings is not the command’s.
    const err = done.stderr.replace(/^npm warn .*\n/gm, '');
    expect({ status, err }).toEqual({ status: 0, err: '' });
    const { programmes } = JSON.parse(out) as { programmes: { itemId: string }[] };
    expect(programmes.map((p) => p.itemId).sort()).toEqual([...new Set(kit.inspections.map((i) => i.itemId))].sort());
  });
  test('a reader that has heard enough is no fault', () => {
    const done = spawnSync('bash', ['-c', `set -o pipefail; ${inShell(command)} ${file} | head -c 40`], {
      encoding: 'utf8',
    });
    expect({ status: done.status, err: done.stderr }).toEqual({ status: 0, err: '' });
  });
  test('a full disk is told in a line', () => {
    const done = spawnSync('bash', ['-c', `${inShell(command)} ${file} > /dev/full`], {
      encoding: 'utf8',
    });
    expect(done.status).toBe(1);
    expect(done.stderr).toMatch(/^The answer could not be written \(ENOSPC\)\.\n$/);
  });
  test('control characters of a file are shown, not carried out; more faults than are shown are counted', () => {
    const bad = {
      ...kit,
      items: Array.from({ length: 60 }, (_, n) => ({ id: `i${n}`, kind: '\u001b[31mspoon', components: [], label: null })),
      inspections: [],
    };

    expect(run([file, '--item', '\u001b[31mx']).err).toMatch(/^--item: there is no item "\\u001b\[31mx"[^\u001b]*$/);
    const { status, err } = run(['-'], JSON.stringify(bad));
    expect(status).toBe(2);
    expect(err.trim().split('\n')).toHaveLength(51);
    expect(err).toMatch(/kit: has \d+ more faults like these/);
  });
  test('plans the one that is named, from standard input, even when nobody looked at it', () => {
    const { status, out } = run(['-', '--item', 'itm-smock'], JSON.stringify({ ...kit, inspections: [] }));
    expect(status).toBe(0);
    expect((JSON.parse(out) as { programmes: unknown[] }).programmes).toHaveLength(1);
  });
  test.each([
    ['an item that is not there', (f: string) => run([f, '--item', 'nope']), '--item: there is no item "nope" in this kit'],
    ['a file that is not there', () => run(['/nowhere/kit.json']), '/nowhere/kit.json: cannot be read'],
    ['broken JSON', () => run(['-'], '{"format":'), 'kit: is not readable JSON'],
    [
      'a wrong enumeration',
      () =>
        run(
          ['-'],
          JSON.stringify({
            ...kit,
            items: [{ ...kit.items[0], label: { wash: { allowed: true, maxC: 45 } } }],
            inspections: [],
            log: [],
            weighIns: [],
          }),
        ),
      'items[0].label.wash.maxC: must be one of 30, 40, 50, 60, 70, 95',
    ],
    ['no arguments', () => run([]), 'usage:'],
  ])(
    '%s: exit 2, one line a fault, nothing on standard output',
    (_, go, line) => {
      const { status, out, err } = go(file);
      expect({ status, out }).toEqual({ status: 2, out: '' });
      expect(err.startsWith(line)).toBe(true);
      expect(err.trim().split('\n')).toHaveLength(1);
    },
    30_000,
  );
});
