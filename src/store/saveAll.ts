import Dexie from 'dexie';
import type { Backup } from '../files/backup';
import { USUAL_KITCHEN } from '../kitchen/usual';
import { methodSchema } from '../makes/methodSchema';
import { parted } from './aside';
import { type Database, type OwnMethod, READ_TABLES, type StoredEvent } from './db';
import { counted, type Heard, UNHEARD } from './howFar';
import { makesCanBeRead, readRow } from './kept';
import { readLogRows } from './readLog';

/** Photos read at once while a backup is written: a few megabytes. */
const PHOTOS_AT_ONCE = 10;

type AsideRow = NonNullable<Backup['aside']>[number];

/**
 * Writes everything there is as a backup, piece by piece, so that no piece is larger than a make or a photo; `write`
 * takes each as it comes, and `heard` how far it is. What cannot be read goes along under `aside`, exactly as it stands.
 */
export async function writeBackup(
  db: Database,
  write: (piece: string) => void,
  heard: Heard = UNHEARD,
): Promise<void> {
  await makesCanBeRead();
  const aside: AsideRow[] = [];
  const readable = <T>(table: 'milks' | 'goods' | 'methods', rows: readonly unknown[]): T[] => {
    for (const row of rows) if (!readRow(table, row).ok) aside.push({ table, row });
    return parted<T>(table, rows).read;
  };
  const list = (name: string, items: readonly unknown[]) => write(`,"${name}":${JSON.stringify(items)}`);
  const tables = [...READ_TABLES.map((name) => db.table(name)), db.aside];
  await db.transaction('r', tables, async () => {
    const kitchen = (await db.kitchen()) ?? USUAL_KITCHEN;
    write(`{"format":"plump-pail/backup","version":1,"kitchen":${JSON.stringify(kitchen)}`);
    const week = await db.week();
    if (week && week.length > 0) write(`,"week":${JSON.stringify(week)}`);
    list('milks', readable('milks', await db.milks.toArray()));
    list('goods', readable('goods', await db.goods.toArray()));
    const own = readable<OwnMethod>('methods', await db.methods.toArray()).map((row) => row.method);
    const whole = own.filter((method) => methodSchema.safeParse(method).success);
    list('methods', whole);
    list(
      'unfinished',
      own.filter((method) => !whole.includes(method)),
    );
    const one = counted((await db.makes.count()) + (await db.photos.count()), heard);
    await writeMakes(db, write, aside, one);
    await writePhotos(db, write, aside, one);
    for (const { table, row } of await db.aside.toArray()) aside.push({ table, row });
    list('aside', aside);
    write('}\n');
  });
}

/** Every make that can be read, a line each. */
async function writeMakes(db: Database, write: (piece: string) => void, aside: AsideRow[], one: () => void) {
  write(',"makes":[');
  let first = true;
  const logged = (await db.events.orderBy('makeId').uniqueKeys()) as string[];
  const registered = (await db.makes.toCollection().primaryKeys()).map(String);
  for (const id of [...new Set([...logged, ...registered])]) {
    const rows: StoredEvent[] = await db.events
      .where('[makeId+seq]')
      .between([id, Dexie.minKey], [id, Dexie.maxKey], true, true)
      .toArray();
    const read = readLogRows(rows);
    one();
    if (!read.ok || !readRow('makes', { id }).ok) {
      aside.push({ table: 'makes', row: { id, events: rows } });
      continue;
    }
    write(
      `${first ? '' : ','}\n${JSON.stringify({ format: 'plump-pail/make', version: 1, id, events: read.log })}`,
    );
    first = false;
  }
  write(']');
}

/** Every photo, a line each, read a few at a time. */
async function writePhotos(db: Database, write: (piece: string) => void, aside: AsideRow[], one: () => void) {
  write(',"photos":[');
  let first = true;
  let after: string | undefined;
  for (;;) {
    const rows: unknown[] = await (after === undefined
      ? db.photos.orderBy('id')
      : db.photos.where('id').above(after)
    )
      .limit(PHOTOS_AT_ONCE)
      .toArray();
    if (rows.length === 0) break;
    for (const row of rows) {
      const read = readRow('photos', row);
      one();
      if (read.ok) {
        write(`${first ? '' : ','}\n${JSON.stringify(read.value)}`);
        first = false;
      } else aside.push({ table: 'photos', row });
    }
    after = (rows.at(-1) as { id: string }).id;
  }
  write(']');
}

/** Everything there is, as one value. */
export async function backup(db: Database): Promise<Backup> {
  const pieces: string[] = [];
  await writeBackup(db, (piece) => pieces.push(piece));
  return JSON.parse(pieces.join(''));
}

/** Pieces are put together to blobs of about this many letters, which the browser may keep on disk. */
const BLOB_LETTERS = 8_000_000;

/** Everything there is, as a file of any size. */
export async function backupBlob(db: Database, heard: Heard = UNHEARD): Promise<Blob> {
  const blobs: Blob[] = [];
  let pieces: string[] = [];
  let letters = 0;
  const flush = () => {
    blobs.push(new Blob(pieces));
    pieces = [];
    letters = 0;
  };
  await writeBackup(
    db,
    (piece) => {
      pieces.push(piece);
      letters += piece.length;
      if (letters > BLOB_LETTERS) flush();
    },
    heard,
  );
  flush();
  return new Blob(blobs, { type: 'application/json' });
}
