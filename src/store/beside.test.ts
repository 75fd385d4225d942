import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import type { MakeEvent } from '../run/events';
import { SUMMARY_VERSION } from '../run/line';
import { stateOf } from '../run/state';
import { summaryOf } from '../run/summary';
import { asBefore, restore } from './bringBack';
import type { Database } from './db';
import { other, over, withTwoOver } from './fixtures/twoOver';
import { follow } from './follow';
import { learnKept } from './learnKept';
import { append } from './log';
import { packOf } from './packOf';
import { keepPacks, readPacks } from './packs';
import { keepSummaries, logReader } from './readLogs';
import { summaryReader } from './readMakes';
import { backup } from './saveAll';
import { createStore, selectLines, selectOver, selectRunning, selectUsed } from './store';
import { put, putBack, removeMake } from './vault';

const HERE = { id: 'here', from: 'here' };
const clock = { wall: () => 5000, mono: () => 0 };

let db: Database;
let count = 0;
beforeEach(async () => {
  db = await withTwoOver(`beside-${count++}`);
});

/** What stands beside the logs, by make. */
const kept = async () =>
  Object.fromEntries((await db.summaries.toArray()).map((row) => [row.id, row.summary]));
const sumUp = async () => {
  const { open } = await summaryReader(db)();
  await keepSummaries(db, (await logReader(db)(open)).logs);
};
const pack = async () => keepPacks(db, (await summaryReader(db)()).stands, async () => undefined, 1);
const opened = async () => {
  const store = createStore(db, clock, HERE);
  await follow(db, store, HERE);
  await expect.poll(() => Object.keys(store.getState().data.summaries).length).toBe(2);
  return store;
};
const tasting = { type: 'tasted' as const, score: 4, text: 'mild' };

describe('summaries beside the log', () => {
  it('are made of what is over, say what its log says, and spare the reading of it', async () => {
    const store = await opened();
    expect(await kept()).toEqual({
      'over-make': summaryOf('over-make', stateOf(over)),
      'other-make': summaryOf('other-make', stateOf(other)),
    });
    expect(Object.keys(store.getState().data.logs)).toEqual(['make-runs']);
    expect(
      selectOver(store.getState())
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['other-make', 'over-make']);
    expect(selectRunning(store.getState()).map(({ id }) => id)).toEqual(['make-runs']);
    expect(selectLines(store.getState())).toHaveLength(3);
    const { goods, milks } = selectUsed(store.getState());
    expect([goods, milks]).toEqual([{}, {}]);
  });

  it('are struck out with the change of their log, and made anew of it', async () => {
    const store = await opened();
    await append(db, 'over-make', tasting, (over.at(-1)?.at ?? 0) + 1000);
    await expect
      .poll(() => selectOver(store.getState()).find(({ id }) => id === 'over-make')?.tasted)
      .toContain('mild');
    await expect.poll(async () => (await kept())['over-make']?.tasted).toContain('mild');
    expect(await db.summaries.count()).toBe(2);
  });

  it.each([
    [
      'an event written past the log',
      () => db.events.add({ ...tasting, seq: over.length, at: 1, makeId: 'over-make' }),
    ],
    ['a row put in raw', () => db.raw.events.put({ ...(over[1] as MakeEvent), makeId: 'over-make' })],
    ['a make taken out', () => removeMake(db, 'over-make')],
    ['a make taken out and put back', async () => putBack(db, await removeMake(db, 'over-make'))],
    ['its events deleted by a range', () => db.events.where('makeId').equals('over-make').delete()],
  ])('never outlive %s', async (_, change) => {
    await sumUp();
    await learnKept(db);
    await pack();
    expect(Object.keys(await kept()).sort()).toEqual(['other-make', 'over-make']);
    expect([...(await readPacks(db)).keys()].sort()).toEqual(['other-make', 'over-make']);
    await change();
    expect(Object.keys(await kept())).toEqual(['other-make']);
    expect([...(await readPacks(db)).keys()]).toEqual(['other-make']);
    expect((await db.taught.toArray()).map(({ id }) => id)).toEqual(['other-make']);
  });

  it('go with everything when a backup is brought back, and when that is undone', async () => {
    await sumUp();
    const saved = await backup(db);
    expect(JSON.stringify(saved)).not.toContain('kgPer100L');
    expect(await restore(db, saved)).toMatchObject({ ok: true });
    expect(await db.summaries.count()).toBe(0);
    await sumUp();
    expect(await db.summaries.count()).toBe(2);
    await asBefore(db);
    expect(await db.summaries.count()).toBe(0);
  });

  it('are not kept of a log that has grown since it was read, nor believed of another version', async () => {
    const { logs } = await logReader(db)(['over-make']);
    await append(db, 'over-make', tasting, (over.at(-1)?.at ?? 0) + 1000);
    await keepSummaries(db, logs);
    expect(await db.summaries.count()).toBe(0);
    await sumUp();
    await db.summaries.toCollection().modify({ by: SUMMARY_VERSION + 1 });
    expect((await summaryReader(db)()).open.sort()).toEqual(['make-runs', 'other-make', 'over-make']);
  });

  it.each([
    { remembered: ['make-runs'], early: true },
    { remembered: ['over-make'], early: false },
    { remembered: ['gone-make'], early: false },
    { remembered: ['make-runs', 'other-make'], early: false },
    { remembered: [], early: false },
  ])(
    'come after what runs where $remembered ran last, if that still holds',
    async ({ remembered, early }) => {
      await sumUp();
      const store = createStore(db, clock, HERE);
      const before: string[][] = [];
      store.subscribe(() => {
        const { data } = store.getState();
        if (!data.loaded && data.atHand.length > 0) before.push(data.atHand.map(({ id }) => id));
      });
      let ran: readonly string[] = remembered;
      await follow(db, store, HERE, undefined, undefined, {
        atOnce: true,
        runningFirst: true,
        ran: {
          read: () => [...ran],
          keep: (ids) => {
            ran = ids;
          },
        },
      });
      await expect.poll(() => store.getState().data.loaded).toBe(true);
      expect(before.length > 0).toBe(early);
      for (const ids of before) expect(ids).toEqual(['make-runs']);
      expect(selectOver(store.getState())).toHaveLength(2);
      expect(selectRunning(store.getState()).map(({ id }) => id)).toEqual(['make-runs']);
      await expect.poll(() => ran).toEqual(['make-runs']);
    },
  );

  it('are waited for by nothing that is noted of what runs', async () => {
    await sumUp();
    const store = createStore(db, clock, HERE);
    let draw: () => void = () => undefined;
    const ran = { read: () => ['make-runs'], keep: () => undefined };
    const drawn = () =>
      new Promise<void>((resolve) => {
        draw = resolve;
      });
    await follow(db, store, HERE, undefined, undefined, { atOnce: true, runningFirst: true, ran, drawn });
    await expect.poll(() => store.getState().data.atHand.length).toBe(1);
    await append(db, 'make-runs', { type: 'done', stage: 'sanitise' }, 3000);
    await expect.poll(() => store.getState().data.atHand[0]?.state.index).toBe(1);
    expect(store.getState().data.loaded).toBe(false);
    draw();
    await expect.poll(() => store.getState().data.loaded).toBe(true);
    expect(selectRunning(store.getState())[0]?.state.index).toBe(1);
  });

  it('of many makes are made a few at a time, and the store shows them all', async () => {
    for (let i = 0; i < 45; i++)
      await put(db, { format: 'plump-pail/make', version: 1, id: `more-${i}`, events: over });
    const store = createStore(db, clock, HERE);
    await follow(db, store, HERE);
    await expect.poll(() => selectOver(store.getState()).length).toBe(47);
    expect(selectRunning(store.getState())).toHaveLength(1);
    await expect.poll(() => db.summaries.count()).toBe(47);
  });
});

