import { liveQuery } from 'dexie';
import { setOwnMethods } from '../makes';
import type { Method } from '../makes/method';
import { methodSchema } from '../makes/methodSchema';
import type { MakeEvent } from '../run/events';
import { type Aside, broughtAside, nameOf, parted } from './aside';
import type { Database, OwnMethod, StoredEvent } from './db';
import { readLogRows } from './readLog';
import { bringInWaiting } from './settings';
import { alarmsRead } from './slices/alarms';
import { asideRead, goodsRead, logsRead, methodsRead, milksRead } from './slices/data';
import { draftSet } from './slices/draft';
import { kitchenRead } from './slices/kitchen';
import { reckonerSet } from './slices/reckoner';
import type { Store } from './store';
import type { WindowName } from './window';

/** Reads what was kept into the store, then follows the database, whichever window writes to it. */
export async function follow(
  db: Database,
  store: Store,
  mine: WindowName,
  tell: (error: unknown) => void = () => undefined,
): Promise<void> {
  const watch = <T>(query: () => Promise<T>, take: (found: T) => void) =>
    liveQuery(query).subscribe({ next: take, error: tell });
  const setAside = (from: string, aside: Aside[]) => store.dispatch(asideRead({ from, aside }));
  const takeMethods = (rows: readonly OwnMethod[]) => {
    const { read, aside } = parted<OwnMethod>('methods', rows);
    const methods = read.map((row) => row.method);
    setOwnMethods(methods.filter((method) => methodSchema.safeParse(method).success));
    store.dispatch(methodsRead(methods as Method[]));
    setAside('methods', aside);
  };
  // Before the first draw, since the draft may be a plan of one of them.
  takeMethods(await db.methods.toArray());
  await bringInWaiting(db, globalThis.localStorage);
  const [kitchen, draft, reckoner, alarms] = await Promise.all([
    db.kitchen(),
    db.draft(mine),
    db.reckoner(),
    db.alarms(),
  ]);
  if (alarms) store.dispatch(alarmsRead(alarms));
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
  watch(() => db.methods.toArray(), takeMethods);
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
      if (by !== mine.id && kitchen) store.dispatch(kitchenRead(kitchen));
    },
  );
  watch(
    () => db.alarms(),
    (alarms) => alarms && store.dispatch(alarmsRead(alarms)),
  );
  const logs = logReader(db);
  watch(logs, ({ logs, aside }) => {
    store.dispatch(logsRead(logs));
    setAside('makes', aside);
  });
}

/** Reads every log, each time only what has come since the last time; logs that cannot be read are named. */
export function logReader(
  db: Database,
): () => Promise<{ logs: Record<string, MakeEvent[]>; aside: Aside[] }> {
  const known = new Map<string, MakeEvent[]>();
  let restored: unknown;
  return async () => {
    const mark = await db.setting('restored');
    if (mark !== restored) known.clear();
    restored = mark;
    // A log only ever grows: the keys tell which events are new, and only those are read.
    const keys = (await db.events.orderBy('[makeId+seq]').primaryKeys()) as [string, number][];
    const lengths = new Map<string, number>();
    for (const [makeId] of keys) lengths.set(makeId, (lengths.get(makeId) ?? 0) + 1);
    for (const [makeId, log] of known) if ((lengths.get(makeId) ?? 0) < log.length) known.delete(makeId);
    const missing = keys.filter(([makeId, seq]) => !(seq < (known.get(makeId)?.length ?? 0)));
    const rows = new Map<string, StoredEvent[]>();
    for (const row of await db.events.bulkGet(missing)) {
      if (!row) continue;
      const of = rows.get(row.makeId);
      if (of) of.push(row);
      else rows.set(row.makeId, [row]);
    }
    const aside: Aside[] = [];
    for (const [makeId, found] of rows) {
      const before = known.get(makeId) ?? [];
      // Another run may have read the same rows meanwhile: each has its place, and takes it once.
      const read = readLogRows(
        found.filter(({ seq }) => !(seq < before.length)),
        before,
      );
      if (read.ok) known.set(makeId, read.log);
      else {
        known.delete(makeId);
        aside.push({ table: 'makes', id: makeId, name: nameOf('makes', found[0]), why: read.why });
      }
    }
    for (const { id } of await db.makes.toArray())
      if (!lengths.has(String(id)))
        aside.push({
          table: 'makes',
          id: String(id),
          name: nameOf('makes', { id }),
          why: 'it has no entries',
        });
    return { logs: Object.fromEntries(known), aside };
  };
}
