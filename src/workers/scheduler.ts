import { type Remote, wrap } from 'comlink';
import type { WeekPlan } from '../schedule/weekFile';
import type { AskedWeek } from '../store/ports';
import type { SchedulerApi } from './scheduler.worker';

/**
 * Weeks laid in a worker: the good one is told at once, the best that is found when the looking ends. A newer week takes the place of the
 * one at work, whose worker is thrown away if it is still proving.
 */
export function workerScheduler(
  make: () => Worker = () =>
    new Worker(new URL('./scheduler.worker.ts', import.meta.url), { type: 'module' }),
) {
  let here: { worker: Worker; api: Remote<SchedulerApi> } | null = null;
  let proving = false;
  let turn = 0;
  return {
    lay(week: AskedWeek, tell: (laid: WeekPlan, looking: boolean) => void): void {
      turn += 1;
      const mine = turn;
      if (proving) {
        here?.worker.terminate();
        here = null;
        proving = false;
      }
      if (!here) {
        const worker = make();
        here = { worker, api: wrap<SchedulerApi>(worker) };
      }
      const { api } = here;
      let good: WeekPlan | null = null;
      void (async () => {
        try {
          good = (await api.good(week)) as WeekPlan;
          if (mine !== turn) return;
          tell(good, true);
          proving = true;
          const best = (await api.best(week)) as WeekPlan;
          if (mine !== turn) return;
          proving = false;
          tell(best, false);
        } catch (error) {
          console.error(error);
          here?.worker.terminate();
          here = null;
          proving = false;
          if (good && mine === turn) tell(good, false);
        }
      })();
    },
  };
}
