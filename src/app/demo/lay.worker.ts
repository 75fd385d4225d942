import { expose } from 'comlink';
import Dexie from 'dexie';
import { layMakes, loadDemo } from './layMakes';

const api = {
  /** Lays the makes in the store of this name, that is there already. */
  async lay(name: string, now: number): Promise<void> {
    const db = await new Dexie(name, { chromeTransactionDurability: 'strict' }).open();
    try {
      await layMakes(db, now, loadDemo);
    } finally {
      db.close();
    }
  },
};
export type LayApi = typeof api;

expose(api);
