import { USUAL_KITCHEN } from '../kitchen/usual';
import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Brief } from '../plan/brief/schema';
import { MODEL_VERSION } from '../plan/modelVersion';
import { planBrief } from '../plan/plan';
import type { NewEvent } from '../run/events';
import { restore } from './bringBack';
import { Database } from './db';
import { follow } from './follow';
import { append, readLog, startMake } from './log';
import { backup } from './saveAll';
import { alarmAnswered, alarmSnoozed } from './slices/alarms';
import { draftChanged, fieldsSet } from './slices/draft';
import { kitchenChanged } from './slices/kitchen';
import { wished } from './slices/week';
import { createStore, selectRunning } from './store';
import { exportMake, importMake, removeMake } from './vault';

const brief: Brief = {
  format: 'plump-pail/brief',
  version: 1,
  method: 'paneer',
  milk: { species: 'cow', litres: 6 },
};
const planned = planBrief(brief, { spread: false });
if (!planned.ok) throw new Error('the test’s brief must plan');
const first: Extract<NewEvent, { type: 'started' }> = {
  type: 'started',
  name: 'Test paneer',
  milkName: '',
  plan: planned.value.plan,
  parameters: planned.value.parameters,
  modelVersion: MODEL_VERSION,
};
const ID = 'make-under-test';

const HERE = { id: 'here', from: 'here' };
const THERE = { id: 'there', from: 'here' };
const clock = { wall: () => 5000, mono: () => 0 };

let db: Database;
let count = 0;
beforeEach(async () => {
  db = new Database(`test-${count++}`);
  await startMake(db, ID, first, 1000);
});

describe('the log', () => {
  it('takes events in order, and refuses what the log does not allow', async () => {
    expect(await append(db, ID, { type: 'done', stage: 'sanitise' }, 2000)).toMatchObject({ ok: true });
    expect(await append(db, ID, { type: 'done', stage: 'sanitise' }, 2001)).toEqual({
      ok: false,
      reason: 'That stage is done already.',
    });
    expect((await readLog(db, ID)).map((event) => [event.seq, event.type, event.at])).toEqual([
      [0, 'started', 1000],
      [1, 'done', 2000],
    ]);
  });

  it('never forks when many write at once, from two connections', async () => {
    const other = new Database(db.name);
    const writes = Array.from({ length: 30 }, (_, i) =>
      append(i % 2 ? db : other, ID, { type: 'temperature', tempC: i }, 3000 + i),
    );
    expect((await Promise.all(writes)).every((done) => done.ok)).toBe(true);
    const log = await readLog(db, ID);
    expect(log.map((event) => event.seq)).toEqual(log.map((_, i) => i));
    const temps = log
      .flatMap((event) => (event.type === 'temperature' ? [event.tempC] : []))
      .sort((a, b) => a - b);
    expect(temps).toEqual(Array.from({ length: 30 }, (_, i) => i));
    other.close();
  });

  it('counts one of two equal taps', async () => {
    const taps = await Promise.all([
      append(db, ID, { type: 'done', stage: 'sanitise' }, 1),
      append(db, ID, { type: 'done', stage: 'sanitise' }, 1),
    ]);
    expect(taps.filter((tap) => tap.ok)).toHaveLength(1);
  });
});

describe('a log that is read on', () => {
  it('sees what another window wrote, and what a backup put in its place', async () => {
    const other = new Database(db.name);
    await append(db, ID, { type: 'temperature', tempC: 20 }, 2000);
    await append(other, ID, { type: 'done', stage: 'sanitise' }, 3000);
    const again = await append(db, ID, { type: 'done', stage: 'sanitise' }, 3001);
    expect(again).toMatchObject({ ok: false });
    const early = await backup(db);
    await append(db, ID, { type: 'temperature', tempC: 30 }, 4000);
    await append(db, ID, { type: 'temperature', tempC: 40 }, 5000);
    await restore(db, early);
    await append(other, ID, { type: 'pH', pH: 6.6 }, 6000);
    await append(db, ID, { type: 'temperature', tempC: 50 }, 7000);
    const log = await readLog(db, ID);
    expect(log.map((event) => event.seq)).toEqual([0, 1, 2, 3, 4]);
    expect(log.map((event) => event.type)).toEqual(['started', 'temperature', 'done', 'pH', 'temperature']);
  });

  it('a make taken out and begun anew under its name starts from its own beginning', async () => {
    await append(db, ID, { type: 'done', stage: 'sanitise' }, 2000);
    await removeMake(db, ID);
    await startMake(db, ID, { ...first, name: 'Anew' }, 3000);
    const done = await append(db, ID, { type: 'done', stage: 'sanitise' }, 4000);
    expect(done).toMatchObject({ ok: true, state: { name: 'Anew' } });
    expect((await readLog(db, ID)).length).toBe(2);
  });
});

