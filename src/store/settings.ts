import { z } from 'zod';
import { bounded } from '../core/faults/bounds';
import { parse } from '../core/faults/zodFaults';
import type { Database, SettingKey } from './db';
import { readSetting } from './kept';
import { type AlarmState, joinedAlarms } from './slices/alarms';

/** Where a setting waits until the database has it: written at once, and outlives a reload of the page. */
export type WaitingRoom = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

const PREFIX = 'waiting:';

const waitingSchema = z.object({
  value: z.unknown(),
  /** Wall time of the change, ms. */
  at: bounded('wallMs'),
  /** The window it was made in. */
  by: z.string().max(64).optional(),
});

/** What waits under a key, or null where it is torn or says nothing that can be kept. */
function waitingIn(text: string, key: SettingKey) {
  try {
    const read = parse(waitingSchema, JSON.parse(text));
    if (!read.ok) return null;
    const value = readSetting(key, read.value.value);
    return value.ok ? { ...read.value, value: value.value } : null;
  } catch {
    return null;
  }
}

/** Answers to alarms from several windows add up; of all else the latest holds. */
async function joined(db: Database, key: SettingKey, value: unknown): Promise<unknown> {
  if (key !== 'alarms') return value;
  const kept = await db.alarms();
  return kept ? joinedAlarms(kept, value as AlarmState) : value;
}

/** How many writes of each setting are under way from here. */
const underWay = new WeakMap<Database, Map<SettingKey, number>>();

const count = (db: Database, keys: readonly SettingKey[], by: number) => {
  const counts = underWay.get(db) ?? new Map<SettingKey, number>();
  underWay.set(db, counts);
  for (const key of keys) counts.set(key, (counts.get(key) ?? 0) + by);
};

/** Whether this window is writing a setting just now, so that what is read of it is older than what it has. */
export const isBeingKept = (db: Database, key: SettingKey): boolean => (underWay.get(db)?.get(key) ?? 0) > 0;

/** Where settings are kept from: who makes way for what is being drawn says when the database may have them. */
export interface Keeper {
  room: WaitingRoom | undefined;
  by: string;
  mayWrite?: () => Promise<void>;
}

/**
 * Writes settings. A page may be reloaded the instant after a key was pressed, and a transaction under way is then
 * dropped: so the value is put in the waiting room first and taken out once it is on the disk. What waits there is safe,
 * so that the frame which shows it comes before the database.
 */
export async function keepSettings(
  db: Database,
  { room, by, mayWrite }: Keeper,
  values: readonly [SettingKey, unknown][],
  at: number,
): Promise<void> {
  const texts = values.map(([key, value]) => [`${PREFIX}${key}`, JSON.stringify({ value, at, by })] as const);
  for (const [key, text] of texts) {
    try {
      room?.setItem(key, text);
    } catch {
      // A full waiting room only costs what a reload in this very instant would.
    }
  }
  const keys = values.map(([key]) => key);
  count(db, keys, 1);
  try {
    // All alike, so that what was changed later is written later.
    await mayWrite?.();
    await db.transaction('rw', db.settings, async () => {
      for (const [key, value] of values)
        await db.settings.put({ key, value: await joined(db, key, value), at, by });
    });
  } finally {
    count(db, keys, -1);
  }
  for (const [key, text] of texts) if (room?.getItem(key) === text) room.removeItem(key);
}

/** Gives the database what waits for it; what the database has had since stays. */
export async function bringInWaiting(db: Database, room: WaitingRoom | undefined): Promise<void> {
  if (!room) return;
  const keys = Array.from({ length: room.length }, (_, i) => room.key(i)).filter(
    (key): key is string => key?.startsWith(PREFIX) === true,
  );
  for (const waitingKey of keys) {
    const text = room.getItem(waitingKey);
    if (text === null) continue;
    const key = waitingKey.slice(PREFIX.length) as SettingKey;
    const waiting = waitingIn(text, key);
    if (waiting) {
      const { value, at, by } = waiting;
      await db.transaction('rw', db.settings, async () => {
        const kept = await db.settings.get(key);
        if ((kept?.at ?? 0) <= at)
          await db.settings.put({ key, value: await joined(db, key, value), at, ...(by && { by }) });
      });
    }
    if (room.getItem(waitingKey) === text) room.removeItem(waitingKey);
  }
}
