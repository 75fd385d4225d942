/** Rates of the core on one thread. */

import { createRequire } from 'node:module';
import { Bench } from 'tinybench';
import { bufferOf } from '../src/core/acid/buffer';
import { amountForPH, pHAfter, strongAcidDemand, titrantOf } from '../src/core/acid/titrate';
import { acidify } from '../src/core/culture/acidify';
import { SOURING } from '../src/core/culture/fitted';
import { acidGrowth, GROUP_FACTS, heatGrowth } from '../src/core/culture/groups';
import { lacticCurve } from '../src/core/culture/lactate';
import { compositionOf, milkBatch } from '../src/core/milk/composition';
import { findRoot } from '../src/core/numeric/root';
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

const bench = new Bench({ time: 700, warmupTime: 250 });
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
  bench.add(`plan with its spread: ${id}`, () => {
    n = (n + 1) % 100;
    planBrief(briefOf(id, 4 + n / 10));
  });
}
const ready = resolveBrief(briefOf('whole-milk-ricotta', 4), METHODS);
if (ready.ok) bench.add('continuum of one milk', () => void continuum(ready.value.brief, ready.value.method));

bench.add('all makes planned without spread', () => {
  for (const { id } of METHODS) planBrief(briefOf(id, 8), { spread: false });
});

// The same 24 h souring by our steps and by the ODE library, each as coarse as keeps the pH within the same error of a
// reference whose pH is solved from the charge balance at every evaluation.
const whole = bufferOf(milkBatch(1, compositionOf('cow', 3.7, 3.2)), 6.65);
const starter = { group: 'mesophilic', cfuPerMl: 1e7, lagHours: 0 } as const;
const facts = GROUP_FACTS.mesophilic;
const MOST_PH_ERROR = 1e-3;
const LACTIC_KA = 10 ** -3.76;
const solvedPH = (lactate: number) =>
  lactate <= 0
    ? whole.pH0
    : findRoot(
        (pH) => strongAcidDemand(whole, pH) - (lactate * LACTIC_KA) / (LACTIC_KA + 10 ** -pH),
        3.5,
        whole.pH0,
        1e-9,
      );
const ours = (stepH: number) =>
  acidify({ milk: whole, cultures: [starter], temps: [[0, 24]], hours: 24 }, 0.1, stepH).map(([, pH]) => pH);
const slopeBy =
  (pHOf: (lactate: number) => number) =>
  (_hour: number, [cells = 0, lactate = 0]: number[]) => {
    const pace = heatGrowth(facts, 24) * acidGrowth(facts, pHOf(lactate));
    const growth = facts.mu * pace * cells * (1 - cells / facts.most);
    return [growth, SOURING.lactateWithGrowth * growth + SOURING.lactateStanding * pace * cells];
  };
const solverOf = (tolerance: number) => {
  const solver = new Solver(2);
  solver.absoluteTolerance = tolerance;
  solver.relativeTolerance = tolerance;
  return solver;
};
/** By the library with its own interpolation between steps. */
const theirs = (tolerance: number, pHOf: (lactate: number) => number) => {
  const solver = solverOf(tolerance);
  solver.denseOutput = true;
  const pHs: number[] = [];
  const each = solver.grid(0.1, (_hour, y) => pHs.push(pHOf(y[1] as number)));
  solver.solve(slopeBy(pHOf), 0, [starter.cfuPerMl, 0], 24, each);
  while (pHs.length < 241) pHs.push(pHs.at(-1) as number);
  return pHs;
};
const reference = (() => {
  const solver = solverOf(1e-11);
  let state = [starter.cfuPerMl, 0];
  const pHs = [whole.pH0];
  for (let hour = 0; hour < 240; hour++) {
    state = solver.solve(slopeBy(solvedPH), hour / 10, state, (hour + 1) / 10).y;
    pHs.push(solvedPH(state[1] as number));
  }
  return pHs;
})();
const errorOf = (pHs: number[]) => Math.max(...pHs.map((pH, i) => Math.abs(pH - (reference[i] as number))));
const coarsest = <T>(choices: readonly T[], run: (choice: T) => number[]) =>
  choices.find((one) => errorOf(run(one)) <= MOST_PH_ERROR) ?? (choices.at(-1) as T);
const TOLERANCES = [1e-2, 1e-3, 1e-4, 1e-5, 1e-6, 1e-7, 1e-8] as const;
const step = coarsest([1, 0.5, 0.25, 0.1], ours);
const plain = coarsest(TOLERANCES, (t) => theirs(t, solvedPH));
const tabled = coarsest(TOLERANCES, (t) => theirs(t, lacticCurve(whole)));
console.log(
  [
    '24 h souring, largest pH error against the reference:',
    `  ours ${errorOf(ours(step)).toExponential(1)} at steps of ${step} h`,
    `  the ODE library ${errorOf(theirs(plain, solvedPH)).toExponential(1)} at tolerance ${plain}, pH solved at every evaluation`,
    `  the ODE library ${errorOf(theirs(tabled, lacticCurve(whole))).toExponential(1)} at tolerance ${tabled}, given our pH curve`,
  ].join('\n'),
);
bench.add('24 h acidification series', () => void ours(step));
bench.add('by the ODE library, pH solved', () => void theirs(plain, solvedPH));
bench.add('by the ODE library, given our pH curve', () => void theirs(tabled, lacticCurve(whole)));

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

const medianOf = (name: string) => {
  const result = bench.tasks.find((task) => task.name === name)?.result;
  return result && 'latency' in result ? result.latency.p50 : Number.NaN;
};
for (const name of ['by the ODE library, pH solved', 'by the ODE library, given our pH curve'])
  console.log(
    `souring, equally exact: ${(medianOf(name) / medianOf('24 h acidification series')).toFixed(1)} times as fast as ${name}`,
  );
