import Dexie from 'dexie';
import { bad, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { type MakeFile, makeSchema } from '../files/make';
import type { Photo } from '../files/photo';
import type { MakeEvent } from '../run/events';
import { stateOf } from '../run/state';
import type { Database } from './db';
import { append, readLog, TornLog } from './log';

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
  if (stateOf(make.events).practice)
    return bad({
      path: 'events.0.practice',
      problem: 'says that it was made on a practice pot',
      remedy: 'keep it as a file: the book holds what was really made',
    });
  return db.transaction('rw', db.makes, db.events, async (): Promise<Result<string>> => {
    let here: MakeEvent[] | null;
    try {
      here = (await db.makes.get(make.id)) ? await readLog(db, make.id) : null;
    } catch (error) {
      if (!(error instanceof TornLog)) throw error;
      return bad({
        path: 'id',
        problem: `is here already and cannot be read: ${error.message}`,
        remedy: 'save that one as a file and take it out in the kitchen, then take this one in',
      });
    }
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

/** A make with its photos, as it was taken out. */
export interface TakenOut {
  make: MakeFile;
  photos: Photo[];
}

/** Takes a make out of the book with its photos, and hands both back, so that they can be put back. */
export async function removeMake(db: Database, id: string): Promise<TakenOut> {
  return db.transaction('rw', db.makes, db.events, db.photos, async () => {
    const make = await exportMake(db, id);
    const photos = await db.photos.where('makeId').equals(id).toArray();
    await db.makes.delete(id);
    await db.events
      .where('[makeId+seq]')
      .between([id, Dexie.minKey], [id, Dexie.maxKey], true, true)
      .delete();
    await db.photos.bulkDelete(photos.map((photo) => photo.id));
    return { make, photos };
  });
}

/** Puts back what was taken out. */
export async function putBack(db: Database, { make, photos }: TakenOut): Promise<void> {
  await db.transaction('rw', db.makes, db.events, db.photos, async () => {
    await put(db, make);
    await db.photos.bulkAdd(photos);
  });
}
