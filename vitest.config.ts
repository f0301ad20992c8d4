import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'core',
          environment: 'node',
          include: ['tests/{core,property,reference}/**/*.test.ts'],
          setupFiles: ['tests/setup.ts'],
          // The core keeps no state: its modules are read once for all files.
          isolate: false,
          // Left to itself the runner keeps one of two processors free.
          maxWorkers: 2,
          testTimeout: 60_000,
          sequence: { groupOrder: 0 },
        },
      },
      {
        test: {
          name: 'unit',
          environment: 'node',
          include: ['tests/**/*.test.ts'],
          exclude: ['tests/browser/**', 'tests/{core,property,reference}/**'],
          setupFiles: ['tests/setup.ts'],
          // Each file clears its own store: what all import is read once a worker.
          isolate: false,
          maxWorkers: 2,
          testTimeout: 60_000,
          sequence: { groupOrder: 0 },
        },
      },
      {
        test: {
          name: 'browser',
          environment: 'node',
          include: ['tests/browser/**/*.test.ts'],
          globalSetup: ['tests/browser/global.ts'],
          // What drives the browser is read once for all files.
          isolate: false,
          // A page that is waited for leaves a processor free: three at a time fill two.
          maxWorkers: 3,
          sequence: { groupOrder: 1 },
          testTimeout: 240_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
