import 'fake-indexeddb/auto';
import { createHash } from 'node:crypto';
import { beforeEach, describe, expect, it } from 'vitest';
import { learnFrom } from '../learn/learn';
import { taughtBy } from '../learn/samples';
import { stateOf } from '../run/state';
import type { Database } from './db';
import { other, over, withTwoOver } from './fixtures/twoOver';
import { BY, keepLearning, learnedLast } from './learned';
import { learnKept } from './learnKept';
import { append } from './log';
import { removeMake } from './vault';

const tasting = { type: 'tasted' as const, score: 4, text: 'mild' };

let db: Database;
let count = 0;
beforeEach(async () => {
  db = await withTwoOver(`learned-${count++}`);
});

describe('what makes teach', () => {
  it('is kept beside their logs, and comes to the same as from the logs', async () => {
    const plain = learnFrom(
      [taughtBy('over-make', stateOf(over)), taughtBy('other-make', stateOf(other))].flatMap(
        (one) => one ?? [],
      ),
    );
    expect(await learnKept(db)).toEqual(plain);
    expect(await db.taught.count()).toBe(2);
    expect(await learnKept(db)).toEqual(plain);
    await removeMake(db, 'other-make');
    expect((await learnKept(db)).makes).toBe(1);
  });

  it('is learned once: it is there the next time, as long as no log has changed and no make has come', async () => {
    expect(await learnedLast(db, 2)).toBeNull();
    const learning = await learnKept(db);
    expect(await learnedLast(db, 2)).toEqual(learning);
    expect(await learnedLast(db, 3)).toBeNull();
    // What runs teaches nothing, and what is written of it changes nothing.
    await append(db, 'make-runs', { type: 'note', text: 'still cold' }, 3000);
    expect(await learnedLast(db, 2)).toEqual(learning);
    await append(db, 'over-make', tasting, (over.at(-1)?.at ?? 0) + 1000);
    expect(await learnedLast(db, 2)).toBeNull();
    await learnKept(db);
    await removeMake(db, 'over-make');
    expect(await learnedLast(db, 2)).toBeNull();
    expect(await learnedLast(db, 1)).toBeNull();
    await learnKept(db);
    await db.learned.toCollection().modify({ by: 'another' });
    expect(await learnedLast(db, 1)).toBeNull();
  });

  it('is not kept where a log has changed while it was being put together', async () => {
    const learning = await learnKept(db);
    const rows = await db.taught.toArray();
    await append(db, 'over-make', tasting, (over.at(-1)?.at ?? 0) + 1000);
    await keepLearning(db, new Map(rows.map((row) => [row.id, row])), learning);
    expect(await db.learned.count()).toBe(0);
  });

  it('is read in parts between which others go first, and comes to the same', async () => {
    await learnKept(db);
    const [seed] = await db.taught.toArray();
    if (!seed?.taught) throw new Error('a make that is over teaches something');
    const many = Array.from({ length: 1000 }, (_, i) => ({ ...seed, id: `many-makes-${i}` }));
    await db.makes.bulkPut(many.map(({ id }) => ({ id })));
    await db.taught.bulkPut(many);
    const all = (await db.taught.toArray()).flatMap(({ taught }) => taught ?? []);
    let stood = 0;
    let go = (): void => undefined;
    const learning = learnKept(db, () => {
      stood += 1;
      return new Promise((resolve) => {
        go = resolve;
      });
    });
    let over = false;
    void learning.then(() => {
      over = true;
    });
    await expect.poll(() => stood).toBe(1);
    expect(over).toBe(false);
    while (!over) {
      go();
      await new Promise((resolve) => setImmediate(resolve));
    }
    expect(stood).toBeGreaterThanOrEqual(2);
    expect(await learning).toEqual(learnFrom(all));
  });

  it('goes by another number where the same makes come to something else', async () => {
    const text = JSON.stringify(await learnKept(db));
    // Whoever learns otherwise counts LEARNING_VERSION up, so that nothing learned the old way is believed.
    expect([BY, createHash('sha256').update(text).digest('hex').slice(0, 12)]).toEqual([
      '8.1',
      '294ef5facd3c',
    ]);
  });
});
