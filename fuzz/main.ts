/** `npm run fuzz -- --seconds 60 --seed 1`: tries corner briefs, mutated files and torn tables as long as one likes. */
import 'fake-indexeddb/auto';
import { parseArgs } from 'node:util';
import { seeded } from '../src/core/stats/random';
import { soundFiles } from './files';
import { mutated } from './mutate';
import { type Found, slowest, tryCorner, tryFile, tryTable } from './trials';

const { values } = parseArgs({
  options: { seconds: { type: 'string', default: '60' }, seed: { type: 'string', default: '1' } },
});
const until = performance.now() + Number(values.seconds) * 1000;
const files = soundFiles();
const tried = { corners: 0, files: 0, tables: 0 };
let wrong = 0;

function tell(what: string, seed: number, found: Found) {
  if (found.length === 0) return;
  wrong++;
  console.log(`${what}, seed ${seed}: ${found.slice(0, 3).join(' | ').slice(0, 600)}`);
}

for (let seed = Number(values.seed); performance.now() < until; seed++) {
  const random = seeded(seed);
  tell('corner', seed, tryCorner(seed));
  tried.corners++;
  const file = files[seed % files.length] as (typeof files)[number];
  tell(file.what, seed, await tryFile(mutated(file.value, random), random));
  tried.files++;
  tell('table', seed, tryTable(random));
  tried.tables++;
}
console.log(
  `${tried.corners} corner briefs, ${tried.files} mutated files, ${tried.tables} torn tables; ${wrong} found wrong; the slowest took ${Math.round(slowest.ms)} ms (${slowest.what}).`,
);
process.exitCode = wrong > 0 ? 1 : 0;
