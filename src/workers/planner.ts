import { wrap } from 'comlink';
import type { Result } from '../core/faults/fault';
import { ownMethods } from '../makes';
import type { Brief } from '../plan/brief/schema';
import type { Planned } from '../plan/plan';
import type { PlannerApi } from './planner.worker';

/**
 * Planning with spread in a worker. Only the latest request counts: while one is being computed the next one waits,
 * and a newer one takes its place; those overtaken come back as null.
 */
export function workerPlanner() {
  const remote = wrap<PlannerApi>(
    new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }),
  );
  type Answer = Result<Planned> | null;
  let busy = false;
  let waiting: { brief: Brief; answer: (value: Answer) => void } | null = null;

  async function next(): Promise<void> {
    if (busy || !waiting) return;
    const { brief, answer } = waiting;
    waiting = null;
    busy = true;
    const planned = (await remote.plan(brief, ownMethods())) as Result<Planned>;
    busy = false;
    answer(waiting ? null : planned);
    void next();
  }

  return {
    plan: (brief: Brief) =>
      new Promise<Answer>((answer) => {
        waiting?.answer(null);
        waiting = { brief, answer };
        void next();
      }),
  };
}
