import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { parse } from '../../core/faults/zodFaults';
import { type Backup, backupSchema } from '../../files/backup';
import { makeSchema } from '../../files/make';
import { goodSchema } from '../../kitchen/goods';
import { kitchenSchema } from '../../kitchen/kitchen';
import { isOver, stageAt, stateOf } from '../../run/state';
import { Database } from '../../store/db';
import { learnedLast } from '../../store/learned';
import { learnKept } from '../../store/learnKept';
import { readLog } from '../../store/log';
import { keepSummaries, logReader } from '../../store/readLogs';
import { backup } from '../../store/saveAll';
import { enactedDemo } from './enacted';
import { layDemo, startOver } from './lay';

const NOW = new Date(2026, 10, 26, 9, 12).getTime();
/** As the browser gets them: written as JSON when the app is built. */
const enacted = JSON.stringify(enactedDemo());
const load = async () => JSON.parse(enacted);
const clock = (now: number) => ({ wall: () => now, mono: () => 0 });
const states = async (db: Database) => {
  const ids = (await db.makes.toArray()).map((make) => make.id);
  return Promise.all(ids.map(async (id) => ({ id, state: stateOf(await readLog(db, id)) })));
};

describe('the demo', () => {
  it('is laid once, relative to the clock, and left as it was found after that', async () => {
    const db = new Database('demo-once');
    await layDemo(db, clock(NOW), load);
    const before = await backup(db);
    await db.makes.delete('demo-make-1');
    await layDemo(db, clock(NOW + 86_400_000), load);
    expect(await db.makes.count()).toBe(before.makes.length - 1);
  });

  it('holds only what the open formats allow', async () => {
    const db = new Database('demo-formats');
    await layDemo(db, clock(NOW), load);
    const all = JSON.parse(JSON.stringify(await backup(db)));
    const read = parse<Backup>(backupSchema, all);
    expect(read.ok ? [] : read.faults).toEqual([]);
    expect(kitchenSchema.safeParse(all.kitchen).success).toBe(true);
    for (const make of all.makes) expect(makeSchema.safeParse(make).success).toBe(true);
    for (const good of all.goods) expect(goodSchema.safeParse(good).success).toBe(true);
  });

  it('has makes behind it, one on the heat, and nothing in the future', async () => {
    const db = new Database('demo-times');
    await layDemo(db, clock(NOW), load);
    const makes = await states(db);
    const running = makes.filter(({ state }) => !isOver(state));
    expect(running).toHaveLength(1);
    expect(stageAt((running[0] as (typeof running)[number]).state).kind).toBe('scald');
    expect(running[0]?.state.readings.length).toBeGreaterThan(1);
    const events = await db.events.toArray();
    expect(Math.max(...events.map((event) => event.at))).toBeLessThanOrEqual(NOW);
    for (const { state } of makes) {
      const log = [state.startedAt, ...state.runs.map((run) => run.startedAt)];
      expect([...log].sort((a, b) => a - b)).toEqual(log);
    }
  });

  it('lies there summed up and learned from, just as its logs would be', async () => {
    const laid = new Database('demo-beside');
    await layDemo(laid, clock(NOW), load);
    const told = async (db: Database) => [
      await db.summaries.toArray(),
      await db.taught.toArray(),
      await db.learned.toArray(),
    ];
    const bare = new Database('demo-bare');
    await bare.makes.bulkPut(await laid.makes.toArray());
    await bare.events.bulkPut(await laid.events.toArray());
    const { logs } = await logReader(bare)((await bare.makes.toArray()).map(({ id }) => id));
    await keepSummaries(bare, logs);
    await learnKept(bare);
    const [summaries, taught, learned] = await told(laid);
    expect([summaries, taught, learned]).toEqual(await told(bare));
    expect(summaries).toHaveLength(taught?.length ?? 0);
    expect(await learnedLast(laid, summaries?.length ?? 0)).not.toBeNull();
  });

  it('starts over whatever became of it, and the same again for the same clock', async () => {
    const db = new Database('demo-over');
    await layDemo(db, clock(NOW), load);
    const first = await backup(db);
    await db.goods.clear();
    await db.photos.add({ id: 'p', makeId: 'demo-make-1', at: NOW, jpeg: 'data:image/jpeg;base64,/9j/' });
    await startOver(db, clock(NOW), load);
    expect(await backup(db)).toEqual(first);
  });
});
