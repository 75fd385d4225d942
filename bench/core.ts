/** Rates of the core on one thread. */

import { createRequire } from 'node:module';
import { Bench } from 'tinybench';
import { bufferOf } from '../src/core/acid/buffer';
import { amountForPH, pHAfter, titrantOf } from '../src/core/acid/titrate';
import { acidify } from '../src/core/culture/acidify';
import {
  acidGrowth,
  GROUP_FACTS,
  heatGrowth,
  LACTATE_STANDING,
  LACTATE_WITH_GROWTH,
} from '../src/core/culture/groups';
import { lacticCurve } from '../src/core/culture/lactate';
import { compositionOf, milkBatch } from '../src/core/milk/composition';
import { METHODS } from '../src/makes';
import { resolveBrief } from '../src/plan/brief/resolve';
import type { Brief } from '../src/plan/brief/schema';
import { continuum } from '../src/plan/continuum';
import { planBrief } from '../src/plan/plan';

// Loaded by its place, since the types' detour for the library holds for the loader of this file too.
const { Solver } = createRequire(import.meta.url)(
  '../node_modules/odex/src/odex.js',
) as typeof import('odex');

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

const whole = bufferOf(milkBatch(1, compositionOf('cow', 3.7, 3.2)), 6.65);
const starter = { group: 'mesophilic', cfuPerMl: 1e7, lagHours: 0 } as const;
const facts = GROUP_FACTS.mesophilic;
bench.add(
  '24 h acidification series',
  () => void acidify({ milk: whole, cultures: [starter], temps: [[0, 24]], hours: 24 }),
);
bench.add('the same by the ODE library', () => {
  const pHOf = lacticCurve(whole);
  const solver = new Solver(2);
  solver.absoluteTolerance = 1e-6;
  solver.relativeTolerance = 1e-6;
  const slope = (_hour: number, [cells = 0, lactate = 0]: number[]) => {
    const pace = heatGrowth(facts, 24) * acidGrowth(facts, pHOf(lactate));
    const growth = facts.mu * pace * cells * (1 - cells / facts.most);
    return [growth, LACTATE_WITH_GROWTH * growth + LACTATE_STANDING * pace * cells];
  };
  let state = [starter.cfuPerMl, 0];
  for (let hour = 0; hour < 240; hour++) state = solver.solve(slope, hour / 10, state, (hour + 1) / 10).y;
});

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
