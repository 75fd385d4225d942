import type { Table } from 'dexie';
import { good, type Result } from '../core/faults/fault';
import { type Backup, entriesIn, readBackup } from '../files/backup';
import type { Method } from '../makes/method';
import { type Database, READ_TABLES } from './db';
import { counted, type Heard, UNHEARD } from './howFar';
import type { TableName } from './kept';

/** Rows moved at once; photos are large. */
const AT_ONCE = 200;
const PHOTOS_AT_ONCE = 10;

/** Settings that belong to what a backup replaces; drafts and windows are of this device. */
const OWN_SETTINGS = ['kitchen', 'week'] as const;

/** Every row of a table, a few at a time, in the order of their keys. */
async function eachFew(
  table: Table,
  atOnce: number,
  take: (rows: unknown[]) => Promise<unknown>,
): Promise<void> {
  const path = table.schema.primKey.keyPath;
  const keyOf = (row: unknown) =>
    Array.isArray(path)
      ? path.map((part) => (row as Record<string, unknown>)[part])
      : (row as Record<string, unknown>)[path as string];
  let rows = await table.orderBy(':id').limit(atOnce).toArray();
  while (rows.length > 0) {
    await take(rows);
    rows = await table
      .where(':id')
      .above(keyOf(rows.at(-1)) as never)
      .limit(atOnce)
      .toArray();
  }
}

const everything = (raw: Database) => [...READ_TABLES.map((name) => raw.table(name)), raw.before, raw.aside];

/** How many rows stand here that are moved one by one. */
async function rowsHere(raw: Database): Promise<number> {
  const counts = await Promise.all([...READ_TABLES, 'aside'].map((name) => raw.table(name).count()));
  return counts.reduce((sum, one) => sum + one, 0);
}

/** Puts everything that stands here aside as it is, row by row, and leaves the tables empty. */
async function clearAway(raw: Database, moved: (rows: number) => void): Promise<number> {
  const last = await raw.before.orderBy('gen').last();
  const gen = (last?.gen ?? 0) + 1;
  const tables: (TableName | 'aside')[] = [...READ_TABLES, 'aside'];
  for (const name of tables) {
    if (name === 'settings') {
      for (const key of OWN_SETTINGS) {
        const row = await raw.settings.get(key);
        if (row) await raw.before.add({ gen, table: name, row });
      }
      continue;
    }
    await eachFew(raw.table(name), name === 'photos' ? PHOTOS_AT_ONCE : AT_ONCE, (rows) => {
      moved(rows.length);
      return raw.before.bulkAdd(rows.map((row) => ({ gen, table: name, row })));
    });
    await raw.table(name).clear();
  }
  return gen;
}

/** Logs may now be others under the same names: who follows the database reads them all anew. */
const markRestored = (raw: Database) => raw.settings.put({ key: 'restored', value: crypto.randomUUID() });

/**
 * Puts a backup in the place of everything there is; a bad file changes nothing. What stood here is kept beside it, row
 * by row, in the same transaction: where there is no room for that, nothing is brought back. `heard` is told how far it is: each entry is checked once and written once.
 */
export async function restore(db: Database, value: unknown, heard: Heard = UNHEARD): Promise<Result<Backup>> {
  const { raw } = db;
  const moved = counted((await rowsHere(raw)) + 2 * entriesIn(value), heard);
  const read = readBackup(value, moved);
  if (!read.ok) return read;
  const saved = read.value;
  await raw.transaction('rw', everything(raw), async () => {
    const gen = await clearAway(raw, moved);
    await raw.before.where('gen').below(gen).delete();
    await raw.settings.put({ key: 'kitchen', value: saved.kitchen });
    await raw.settings.put({ key: 'week', value: saved.week ?? [] });
    await markRestored(raw);
    await raw.milks.bulkAdd(saved.milks);
    await raw.goods.bulkAdd(saved.goods ?? []);
    await raw.photos.bulkAdd(saved.photos ?? []);
    await raw.methods.bulkAdd(
      [...(saved.methods ?? []), ...(saved.unfinished ?? [])].map((method) => ({
        id: method.id,
        method: method as Method,
      })),
    );
    await raw.aside.bulkAdd((saved.aside ?? []).map(({ table, row }) => ({ table, row })));
    for (const make of saved.makes) {
      await raw.makes.add({ id: make.id });
      await raw.events.bulkAdd(make.events.map((event) => ({ ...event, makeId: make.id })));
      moved(make.events.length);
    }
  });
  return good(saved);
}

/** What was put aside before any photo. */
const SMALL: readonly string[] = READ_TABLES.slice(0, READ_TABLES.indexOf('photos'));

/** Rows put aside that may be held at once from a place on: they lie table by table, and photos are large. */
async function heldAtOnce(raw: Database, after: number): Promise<number> {
  const ahead = await raw.before.get(after + AT_ONCE);
  return ahead && SMALL.includes(ahead.table) ? AT_ONCE : PHOTOS_AT_ONCE;
}

/** Whether there is something from before the last backup that can be put back. */
export const hasBefore = async (db: Database): Promise<boolean> => (await db.before.limit(1).count()) > 0;

/**
 * Everything as it stood before the last backup was brought back, exactly; what stands here now takes its place, so
 * that this too can be undone.
 */
export async function asBefore(db: Database, heard: Heard = UNHEARD): Promise<void> {
  const { raw } = db;
  await raw.transaction('rw', everything(raw), async () => {
    const moved = counted((await rowsHere(raw)) + (await raw.before.count()), heard);
    const gen = await clearAway(raw, moved);
    await raw.settings.bulkDelete([...OWN_SETTINGS]);
    let after = 0;
    for (;;) {
      const atOnce = await heldAtOnce(raw, after);
      const rows = await raw.before.where(':id').above(after).limit(atOnce).toArray();
      const old = rows.filter((one) => one.gen < gen);
      for (const name of new Set(old.map(({ table }) => table)))
        await raw.table(name).bulkPut(old.filter(({ table }) => table === name).map(({ row }) => row));
      if (old.length === 0) break;
      moved(old.length);
      after = rows.at(-1)?.n ?? after;
    }
    await raw.before.where('gen').below(gen).delete();
    await markRestored(raw);
  });
}
