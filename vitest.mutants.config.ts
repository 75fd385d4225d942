import { defineConfig } from 'vitest/config';

/** The unit tests as faults are put before them: each file with modules of its own, since a fault is told by the file that ran into it. */
export default defineConfig({
  test: { include: ['src/**/*.test.ts'], environment: 'node', testTimeout: 60_000, maxWorkers: 2 },
});
