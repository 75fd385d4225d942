import { expose } from 'comlink';
import loadSolver from 'highs';
import wasm from 'highs/runtime?url';
import { zoneClock } from '../schedule/clock';
import { solverOf } from '../schedule/solver';
import { bestWeek, goodWeek, readyWeek } from '../schedule/week';
import { type WeekPlan, weekPlanOf } from '../schedule/weekFile';
import type { AskedWeek } from '../store/ports';
import { stopwatch } from './stopwatch';

/** So long the best week is looked for, s: longer than that nobody waits at a wall. */
const PROOF_S = 8;
let solver: ReturnType<typeof solverOf> | null = null;
/** The last week as it was laid, to begin the next from. */
let last: { ids: string; laid: ReturnType<typeof goodWeek> } | null = null;

const api = {
  /** A good week at once, going on from the last one where it is of the same makes. */
  good({ zone, ...week }: AskedWeek): WeekPlan {
    const ready = readyWeek({ ...week, clock: zoneClock(zone) });
    const ids = ready.task.wishes.map(({ id }) => id).join();
    const laid = goodWeek(ready, last?.ids === ids ? last.laid : undefined);
    last = { ids, laid };
    return weekPlanOf(ready, laid, false);
  },
  /** The best week, if that can be proved in time. */
  async best({ zone, ...week }: AskedWeek): Promise<WeekPlan> {
    solver ??= solverOf(await loadSolver({ locateFile: () => wasm }));
    const ready = readyWeek({ ...week, clock: zoneClock(zone) });
    const gone = stopwatch();
    const { laid, proved } = bestWeek(ready, goodWeek(ready), solver, () => PROOF_S - gone());
    return weekPlanOf(ready, laid, proved);
  },
};
export type WeekerApi = typeof api;

expose(api);
