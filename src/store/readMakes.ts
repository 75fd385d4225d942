import Dexie, { type Table } from 'dexie';
import type { MakeEvent } from '../run/events';
import { isOver, stateOf } from '../run/state';
import { SUMMARY_VERSION, type Summary, summaryOf } from '../run/summary';
import { type Aside, nameOf } from './aside';
import type { AsLong } from './besideLog';
import type { Database, StoredEvent } from './db';
import { readLogRows } from './readLog';

/** Said of a make that is named and has no log. */
export const NO_ENTRIES = 'it has no entries';

export type Summaries = Readonly<Record<string, Summary>>;
export type Logs = Readonly<Record<string, MakeEvent[]>>;

/**
 * Reads every summary that stands beside a log, each time only those that are new, and names the makes that have none: they run, or
 * nobody has summed them up yet.
 */
export function summaryReader(
  db: Database,
): () => Promise<{ summaries: Summaries; open: string[]; restored: unknown }> {
  let known = new Map<string, { events: number; summary: Summary }>();
  let restored: unknown;
  return async () => {
    const mark = await db.setting('restored');
    const [ids, keys] = await db.transaction('r', db.makes, db.summaries, () =>
      Promise.all([
        db.makes.toCollection().primaryKeys(),
        db.summaries.toCollection().primaryKeys() as Promise<AsLong[]>,
      ]),
    );
    const before = mark === restored ? known : new Map<string, { events: number; summary: Summary }>();
    restored = mark;
    const fresh = keys.filter(([id, events]) => before.get(id)?.events !== events);
    const rows =
      fresh.length > keys.length / 2 ? await db.summaries.toArray() : await db.summaries.bulkGet(fresh);
    const read = new Map(
      rows.flatMap((row) => (row?.by === SUMMARY_VERSION && row.summary ? [[row.id, row] as const] : [])),
    );
    const now = new Map<string, { events: number; summary: Summary }>();
    const open: string[] = [];
    const stand = new Set(keys.map(([id]) => id));
    for (const id of ids) {
      const one = stand.has(id) ? (read.get(id) ?? before.get(id)) : undefined;
      if (one) now.set(id, one);
      else open.push(String(id));
    }
    known = now;
    return {
      summaries: Object.fromEntries([...now].map(([id, { summary }]) => [id, summary])),
      open,
      restored,
    };
  };
}

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

/** Makes of which there are entries, and nothing else: torn ones, that nobody would find by the list of makes. */
export async function strayMakes(db: Database): Promise<string[]> {
  const [ids, named] = await Promise.all([
    db.makes.toCollection().primaryKeys(),
    db.events.orderBy('makeId').uniqueKeys(),
  ]);
  const here = new Set<unknown>(ids);
  return named.filter((id) => !here.has(id)).map(String);
}

/** Keeps what was reckoned from logs beside them, but for those that have grown or gone meanwhile. */
export const keepBeside = <Row extends { id: string; events: number }>(
  db: Database,
  table: Table<Row, AsLong>,
  rows: readonly Row[],
): Promise<unknown> =>
  db.transaction('rw', db.events, table, async () => {
    const ends = await db.events.bulkGet(
      rows.flatMap(({ id, events }): AsLong[] => [
        [id, events - 1],
        [id, events],
      ]),
    );
    await table.bulkPut(rows.filter((_, i) => ends[2 * i] && !ends[2 * i + 1]));
  });

/** Keeps beside their logs the summaries of makes that are over; a log that has grown meanwhile is left for the next time. */
export async function keepSummaries(db: Database, logs: Logs): Promise<void> {
  const rows = Object.entries(logs).flatMap(([id, log]) => {
    const state = stateOf(log);
    return isOver(state)
      ? [{ id, events: log.length, by: SUMMARY_VERSION, summary: summaryOf(id, state) }]
      : [];
  });
  if (rows.length === 0) return;
  await keepBeside(db, db.summaries, rows);
}
