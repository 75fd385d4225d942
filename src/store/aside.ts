import Dexie from 'dexie';
import { faultLine } from '../core/faults/fault';
import type { Database, PutAside } from './db';
import { readRow, type TableName } from './kept';

/** Something that is here and cannot be read: what it is, why, and where its raw data lies. */
export interface Aside {
  table: TableName | 'aside';
  id: string;
  name: string;
  why: string;
}

const WHAT: Readonly<Record<Aside['table'], string>> = {
  makes: 'A make',
  events: 'A make',
  milks: 'A milk',
  goods: 'A good of the shelf',
  methods: 'A make of your own',
  photos: 'A photo',
  settings: 'A setting',
  aside: 'Something from a backup',
};

const textOf = (value: unknown): string | undefined =>
  typeof value === 'string' && value.trim() !== '' ? value.slice(0, 80) : undefined;

/** What a thing calls itself, however torn it is. */
export function nameOf(table: Aside['table'], row: unknown): string {
  const thing = (typeof row === 'object' && row !== null ? row : {}) as Record<string, unknown>;
  const inner = thing.method as Record<string, unknown> | undefined;
  const name = textOf(thing.name) ?? textOf(thing.title) ?? textOf(inner?.title) ?? textOf(thing.id);
  return `${WHAT[table]}${name ? `, “${name}”` : ''}`;
}

/** The rows of a table that can be read, and those that cannot, named. */
export function parted<T>(
  table: TableName,
  rows: readonly unknown[],
  idOf: (row: unknown) => string = (row) => String((row as { id?: unknown }).id),
): { read: T[]; aside: Aside[] } {
  const read: T[] = [];
  const aside: Aside[] = [];
  for (const row of rows) {
    const one = readRow<T>(table, row);
    if (one.ok) read.push(one.value);
    else
      aside.push({
        table,
        id: idOf(row),
        name: nameOf(table, row),
        why: one.faults[0] ? faultLine(one.faults[0]) : 'it cannot be read',
      });
  }
  return { read, aside };
}

const eventsOf = (db: Database, makeId: string) =>
  db.events.where('[makeId+seq]').between([makeId, Dexie.minKey], [makeId, Dexie.maxKey], true, true);

/** What was set aside, exactly as it stands, to be saved as a file. */
export async function rawOf(db: Database, { table, id }: Pick<Aside, 'table' | 'id'>): Promise<unknown> {
  const { raw } = db;
  if (table === 'aside') return (await raw.aside.get(Number(id)))?.row;
  if (table === 'makes' || table === 'events')
    return {
      make: await raw.makes.get(id),
      events: await eventsOf(raw, id).toArray(),
      photos: await raw.photos.where('makeId').equals(id).toArray(),
    };
  return raw.table(table).get(id);
}

/** Takes what was set aside out of the store for good. */
export async function takeOutAside(db: Database, { table, id }: Pick<Aside, 'table' | 'id'>): Promise<void> {
  const { raw } = db;
  if (table === 'aside') await raw.aside.delete(Number(id));
  else if (table === 'makes' || table === 'events')
    await raw.transaction('rw', raw.makes, raw.events, raw.photos, async () => {
      await raw.makes.delete(id);
      await eventsOf(raw, id).delete();
      await raw.photos.where('makeId').equals(id).delete();
    });
  else await raw.table(table).delete(id);
}

/** What came with a backup and could not be read there either. */
export const broughtAside = (rows: readonly PutAside[]): Aside[] =>
  rows.map(({ n, table, row }) => ({
    table: 'aside',
    id: String(n),
    name: nameOf(table, row),
    why: 'it could not be read where the backup was made',
  }));
