/** A copy of the project that faults can be put into, with the tests that pass in it and what each of them runs through. */
import { execFileSync, spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { type Fault, instrumented, sourcesIn } from './faults';

/** A test file: how long it takes, and how often it comes past each fault's place. */
export interface Tests {
  name: string;
  ms: number;
  past: Record<string, number>;
}

/** Files of tests that take longer than a fault is worth; what only they would notice counts as not noticed. */
const TOO_LONG = ['src/schedule/week', 'src/sim/carryOver', 'src/learn/kitchens', 'src/store/nothingLost'];

const CONFIG = `import { defineConfig } from 'vitest/config';
export default defineConfig({
  test: {
    environment: 'node', include: ['src/**/*.test.ts'], exclude: ${JSON.stringify(TOO_LONG.map((name) => `${name}.test.ts`))},
    setupFiles: ['./faults.setup.ts'],
    testTimeout: 60_000, maxWorkers: 2, isolate: process.env.APART === 'yes',
  },
});
`;

/** Turns the fault on that the run is about; without one, writes down what a file of tests comes past. */
const SETUP = `import { createHash } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { afterAll, expect, inject } from 'vitest';
const space = (globalThis.__stryker__ ??= {});
const fault = inject('fault');
if (fault) {
  space.activeMutant = fault.id;
  space.hitCount = 0;
  space.hitLimit = fault.limit;
} else if (process.env.APART === 'yes') {
  const from = performance.now();
  afterAll(() => {
    const name = expect.getState().testPath;
    const past = space.mutantCoverage?.static ?? {};
    writeFileSync('past/' + createHash('md5').update(name).digest('hex') + '.json', JSON.stringify({ name, ms: performance.now() - from, past }));
  });
}
`;

/** Copies what the repository keeps to `ground`, without what was there. */
export function copied(root: string, ground: string): void {
  rmSync(ground, { recursive: true, force: true });
  mkdirSync(join(ground, 'past'), { recursive: true });
  const kept = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 1e8,
  });
  for (const name of kept.split('\n').filter((one) => one !== '' && !one.startsWith('docs/screenshots/')))
    cpSync(join(root, name), join(ground, name), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(ground, 'node_modules'));
  writeFileSync(join(ground, 'vitest.config.ts'), CONFIG);
  writeFileSync(join(ground, 'faults.setup.ts'), SETUP);
}

/** Puts sources with switches into the copy. */
export function put(ground: string, files: readonly { name: string; content: string }[]): void {
  for (const { name, content } of files) writeFileSync(join(ground, name), content);
}

/**
 * Every fault there is, and every file of tests that passes with all the switches off, each run alone: what stands in its
 * modules from their first reading is its own, not that of whichever file was first.
 */
export async function surveyed(root: string, ground: string): Promise<{ faults: Fault[]; tests: Tests[] }> {
  copied(root, ground);
  const { files, faults } = await instrumented(root, sourcesIn(root));
  put(ground, files);
  spawnSync('npx', ['vitest', 'run', '--reporter=json', '--outputFile=dry.json'], {
    cwd: ground,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, APART: 'yes' },
  });
  const { testResults } = JSON.parse(readFileSync(join(ground, 'dry.json'), 'utf8')) as {
    testResults: { name: string; status: string }[];
  };
  const passed = new Set(testResults.filter(({ status }) => status === 'passed').map(({ name }) => name));
  const left = testResults.filter(({ status }) => status !== 'passed').map(({ name }) => name);
  if (left.length > 0)
    console.log(`Left out, for they look at the sources themselves:\n  ${left.join('\n  ')}`);
  const tests = readdirSync(join(ground, 'past'))
    .map((name) => JSON.parse(readFileSync(join(ground, 'past', name), 'utf8')) as Tests)
    .filter(({ name }) => passed.has(name));
  return { faults, tests };
}
