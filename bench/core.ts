/** Rates of the core on one thread. */
import { Bench } from 'tinybench';
import { bufferOf } from '../src/core/acid/buffer';
import { amountForPH, pHAfter, titrantOf } from '../src/core/acid/titrate';
import { compositionOf, milkBatch } from '../src/core/milk/composition';
import { METHODS } from '../src/makes';
import { resolveBrief } from '../src/plan/brief/resolve';
import type { Brief } from '../src/plan/brief/schema';
import { continuum } from '../src/plan/continuum';
import { planBrief } from '../src/plan/plan';

const milk = bufferOf(milkBatch(1, compositionOf('cow', 3.7, 3.2)), 6.65);
const citric = titrantOf({ kind: 'citric' });
const briefOf = (method: string, litres: number): Brief => ({
  format: 'plump-pail/brief',
  version: 1,
  method,
  milk: { species: 'cow', litres },
});

const bench = new Bench({ time: 1500, warmupTime: 500 });
let n = 0;
bench.add('pH for a dose (solve)', () => {
  n = (n + 1) % 1000;
  pHAfter(milk, citric, 0.5 + n / 400);
});
bench.add('dose for a pH (direct)', () => {
  n = (n + 1) % 1000;
  amountForPH(milk, citric, 5 + n / 1000);
});
for (const { id } of METHODS) {
  bench.add(`plan without spread: ${id}`, () => {
    n = (n + 1) % 100;
    planBrief(briefOf(id, 4 + n / 10), { spread: false });
  });
  bench.add(`plan with 2,000 draws: ${id}`, () => {
    n = (n + 1) % 100;
    planBrief(briefOf(id, 4 + n / 10));
  });
}
const ready = resolveBrief(briefOf('whole-milk-ricotta', 4));
if (ready.ok) bench.add('continuum of one milk', () => void continuum(ready.value.brief, ready.value.method));

await bench.run();
for (const task of bench.tasks) {
  const { result } = task;
  if (!('latency' in result)) continue;
  const median = result.latency.p50;
  console.log(
    `${task.name.padEnd(46)} median ${median.toFixed(4).padStart(10)} ms   ${Math.round(1000 / median)
      .toLocaleString('en')
      .padStart(10)} a second`,
  );
}
