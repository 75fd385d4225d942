import { learnFrom } from '../learn/learn';
import type { Learning } from '../learn/learnt';
import { taughtBy } from '../learn/samples';
import { MODEL_VERSION } from '../plan/modelVersion';
import { isOver, stateOf } from '../run/state';
import type { Database, KeptTaught } from './db';
import { keepLearning } from './learned';
import { logReader } from './readLogs';
import { keepBeside } from './readMakes';

/** Makes looked into at once, and kept together: their tables are held meanwhile, and a reading has to wait. */
const AT_ONCE = 10;
/** What so many makes teach is read at once. */
const READ_AT_ONCE = 500;

/** What makes teach as it is kept beside their logs, read in parts. */
async function keptTaught(db: Database, soon: () => Promise<void>): Promise<KeptTaught[]> {
  const rows: KeptTaught[] = [];
  for (;;) {
    const last = rows.at(-1);
    const from = last ? db.taught.where(':id').above([last.id, last.events]) : db.taught.toCollection();
    const part = await from.limit(READ_AT_ONCE).toArray();
    rows.push(...part);
    if (part.length < READ_AT_ONCE) return rows;
    await soon();
  }
}

/**
 * Learns from every make that is over. What one make teaches is kept beside its log and read from there; only makes that are new, have
 * changed, or were reckoned by another model are looked into. What all come to is kept too, so that nothing is learned twice. `soon` lets
 * others go first between its parts.
 */
export async function learnKept(
  db: Database,
  soon: () => Promise<void> = () => Promise.resolve(),
): Promise<Learning> {
  const ids = (await db.makes.toCollection().primaryKeys()).map(String);
  const here = new Set(ids);
  const teaching = new Map(
    (await keptTaught(db, soon)).flatMap((row) =>
      row.by === MODEL_VERSION && here.has(row.id) ? [[row.id, row]] : [],
    ),
  );
  const fresh = ids.filter((id) => !teaching.has(id));
  const read = logReader(db);
  for (let i = 0; i < fresh.length; i += AT_ONCE) {
    const { logs } = await read(fresh.slice(i, i + AT_ONCE));
    const rows = Object.entries(logs).flatMap(([id, log]): KeptTaught[] => {
      const state = stateOf(log);
      return isOver(state)
        ? [{ id, events: log.length, by: MODEL_VERSION, taught: taughtBy(id, state) }]
        : [];
    });
    for (const row of rows) teaching.set(row.id, row);
    if (rows.length > 0) await keepBeside(db, db.taught, rows);
    await soon();
  }
  const learning = learnFrom([...teaching.values()].flatMap(({ taught }) => taught ?? []));
  await keepLearning(db, teaching, learning);
  return learning;
}
