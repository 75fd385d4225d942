import { bad, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { type Backup, backupSchema, upcastBackup } from '../files/backup';
import { type MakeFile, makeSchema } from '../files/make';
import { methodSchema } from '../makes/methodSchema';
import type { MakeEvent } from '../run/events';
import { stateOf } from '../run/state';
import type { Database } from './db';
import { append, readLog } from './log';
import { USUAL_KITCHEN } from './slices/kitchen';

/** One make as a file. */
export async function exportMake(db: Database, id: string): Promise<MakeFile> {
  return { format: 'plump-pail/make', version: 1, id, events: await readLog(db, id) };
}

/** Writes a make that is not here, as it is. */
export async function put(db: Database, make: MakeFile): Promise<void> {
  await db.transaction('rw', db.makes, db.events, async () => {
    await db.makes.add({ id: make.id });
    await db.events.bulkAdd(make.events.map((event) => ({ ...event, makeId: make.id })));
  });
}

/** Whether one log begins as the other stands, and goes on from there or ends there too. */
const goesOn = (from: readonly MakeEvent[], to: readonly MakeEvent[]): boolean =>
  to.length >= from.length &&
  from.every((event, i) => event.type === to[i]?.type && event.at === to[i]?.at && event.seq === to[i]?.seq);

/**
 * Takes a make in from a file; a bad file changes nothing. A make that was handed over is written here from then on;
 * one that is here already goes on where it stopped, if the file does, and is refused otherwise.
 */
export async function importMake(db: Database, value: unknown, at: number): Promise<Result<string>> {
  const read = parse<MakeFile>(makeSchema, value);
  if (!read.ok) return read;
  const make = read.value;
  return db.transaction('rw', db.makes, db.events, async (): Promise<Result<string>> => {
    const here = (await db.makes.get(make.id)) ? await readLog(db, make.id) : null;
    if (here && goesOn(make.events, here)) {
      return bad({
        path: 'id',
        problem: 'is in the book already, and this file says nothing new of it',
        remedy: 'take that make out first if this file should replace it',
      });
    }
    if (here && !goesOn(here, make.events)) {
      return bad({
        path: 'id',
        problem: 'is here already, and this file does not go on from where it stands here',
        remedy: 'keep the one that is here, or take it out of the book first',
      });
    }
    const events = here ? make.events.slice(here.length) : make.events;
    if (!here) await db.makes.add({ id: make.id });
    await db.events.bulkAdd(events.map((event) => ({ ...event, makeId: make.id })));
    if (stateOf(make.events).handedAt !== null)
      await db.events.add({ type: 'received', seq: make.events.length, at, makeId: make.id });
    return good(make.id);
  });
}

/** Hands a make over to another device: from here on only that one writes it. Returns its file; null says why not. */
export async function handOver(
  db: Database,
  id: string,
  at: number,
): Promise<{ file: MakeFile } | { reason: string }> {
  const done = await append(db, id, { type: 'handed' }, at);
  return done.ok ? { file: await exportMake(db, id) } : { reason: done.reason };
}

/** Every table. */
const everything = (db: Database) => [
  db.makes,
  db.events,
  db.milks,
  db.goods,
  db.methods,
  db.photos,
  db.settings,
];

/** Everything there is. */
export async function backup(db: Database): Promise<Backup> {
  return db.transaction('r', everything(db), async () => {
    const ids = (await db.makes.toArray()).map((make) => make.id);
    return {
      format: 'plump-pail/backup' as const,
      version: 1 as const,
      kitchen: (await db.kitchen()) ?? USUAL_KITCHEN,
      milks: await db.milks.toArray(),
      makes: await Promise.all(ids.map((id) => exportMake(db, id))),
      goods: await db.goods.toArray(),
      photos: await db.photos.toArray(),
      methods: (await db.methods.toArray())
        .map((row) => row.method)
        .filter((method) => methodSchema.safeParse(method).success),
    };
  });
}

/** Puts a backup in the place of everything there is; a bad file changes nothing. */
export async function restore(db: Database, value: unknown): Promise<Result<Backup>> {
  const read = parse<Backup>(backupSchema, upcastBackup(value));
  if (!read.ok) return read;
  const saved = read.value;
  await db.transaction('rw', everything(db), async () => {
    await Promise.all([
      db.makes.clear(),
      db.events.clear(),
      db.milks.clear(),
      db.goods.clear(),
      db.methods.clear(),
      db.photos.clear(),
    ]);
    await db.settings.put({ key: 'kitchen', value: saved.kitchen });
    // Logs may now be others under the same names: who follows the database reads them all anew.
    await db.settings.put({ key: 'restored', value: crypto.randomUUID() });
    await db.milks.bulkAdd(saved.milks);
    await db.goods.bulkAdd(saved.goods ?? []);
    await db.photos.bulkAdd(saved.photos ?? []);
    await db.methods.bulkAdd((saved.methods ?? []).map((method) => ({ id: method.id, method })));
    for (const make of saved.makes) await put(db, make);
  });
  return good(saved);
}

/** Takes a make out of the book and hands it back, so that it can be put back. */
export async function removeMake(db: Database, id: string): Promise<MakeFile> {
  return db.transaction('rw', db.makes, db.events, async () => {
    const make = await exportMake(db, id);
    await db.makes.delete(id);
    await db.events.where('makeId').equals(id).delete();
    return make;
  });
}
