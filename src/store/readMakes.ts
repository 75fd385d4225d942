import Dexie, { type Table } from 'dexie';
import type { MakeEvent } from '../run/events';
import { SUMMARY_VERSION, type Summary } from '../run/line';
import type { AsLong } from './besideLog';
import type { Database } from './db';
import { readPacks, type Stands, standingOf } from './packs';

export type Summaries = Readonly<Record<string, Summary>>;
export type Logs = Readonly<Record<string, MakeEvent[]>>;

/** More makes than this that are in no pack are read with all others. */
const FEW = 100;

/** Every summary at once: from the packs, and of the few makes that are in none from where they stand; null where there are too many. */
async function packed(
  db: Database,
  ids: readonly string[],
  packs: Map<string, Stands>,
): Promise<Map<string, Stands> | null> {
  if (packs.size === 0) return null;
  const lacking = ids.filter((id) => !packs.has(id));
  if (lacking.length > FEW) return null;
  if (lacking.length === 0 && packs.size === ids.length) return packs;
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
  /** How many makes and how many summaries stood there. */
  counts: readonly [makes: number, summaries: number];
  /** Makes that have none: they run, or nobody has summed them up yet. */
  open: string[];
  restored: unknown;
}

/** Reads every summary that stands beside a log, each time only those that are new, and names the makes that have none. */
export function summaryReader(db: Database): () => Promise<FoundSummaries> {
  let known: ReadonlyMap<string, Stands> | null = null;
  let restored: unknown;
  return async () => {
    const tables = [db.settings, db.makes, db.summaries, db.packs];
    const { ids, stands, counts } = await db.transaction('r', tables, async () => {
      // Asked for side by side: the answers come while the first view is being drawn.
      const [mark, keys, many, packs] = await Promise.all([
        db.setting('restored'),
        db.makes.toCollection().primaryKeys(),
        db.summaries.count(),
        known ? null : readPacks(db),
      ]);
      const ids = keys.map(String);
      const before = mark === restored ? known : null;
      restored = mark;
      const stands =
        (packs && (await packed(db, ids, packs))) ?? (await standing(db, ids, before ?? new Map()));
      return { ids, stands, counts: [ids.length, many] as const };
    });
    known = stands;
    const summaries: Record<string, Summary> = {};
    for (const [id, { summary }] of stands) summaries[id] = summary;
    return {
      stands,
      summaries,
      counts,
      open: ids.filter((id) => !stands.has(id)),
      restored,
    };
  };
}

/** Whether these makes run and no other does: told by counting, without what is over being read. */
export const justTheseRun = (db: Database, ids: readonly string[]): Promise<boolean> =>
  db.transaction('r', db.makes, db.summaries, async () => {
    const [makes, over, here, summed] = await Promise.all([
      db.makes.count(),
      db.summaries.count(),
      db.makes.bulkGet([...ids]),
      Promise.all(
        ids.map((id) => db.summaries.where(':id').between([id, Dexie.minKey], [id, Dexie.maxKey]).count()),
      ),
    ]);
    return makes - over === ids.length && here.every(Boolean) && summed.every((rows) => rows === 0);
  });

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
