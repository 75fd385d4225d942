/** Weeks laid: the first good answer, the proved best, and a strand that is dragged. */
import loadSolver from 'highs';
import { seededWeek } from '../src/schedule/fixtures/weeks';
import { solverOf } from '../src/schedule/solver';
import { bestWeek, goodWeek, readyWeek } from '../src/schedule/week';

/** Weeks of each sort, where nobody says how many. */
const WEEKS = process.argv[2] === undefined ? null : Number(process.argv[2]);
/** Only weeks of so many makes, where somebody asks. */
const ONLY = Number(process.argv[3] ?? 0);
const LONGEST_S = 10;
const solver = solverOf(await loadSolver());
const median = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? Number.NaN;

for (const [makes, hands, usual] of [
  [3, 1, 20],
  [6, 1, 20],
  [10, 2, 100],
  [10, 1, 20],
] as const) {
  const weeks = WEEKS ?? usual;
  if (ONLY > 0 && makes !== ONLY) continue;
  const first: number[] = [];
  const proof: number[] = [];
  const drag: number[] = [];
  let proved = 0;
  for (let seed = 1; seed <= weeks; seed++) {
    const week = seededWeek(seed, { makes, hands });
    let from = performance.now();
    const ready = readyWeek(week);
    const good = goodWeek(ready);
    first.push(performance.now() - from);
    from = performance.now();
    const until = from + LONGEST_S * 1000;
    const best = bestWeek(ready, good, solver, () => (until - performance.now()) / 1000);
    proof.push((performance.now() - from) / 1000);
    proved += best.proved ? 1 : 0;
    from = performance.now();
    goodWeek(ready, good, 8);
    drag.push(performance.now() - from);
  }
  console.log(
    `${makes} makes, ${hands} hands: first answer ${median(first).toFixed(0)} ms (aim: 300), mended while dragged ${median(drag).toFixed(0)} ms (aim: 100), proved ${proved} of ${weeks} in ${median(proof).toFixed(1)} s in the median (aim: 5), ${Math.max(...proof).toFixed(1)} s at most`,
  );
}
console.log(`memory: ${Math.round(process.memoryUsage().rss / 1e6)} MB (aim: 400)`);
