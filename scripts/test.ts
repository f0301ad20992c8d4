import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';

/** Runs every check in turn and ends with a plain count. Stops at the first kind that fails. */
const bin = (path: string): string[] => [process.execPath, `node_modules/${path}`];
const CHECKS: readonly { readonly name: string; readonly command: readonly string[] }[] = [
  { name: 'types', command: [...bin('typescript/bin/tsc'), '--noEmit'] },
  { name: 'lint', command: [...bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0'] },
  {
    name: 'layers',
    command: [
      ...bin('dependency-cruiser/bin/dependency-cruise.mjs'),
      'src',
      'cli',
      'server',
      'demo',
      '--config',
      '.dependency-cruiser.cjs',
      '--output-type',
      'err',
    ],
  },
  {
    name: 'unit, property, reference and browser tests',
    command: [
      ...bin('vitest/vitest.mjs'),
      'run',
      '--reporter=default',
      '--reporter=json',
      '--outputFile.json=reports/tests.json',
    ],
  },
];

rmSync('reports', { recursive: true, force: true });
mkdirSync('reports');
for (const { name, command } of CHECKS) {
  console.log(`\n== ${name}`);
  const [program, ...args] = command;
  const done = spawnSync(program as string, args, { stdio: 'inherit' });
  if (done.status !== 0) {
    console.error(`\n${name}: failed.`);
    printCount();
    process.exit(1);
  }
}
printCount();

/** "N passed, N failed" of the test run, if it came that far. */
function printCount(): void {
  try {
    const { numPassedTests, numFailedTests } = JSON.parse(readFileSync('reports/tests.json', 'utf8')) as {
      numPassedTests: number;
      numFailedTests: number;
    };
    console.log(`\n${numPassedTests} passed, ${numFailedTests} failed`);
  } catch {
    console.log('\nNo test was run.');
  }
}
