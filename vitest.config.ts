import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['src/**/*.test.ts', 'cli/**/*.test.ts', 'server/**/*.test.ts', 'fuzz/**/*.test.ts'],
    environment: 'node',
    testTimeout: 60_000,
    maxWorkers: 2,
  },
});
