import Dexie from 'dexie';
import type { MakeEvent } from '../run/events';
import { SUMMARY_VERSION } from '../run/line';
import { isOver } from '../run/state';
import { type Aside, nameOf } from './aside';
import type { Database, StoredEvent } from './db';
import { lineOf, stateFor } from './folded';
import { readLogRows } from './readLog';
import { keepBeside, type Logs } from './readMakes';

/** Said of a make that is named and has no log. */
export const NO_ENTRIES = 'it has no entries';

/** Reads the logs of makes, each time only what has come since the last time; those that cannot be read are named. */
export function logReader(
  db: Database,
): (ids: readonly string[]) => Promise<{ logs: Record<string, MakeEvent[]>; aside: Aside[] }> {
  const known = new Map<string, MakeEvent[]>();
  let restored: unknown;
  return async (ids) => {
    const mark = await db.setting('restored');
    if (mark !== restored) known.clear();
    restored = mark;
    const wanted = new Set(ids);
    for (const id of known.keys()) if (!wanted.has(id)) known.delete(id);
    const aside: Aside[] = [];
    const lacks = (id: string, row: unknown, why: string) => {
      known.delete(id);
      aside.push({ table: 'makes', id, name: nameOf('makes', row), why });
    };
    for (const id of ids) {
      // A log only ever grows; from its last known entry on, so that one that was replaced by another shows.
      const from = Math.max(0, (known.get(id)?.length ?? 0) - 1);
      const found = await db.events
        .where('[makeId+seq]')
        .between([id, from === 0 ? Dexie.minKey : from], [id, Dexie.maxKey], true, true)
        .toArray();
      // Another run may have read the same rows meanwhile: each has its place, and takes it once.
      const before = known.get(id) ?? [];
      if (found.length === 0) {
        lacks(id, { id }, NO_ENTRIES);
        continue;
      }
      const fresh: StoredEvent[] = found.filter(({ seq }) => !(seq < before.length));
      if (before.length > 0 && fresh.length === 0) continue;
      const read = readLogRows(fresh, before);
      if (read.ok) known.set(id, read.log);
      else lacks(id, found[0] ?? { id }, read.why);
    }
    return { logs: Object.fromEntries([...known].filter(([id]) => wanted.has(id))), aside };
  };
}

/** Keeps beside their logs the summaries of makes that are over; a log that has grown meanwhile is left for the next time. */
export async function keepSummaries(db: Database, logs: Logs): Promise<void> {
  const rows = Object.entries(logs).flatMap(([id, log]) => {
    const state = stateFor(log);
    return isOver(state)
      ? [{ id, events: log.length, by: SUMMARY_VERSION, summary: lineOf({ id, state }) }]
      : [];
  });
  if (rows.length === 0) return;
  await keepBeside(db, db.summaries, rows);
}
