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

export type Appended = { ok: true; state: MakeState } | { ok: false; reason: string };

/**
 * Adds one event to a make's log, once the log as it stands allows it. Returns after the transaction is on disk. A
 * clash with another window (same place in the log) re-reads, checks again and retries.
 */
export async function append(db: Database, makeId: string, event: NewEvent, at: number): Promise<Appended> {
  for (let attempt = 0; ; attempt++) {
    try {
      return await db.transaction('rw', db.events, async (): Promise<Appended> => {
        const log = await readLog(db, makeId);
        const reason = objection(stateOf(log), event);
        if (reason) return { ok: false, reason };
        const next = { ...event, seq: log.length, at } as MakeEvent;
        await db.events.add({ ...next, makeId });
        return { ok: true, state: stateOf([...log, next]) };
      });
    } catch (error) {
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
