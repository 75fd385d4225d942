import type { Learning } from '../learn/learnt';
import { MODEL_VERSION } from '../plan/modelVersion';
import type { AsLong } from './besideLog';
import type { Database, KeptLearning, KeptTaught } from './db';

/** What is learned goes by the model that reckoned each make, and by how that is put together; another way of doing so counts one up. */
const LEARNING_VERSION = 1;
export const BY = `${MODEL_VERSION}.${LEARNING_VERSION}`;

/** Where it stands: there is but one. */
const ONE = 0;

/** What these makes teach, by id, with how long their log was. */
type Teaching = ReadonlyMap<string, Pick<KeptTaught, 'events' | 'taught'>>;

/** What so many makes teach together, as it is kept. */
export const learnedRow = (makes: number, learning: Learning): KeptLearning => ({
  n: ONE,
  by: BY,
  makes,
  learning,
});

/** Keeps what all makes teach together, unless a log has changed or another make has come since they were asked. */
export const keepLearning = (db: Database, teaching: Teaching, learning: Learning): Promise<unknown> =>
  db.transaction('rw', db.taught, db.learned, async () => {
    const stand = (await db.taught.toCollection().primaryKeys()) as AsLong[];
    if (stand.length === teaching.size && stand.every(([id, events]) => teaching.get(id)?.events === events))
      await db.learned.put(learnedRow(teaching.size, learning));
  });

/** What was learned last, where it still holds for so many makes that are over; null where it has to be learned anew. */
export async function learnedLast(db: Database, makes: number): Promise<Learning | null> {
  const row = await db.learned.get(ONE);
  return row?.by === BY && row.makes === makes ? row.learning : null;
}
