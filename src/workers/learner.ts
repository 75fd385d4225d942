import { proxy, type Remote, wrap } from 'comlink';
import type { Learning } from '../learn/learnt';
import type { LearnerApi } from './learner.worker';

/**
 * Learning from finished makes in a worker, which reads the store of this name itself. It is let go as soon as it has nothing to do, since
 * what it has read of a large book would fill the memory until the next make is finished; one that fails is let go too, and nothing is
 * learned until it is asked anew. Before it begins, and before each of its parts, it waits until `quiet` lets it go on.
 */
export function workerLearner(
  name: string,
  quiet: () => Promise<void>,
  make: () => Worker = () => new Worker(new URL('./learner.worker.ts', import.meta.url), { type: 'module' }),
) {
  let here: { worker: Worker; api: Remote<LearnerApi>; asked: number } | null = null;
  return {
    async learn(): Promise<Learning | null> {
      await quiet();
      if (!here) {
        const worker = make();
        here = { worker, api: wrap<LearnerApi>(worker), asked: 0 };
      }
      const mine = here;
      const { worker, api } = mine;
      mine.asked += 1;
      const failed = new Promise<never>((_, reject) => {
        worker.addEventListener('error', reject, { once: true });
      });
      try {
        return (await Promise.race([api.learn(name, proxy(quiet)), failed])) as Learning;
      } catch (error) {
        console.error(error);
        return null;
      } finally {
        mine.asked -= 1;
        if (mine.asked === 0) {
          worker.terminate();
          here = null;
        }
      }
    },
  };
}
