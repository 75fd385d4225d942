import Dexie from 'dexie';
import { type MakeEvent, MOST_READINGS, type NewEvent } from '../run/events';
import { objection } from '../run/objection';
import { type MakeState, stateOf } from '../run/state';
import type { Database } from './db';
import { Refused } from './kept';
import { readLogRows } from './readLog';

const TRIES = 5;

/** Thrown where a make's log cannot be read: it has been set aside. */
export class TornLog extends Error {
  constructor(why: string) {
    super(why);
    this.name = 'TornLog';
  }
}

/** The rows of one make's log from a place on, in order. */
const rowsFrom = (db: Database, makeId: string, seq: unknown): Promise<unknown[]> =>
  db.events.where('[makeId+seq]').between([makeId, seq], [makeId, Dexie.maxKey], true, true).toArray();

/** The log of one make, in order; throws TornLog where it cannot be read. */
export async function readLog(db: Database, makeId: string): Promise<MakeEvent[]> {
  const rows = await rowsFrom(db, makeId, Dexie.minKey);
  if (rows.length === 0) return [];
  const read = readLogRows(rows);
  if (!read.ok) throw new TornLog(read.why);
  return read.log;
}

/** Logs as they were last read here, so that a long one is not read whole for each new event. */
const lastRead = new WeakMap<Database, Map<string, MakeEvent[]>>();

/**
 * The log of one make, reading only what came since it was last read here. A log whose last known event is no longer
 * the one that stands there (a backup was brought back) is read whole.
 */
async function readOn(db: Database, makeId: string): Promise<MakeEvent[]> {
  const logs = lastRead.get(db) ?? new Map<string, MakeEvent[]>();
  lastRead.set(db, logs);
  const known = logs.get(makeId) ?? [];
  const last = known.at(-1);
  if (last) {
    const since = readLogRows(await rowsFrom(db, makeId, last.seq), known.slice(0, -1));
    if (since.ok && JSON.stringify(since.log[last.seq]) === JSON.stringify(last)) {
      const log = since.log.length > known.length ? since.log : known;
      logs.set(makeId, log);
      return log;
    }
  }
  const log = await readLog(db, makeId);
  logs.set(makeId, log);
  return log;
}

export type Appended = { ok: true; state: MakeState } | { ok: false; reason: string };

/** A logger's file of any length as events of as many readings as one may bring. */
const inParts = (event: NewEvent): NewEvent[] => {
  if (event.type !== 'imported' || event.readings.length <= MOST_READINGS) return [event];
  return Array.from({ length: Math.ceil(event.readings.length / MOST_READINGS) }, (_, i) => ({
    ...event,
    readings: event.readings.slice(i * MOST_READINGS, (i + 1) * MOST_READINGS),
  }));
};

/**
 * Adds one event to a make's log, once the log as it stands allows it; readings too many for one event come as
 * several. Returns after the transaction is on disk. A clash with another window (same place in the log) re-reads,
 * checks again and retries.
 */
export async function append(db: Database, makeId: string, event: NewEvent, at: number): Promise<Appended> {
  for (let attempt = 0; ; attempt++) {
    try {
      return await db.transaction('rw', db.events, async (): Promise<Appended> => {
        let log = await readOn(db, makeId);
        if (log.length === 0) return { ok: false, reason: 'This make is no longer here.' };
        for (const part of inParts(event)) {
          const reason = objection(stateOf(log), part);
          if (reason) return { ok: false, reason };
          const next = { ...part, seq: log.length, at } as MakeEvent;
          await db.events.add({ ...next, makeId });
          log = [...log, next];
        }
        return { ok: true, state: stateOf(log) };
      });
    } catch (error) {
      lastRead.get(db)?.delete(makeId);
      if (error instanceof Refused) return { ok: false, reason: `This cannot be noted: ${error.message}.` };
      if (attempt < TRIES && error instanceof Dexie.ConstraintError) continue;
      throw error;
    }
  }
}

/** Starts a make: its id and its first event, in one transaction. */
export async function startMake(
  db: Database,
  id: string,
  first: Extract<NewEvent, { type: 'started' }>,
  at: number,
): Promise<void> {
  await db.transaction('rw', db.makes, db.events, async () => {
    await db.makes.add({ id });
    await db.events.add({ ...first, seq: 0, at, makeId: id });
  });
}
