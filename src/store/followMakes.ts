import { liveQuery, type Subscription } from 'dexie';
import { isOver, stateOf } from '../run/state';
import type { Aside } from './aside';
import type { Database } from './db';
import { keepPacks } from './packs';
import {
  type FoundSummaries,
  keepSummaries,
  type Logs,
  logReader,
  NO_ENTRIES,
  type Summaries,
  strayMakes,
  summaryReader,
} from './readMakes';
import { makesRead } from './slices/data';
import type { Store } from './store';

/** Makes summed up at once: few enough that the page stays alive between. */
const AT_ONCE = 20;

/** Summaries are packed when nothing has come for so long, ms. */
const PACKED_AFTER_MS = 3000;

const soon = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/**
 * Follows the makes: those that run by their logs, those that are over by the summaries beside them. A make that is over and has no
 * summary yet, or lost it, is read once and summed up.
 */
export function followMakes(
  db: Database,
  store: Store,
  setAside: (from: string, aside: Aside[]) => void,
  tell: (error: unknown) => void,
): void {
  const readSummaries = summaryReader(db);
  const readOnce = logReader(db);
  const readLogs = logReader(db);
  let summaries: Summaries = {};
  let watched = '';
  let watching: Subscription | undefined;
  let turn = 0;
  let strays: readonly string[] = [];

  const show = (logs: Logs) =>
    // What is over and summed up is no longer held as a log.
    store.dispatch(
      makesRead({
        summaries,
        logs: Object.fromEntries(Object.entries(logs).filter(([id]) => !(id in summaries))),
      }),
    );

  /** The logs of makes that run, or that cannot be read, followed as they grow. */
  const watchLogs = (ids: readonly string[]) => {
    const names = JSON.stringify(ids);
    if (watching && names === watched) {
      show(store.getState().data.logs);
      return;
    }
    watched = names;
    watching?.unsubscribe();
    watching = liveQuery(() => readLogs(ids)).subscribe({
      next: ({ logs, aside }) => {
        show(logs);
        // What was only its entries is gone with them.
        setAside(
          'makes',
          aside.filter(({ id, why }) => why !== NO_ENTRIES || !strays.includes(id)),
        );
        keepSummaries(db, logs).catch(tell);
      },
      error: tell,
    });
  };

  /** Sums up what is over and was not; the makes that run are left, and those that cannot be read. */
  const sumUp = async (open: readonly string[], mine: number) => {
    const running: string[] = [];
    for (let i = 0; i < open.length && mine === turn; i += AT_ONCE) {
      const ids = open.slice(i, i + AT_ONCE);
      const { logs } = await readOnce(ids);
      running.push(...ids.filter((id) => !logs[id] || !isOver(stateOf(logs[id]))));
      await keepSummaries(db, logs);
      if (open.length > AT_ONCE) await soon();
    }
    return running;
  };

  let open: readonly string[] = [];
  let lookedAfter: unknown = Symbol('never');
  let packing: ReturnType<typeof setTimeout> | undefined;

  const take = async (found: FoundSummaries) => {
    turn += 1;
    const mine = turn;
    summaries = found.summaries;
    const running = found.open.length > AT_ONCE ? await sumUp(found.open, mine) : found.open;
    if (mine !== turn) return;
    open = running;
    watchLogs([...open, ...strays]);
    clearTimeout(packing);
    packing = setTimeout(() => keepPacks(db, found.stands, soon).catch(tell), PACKED_AFTER_MS);
    if (lookedAfter === found.restored) return;
    lookedAfter = found.restored;
    strays = await strayMakes(db);
    if (strays.length > 0) watchLogs([...open, ...strays]);
  };

  let asked = false;
  const readOn = () => {
    asked = false;
    readSummaries().then(take).catch(tell);
  };
  // Only that something has changed is followed here: read within it, ten thousand keys would be followed one by one.
  liveQuery(() => Promise.all([db.makes.count(), db.summaries.count(), db.setting('restored')])).subscribe({
    next: () => {
      if (!asked) setTimeout(readOn, 0);
      asked = true;
    },
    error: tell,
  });
}
