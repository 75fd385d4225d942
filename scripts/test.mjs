/** `npm test`: installs what is missing, then types, lint, import arrows, schemas, unit and browser tests; prints the true totals. */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, ensureChromium, ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
ensureChromium();

const RESULTS = join(ROOT, 'test-results');
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });

let passed = 0;
let failed = 0;

const env = { ...process.env, FORCE_COLOR: '0' };
const run = (args) => {
  console.log(`\n> ${args.join(' ')}`);
  return spawnSync(args[0], args.slice(1), { cwd: ROOT, stdio: 'inherit', env }).status === 0;
};

/** A check that passes or fails as one, beside others; what it says is printed when it has ended. */
function check(args) {
  const child = spawn(args[0], args.slice(1), { cwd: ROOT, env });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (said += part));
  return new Promise((resolve) => {
    child.on('error', (error) => (said += error.message));
    child.on('close', (code) => {
      console.log(`\n> ${args.join(' ')}\n${said}`);
      if (code === 0) passed++;
      else failed++;
      resolve();
    });
  });
}

/** A test runner that leaves a report; one that left none counts as a failure, whatever it said. */
function runner(args, report, count) {
  const ok = run(args);
  const file = join(RESULTS, report);
  const totals = existsSync(file) ? count(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 1 };
  passed += totals.passed;
  failed += totals.failed;
  if (!ok && totals.failed === 0) failed++;
}

const checks = [
  ['node', 'node_modules/typescript-native/bin/tsc', '--noEmit', '-p', '.'],
  ['npx', 'biome', 'check', '--error-on-warnings', '.'],
  ['npx', 'depcruise', '--config', '.dependency-cruiser.cjs', 'src', 'cli', 'server'],
  ['npx', 'tsx', 'scripts/schemas.ts', '--check'],
].map(check);
// The server's tests and the browser's need a build; it is made beside the checks.
build();
await Promise.all(checks);
runner(
  [
    'npx',
    'vitest',
    'run',
    '--reporter=default',
    '--reporter=json',
    '--outputFile.json=test-results/unit.json',
  ],
  'unit.json',
  (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numFailedTestSuites - suitesWithFailedTests(report),
  }),
);
runner(['npx', 'playwright', 'test'], 'e2e.json', ({ stats }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected,
}));

/** A file that could not be run at all has no test of its own that failed. */
function suitesWithFailedTests(report) {
  const brokenFiles = report.testResults.filter(
    (file) => file.status === 'failed' && file.assertionResults.length === 0,
  ).length;
  return report.numFailedTestSuites - brokenFiles;
}

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
