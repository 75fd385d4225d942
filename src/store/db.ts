import Dexie, { type Table } from 'dexie';
import type { Photo } from '../files/backup';
import { type Kitchen, upcastKitchen } from '../files/kitchen';
import type { KnownMilk } from '../files/milk';
import type { Good } from '../files/shelf';
import type { Method } from '../makes/method';
import type { MakeEvent } from '../run/events';
import type { AlarmState } from './slices/alarms';
import type { Draft } from './slices/draft';
import type { Reckoner } from './slices/reckoner';
import type { WindowName } from './window';

/** An event with the make it belongs to. */
export type StoredEvent = MakeEvent & { makeId: string };

export interface OwnMethod {
  id: string;
  method: Method;
}

export interface StoredMake {
  id: string;
}

export type SettingKey =
  | 'kitchen'
  | 'draft'
  | `draft:${string}`
  | 'reckoner'
  | 'alarms'
  | 'demo-laid'
  | 'restored';

interface Setting {
  key: SettingKey;
  value: unknown;
  /** Wall time of the change, ms, where it was one of the maker's. */
  at?: number;
  /** The window it was made in. */
  by?: string;
}

/**
 * The maker's data. Dexie owns it; Redux holds what can be rebuilt from it. A write is acknowledged when its
 * transaction completes, strictly durable, so that what shows as noted is on the disk.
 */
export class Database extends Dexie {
  makes!: Table<StoredMake, string>;
  /** Keyed by make and place in its log: two windows cannot write the same place. */
  events!: Table<StoredEvent, [string, number]>;
  milks!: Table<KnownMilk, string>;
  goods!: Table<Good, string>;
  /** Makes of the maker's own, as they stand in the editor, faulty or not. */
  methods!: Table<OwnMethod, string>;
  photos!: Table<Photo, string>;
  settings!: Table<Setting, string>;

  constructor(name = 'plump-pail') {
    super(name, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({ makes: 'id', events: '[makeId+seq], makeId', milks: 'id', settings: 'key' });
    this.version(2).stores({ goods: 'id', methods: 'id' });
    this.version(3).stores({ photos: 'id, makeId' });
  }

  async kitchen(): Promise<Kitchen | undefined> {
    return upcastKitchen((await this.settings.get('kitchen'))?.value) as Kitchen | undefined;
  }

  async alarms(): Promise<AlarmState | undefined> {
    return (await this.settings.get('alarms'))?.value as AlarmState | undefined;
  }

  async reckoner(): Promise<Reckoner | undefined> {
    return (await this.settings.get('reckoner'))?.value as Reckoner | undefined;
  }

  /** The draft of one window, else of the one it was copied from, else the one written last. */
  async draft({ id, from }: WindowName): Promise<Draft | undefined> {
    const keys: SettingKey[] = [`draft:${id}`, `draft:${from}`, 'draft'];
    const kept = await this.settings.bulkGet(keys);
    return kept.find((setting) => setting !== undefined)?.value as Draft | undefined;
  }
}
