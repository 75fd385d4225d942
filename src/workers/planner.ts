import { type Remote, wrap } from 'comlink';
import { BROKE_OFF, bad, type Result } from '../core/faults/fault';
import { ownMethods } from '../makes';
import type { Brief } from '../plan/brief/schema';
import type { Planned } from '../plan/plan';
import type { PlannerApi } from './planner.worker';

/** A worker as it is made here; handed in, so that a test can make one that fails. */
export type MakeWorker = () => Worker;

const usualWorker: MakeWorker = () =>
  new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });

type Answer = Result<Planned> | null;

interface Started {
  worker: Worker;
  api: Remote<PlannerApi>;
}

const started = (worker: Worker): Started => ({ worker, api: wrap<PlannerApi>(worker) });

/** A plan from a worker; rejects where the worker fails or the computation throws. */
function asked({ worker, api }: Started, brief: Brief): Promise<Result<Planned>> {
  return new Promise((resolve, reject) => {
    const fail = (event: Event) => reject(event);
    worker.addEventListener('error', fail, { once: true });
    worker.addEventListener('messageerror', fail, { once: true });
    const done = () => {
      worker.removeEventListener('error', fail);
      worker.removeEventListener('messageerror', fail);
    };
    (api.plan(brief, ownMethods()) as Promise<Result<Planned>>).then(resolve, reject).finally(done);
  });
}

/**
 * Planning with spread in a worker. Only the latest request counts: while one is being computed the next one waits,
 * and a newer one takes its place; those overtaken come back as null. A worker that fails is started again and asked
 * once more; where it fails again the answer is a fault that says so.
 */
export function workerPlanner(make: MakeWorker = usualWorker) {
  let here = started(make());
  let busy = false;
  let waiting: { brief: Brief; answer: (value: Answer) => void } | null = null;

  async function planned(brief: Brief): Promise<Result<Planned>> {
    for (let attempt = 0; attempt < 2; attempt++) {
      try {
        return await asked(here, brief);
      } catch (error) {
        console.error(error);
        here.worker.terminate();
        here = started(make());
      }
    }
    return bad(BROKE_OFF);
  }

  async function next(): Promise<void> {
    if (busy || !waiting) return;
    const { brief, answer } = waiting;
    waiting = null;
    busy = true;
    const result = await planned(brief);
    busy = false;
    answer(waiting ? null : result);
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
