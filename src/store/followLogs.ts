import { liveQuery, type Subscription } from 'dexie';
import { isOver } from '../run/state';
import type { Aside } from './aside';
import type { Database } from './db';
import { lineOf, stateFor } from './folded';
import { keepSummaries, logReader, NO_ENTRIES } from './readLogs';
import type { Logs, Summaries } from './readMakes';
import { type AtHand, makesRead, runningRead } from './slices/data';
import type { Store } from './store';

/** Makes summed up at once: few enough that the page stays alive between. */
const AT_ONCE = 20;

/** What following the logs of makes can be asked for. */
export interface LogFollower {
  /** Follows the logs of makes that run before anything is known of all others; resolves when they have been shown. */
  first(ids: readonly string[]): Promise<void>;
  /** Follows these logs as they grow, beside the summaries of all that is over; of the strays is said nothing when they go. */
  watch(ids: readonly string[], summaries: Summaries, strays: readonly string[]): void;
  /** Sums up what is over and was not, as long as that is wanted; the makes that run are named, and those that cannot be read. */
  sumUp(ids: readonly string[], wanted: () => boolean, soon: () => Promise<void>): Promise<string[]>;
}

/** Follows the logs of makes that run, or that cannot be read, and tells the store what they tell. */
export function logFollower(
  db: Database,
  store: Store,
  setAside: (from: string, aside: Aside[]) => void,
  tell: (error: unknown) => void,
): LogFollower {
  const readOnce = logReader(db);
  const readLogs = logReader(db);
  /** What is over; null while only what runs is known. */
  let summaries: Summaries | null = null;
  let strays: readonly string[] = [];
  let watched = '';
  let watching: Subscription | undefined;

  const toldBy = (logs: Logs): AtHand[] =>
    Object.entries(logs)
      .map(([id, log]) => {
        const state = stateFor(log);
        return { id, state, line: lineOf({ id, state }) };
      })
      .sort((a, b) => a.state.startedAt - b.state.startedAt);

  const show = (read: Logs) => {
    const over = summaries;
    if (over === null) {
      store.dispatch(runningRead({ logs: read, atHand: toldBy(read) }));
      return;
    }
    // What is over and summed up is no longer held as a log.
    const logs = Object.fromEntries(Object.entries(read).filter(([id]) => !(id in over)));
    store.dispatch(makesRead({ logs, atHand: toldBy(logs), summaries: over }));
  };

  /** Follows these logs from here on; resolves when they have been shown, or cannot be. */
  const follow = (ids: readonly string[]): Promise<void> => {
    watched = JSON.stringify(ids);
    watching?.unsubscribe();
    return new Promise((resolve) => {
      watching = liveQuery(() => readLogs(ids)).subscribe({
        next: ({ logs, aside }) => {
          show(logs);
          // What was only its entries is gone with them.
          setAside(
            'makes',
            aside.filter(({ id, why }) => why !== NO_ENTRIES || !strays.includes(id)),
          );
          keepSummaries(db, logs).catch(tell);
          resolve();
        },
        error: (error) => {
          tell(error);
          resolve();
        },
      });
    });
  };

  return {
    first: follow,
    watch: (ids, over, gone) => {
      summaries = over;
      strays = gone;
      if (watching && JSON.stringify(ids) === watched) show(store.getState().data.logs);
      else void follow(ids);
    },
    sumUp: async (ids, wanted, soon) => {
      if (ids.length <= AT_ONCE) return [...ids];
      const running: string[] = [];
      for (let i = 0; i < ids.length && wanted(); i += AT_ONCE) {
        const some = ids.slice(i, i + AT_ONCE);
        const { logs } = await readOnce(some);
        running.push(...some.filter((id) => !logs[id] || !isOver(stateFor(logs[id]))));
        await keepSummaries(db, logs);
        await soon();
      }
      return running;
    },
  };
}
