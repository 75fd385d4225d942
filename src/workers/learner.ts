import { type Remote, wrap } from 'comlink';
import type { Learning } from '../learn/learnt';
import { ownMethods } from '../makes';
import type { MakeEvent } from '../run/events';
import type { LearnerApi } from './learner.worker';

/**
 * Learning from finished makes in a worker: only logs that are new or have grown are sent. A worker that fails is thrown away with
 * what it knew, and asked anew with everything next time; nothing is learned until then.
 */
export function workerLearner(
  make: () => Worker = () => new Worker(new URL('./learner.worker.ts', import.meta.url), { type: 'module' }),
) {
  let here: { worker: Worker; api: Remote<LearnerApi> } | null = null;
  const sent = new Map<string, readonly MakeEvent[]>();
  return {
    async learn(logs: Readonly<Record<string, readonly MakeEvent[]>>): Promise<Learning | null> {
      if (!here) {
        const worker = make();
        here = { worker, api: wrap<LearnerApi>(worker) };
        sent.clear();
      }
      const { worker, api } = here;
      const changed = Object.entries(logs).filter(([id, events]) => sent.get(id) !== events);
      for (const [id, events] of changed) sent.set(id, events);
      const failed = new Promise<never>((_, reject) => {
        worker.addEventListener('error', reject, { once: true });
      });
      try {
        const all = changed.map(([id, events]) => ({ id, events }));
        return (await Promise.race([api.learn(all, Object.keys(logs), ownMethods()), failed])) as Learning;
      } catch (error) {
        console.error(error);
        worker.terminate();
        here = null;
        return null;
      }
    },
  };
}
