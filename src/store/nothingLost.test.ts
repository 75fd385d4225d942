import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { readJson, readJsonFile } from '../files/readJson';
import { paneer } from '../makes/methods/paneer';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import { MOST_READINGS, type NewEvent } from '../run/events';
import { stateOf } from '../run/state';
import { rawOf, takeOutAside } from './aside';
import { asBefore, hasBefore, restore } from './bringBack';
import { Database, READ_TABLES } from './db';
import { append, readLog, startMake } from './log';
import { partCurd } from './part';
import { logReader } from './readLogs';
import { strayMakes } from './readMakes';
import { backup, backupBlob } from './saveAll';
import { exportMake, putBack, removeMake } from './vault';
import { whyNot } from './whyNot';

const { plan, parameters } = planned(basic('paneer', { litres: 6 }));
const first: Extract<NewEvent, { type: 'started' }> = {
  type: 'started',
  name: 'Paneer',
  milkName: '',
  plan,
  parameters,
  modelVersion: MODEL_VERSION,
};
const ID = 'make-under-test';
const photo = { id: 'photo-1', makeId: ID, at: 5000, jpeg: 'data:image/jpeg;base64,/9j/4AAQ' };
const milk = {
  id: 'milk-1',
  name: 'Sallow Reach cows',
  species: 'cow' as const,
  fatPct: 4.1,
  proteinPct: 3.4,
  treatment: 'raw' as const,
  homogenised: false,
  pH: null,
  startC: 6,
  pricePerLitre: 1,
};

let db: Database;
let count = 0;
beforeEach(async () => {
  db = new Database(`nothing-lost-${count++}`);
  await startMake(db, ID, first, 1000);
});

/** Every log there is, also of makes that only their entries know. */
async function readAll() {
  const ids = (await db.makes.toCollection().primaryKeys()).map(String);
  return logReader(db)([...ids, ...(await strayMakes(db))]);
}

/** Every table as it stands, without what marks a restore. */
async function everything() {
  const rows = await Promise.all(READ_TABLES.map((name) => db.raw.table(name).toArray()));
  return Object.fromEntries(
    READ_TABLES.map((name, i) => [
      name,
      (rows[i] ?? []).filter((row) => name !== 'settings' || row.key === 'kitchen'),
    ]),
  );
}

describe('what is written can be read back', () => {
  it.each([
    ['a milk of no fat anybody knows', () => db.milks.put({ ...milk, fatPct: 70 })],
    ['a good without a kind', () => db.goods.put({ id: 'jar', name: 'jar' } as never)],
    ['a photo that is none', () => db.photos.add({ ...photo, jpeg: 'data:text/html,<p>' })],
    ['a method without stages', () => db.methods.put({ id: 'mine', method: { id: 'mine' } as never })],
    ['a setting nobody knows', () => db.settings.put({ key: 'colour' as never, value: 'blue' })],
    ['a make with a slash in its id', () => db.makes.add({ id: 'a/b' })],
    [
      'an event that is none',
      () => db.events.add({ makeId: ID, seq: 1, at: 1, type: 'temperature', tempC: Number.NaN }),
    ],
    [
      'an event after the end of time',
      () => db.events.add({ makeId: ID, seq: 1, at: 1e20, type: 'note', text: 'late' }),
    ],
    [
      'a start whose stages cannot be walked',
      () => startMake(db, 'another-make', { ...first, parameters: {} }, 1000),
    ],
  ])('%s is refused, and nothing changes', async (_, write) => {
    const before = await everything();
    await expect(write()).rejects.toMatchObject({ name: 'Refused' });
    expect(await everything()).toEqual(before);
  });

  it('an event that cannot be read is refused with the reason, the log as it was', async () => {
    const done = await append(db, ID, { type: 'temperature', tempC: 400 }, 2000);
    expect(done).toMatchObject({ ok: false, reason: expect.stringMatching(/tempC.*110/) });
    expect(await db.events.count()).toBe(1);
  });

  it('names with control characters are put on one line', async () => {
    await db.milks.put({ ...milk, name: 'two\nlines' });
    expect((await db.milks.get('milk-1'))?.name).toBe('two lines');
  });

  it('a logger’s file of fourteen hours at a reading a second comes as several events', async () => {
    const readings = Array.from({ length: MOST_READINGS + 1000 }, (_, i) => ({ at: 1000 + i, tempC: 20 }));
    expect(await append(db, ID, { type: 'imported', name: 'log.csv', readings }, 9000)).toMatchObject({
      ok: true,
    });
    const log = await readLog(db, ID);
    expect(log.map((event) => event.type)).toEqual(['started', 'imported', 'imported']);
    expect(stateOf(log).readings).toHaveLength(MOST_READINGS + 1000);
    const saved = await backup(db);
    expect(await restore(db, saved)).toMatchObject({ ok: true });
  });

  it('the longest name a make may have survives its parting', async () => {
    const name = 'x'.repeat(120);
    await startMake(db, 'long-named-make', { ...first, name }, 1000);
    await append(db, 'long-named-make', { type: 'done', stage: 'sanitise' }, 2000);
    expect(await partCurd(db, 'long-named-make', 0.5, { id: 'other-half', name }, 3000)).toBeNull();
    expect(await restore(db, await backup(db))).toMatchObject({ ok: true });
  });
});

