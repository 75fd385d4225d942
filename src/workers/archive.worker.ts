import { expose } from 'comlink';
import { good, type Result } from '../core/faults/fault';
import { readJsonFile } from '../files/readJson';
import type { Kitchen } from '../kitchen/kitchen';
import { asBefore, restore } from '../store/bringBack';
import { Database } from '../store/db';
import type { Heard } from '../store/howFar';
import { backupBlob } from '../store/saveAll';

/** What came of it, or what the browser called its failure: an error loses its inner one on the way out of a worker. */
export type Answer<T> = { done: T } | { failed: { name: string; message: string; inner?: { name: string } } };

async function answered<T>(name: string, work: (db: Database) => Promise<T>): Promise<Answer<T>> {
  const db = new Database(name);
  try {
    return { done: await work(db) };
  } catch (error) {
    const { name, message, inner } = error as { name: string; message: string; inner?: { name?: string } };
    return { failed: { name, message, ...(inner?.name && { inner: { name: inner.name } }) } };
  } finally {
    db.raw.close();
    db.close();
  }
}

const api = {
  /** Everything in the store of this name, as a file. */
  save: (name: string, heard: Heard) => answered(name, (db) => backupBlob(db, heard)),
  /** Puts what a file holds in its place. */
  bring: (name: string, file: Blob, heard: Heard) =>
    answered(name, async (db): Promise<Result<Kitchen>> => {
      const json = await readJsonFile(file);
      if (!json.ok) return json;
      const restored = await restore(db, json.value, heard);
      return restored.ok ? good(restored.value.kitchen) : restored;
    }),
  /** Puts back what stood there before. */
  asBefore: (name: string, heard: Heard) => answered(name, (db) => asBefore(db, heard)),
};
export type ArchiveApi = typeof api;

expose(api);
