import Dexie from 'dexie';
import type { MakeEvent, NewEvent } from '../run/events';
import { objection } from '../run/objection';
import { type MakeState, stateOf } from '../run/state';
import type { Database, StoredEvent } from './db';

const TRIES = 5;

/** The log of one make, in order. */
export async function readLog(db: Database, makeId: string): Promise<MakeEvent[]> {
  const rows = await db.events
    .where('[makeId+seq]')
    .between([makeId, Dexie.minKey], [makeId, Dexie.maxKey])
    .toArray();
  return rows.map(bare);
}

export function bare({ makeId: _, ...event }: StoredEvent): MakeEvent {
  return event as MakeEvent;
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
    const rows = await db.events
      .where('[makeId+seq]')
      .between([makeId, last.seq], [makeId, Dexie.maxKey])
      .toArray();
    const [overlap, ...since] = rows.map(bare);
    if (overlap && JSON.stringify(overlap) === JSON.stringify(last)) {
      const log = since.length > 0 ? [...known, ...since] : known;
      logs.set(makeId, log);
      return log;
    }
  }
  const log = await readLog(db, makeId);
  logs.set(makeId, log);
  return log;
}

export type Appended = { ok: true; state: MakeState } | { ok: false; reason: string };

/**
 * Adds one event to a make's log, once the log as it stands allows it. Returns after the transaction is on disk. A
 * clash with another window (same place in the log) re-reads, checks again and retries.
 */
export async function append(db: Database, makeId: string, event: NewEvent, at: number): Promise<Appended> {
  for (let attempt = 0; ; attempt++) {
    try {
      return await db.transaction('rw', db.events, async (): Promise<Appended> => {
        const log = await readOn(db, makeId);
        const reason = objection(stateOf(log), event);
        if (reason) return { ok: false, reason };
        const next = { ...event, seq: log.length, at } as MakeEvent;
        await db.events.add({ ...next, makeId });
        return { ok: true, state: stateOf([...log, next]) };
      });
    } catch (error) {
      lastRead.get(db)?.delete(makeId);
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
