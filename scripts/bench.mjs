/** `npm run bench`: prints rates and sizes; nothing here passes or fails. `npm run bench -- profile` (or another name) runs that one alone. */
import { existsSync, readFileSync } from 'node:fs';
import { availableParallelism, loadavg } from 'node:os';
import { Worker } from 'node:worker_threads';
import { build, ensurePackages, must } from './setup.mjs';

const BENCHES = [
  'core',
  'spread',
  'bundle',
  'page',
  'profile',
  'book',
  'learning',
  'week',
  'practice',
  'frames',
  'listeners',
  'readings',
  'backup',
];
const [wanted] = process.argv.slice(2);
if (wanted !== undefined && !BENCHES.includes(wanted)) {
  console.error(`There is no bench “${wanted}”: there are ${BENCHES.join(', ')}.`);
  process.exit(1);
}

/** The machine's time since it was started, and what of it other machines on the same hardware had; null where nobody says. */
function spent() {
  if (!existsSync('/proc/stat')) return null;
  const ticks = readFileSync('/proc/stat', 'utf8')
    .split('\n', 1)[0]
    .trim()
    .split(/\s+/)
    .slice(1, 9)
    .map(Number);
  return { all: ticks.reduce((sum, one) => sum + one, 0), stolen: ticks[7] };
}

/** Plain arithmetic, ms; what it comes to is told too, lest it be left out as of no use. */
const STRETCH = `
const { parentPort } = require('node:worker_threads');
const began = performance.now();
let x = 0;
for (let i = 0; i < 1e8; i++) x = (x * 31 + i) | 0;
parentPort.postMessage({ ms: performance.now() - began, x });`;

/** A stretch of plain arithmetic on every core at once, ms: a yardstick to lay figures of different hours and machines side by side. */
async function yardstickMs() {
  const all = Array.from(
    { length: availableParallelism() },
    () =>
      new Promise((resolve, reject) =>
        new Worker(STRETCH, { eval: true }).on('message', ({ ms }) => resolve(ms)).on('error', reject),
      ),
  );
  return Math.max(...(await Promise.all(all)));
}

ensurePackages();
build();
for (const name of wanted === undefined ? BENCHES : [wanted]) {
  const before = spent();
  must('npx', ['tsx', `bench/${name}.ts`]);
  const after = spent();
  const taken =
    before && after ? (100 * (after.stolen - before.stolen)) / Math.max(1, after.all - before.all) : 0;
  console.log(
    `  [${name}: ${availableParallelism()} cores, load ${loadavg()[0].toFixed(1)}, ${taken.toFixed(0)} % of their time taken by other machines, yardstick on all of them ${(await yardstickMs()).toFixed(0)} ms]`,
  );
}
