import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import { freeOptions } from '../plan/ways';
import { stageAt, stateOf } from '../run/state';
import { Database } from './db';
import { append, readLog, startMake } from './log';
import { partCurd } from './part';
import { exportMake, handOver, importMake } from './vault';

const { plan, parameters } = planned(basic('paneer', { litres: 6 }));
const ID = 'make-to-part';
let db: Database;
let count = 0;
beforeEach(async () => {
  db = new Database(`part-${count++}`);
  await startMake(
    db,
    ID,
    { type: 'started', name: 'Paneer', milkName: '', plan, parameters, modelVersion: MODEL_VERSION },
    1000,
  );
  await append(db, ID, { type: 'done', stage: 'sanitise' }, 2000);
  await append(db, ID, { type: 'temperature', tempC: 20 }, 3000);
});
const state = async (id: string) => stateOf(await readLog(db, id));

describe('parting the curd', () => {
  it('makes two makes with one past, whose halves add up', async () => {
    expect(await partCurd(db, ID, 0.75, { id: 'the-other', name: 'Paneer with cumin' }, 4000)).toBeNull();
    const [stays, goes] = [await state(ID), await state('the-other')];
    expect(goes.name).toBe('Paneer with cumin');
    expect(goes.readings).toEqual(stays.readings);
    expect(stageAt(goes).id).toBe(stageAt(stays).id);
    expect((stays.plan.brief.milk.litres ?? 0) + (goes.plan.brief.milk.litres ?? 0)).toBeCloseTo(6, 9);
    expect(stays.parted).toMatchObject({ share: 0.75, otherId: 'the-other' });
    expect(goes.parted).toMatchObject({ share: 0.25, otherId: ID });
    expect(goes.taken).toEqual([]);
    await append(db, ID, { type: 'done', stage: 'measure' }, 5000);
    expect(stageAt(await state('the-other')).id).toBe('measure');
  });

  it('lets the rest go another way from here on, and not where that would change what has been done', async () => {
    const way = { pressKPa: 4, saltPct: 2 };
    const free = freeOptions({ plan }, 1);
    expect(free).toEqual(expect.arrayContaining(['saltPct']));
    const options = Object.fromEntries(Object.entries(way).filter(([key]) => free.includes(key)));
    expect(await partCurd(db, ID, 0.5, { id: 'salted', name: 'Salted', options }, 4000)).toBeNull();
    const [stays, goes] = [await state(ID), await state('salted')];
    expect(goes.plan.brief.options).toMatchObject(options);
    expect(stays.plan.brief.options?.saltPct).toBe(plan.brief.options?.saltPct);
    const salt = (of: typeof stays) => of.plan.doses.find((dose) => dose.id === 'salt')?.grams ?? 0;
    expect(salt(goes)).not.toBeCloseTo(salt(stays), 3);
    expect(await partCurd(db, ID, 0.5, { id: 'odd', name: 'Odd', options: { saltPct: 4000 } }, 5000)).toMatch(
      /cannot be made that way/,
    );
    expect(await db.makes.count()).toBe(2);
  });

  it('is refused where a half is too small, and changes nothing then', async () => {
    const before = await readLog(db, ID);
    expect(await partCurd(db, ID, 0.99, { id: 'crumb', name: 'Crumb' }, 4000)).toMatch(/larger share/);
    expect(await readLog(db, ID)).toEqual(before);
    expect(await db.makes.count()).toBe(1);
  });
});

describe('another device', () => {
  it('writes on where this one stopped, and the make comes back with what happened there', async () => {
    const given = await handOver(db, ID, 4000);
    if (!('file' in given)) throw new Error(given.reason);
    expect(await append(db, ID, { type: 'done', stage: 'measure' }, 4500)).toMatchObject({ ok: false });
    expect(await handOver(db, ID, 4600)).toMatchObject({ reason: expect.stringMatching(/Another device/) });

    const there = new Database(`${db.name}-there`);
    expect(await importMake(there, given.file, 5000)).toMatchObject({ ok: true });
    expect(await append(there, ID, { type: 'done', stage: 'measure' }, 6000)).toMatchObject({ ok: true });
    const back = await handOver(there, ID, 7000);
    if (!('file' in back)) throw new Error(back.reason);

    expect(await importMake(db, back.file, 8000)).toMatchObject({ ok: true });
    expect((await readLog(db, ID)).map((event) => event.type)).toEqual([
      'started',
      'done',
      'temperature',
      'handed',
      'received',
      'done',
      'handed',
      'received',
    ]);
    expect(await append(db, ID, { type: 'temperature', tempC: 60 }, 9000)).toMatchObject({ ok: true });
  });

  it('that went on by itself is refused: two pasts are never mixed', async () => {
    const given = await handOver(db, ID, 4000);
    if (!('file' in given)) throw new Error(given.reason);
    await append(db, ID, { type: 'received' }, 5000);
    await append(db, ID, { type: 'done', stage: 'measure' }, 6000);
    const here = await exportMake(db, ID);
    const other = { ...given.file, events: [...given.file.events, { type: 'received', seq: 4, at: 5500 }] };
    expect(await importMake(db, other, 9000)).toMatchObject({
      ok: false,
      faults: [{ path: 'id', remedy: expect.stringMatching(/keep the one/) }],
    });
    expect(await importMake(db, given.file, 9000)).toMatchObject({
      ok: false,
      faults: [{ problem: expect.stringMatching(/nothing new/) }],
    });
    expect(await exportMake(db, ID)).toEqual(here);
  });
});
