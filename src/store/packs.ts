import Dexie from 'dexie';
import { SUMMARY_VERSION, type Summary } from '../run/line';
import type { AsLong } from './besideLog';
import type { Database } from './db';
import { packOf } from './packOf';

/** A summary with the length of the log it was made of. */
export interface Stands {
  events: number;
  summary: Summary;
}

/** A pack that lacks more than this of its makes is made anew: of all packs together a reader finds few lacking. */
const MOST_LACKING = 5;
/** Fewer summaries than this are read as quickly one by one. */
const WORTH_PACKING = 400;

type Row = readonly [events: number, summary: Summary];

function rowsIn(text: string): readonly Row[] {
  try {
    return JSON.parse(text);
  } catch {
    // What is torn is read from where it was packed from.
    return [];
  }
}

const ofThisVersion = (db: Database) =>
  db.packs.where('[by+many]').between([SUMMARY_VERSION, Dexie.minKey], [SUMMARY_VERSION, Dexie.maxKey]);

/**
 * Summaries of many makes, read in a few blocks of text: ten thousand rows of a table take several times as long. A pack goes with the
 * first change to a log it has a summary of, so what stands in one is true.
 */
export async function readPacks(db: Database): Promise<Map<string, Stands>> {
  const found = new Map<string, Stands>();
  for (const { text } of await ofThisVersion(db).toArray())
    for (const [events, summary] of rowsIn(text)) found.set(summary.id, { events, summary });
  return found;
}

/** The summaries of a few makes, from where they stand one by one. */
export async function standingOf(db: Database, ids: readonly string[]): Promise<Map<string, Stands>> {
  const rows = await Promise.all(
    ids.map((id) => db.summaries.where(':id').between([id, Dexie.minKey], [id, Dexie.maxKey]).last()),
  );
  return new Map(rows.flatMap((row) => (row?.by === SUMMARY_VERSION ? [[row.id, row] as const] : [])));
}

/**
 * Packs these summaries where a pack is missing or lacks too many of them, each from the rows as they stand at that moment; `soon` lets
 * others go first, and fewer than `least` are left as they are.
 */
export async function keepPacks(
  db: Database,
  stands: ReadonlyMap<string, Stands>,
  soon: () => Promise<void>,
  least = WORTH_PACKING,
): Promise<void> {
  if (stands.size < least) return;
  const there = new Map<number, number>();
  await ofThisVersion(db).eachKey((key, { primaryKey }) => {
    there.set(primaryKey, Number((key as unknown as [by: number, many: number])[1]));
  });
  const wanted = new Map<number, AsLong[]>();
  for (const [id, { events }] of stands) {
    const n = packOf(id);
    const keys = wanted.get(n) ?? [];
    keys.push([id, events]);
    wanted.set(n, keys);
  }
  for (const [n, keys] of wanted) {
    const many = there.get(n);
    if (many !== undefined && keys.length - many <= MOST_LACKING) continue;
    await db.transaction('rw', db.summaries, db.packs, async () => {
      const rows = (await db.summaries.bulkGet(keys)).flatMap((row): Row[] =>
        row?.by === SUMMARY_VERSION ? [[row.events, row.summary]] : [],
      );
      await db.packs.put({ n, by: SUMMARY_VERSION, many: rows.length, text: JSON.stringify(rows) });
    });
    await soon();
  }
}
