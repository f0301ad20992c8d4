import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { carryOutAll, STATIC_CHECKS, vitest } from './checks';

/**
 * Runs every check and ends with a plain count: types, lint and layers beside the tests, so that no processor waits for the slowest of them.
 * Where one of them fails the tests are ended with it.
 */
rmSync('reports', { recursive: true, force: true });
mkdirSync('reports');
console.log('== types, lint and layers, beside unit, property, reference and browser tests');
const [program, ...args] = vitest('--reporter=default', '--reporter=json', '--outputFile.json=reports/tests.json');
const tests = spawn(program as string, args, { stdio: 'inherit' });
const tested = new Promise<boolean>((resolve) => tests.on('close', (status) => resolve(status === 0)));
const sound = await carryOutAll(STATIC_CHECKS, () => tests.kill());
const passed = await tested;
if (!passed) console.error(sound ? '\nTests failed.' : '\nTests were ended.');
printCount();
if (!passed || !sound) process.exit(1);

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