describe('files', () => {
  it('a make goes out, is taken out, and comes back the same', async () => {
    await append(db, ID, { type: 'temperature', tempC: 21.5 }, 2000);
    const file = await exportMake(db, ID);
    expect(await importMake(db, file, 9000)).toMatchObject({ ok: false });
    expect(await removeMake(db, ID)).toEqual({ make: file, photos: [] });
    expect(await db.events.count()).toBe(0);
    expect(await importMake(db, JSON.parse(JSON.stringify(file)), 9000)).toEqual({ ok: true, value: ID });
    expect(await exportMake(db, ID)).toEqual(file);
  });

  it('a broken make changes nothing: a gap, a second start, a field nobody knows', async () => {
    const file = await exportMake(db, ID);
    const other = { ...file, id: 'another-make' };
    const broken = [
      { ...other, events: [] },
      { ...other, events: [{ ...file.events[0], seq: 3 }] },
      { ...other, events: [file.events[0], { ...file.events[0], seq: 1 }] },
      { ...other, colour: 'blue' },
      { ...other, version: 2 },
      null,
    ];
    for (const value of broken) expect(await importMake(db, value, 9000)).toMatchObject({ ok: false });
    expect(await db.makes.count()).toBe(1);
  });

  it('a backup holds the photos too; one that is no picture is refused', async () => {
    const photo = { id: 'photo-1', makeId: ID, at: 5000, jpeg: 'data:image/jpeg;base64,/9j/4AAQ' };
    await db.photos.add(photo);
    const saved = await backup(db);
    await db.photos.clear();
    expect(await restore(db, JSON.parse(JSON.stringify(saved)))).toMatchObject({ ok: true });
    expect(await db.photos.toArray()).toEqual([photo]);
    const script = { ...saved, photos: [{ ...photo, jpeg: 'data:text/html,<p>' }] };
    expect(await restore(db, script)).toMatchObject({ ok: false, faults: [{ path: 'photos.0.jpeg' }] });
    expect(await db.photos.count()).toBe(1);
  });

  it('a backup brings everything back; one with the same make twice is refused whole', async () => {
    const saved = await backup(db);
    expect(saved.kitchen).toEqual(USUAL_KITCHEN);
    await append(db, ID, { type: 'temperature', tempC: 50 }, 2000);
    expect(await restore(db, saved)).toMatchObject({ ok: true });
    expect(await db.events.count()).toBe(1);
    const twice = { ...saved, makes: [...saved.makes, ...saved.makes] };
    expect(await restore(db, twice)).toMatchObject({ ok: false, faults: [{ path: 'makes.1.id' }] });
    expect(await db.makes.count()).toBe(1);
  });
});

