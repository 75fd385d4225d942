import { proxy, type Remote, wrap } from 'comlink';
import type { Result } from '../core/faults/fault';
import type { Kitchen } from '../kitchen/kitchen';
import type { Archive } from '../store/ports';
import type { Answer, ArchiveApi } from './archive.worker';

/** A worker is let go so long after its work, ms: what it has told the other windows is on its way. */
const LET_GO_AFTER_MS = 5_000;

/** Backups written and read in a worker of their own, so that the page stays alive however large the book is. */
export function workerArchive(
  name: string,
  make: () => Worker = () => new Worker(new URL('./archive.worker.ts', import.meta.url), { type: 'module' }),
): Archive {
  async function asked<T>(ask: (api: Remote<ArchiveApi>) => Promise<Answer<T>>): Promise<T> {
    const worker = make();
    const broken = new Promise<never>((_, reject) => {
      worker.addEventListener('error', () => reject(new Error('the worker broke off')), { once: true });
    });
    try {
      const answer = await Promise.race([ask(wrap<ArchiveApi>(worker)), broken]);
      if ('failed' in answer) throw Object.assign(new Error(answer.failed.message), answer.failed);
      return answer.done;
    } finally {
      setTimeout(() => worker.terminate(), LET_GO_AFTER_MS);
    }
  }
  return {
    save: (heard) => asked((api) => api.save(name, proxy(heard)) as Promise<Answer<Blob>>),
    bring: (file, heard) =>
      asked((api) => api.bring(name, file, proxy(heard)) as Promise<Answer<Result<Kitchen>>>),
    asBefore: (heard) => asked((api) => api.asBefore(name, proxy(heard)) as Promise<Answer<void>>),
  };
}
