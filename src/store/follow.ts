import { liveQuery } from 'dexie';
import type { Method } from '../makes/method';
import { type Aside, broughtAside, parted } from './aside';
import type { Database, OwnMethod } from './db';
import { followMakes, type Opening } from './followMakes';
import { makesCanBeRead } from './kept';
import { bringInWaiting, isBeingKept } from './settings';
import { alarmsRead } from './slices/alarms';
import { asideRead, goodsRead, methodsRead, milksRead } from './slices/data';
import { draftSet } from './slices/draft';
import { kitchenRead } from './slices/kitchen';
import { reckonerSet } from './slices/reckoner';
import { weekRead } from './slices/week';
import type { Store } from './store';
import type { WindowName } from './window';

/**
 * Reads what was kept into the store, then follows the database, whichever window writes to it; the makes as soon as `makesThere`, which
 * is waited for by nothing else.
 */
export async function follow(
  db: Database,
  store: Store,
  mine: WindowName,
  tell: (error: unknown) => void = () => undefined,
  makesThere: Promise<unknown> = Promise.resolve(),
  opening: Opening = {},
): Promise<void> {
  const watch = <T>(query: () => Promise<T>, take: (found: T) => void) =>
    liveQuery(query).subscribe({ next: take, error: tell });
  const setAside = (from: string, aside: Aside[]) => store.dispatch(asideRead({ from, aside }));
  const takeMethods = async (rows: readonly OwnMethod[]) => {
    if (rows.length > 0) await makesCanBeRead();
    const { read, aside } = parted<OwnMethod>('methods', rows);
    store.dispatch(methodsRead(read.map((row) => row.method as Method)));
    setAside('methods', aside);
  };
  // Before the first draw, since the draft may be a plan of one of them.
  await takeMethods(await db.methods.toArray());
  void makesThere.catch(tell).then(() => followMakes(db, store, setAside, tell, opening));
  await bringInWaiting(db, globalThis.localStorage);
  const [kitchen, draft, reckoner, alarms, wishes] = await Promise.all([
    db.kitchen(),
    db.draft(mine),
    db.reckoner(),
    db.alarms(),
    db.week(),
  ]);
  if (alarms) store.dispatch(alarmsRead(alarms));
  if (wishes) store.dispatch(weekRead(wishes));
  if (kitchen) store.dispatch(kitchenRead(kitchen));
  if (draft) store.dispatch(draftSet(draft));
  if (reckoner) store.dispatch(reckonerSet(reckoner));
  watch(
    () => db.settings.toArray(),
    (rows) =>
      setAside('settings', parted('settings', rows, (row) => String((row as { key?: unknown }).key)).aside),
  );
  watch(
    () => db.aside.toArray(),
    (rows) => setAside('aside', broughtAside(rows)),
  );
  watch(
    () => db.goods.toArray(),
    (rows) => {
      const { read, aside } = parted<never>('goods', rows);
      store.dispatch(goodsRead(read));
      setAside('goods', aside);
    },
  );
  watch(
    () => db.methods.toArray(),
    (rows) => void takeMethods(rows).catch(tell),
  );
  watch(
    () => db.milks.toArray(),
    (rows) => {
      const { read, aside } = parted<never>('milks', rows);
      store.dispatch(milksRead(read));
      setAside('milks', aside);
    },
  );
  watch(
    async () => ({ by: (await db.settings.get('kitchen'))?.by, kitchen: await db.kitchen() }),
    ({ by, kitchen }) => {
      // What this window wrote, it has, and perhaps a newer one that is still being written.
      if (by !== mine.id && kitchen && !isBeingKept(db, 'kitchen')) store.dispatch(kitchenRead(kitchen));
    },
  );
  watch(
    async () => ({ by: (await db.settings.get('week'))?.by, wishes: await db.week() }),
    ({ by, wishes }) => {
      if (by !== mine.id && wishes && !isBeingKept(db, 'week')) store.dispatch(weekRead(wishes));
    },
  );
  watch(
    () => db.alarms(),
    (alarms) => alarms && store.dispatch(alarmsRead(alarms)),
  );
}
