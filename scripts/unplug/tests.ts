import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { vitest } from '../checks';

/** What goes round for ever without a function is ended, ms: every test that is chosen ends sooner. */
const LONGEST_MS = 90_000;
const WHOLE_RUN_MS = 1_200_000;

/** Tests that are run together: a file, or one test of it. */
export interface Chosen {
  readonly file: string;
  /** Its whole name; empty: the file. */
  readonly test: string;
  readonly ms: number;
}
interface Reported {
  readonly testResults: readonly {
    readonly name: string;
    readonly assertionResults: readonly { readonly fullName: string; readonly duration?: number }[];
  }[];
}
const keyOf = ({ file, test }: Pick<Chosen, 'file' | 'test'>): string => `${file}\t${test}`;
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** The tests of one project in a copy that `copied.ts` has made. */
export class Tests {
  readonly #notes: string;
  readonly #alone = new Map<string, Promise<boolean>>();
  constructor(
    private readonly copy: string,
    private readonly project: 'unit' | 'browser',
  ) {
    this.#notes = join(copy, 'notes', project);
    mkdirSync(this.#notes, { recursive: true });
  }

  #pass(args: readonly string[], env: Readonly<Record<string, string>>, timeout = LONGEST_MS): Promise<boolean> {
    const [program, ...rest] = vitest('--project', this.project, ...args);
    const told = { cwd: this.copy, stdio: 'ignore', env: { ...process.env, ...env }, timeout, killSignal: 'SIGKILL' } as const;
    const child = spawn(program as string, rest, told);
    return new Promise((done) => child.on('close', (status) => done(status === 0)));
  }
  /** Whether they pass with this function unplugged; null: with all plugged in. */
  passWithout({ file, test }: Chosen, n: number | null): Promise<boolean> {
    const args = [file, '--bail', '1', ...(test === '' ? [] : ['-t', `^${escaped(test)}$`])];
    return this.#pass(args, n === null ? {} : { UNPLUGGED: String(n) });
  }
  /** Whether they pass by themselves with all plugged in: what needs the tests before it says nothing. */
  passAlone(chosen: Chosen): Promise<boolean> {
    const known = this.#alone.get(keyOf(chosen)) ?? this.passWithout(chosen, null);
    this.#alone.set(keyOf(chosen), known);
    return known;
  }

  #noted(name: string): string[][] {
    try {
      const text = readFileSync(join(this.#notes, name), 'utf8').trim();
      return text.split('\n').map((line) => line.split('\t'));
    } catch {
      return [];
    }
  }
  #took(report: string): ReadonlyMap<string, number> {
    const took = new Map<string, number>();
    for (const { name, assertionResults } of (JSON.parse(readFileSync(report, 'utf8')) as Reported).testResults)
      for (const { fullName, duration = 0 } of assertionResults) {
        const file = relative(this.copy, name);
        took.set(keyOf({ file, test: fullName }), duration);
        took.set(keyOf({ file, test: '' }), (took.get(keyOf({ file, test: '' })) ?? 0) + duration);
      }
    return took;
  }
  /** Runs every test once with all plugged in. @returns for each function the tests that come by it, and the files of these. */
  async comeBy(): Promise<ReadonlyMap<number, readonly Chosen[]>> {
    const report = join(this.#notes, 'report.json');
    const args = ['--reporter=json', `--outputFile=${report}`];
    if (!(await this.#pass(args, { UNPLUG_NOTES: this.#notes }, WHOLE_RUN_MS)))
      console.log('Not every test passes while notes are taken; what does not pass alone either is not counted upon.');
    const took = this.#took(report);
    const by = new Map<number, Map<string, Chosen>>();
    const note = (ids: string, path: string, name: string): void => {
      const file = relative(this.copy, path);
      for (const n of ids.split(',').filter(Boolean).map(Number))
        for (const test of new Set([name, ''])) {
          const all = by.get(n) ?? new Map<string, Chosen>();
          by.set(n, all.set(keyOf({ file, test }), { file, test, ms: took.get(keyOf({ file, test })) ?? 0 }));
        }
    };
    for (const [path = '', ids = ''] of this.#noted('ended')) note(ids, path, '');
    const visits = new Map(this.#noted('visits').map(([world = '', path = '', test = '']) => [world, { path, test }]));
    for (const [world = '', ids = ''] of this.#noted('seen')) {
      const visit = visits.get(world);
      if (visit) note(ids, visit.path, visit.test);
    }
    return new Map([...by].map(([n, all]) => [n, [...all.values()]]));
  }
}
