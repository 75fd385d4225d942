import { type Remote, wrap } from 'comlink';
import type { Learning } from '../learn/learnt';
import type { LearnerApi } from './learner.worker';

/**
 * Learning from finished makes in a worker, which reads the store of this name itself. A worker that fails is thrown away, and asked
 * anew next time; nothing is learned until then.
 */
export function workerLearner(
  name: string,
  make: () => Worker = () => new Worker(new URL('./learner.worker.ts', import.meta.url), { type: 'module' }),
) {
  let here: { worker: Worker; api: Remote<LearnerApi> } | null = null;
  return {
    async learn(): Promise<Learning | null> {
      if (!here) {
        const worker = make();
        here = { worker, api: wrap<LearnerApi>(worker) };
      }
      const { worker, api } = here;
      const failed = new Promise<never>((_, reject) => {
        worker.addEventListener('error', reject, { once: true });
      });
      try {
        return (await Promise.race([api.learn(name), failed])) as Learning;
      } catch (error) {
        console.error(error);
        worker.terminate();
        here = null;
        return null;
      }
    },
  };
}
