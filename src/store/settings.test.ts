import { USUAL_KITCHEN } from '../kitchen/usual';
import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { Database } from './db';
import { bringInWaiting, keepSettings, type WaitingRoom } from './settings';

function room(): WaitingRoom & { all: Map<string, string> } {
  const all = new Map<string, string>();
  return {
    all,
    get length() {
      return all.size;
    },
    key: (i) => [...all.keys()][i] ?? null,
    getItem: (key) => all.get(key) ?? null,
    setItem: (key, value) => void all.set(key, value),
    removeItem: (key) => void all.delete(key),
  };
}

let db: Database;
let count = 0;
beforeEach(() => {
  db = new Database(`settings-${count++}`);
});
const kept = async (key: 'kitchen' | 'draft') => (await db.settings.get(key))?.value;

const warm = { ...USUAL_KITCHEN, roomC: 21 };

describe('settings', () => {
  it('wait outside only until the database has them', async () => {
    const waiting = room();
    const written = keepSettings(db, { room: waiting, by: 'here' }, [['kitchen', warm]], 100);
    expect(waiting.all.size).toBe(1);
    await written;
    expect(waiting.all.size).toBe(0);
    expect(await kept('kitchen')).toEqual(warm);
  });

  it('whose transaction never came about are there after the reload', async () => {
    const waiting = room();
    await keepSettings(db, { room: waiting, by: 'here' }, [['draft', { method: 'paneer' }]], 100);
    const gone = new Database(`${db.name}-gone`);
    await gone.open();
    gone.close({ disableAutoOpen: true });
    await expect(
      keepSettings(gone, { room: waiting, by: 'here' }, [['draft', { method: 'skyr' }]], 200),
    ).rejects.toThrow();
    await bringInWaiting(db, waiting);
    expect(await kept('draft')).toEqual({ method: 'skyr' });
    expect(waiting.all.size).toBe(0);
  });

  it('make way for the frame that shows them, safe meanwhile, and are written in the order they were changed', async () => {
    const frames: (() => void)[] = [];
    const waiting = room();
    const keeper = { room: waiting, by: 'here', mayWrite: () => new Promise<void>((go) => frames.push(go)) };
    const full = {
      ...room(),
      setItem: () => {
        throw new Error('full');
      },
    };
    const first = keepSettings(db, keeper, [['draft', { method: 'paneer' }]], 100);
    const second = keepSettings(db, { ...keeper, room: full }, [['draft', { method: 'skyr' }]], 101);
    expect(await kept('draft')).toBeUndefined();
    // Another window that opens now has it.
    await bringInWaiting(new Database(db.name), { ...waiting, length: 1, removeItem: () => {} });
    expect(await kept('draft')).toEqual({ method: 'paneer' });
    for (const painted of frames) painted();
    await Promise.all([first, second]);
    expect(await kept('draft')).toEqual({ method: 'skyr' });
    expect(waiting.all.size).toBe(0);
  });

  it('that have changed in another window since stay as they are', async () => {
    const waiting = room();
    waiting.setItem('waiting:draft', JSON.stringify({ value: { method: 'paneer' }, at: 100 }));
    waiting.setItem('something else', 'is left alone');
    await keepSettings(db, { room: undefined, by: 'here' }, [['draft', { method: 'skyr' }]], 200);
    await bringInWaiting(db, waiting);
    expect(await kept('draft')).toEqual({ method: 'skyr' });
    expect([...waiting.all.keys()]).toEqual(['something else']);
  });

  it('a later change that is still waiting is not taken out by an earlier one', async () => {
    const waiting = room();
    const first = keepSettings(db, { room: waiting, by: 'here' }, [['draft', { method: 'paneer' }]], 100);
    const second = keepSettings(db, { room: waiting, by: 'here' }, [['draft', { method: 'skyr' }]], 101);
    await first;
    await second;
    expect(await kept('draft')).toEqual({ method: 'skyr' });
    expect(waiting.all.size).toBe(0);
  });

  it('torn in the waiting room, or of a kind nobody knows, lock no door', async () => {
    const waiting = room();
    waiting.setItem('waiting:draft', '{"value": {"method"');
    waiting.setItem('waiting:kitchen', JSON.stringify({ value: { roomC: 'warm' }, at: 100, by: 'x' }));
    waiting.setItem('waiting:colour', JSON.stringify({ value: 'blue', at: 100, by: 'x' }));
    await bringInWaiting(db, waiting);
    expect(await db.settings.count()).toBe(0);
    expect(waiting.all.size).toBe(0);
  });

  it('that no schema reads are not kept', async () => {
    await expect(
      keepSettings(db, { room: undefined, by: 'here' }, [['kitchen', { ...warm, roomC: 900 }]], 1),
    ).rejects.toThrow(/roomC/);
    expect(await db.settings.count()).toBe(0);
  });
});
