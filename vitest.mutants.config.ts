import { defineConfig } from 'vitest/config';

/** The unit tests as faults are put before them: all in one worker, so those that put modules of their own in place stay out. */
export default defineConfig({
  test: {
    include: ['src/**/*.test.ts'],
    exclude: [
      'src/views/methods/anotherKind.test.ts',
      'src/run/frozen.test.ts',
      'src/workers/planner.test.ts',
    ],
    environment: 'node',
    testTimeout: 60_000,
  },
});