describe('the store', () => {
  it('follows the database, keeps what is typed, and rebuilds from it', async () => {
    const store = createStore(db, clock, HERE);
    await follow(db, store, HERE);
    await expect.poll(() => selectRunning(store.getState()).length).toBe(1);
    await append(db, ID, { type: 'done', stage: 'sanitise' }, 2000);
    await expect.poll(() => selectRunning(store.getState())[0]?.state.index).toBe(1);
    store.dispatch(draftChanged({ method: 'paneer' }));
    store.dispatch(fieldsSet({ fatPct: { value: null, text: 'rich' } }));
    await expect.poll(async () => (await db.draft(HERE))?.fields.fatPct.text).toBe('rich');
    const again = createStore(db, clock, HERE);
    await follow(db, again, HERE);
    expect(again.getState().draft).toEqual(store.getState().draft);
  });

  it('of two windows: kitchen and answered alarms hold in both, and neither undoes what the other changed', async () => {
    const here = createStore(db, clock, HERE);
    await follow(db, here, HERE);
    const otherDb = new Database(db.name);
    const there = createStore(otherDb, clock, THERE);
    await follow(otherDb, there, THERE);
    here.dispatch(kitchenChanged({ roomC: 17 }));
    await expect.poll(() => there.getState().kitchen.roomC).toBe(17);
    there.dispatch(kitchenChanged({ hands: 3 }));
    await expect.poll(() => here.getState().kitchen).toMatchObject({ roomC: 17, hands: 3 });
    here.dispatch(alarmAnswered('set'));
    there.dispatch(alarmAnswered('drain'));
    there.dispatch(alarmSnoozed({ key: 'turn', until: 9000 }));
    for (const store of [here, there])
      await expect.poll(() => new Set(store.getState().alarms.answered)).toEqual(new Set(['set', 'drain']));
    await expect.poll(() => here.getState().alarms.snoozedUntil.turn).toBe(9000);
  });

  it('what is said the moment the app stands is not undone by what was being read before', async () => {
    const wish = {
      id: 'wish',
      name: 'Paneer',
      brief,
      milkId: null,
      notBefore: null,
      readyBy: '2026-11-28T08:30',
      pinned: null,
    };
    await db.settings.bulkPut([
      { key: 'week', value: [wish] },
      { key: 'kitchen', value: { ...USUAL_KITCHEN, roomC: 14 } },
    ]);
    // Read before it is said, and told only after.
    const [week, kitchen] = [db.week, db.kitchen];
    let tell: () => void = () => undefined;
    const told = new Promise<void>((resolve) => {
      tell = resolve;
    });
    const read: string[] = [];
    const late =
      <T>(name: string, real: () => Promise<T>) =>
      async () => {
        const found = await real();
        read.push(name);
        // The first reading is the one before the app stands.
        if (read.filter((one) => one === name).length > 1) await told;
        return found;
      };
    db.week = late('week', week);
    db.kitchen = late('kitchen', kitchen);
    const store = createStore(db, clock, HERE);
    await follow(db, store, HERE);
    await expect.poll(() => read.length).toBe(4);
    store.dispatch(wished({ ...wish, id: 'said' }));
    store.dispatch(kitchenChanged({ roomC: 15 }));
    tell();
    await expect.poll(async () => (await week())?.length).toBe(2);
    await expect.poll(async () => (await kitchen())?.roomC).toBe(15);
    expect(store.getState().week.wishes.map(({ id }) => id)).toEqual(['wish', 'said']);
    expect(store.getState().kitchen.roomC).toBe(15);
  });

  it('a window begins with the draft of the one it was copied from, and goes its own way', async () => {
    const here = createStore(db, clock, HERE);
    await follow(db, here, HERE);
    here.dispatch(draftChanged({ method: 'skyr' }));
    await expect.poll(async () => (await db.draft(HERE))?.method).toBe('skyr');
    const there = createStore(db, clock, THERE);
    await follow(db, there, THERE);
    expect(there.getState().draft.method).toBe('skyr');
    there.dispatch(draftChanged({ method: 'paneer' }));
    await expect.poll(async () => (await db.draft(THERE))?.method).toBe('paneer');
    expect((await db.draft(HERE))?.method).toBe('skyr');
  });

  it('reads only what is new, keeps what is unchanged as it was, and everything anew after a backup came back', async () => {
    const other = 'another-make';
    await startMake(db, other, { ...first, name: 'Other' }, 1500);
    const store = createStore(db, clock, HERE);
    await follow(db, store, HERE);
    const logs = () => store.getState().data.logs;
    await expect.poll(() => Object.keys(logs()).length).toBe(2);
    const before = logs()[other];
    await append(db, ID, { type: 'temperature', tempC: 41 }, 2000);
    await append(db, ID, { type: 'temperature', tempC: 42 }, 2001);
    await expect.poll(() => logs()[ID]?.length).toBe(3);
    expect(logs()[ID]?.map((event) => event.seq)).toEqual([0, 1, 2]);
    expect(logs()[other]).toBe(before);
    const saved = await backup(db);
    const renamed = structuredClone(saved);
    for (const make of renamed.makes) if (make.events[0]?.type === 'started') make.events[0].name = 'Renamed';
    expect(await restore(db, renamed)).toMatchObject({ ok: true });
    await expect
      .poll(() => selectRunning(store.getState()).map((make) => make.state.name))
      .toEqual(['Renamed', 'Renamed']);
    await removeMake(db, other);
    await expect.poll(() => Object.keys(logs())).toEqual([ID]);
  });
});
