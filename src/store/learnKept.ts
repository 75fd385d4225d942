import { learnFrom } from '../learn/learn';
import type { Learning } from '../learn/learnt';
import { type Taught, taughtBy } from '../learn/samples';
import { MODEL_VERSION } from '../plan/plan';
import { isOver, stateOf } from '../run/state';
import type { Database, KeptTaught } from './db';
import { logReader } from './readLogs';
import { keepBeside } from './readMakes';

/** Makes looked into at once, and kept together. */
const AT_ONCE = 50;

/**
 * Learns from every make that is over. What one make teaches is kept beside its log and read from there; only makes that are new, have
 * changed, or were reckoned by another model are looked into.
 */
export async function learnKept(db: Database): Promise<Learning> {
  const ids = (await db.makes.toCollection().primaryKeys()).map(String);
  const kept = new Map(
    (await db.taught.toArray()).flatMap((row) => (row.by === MODEL_VERSION ? [[row.id, row.taught]] : [])),
  );
  const fresh = ids.filter((id) => !kept.has(id));
  const read = logReader(db);
  for (let i = 0; i < fresh.length; i += AT_ONCE) {
    const { logs } = await read(fresh.slice(i, i + AT_ONCE));
    const rows = Object.entries(logs).flatMap(([id, log]): KeptTaught[] => {
      const state = stateOf(log);
      return isOver(state)
        ? [{ id, events: log.length, by: MODEL_VERSION, taught: taughtBy(id, state) }]
        : [];
    });
    for (const { id, taught } of rows) kept.set(id, taught);
    if (rows.length > 0) await keepBeside(db, db.taught, rows);
  }
  const here = new Set(ids);
  return learnFrom([...kept].flatMap(([id, taught]): Taught[] => (taught && here.has(id) ? [taught] : [])));
}
