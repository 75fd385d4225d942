/** Ten thousand finished makes learned from, and one more: as the worker does it, from what is kept beside their logs. */
import { MAKES, make, quirky } from '../src/learn/fixtures/kitchens';
import { learnFrom } from '../src/learn/learn';
import { type Taught, taughtBy } from '../src/learn/samples';

const MANY = 10_000;
const LOTS = 500;
const TIMES = 5;
const median = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? Number.NaN;

const kitchen = quirky(1);
const seeds = Array.from({ length: 24 }, (_, i) => {
  const id = MAKES[i % MAKES.length] as (typeof MAKES)[number];
  return taughtBy(`seed-${i}`, make(kitchen, id, i).state) as Taught;
});
const all = Array.from({ length: MANY }, (_, i): Taught => {
  const seed = seeds[i % seeds.length] as Taught;
  const lot = `lot ${i % LOTS}`;
  return {
    ...seed,
    make: `make-${i}`,
    day: seed.day + Math.floor(i / 3),
    owners: { ...seed.owners, milk: { id: lot, name: lot }, coagulant: { id: lot, name: 'Millrace rennet' } },
  };
});
const spent = Array.from({ length: TIMES }, () => {
  const began = performance.now();
  learnFrom(all);
  return performance.now() - began;
});
console.log(`${MANY} makes of ${LOTS} lots learned from: ${median(spent).toFixed(0)} ms (aim: 2000)`);

const { state } = make(kitchen, 'goat-lactic', 30);
const one = Array.from({ length: 15 }, () => {
  const began = performance.now();
  taughtBy('one', state);
  return performance.now() - began;
});
console.log(`one more make looked into: ${median(one).toFixed(1)} ms (aim: 50)`);