describe('a torn entry', () => {
  const tear = (row: object) => db.raw.events.put(row as never);

  it('in the midst of a log keeps its place; the make goes on, is saved and brought back with it', async () => {
    await append(db, ID, { type: 'temperature', tempC: 20 }, 2000);
    await tear({ makeId: ID, seq: 2, at: 3000, type: 'temperature', tempC: 'warm' });
    const done = await append(db, ID, { type: 'temperature', tempC: 30 }, 4000);
    expect(done.ok && done.state.readings.map((one) => one.tempC)).toEqual([20, 30]);
    const saved = JSON.parse(JSON.stringify(await backup(db)));
    expect(await restore(db, saved)).toMatchObject({ ok: true });
    const log = await readLog(db, ID);
    expect(log[2]).toMatchObject({ type: 'unreadable', seq: 2, raw: expect.stringContaining('warm') });
    expect(stateOf(log).readings).toHaveLength(2);
  });

  it('that a later version can read again is an event once more', async () => {
    const raw = JSON.stringify({ type: 'temperature', seq: 1, at: 1500, tempC: 44 });
    await tear({ makeId: ID, seq: 1, at: 1500, type: 'unreadable', raw });
    expect((await readLog(db, ID))[1]).toEqual({ type: 'temperature', seq: 1, at: 1500, tempC: 44 });
  });

  it.each([
    ['a torn start', { makeId: 'torn-make', seq: 0, at: 1000, type: 'started', name: 'Torn' }],
    ['a log that begins late', { makeId: 'torn-make', seq: 4, at: 1000, type: 'paused' }],
    ['an id no address can hold', { makeId: 'a/b?c#d', seq: 0, at: 1000, type: 'started' }],
  ])('%s sets that make aside, named, and no other', async (_, row) => {
    await tear(row);
    const { logs, aside } = await readAll();
    expect(Object.keys(logs)).toEqual([ID]);
    expect(aside).toMatchObject([{ table: 'makes', id: row.makeId, why: expect.any(String) }]);
    expect((await rawOf(db, { table: 'makes', id: row.makeId })) as object).toMatchObject({ events: [row] });
    const saved = await backup(db);
    expect(saved.makes.map((make) => make.id)).toEqual([ID]);
    expect(saved.aside).toEqual([{ table: 'makes', row: { id: row.makeId, events: [row] } }]);
    expect(await restore(db, saved)).toMatchObject({ ok: true });
    expect(await db.aside.toArray()).toMatchObject([{ table: 'makes', row: { id: row.makeId } }]);
    await takeOutAside(db, { table: 'aside', id: String((await db.aside.toArray())[0]?.n) });
    expect((await backup(db)).aside).toEqual([]);
  });

  it('set aside can be taken out, and is gone', async () => {
    await tear({ makeId: 'torn-make', seq: 0, at: 1000, type: 'started' });
    await takeOutAside(db, { table: 'makes', id: 'torn-make' });
    expect((await readAll()).aside).toEqual([]);
    expect(await db.events.count()).toBe(1);
  });
});

