import { spawn } from 'node:child_process';
import { setPriority } from 'node:os';

/** One check: what it is called and what carries it out. */
export interface Check {
  readonly name: string;
  readonly command: readonly string[];
}
const bin = (path: string, ...engine: string[]): string[] => [process.execPath, ...engine, `node_modules/${path}`];
/** What is run once through many files earns back little of what the engine's optimizing compiler spends: a quarter less work with less of that. */
const LITTLE_OPTIMIZED = ['--always-sparkplug', '--interrupt-budget=1000000'];
const LAYERED = ['src', 'cli', 'server', 'demo', 'tests', 'bench', 'scripts'];

/** Types, lint and layers; each keeps what it learned in `.cache/` for the next time. */
export const STATIC_CHECKS: readonly Check[] = [
  {
    name: 'types',
    // The native compiler, with one thread: more of them have more work together. ESLint still reads with the one before it.
    command: [
      ...bin('typescript-native/bin/tsc'),
      '--noEmit',
      '--singleThreaded',
      '--incremental',
      '--tsBuildInfoFile',
      '.cache/types.tsbuildinfo',
    ],
  },
  {
    name: 'lint',
    command: [
      ...bin('eslint/bin/eslint.js', ...LITTLE_OPTIMIZED),
      '.',
      '--max-warnings',
      '0',
      '--cache',
      '--cache-location',
      '.cache/eslint',
    ],
  },
  {
    name: 'layers',
    command: [
      ...bin('dependency-cruiser/bin/dependency-cruise.mjs'),
      ...LAYERED,
      '--config',
      '.dependency-cruiser.cjs',
      '--output-type',
      'err',
      '--cache',
      '.cache/layers',
      '--cache-strategy',
      'content',
    ],
  },
];
export const vitest = (...args: string[]): string[] => [...bin('vitest/vitest.mjs'), 'run', ...args];

/** How far a check stands back, as `nice` counts: the tests of a whole run go first, and it fills their gaps. */
const GIVES_WAY = 10;
/** Carries one out; its output is printed when it ends, so that several side by side do not mix. @returns whether it passed. */
export function carryOut({ name, command }: Check): Promise<boolean> {
  const started = Date.now();
  const [program, ...args] = command;
  const child = spawn(program as string, args, { stdio: ['ignore', 'pipe', 'pipe'] });
  if (child.pid !== undefined) setPriority(child.pid, GIVES_WAY);
  const said: Buffer[] = [];
  child.stdout.on('data', (chunk: Buffer) => said.push(chunk));
  child.stderr.on('data', (chunk: Buffer) => said.push(chunk));
  return new Promise((resolve) => {
    child.on('close', (status) => {
      console.log(`\n== ${name}: ${status === 0 ? 'passed' : 'FAILED'} after ${Math.round((Date.now() - started) / 1000)} s`);
      const text = Buffer.concat(said).toString().trim();
      if (text && status !== 0) console.log(text);
      resolve(status === 0);
    });
  });
}

/** All side by side. @param failed is called as soon as one of them has failed. @returns whether all passed. */
export const carryOutAll = async (checks: readonly Check[], failed: () => void = () => undefined): Promise<boolean> => {
  const one = async (check: Check): Promise<boolean> => {
    const passed = await carryOut(check);
    if (!passed) failed();
    return passed;
  };
  return (await Promise.all(checks.map(one))).every((passed) => passed);
};
