import { expose } from 'comlink';
import type { Learning } from '../learn/learnt';
import { setOwnMethods } from '../makes';
import type { Method } from '../makes/method';
import { Database } from '../store/db';
import { learnKept } from '../store/learnKept';

let db: Database | null = null;

const api = {
  /** What all makes in the store of this name teach that are over. */
  async learn(name: string, own: readonly Method[]): Promise<Learning> {
    setOwnMethods(own);
    if (db?.name !== name) {
      db?.close();
      db = new Database(name);
    }
    return learnKept(db);
  },
};
export type LearnerApi = typeof api;

expose(api);