describe('summaries in packs', () => {
  it('say what the rows say, and are read without them', async () => {
    await sumUp();
    const rows = await summaryReader(db)();
    await pack();
    await db.summaries.clear();
    const packs = await summaryReader(db)();
    expect(packs.summaries).toEqual(rows.summaries);
    expect(packs.open).toEqual(['make-runs']);
  });

  it('leave to the rows what they do not hold, are filled up from them, and go with everything', async () => {
    await sumUp();
    await pack();
    const at = packOf('over-make');
    expect(packOf('other-make')).not.toBe(at);
    await append(db, 'over-make', tasting, (over.at(-1)?.at ?? 0) + 1000);
    expect((await summaryReader(db)()).open.sort()).toEqual(['make-runs', 'over-make']);
    await sumUp();
    const found = await summaryReader(db)();
    expect(found.summaries['over-make']?.tasted.join()).toContain('mild');
    await pack();
    expect((await readPacks(db)).get('over-make')?.summary).toEqual(found.summaries['over-make']);
    expect(await restore(db, await backup(db))).toMatchObject({ ok: true });
    expect(await db.packs.count()).toBe(0);
  });

  it('are not believed of another version, nor where they are torn, and few makes have none', async () => {
    await sumUp();
    await keepPacks(db, (await summaryReader(db)()).stands, async () => undefined);
    expect(await db.packs.count()).toBe(0);
    await pack();
    await db.packs.toCollection().modify({ text: '[[1,{"id":' });
    expect((await summaryReader(db)()).open).toEqual(['make-runs']);
    await db.packs.clear();
    await pack();
    await db.packs.toCollection().modify({ by: SUMMARY_VERSION + 1 });
    expect((await readPacks(db)).size).toBe(0);
    await pack();
    expect((await readPacks(db)).size).toBe(2);
  });
});

describe('packs of a book that grows', () => {
  it('are made anew when they lack more than a few, so that a reader never finds many lacking', async () => {
    const grow = async (from: number, to: number) => {
      for (let i = from; i < to; i++)
        await put(db, { format: 'plump-pail/make', version: 1, id: `more-${i}`, events: over });
      await sumUp();
    };
    await grow(0, 20);
    await pack();
    expect((await readPacks(db)).size).toBe(22);
    await grow(20, 150);
    const lacking = async () => {
      const packs = await readPacks(db);
      return Object.keys(await kept()).filter((id) => !packs.has(id)).length;
    };
    expect(await lacking()).toBe(130);
    await pack();
    expect(await lacking()).toBeLessThanOrEqual(16 * 5);
    const { summaries, open } = await summaryReader(db)();
    expect(summaries).toEqual(await kept());
    expect(open).toEqual(['make-runs']);
  });
});
