import { expose } from 'comlink';
import type { Learning } from '../learn/learnt';
import { Database } from '../store/db';
import { learnKept } from '../store/learnKept';

let db: Database | null = null;

const api = {
  /** What all makes in the store of this name teach that are over. */
  async learn(name: string): Promise<Learning> {
    if (db?.name !== name) {
      db?.close();
      db = new Database(name);
    }
    return learnKept(db);
  },
};
export type LearnerApi = typeof api;

expose(api);
