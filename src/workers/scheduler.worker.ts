import { expose } from 'comlink';
import loadSolver from 'highs';
import wasm from 'highs/runtime?url';
import { solverOf } from '../schedule/solver';
import { bestWeek, goodWeek } from '../schedule/week';
import { type WeekPlan, weekPlanOf } from '../schedule/weekFile';
import { readyAsked, saysOfAsked } from '../store/askedWeek';
import type { AskedWeek } from '../store/ports';
import { stopwatch } from './stopwatch';

/** So long the best week is looked for, s: longer than that nobody waits at a wall. */
const PROOF_S = 8;
let solver: ReturnType<typeof solverOf> | null = null;
/** The last week as it was laid, to begin the next from. */
let last: { ids: string; laid: ReturnType<typeof goodWeek> } | null = null;

const api = {
  /** A good week at once, going on from the last one where it is of the same makes. */
  good(week: AskedWeek): WeekPlan {
    const ready = readyAsked(week);
    const ids = ready.task.wishes.map(({ id }) => id).join();
    const laid = goodWeek(ready, last?.ids === ids ? last.laid : undefined);
    last = { ids, laid };
    return weekPlanOf(ready, laid, false, saysOfAsked(week));
  },
  /** The best week, if that can be proved in time. */
  async best(week: AskedWeek): Promise<WeekPlan> {
    solver ??= solverOf(await loadSolver({ locateFile: () => wasm }));
    const ready = readyAsked(week);
    const gone = stopwatch();
    const { laid, proved } = bestWeek(ready, goodWeek(ready), solver, () => PROOF_S - gone());
    return weekPlanOf(ready, laid, proved, saysOfAsked(week));
  },
};
export type SchedulerApi = typeof api;

expose(api);
