import { liveQuery } from 'dexie';
import type { Aside } from './aside';
import type { Database } from './db';
import type { LogFollower } from './followLogs';
import { keepPacks } from './packs';
import { type FoundSummaries, justTheseRun, strayMakes, summaryReader } from './readMakes';
import { makesRead, overRead } from './slices/data';
import type { Store } from './store';

/** Summaries are packed when nothing has come for so long, ms. */
const PACKED_AFTER_MS = 3000;

/** How makes are read when a window opens. */
export interface Opening {
  /** The first view shows makes: they are read while it is being drawn. Elsewhere it goes first. */
  atOnce?: boolean;
  /** The first view shows a make that runs: those are read before all that is over. */
  runningFirst?: boolean;
  /** The makes that ran when it was last looked, kept where that is read without the database. */
  ran?: { read(): string[]; keep(ids: readonly string[]): void };
  /** Resolves when what is known already has been drawn. */
  drawn?: () => Promise<void>;
}

const soon = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/**
 * Follows the makes: those that run by their logs, those that are over by the summaries beside them. A make that is over and has no
 * summary yet, or lost it, is read once and summed up. What reads logs is large, and fetched when there is the first one to read.
 */
export function followMakes(
  db: Database,
  store: Store,
  setAside: (from: string, aside: Aside[]) => void,
  tell: (error: unknown) => void,
  { atOnce = false, runningFirst = false, ran, drawn = soon }: Opening = {},
): void {
  const readSummaries = summaryReader(db);
  let follower: LogFollower | undefined;
  let turn = 0;
  let lookedAfter: unknown = Symbol('never');
  let packing: ReturnType<typeof setTimeout> | undefined;
  let strays: readonly string[] = [];

  const ofLogs = async (): Promise<LogFollower> => {
    const { logFollower } = await import('./followLogs');
    follower ??= logFollower(db, store, setAside, tell);
    return follower;
  };

  const take = async ({ open, summaries, stands, restored }: FoundSummaries) => {
    turn += 1;
    const mine = turn;
    const wanted = () => mine === turn;
    const fetching = open.length > 0 ? ofLogs() : null;
    // What is over is there at once; what runs when its log has been read.
    store.dispatch(overRead(summaries));
    const follow = async (ids: readonly string[]) => {
      const all = [...ids, ...strays];
      if (all.length === 0 && !follower) {
        store.dispatch(makesRead({ logs: {}, atHand: [], summaries }));
        return;
      }
      const logs = await ofLogs();
      if (wanted()) logs.watch(all, summaries, strays);
    };
    const running = (await (await fetching)?.sumUp(open, wanted, soon)) ?? [];
    if (wanted()) await follow(running);
    if (!wanted()) return;
    ran?.keep(running);
    clearTimeout(packing);
    packing = setTimeout(() => keepPacks(db, stands, soon).catch(tell), PACKED_AFTER_MS);
    if (lookedAfter === restored) return;
    lookedAfter = restored;
    strays = await strayMakes(db);
    if (strays.length > 0 && wanted()) await follow(running);
  };

  let asked = false;
  const readOn = async () => {
    asked = false;
    const found = await readSummaries();
    void take(found).catch(tell);
    return found;
  };
  const readFirst = async () => {
    const ids = (runningFirst && ran?.read()) || [];
    if (ids.length > 0 && (await justTheseRun(db, ids))) {
      await (await ofLogs()).first(ids);
      await drawn();
    }
    return readOn();
  };
  let first = atOnce ? readFirst() : null;
  first?.catch(tell);
  // Only that something has changed is followed here: read within it, ten thousand keys would be followed one by one.
  liveQuery(() => Promise.all([db.makes.count(), db.summaries.count(), db.setting('restored')])).subscribe({
    next: async ([makes, summaries, restored]) => {
      const seen = await first?.catch(() => null);
      first = null;
      if (seen?.restored === restored && seen?.counts[0] === makes && seen.counts[1] === summaries) return;
      if (!asked) setTimeout(() => readOn().catch(tell), 0);
      asked = true;
    },
    error: tell,
  });
}
