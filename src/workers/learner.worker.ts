import { expose } from 'comlink';
import type { Learning } from '../learn/learnt';
import { Database } from '../store/db';
import { learnKept } from '../store/learnKept';

let db: Database | null = null;

const api = {
  /** What all makes in the store of this name teach that are over; `quiet` resolves when it may go on. */
  async learn(name: string, quiet: () => Promise<void>): Promise<Learning> {
    if (db?.name !== name) {
      db?.close();
      db = new Database(name);
    }
    return learnKept(db, quiet);
  },
};
export type LearnerApi = typeof api;

expose(api);
