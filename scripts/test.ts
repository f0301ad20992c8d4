import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { carryOutAll, STATIC_CHECKS, vitest } from './checks';

/** Runs every check and ends with a plain count: types, lint and layers side by side, then every test. Stops at the first kind that fails. */
rmSync('reports', { recursive: true, force: true });
mkdirSync('reports');
console.log('== types, lint and layers');
let passed = await carryOutAll(STATIC_CHECKS);
if (passed) {
  console.log('\n== unit, property, reference and browser tests');
  const [program, ...args] = vitest('--reporter=default', '--reporter=json', '--outputFile.json=reports/tests.json');
  passed = spawnSync(program as string, args, { stdio: 'inherit' }).status === 0;
  if (!passed) console.error('\nTests failed.');
}
printCount();
if (!passed) process.exit(1);

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
