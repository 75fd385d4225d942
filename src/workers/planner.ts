import { type Remote, wrap } from 'comlink';
import { BROKE_OFF, bad, type Result } from '../core/faults/fault';
import type { Brief } from '../plan/brief/schema';
import type { Planned, PlanOptions } from '../plan/plan';
import type { PlannerApi } from './planner.worker';

/** A worker as it is made here; handed in, so that a test can make one that fails. */
export type MakeWorker = () => Worker;

const usualWorker: MakeWorker = () =>
  new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });

type Answer = Result<Planned> | null;

interface Started {
  worker: Worker;
  api: Remote<PlannerApi>;
  /** Rejects as soon as the worker fails, at work or idle. */
  failed: Promise<never>;
}

function started(worker: Worker): Started {
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener('error', reject, { once: true });
    worker.addEventListener('messageerror', reject, { once: true });
  });
  // Whoever asks hears of it; nobody else has to.
  failed.catch(() => undefined);
  return { worker, api: wrap<PlannerApi>(worker), failed };
}

/** A plan from a worker, which is sent no make but the one that is planned; rejects where the worker fails or the computation throws. */
const asked = (
  { api, failed }: Started,
  brief: Brief,
  { methods = [], ...options }: PlanOptions,
): Promise<Result<Planned>> => {
  const sent = { ...options, methods: methods.filter(({ id }) => id === brief.method) };
  return Promise.race([api.plan(brief, sent) as Promise<Result<Planned>>, failed]);
};

/**
 * Planning with spread in a worker. Only the latest request counts: while one is being computed the next one waits,
 * and a newer one takes its place; those overtaken come back as null. The worker starts with the first; one that fails is started again
 * and asked once more; where it fails again the answer is a fault that says so.
 */
export function workerPlanner(make: MakeWorker = usualWorker) {
  let here: Started | null = null;
  let busy = false;
  let waiting: { brief: Brief; options: PlanOptions; answer: (value: Answer) => void } | null = null;

  async function planned(brief: Brief, options: PlanOptions): Promise<Result<Planned>> {
    for (let attempt = 0; attempt < 2; attempt++) {
      here ??= started(make());
      try {
        return await asked(here, brief, options);
      } catch (error) {
        console.error(error);
        here.worker.terminate();
        here = null;
      }
    }
    return bad(BROKE_OFF);
  }

  async function next(): Promise<void> {
    if (busy || !waiting) return;
    const { brief, options, answer } = waiting;
    waiting = null;
    busy = true;
    const result = await planned(brief, options);
    busy = false;
    answer(waiting ? null : result);
    void next();
  }

  return {
    plan: (brief: Brief, options: PlanOptions = {}) =>
      new Promise<Answer>((answer) => {
        waiting?.answer(null);
        waiting = { brief, options, answer };
        void next();
      }),
  };
}