describe('a backup', () => {
  it('brought back can be undone to the last row, even rows that no schema reads, and the undoing too', async () => {
    await db.milks.put(milk);
    await db.photos.add(photo);
    await db.methods.put({ id: 'mine', method: { ...paneer, id: 'mine', stages: [] } });
    await db.raw.milks.put({ ...milk, id: 'odd', fatPct: 400 });
    await db.raw.events.put({
      makeId: 'torn-make',
      seq: 0,
      at: 1,
      type: 'started',
      name: 'x'.repeat(300),
    } as never);
    const before = await everything();
    const other = new Database(`${db.name}-other`);
    await startMake(other, 'another-make', first, 1000);
    expect(await hasBefore(db)).toBe(false);
    expect(await restore(db, await backup(other))).toMatchObject({ ok: true });
    const after = await everything();
    expect(Object.keys((await readAll()).logs)).toEqual(['another-make']);
    expect(await hasBefore(db)).toBe(true);
    await asBefore(db);
    expect(await everything()).toEqual(before);
    await asBefore(db);
    expect(await everything()).toEqual(after);
  });

  it('is brought back whole or not at all: a store that fails on the way leaves everything as it was', async () => {
    await db.photos.add(photo);
    const saved = await backup(db);
    const before = await everything();
    const { raw } = db;
    const full = new Error('full');
    full.name = 'QuotaExceededError';
    raw.before.hook('creating', () => {
      throw full;
    });
    await expect(restore(db, saved)).rejects.toThrow();
    expect(await everything()).toEqual(before);
  });

  it('carries makes that are still being written, and rows that cannot be read', async () => {
    const halfWritten = { ...paneer, id: 'mine', stages: [] };
    await db.methods.put({ id: 'mine', method: halfWritten });
    await db.raw.goods.put({ id: 'jar', kind: 'glass' } as never);
    const saved = JSON.parse(JSON.stringify(await backup(db)));
    expect(saved.unfinished).toEqual([halfWritten]);
    expect(saved.methods).toEqual([]);
    expect(saved.aside).toEqual([{ table: 'goods', row: { id: 'jar', kind: 'glass' } }]);
    await db.methods.clear();
    expect(await restore(db, saved)).toMatchObject({ ok: true });
    expect(await db.methods.toArray()).toEqual([{ id: 'mine', method: halfWritten }]);
  });

  it('as a file is the same whether it is read whole or as it streams in, and a broken one says where', async () => {
    await db.photos.add(photo);
    await db.milks.put({ ...milk, name: 'Sallow “Reach” – ßæ' });
    const blob = await backupBlob(db);
    const whole = await readJsonFile(blob);
    expect(whole).toEqual({ ok: true, value: await backup(db) });
    expect(await readJsonFile(blob, 10)).toEqual(whole);
    expect(await readJsonFile(blob.slice(0, blob.size - 30), 10)).toMatchObject({ ok: false });
    expect(readJson('{\n "a": 1,\n b')).toMatchObject({
      faults: [{ problem: 'is not JSON: it breaks at line 3, letter 2' }],
    });
    expect(readJson('')).toMatchObject({ faults: [{ problem: 'is not JSON: it is empty' }] });
  });

  it('of photos longer together than any text may be is written and read', async () => {
    // 1,450 of 400 kB: more letters than one string of the machine holds.
    const jpeg = `data:image/jpeg;base64,${'A'.repeat(400_000)}`;
    for (let i = 0; i < 1450; i += 50)
      await db.photos.bulkAdd(
        Array.from({ length: 50 }, (_, k) => ({ ...photo, id: `photo-${i + k}`, jpeg })),
      );
    const blob = await backupBlob(db);
    expect(blob.size).toBeGreaterThan(560_000_000);
    const read = await readJsonFile(blob);
    expect(read.ok && (read.value as { photos: unknown[] }).photos).toHaveLength(1450);
  });
});

describe('a make taken out', () => {
  it('takes its photos along, and brings them back', async () => {
    await db.photos.add(photo);
    const before = await everything();
    const removed = await removeMake(db, ID);
    expect(removed.photos).toEqual([photo]);
    expect(await db.photos.count()).toBe(0);
    expect(await db.events.count()).toBe(0);
    await putBack(db, removed);
    expect(await everything()).toEqual(before);
    expect((await exportMake(db, ID)).events).toHaveLength(1);
  });
});

describe('why something could not be written', () => {
  it.each([
    [Object.assign(new Error('x'), { name: 'QuotaExceededError' }), /no room/],
    [
      Object.assign(new Error('x'), {
        name: 'AbortError',
        inner: Object.assign(new Error('y'), { name: 'QuotaExceededError' }),
      }),
      /no room/,
    ],
    [Object.assign(new Error('x'), { name: 'VersionError' }), /newer version/],
    [Object.assign(new Error('x'), { name: 'DatabaseClosedError' }), /Reload/],
    [Object.assign(new Error('x'), { name: 'toString' }), /browser could not/],
    ['nonsense', /browser could not/],
    [undefined, /browser could not/],
  ])('%s', (error, said) => {
    expect(whyNot(error)).toMatch(said);
  });
});
