import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          environment: 'node',
          include: ['tests/**/*.test.ts'],
          exclude: ['tests/browser/**'],
          setupFiles: ['tests/setup.ts'],
          // The core keeps no state, and other files clear their own store: what all import is read once a worker.
          isolate: false,
          // Left to itself the runner keeps one of two processors free.
          maxWorkers: 2,
          // Most of what a test makes is gone with it: with room for more of it, MB, the engine tidies up less often. A tenth less work.
          execArgv: ['--max-semi-space-size=64'],
          // Ends what hangs, and nothing else: for a while a machine may be ten times as slow.
          testTimeout: 300_000,
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
