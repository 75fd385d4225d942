import Dexie, { type Table } from 'dexie';
import type { MakeEvent } from '../run/events';
import { isOver, stateOf } from '../run/state';
import { SUMMARY_VERSION, type Summary, summaryOf } from '../run/summary';
import { type Aside, nameOf } from './aside';
import type { AsLong } from './besideLog';
import type { Database, StoredEvent } from './db';
import { readPacks, type Stands, standingOf } from './packs';
import { readLogRows } from './readLog';

/** Said of a make that is named and has no log. */
export const NO_ENTRIES = 'it has no entries';

export type Summaries = Readonly<Record<string, Summary>>;
export type Logs = Readonly<Record<string, MakeEvent[]>>;

/** More makes than this that are in no pack are read with all others. */
const FEW = 100;

/** Every summary at once: from the packs, and of the few makes that are in none from where they stand; null where there are too many. */
async function packed(db: Database, ids: readonly string[]): Promise<Map<string, Stands> | null> {
  const packs = await readPacks(db);
  if (packs.size === 0) return null;
  const lacking = ids.filter((id) => !packs.has(id));
  if (lacking.length > FEW) return null;
  const rest = await standingOf(db, lacking);
  return new Map(
    ids.flatMap((id) => {
      const one = packs.get(id) ?? rest.get(id);
      return one ? [[id, one] as const] : [];
    }),
  );
}

/** The summaries of makes as they stand, those known already kept where their log is as long as it was. */
async function standing(
  db: Database,
  ids: readonly string[],
  before: ReadonlyMap<string, Stands>,
): Promise<Map<string, Stands>> {
  const keys = (await db.summaries.toCollection().primaryKeys()) as AsLong[];
  const fresh = keys.filter(([id, events]) => before.get(id)?.events !== events);
  const rows =
    fresh.length > keys.length / 2 ? await db.summaries.toArray() : await db.summaries.bulkGet(fresh);
  const read = new Map(
    rows.flatMap((row) => (row?.by === SUMMARY_VERSION && row.summary ? [[row.id, row] as const] : [])),
  );
  const stand = new Set(keys.map(([id]) => id));
  return new Map(
    ids.flatMap((id) => {
      const one = stand.has(id) ? (read.get(id) ?? before.get(id)) : undefined;
      return one ? [[id, one] as const] : [];
    }),
  );
}

/** What a reader of summaries has found. */
export interface FoundSummaries {
  stands: ReadonlyMap<string, Stands>;
  summaries: Summaries;
  /** Makes that have none: they run, or nobody has summed them up yet. */
  open: string[];
  restored: unknown;
}

/** Reads every summary that stands beside a log, each time only those that are new, and names the makes that have none. */
export function summaryReader(db: Database): () => Promise<FoundSummaries> {
  let known: ReadonlyMap<string, Stands> | null = null;
  let restored: unknown;
  return async () => {
    const mark = await db.setting('restored');
    const before = mark === restored ? known : null;
    restored = mark;
    const { ids, stands } = await db.transaction('r', db.makes, db.summaries, db.packs, async () => {
      const ids = (await db.makes.toCollection().primaryKeys()).map(String);
      const stands =
        (before ? null : await packed(db, ids)) ?? (await standing(db, ids, before ?? new Map()));
      return { ids, stands };
    });
    known = stands;
    return {
      stands,
      summaries: Object.fromEntries([...stands].map(([id, { summary }]) => [id, summary])),
      open: ids.filter((id) => !stands.has(id)),
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
