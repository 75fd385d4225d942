/** How fast a practice answers: a day of it, and a whole make in a perfect hand. Run by `npm run bench`. */
import { loadavg } from 'node:os';
import { METHODS } from '../src/makes';
import type { Brief } from '../src/plan/brief/schema';
import { act } from '../src/sim/practice/acts';
import { beginPractice } from '../src/sim/practice/batch';
import { bestOf } from '../src/sim/practice/best';
import { elapse } from '../src/sim/practice/elapse';
import { play } from '../src/sim/practice/hand';
import { hiddenOf } from '../src/sim/practice/hidden';

const brief = (method: string): Brief => ({
  format: 'plump-pail/brief',
  version: 1,
  method,
  milk: { species: 'cow', litres: 8 },
});
const begun = (method: string) => {
  const practice = beginPractice(brief(method), hiddenOf({ seed: 4 }), 4);
  if (!practice.ok) throw new Error('it can be planned');
  return practice.value;
};
const took = (work: () => void): number => {
  const from = performance.now();
  work();
  return performance.now() - from;
};
const median = (all: number[]) => all.sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0;

console.log(`load ${loadavg()[0]?.toFixed(1)}`);
/** Over heat all day, with a culture in it: every step is a busy one. */
const busy = () => {
  const practice = begun('cultured-cottage');
  act(practice, { do: 'add', what: 'culture', grams: 1 });
  act(practice, { do: 'heat', setting: 1 });
  act(practice, { do: 'ice', on: true });
  return took(() => elapse(practice, 24 * 60));
};
console.log(
  `a day of practice, in busy steps: ${median(Array.from({ length: 9 }, busy)).toFixed(0)} ms (1000 wanted)`,
);
for (const { id } of METHODS) {
  const practice = begun(id);
  const ms = took(() => play(practice, false));
  const hours = practice.pot.minute / 60;
  console.log(
    `${id}: ${hours.toFixed(0)} h played in ${ms.toFixed(0)} ms, ${((1000 * hours) / ms).toFixed(0)} h a second`,
  );
}
const best = Array.from({ length: 9 }, () =>
  took(() => bestOf(brief('squeaky-curds'), hiddenOf({ seed: 4 }))),
);
console.log(`the best that was possible: ${median(best).toFixed(0)} ms`);
/** What a frame of the bench at 600 times costs of its 16.7 ms. */
const frames = begun('squeaky-curds');
act(frames, { do: 'heat', setting: 2 });
console.log(
  `a frame at 600 ×: ${(
    took(() => {
      for (let i = 0; i < 1000; i++) elapse(frames, 1 / 6);
    }) / 1000
  ).toFixed(3)} ms of 16.7`,
);
