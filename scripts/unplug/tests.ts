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
    readonly assertionResults: readonly { readonly fullName: string; readonly status: string; readonly duration?: number }[];
  }[];
}
const keyOf = ({ file, test }: Pick<Chosen, 'file' | 'test'>): string => `${file}\t${test}`;
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** The tests of one project in a copy that `copied.ts` has made. */
export class Tests {
  readonly #notes: string;
  readonly #report: string;
  readonly #alone = new Map<string, Promise<boolean>>();
  constructor(
    private readonly copy: string,
    private readonly project: 'unit' | 'browser',
  ) {
    this.#notes = join(copy, 'notes', project);
    this.#report = join(this.#notes, 'report.json');
    mkdirSync(this.#notes, { recursive: true });
  }

  #pass(args: readonly string[], env: Readonly<Record<string, string>>, timeout = LONGEST_MS): Promise<boolean> {
    const [program, ...rest] = vitest('--project', this.project, ...args);
    // Of a group of its own, that is ended as a whole: a worker that goes round for ever outlives whoever began it.
    const child = spawn(program as string, rest, {
      cwd: this.copy,
      stdio: 'ignore',
      env: { ...process.env, ...env },
      detached: true,
    });
    const end = (): void => {
      try {
        if (child.pid !== undefined) process.kill(-child.pid, 'SIGKILL');
      } catch {
        // Nobody of it is left.
      }
    };
    const timer = setTimeout(end, timeout);
    process.on('exit', end);
    return new Promise((done) =>
      child.on('exit', (status) => {
        clearTimeout(timer);
        process.off('exit', end);
        end();
        done(status === 0);
      }),
    );
  }
  #passWith({ file, test }: Chosen, env: Readonly<Record<string, string>>): Promise<boolean> {
    return this.#pass([file, '--bail', '1', ...(test === '' ? [] : ['-t', `^${escaped(test)}$`])], env);
  }
  /** Whether they pass by themselves with all plugged in: what needs the tests before it says nothing. */
  #passAlone(chosen: Chosen): Promise<boolean> {
    const known = this.#alone.get(keyOf(chosen)) ?? this.#passWith(chosen, {});
    this.#alone.set(keyOf(chosen), known);
    return known;
  }
  /** Whether these tests fail because this function is unplugged. */
  async miss(chosen: Chosen, n: number): Promise<boolean> {
    return !(await this.#passWith(chosen, { UNPLUGGED: String(n) })) && (await this.#passAlone(chosen));
  }
  /** The same of several files, in one run that ends at the first that fails. */
  async anyMisses(files: readonly string[], n: number): Promise<boolean> {
    return !(await this.#pass([...files, '--bail', '1'], { UNPLUGGED: String(n) }, WHOLE_RUN_MS));
  }

  #noted(name: string): string[][] {
    try {
      const text = readFileSync(join(this.#notes, name), 'utf8').trim();
      return text.split('\n').map((line) => line.split('\t'));
    } catch {
      return [];
    }
  }
  /** How long each test that passed took, and each file whose tests all did: what fails with all plugged in says nothing. */
  #took(): ReadonlyMap<string, number> {
    const took = new Map<string, number>();
    const { testResults } = JSON.parse(readFileSync(this.#report, 'utf8')) as Reported;
    for (const { name, assertionResults } of testResults) {
      const file = relative(this.copy, name);
      const passed = assertionResults.filter(({ status }) => status === 'passed');
      for (const { fullName, duration = 0 } of passed) took.set(keyOf({ file, test: fullName }), duration);
      if (passed.length === assertionResults.length)
        took.set(
          keyOf({ file, test: '' }),
          passed.reduce((sum, { duration = 0 }) => sum + duration, 0),
        );
    }
    return took;
  }
  /** Runs every test once with all plugged in, and takes notes. */
  async takeNotes(): Promise<void> {
    const args = ['--reporter=json', `--outputFile=${this.#report}`];
    if (!(await this.#pass(args, { UNPLUG_NOTES: this.#notes }, WHOLE_RUN_MS)))
      console.log('Not every test passes with all plugged in; those that do not are not counted upon.');
  }
  /** @returns by the notes, for each function the tests that come by it, and the files of these. */
  comeBy(): ReadonlyMap<number, readonly Chosen[]> {
    const took = this.#took();
    const by = new Map<number, Map<string, Chosen>>();
    const note = (ids: string, path: string, name: string): void => {
      const file = relative(this.copy, path);
      for (const n of ids.split(',').filter(Boolean).map(Number))
        // A test that is told of another file than its own ran beside one of this.
        for (const test of new Set([name, ''])) {
          const ms = took.get(keyOf({ file, test }));
          if (ms === undefined) continue;
          const all = by.get(n) ?? new Map<string, Chosen>();
          by.set(n, all.set(keyOf({ file, test }), { file, test, ms }));
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
