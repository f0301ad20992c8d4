import { carryOutAll, STATIC_CHECKS, vitest } from './checks';

/**
 * The quick look before a commit: types, lint, layers, and the unit tests that the change since REV (else the last commit) reaches. Property
 * and reference tests are left to `npm test`.
 */
const since = process.argv[2] ?? 'HEAD';
const UNIT = ['tests/core', 'tests/data'];
const tests = vitest('--project', 'unit', '--changed', since, '--passWithNoTests', '--silent=true', ...UNIT);
process.exit((await carryOutAll([...STATIC_CHECKS, { name: 'unit tests', command: tests }])) ? 0 : 1);
