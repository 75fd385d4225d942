import { defineConfig } from 'vitest/config';

const TESTS = ['src/**/*.test.ts', 'cli/**/*.test.ts', 'server/**/*.test.ts', 'fuzz/**/*.test.ts'];
/** They put modules of their own in place of the product's: nothing else may see those. */
const ALONE = [
  'src/views/methods/anotherKind.test.ts',
  'src/run/frozen.test.ts',
  'src/workers/planner.test.ts',
];
/** For what hangs, and nothing else: how long a test takes is the machine's affair, and it may stall for a minute. */
const HANGS_MS = 600_000;
const usual = {
  environment: 'node' as const,
  testTimeout: HANGS_MS,
  hookTimeout: HANGS_MS,
  expect: { poll: { timeout: HANGS_MS / 5 } },
};

export default defineConfig({
  test: {
    maxWorkers: 2,
    projects: [
      // No module keeps anything that changes, so files can share them, and each is read once a worker.
      { test: { ...usual, name: 'together', include: TESTS, exclude: ALONE, isolate: false } },
      { test: { ...usual, name: 'alone', include: ALONE } },
    ],
  },
});
