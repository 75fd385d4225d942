import Dexie, { type DBCore, type DBCoreAddRequest, type DBCorePutRequest, type Table } from 'dexie';
import type { Photo } from '../files/photo';
import type { WeekWishes } from '../files/weekWishes';
import type { Good } from '../kitchen/goods';
import type { Kitchen } from '../kitchen/kitchen';
import type { KnownMilk } from '../kitchen/milk';
import type { Learning } from '../learn/learnt';
import type { Taught } from '../learn/samples';
import type { Method } from '../makes/method';
import type { MakeEvent } from '../run/events';
import type { Summary } from '../run/line';
import type { Saved } from './backupOffer';
import { type AsLong, besideLog } from './besideLog';
import { makesCanBeRead, Refused, readRow, readSetting, readsNow, type TableName } from './kept';
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
  | 'week'
  | 'demo-laid'
  | 'saved'
  | 'restored';

interface Setting {
  key: SettingKey;
  value: unknown;
  /** Wall time of the change, ms, where it was one of the maker's. */
  at?: number;
  /** The window it was made in. */
  by?: string;
}

/** A row as it stood before a backup was brought back: `gen` tells one such moment from the next. */
export interface Before {
  n?: number;
  gen: number;
  table: TableName | 'aside';
  row: unknown;
}

/** Something that came with a backup and cannot be read, kept as it is. */
export interface PutAside {
  n?: number;
  table: TableName;
  row: unknown;
}

/** A summary beside its log; `by` tells by which reckoning. */
export interface KeptSummary {
  id: string;
  events: number;
  by: number;
  summary: Summary;
}

/** So `many` summaries in one block of text, `by` the reckoning they are of. */
export interface Pack {
  n: number;
  by: number;
  many: number;
  text: string;
}

/** What a make teaches, beside its log; null where it teaches nothing. `by` tells by which model. */
export interface KeptTaught {
  id: string;
  events: number;
  by: number;
  taught: Taught | null;
}

/** What all makes that are over teach together, `by` the reckoning, from so many of them. */
export interface KeptLearning {
  n: number;
  by: string;
  makes: number;
  learning: Learning;
}

/** Every table whose rows are read by a schema before they are stored. */
export const READ_TABLES: readonly TableName[] = [
  'makes',
  'events',
  'milks',
  'goods',
  'methods',
  'photos',
  'settings',
];

/** Stands before the tables: what could not be read back is refused, whoever writes it. */
const readable = (core: DBCore): DBCore => ({
  ...core,
  table: (name) => {
    const table = core.table(name);
    if (!READ_TABLES.includes(name as TableName)) return table;
    const put = (request: DBCoreAddRequest | DBCorePutRequest) => {
      const values = [];
      for (const row of request.values) {
        const read = readRow<object>(name as TableName, row);
        if (!read.ok) return Dexie.Promise.reject(new Refused(read.faults)) as never;
        values.push(read.value);
      }
      return table.mutate({ ...request, values });
    };
    return {
      ...table,
      mutate: (request) =>
        request.type !== 'add' && request.type !== 'put'
          ? table.mutate(request)
          : readsNow(name as TableName)
            ? put(request)
            : Dexie.waitFor(makesCanBeRead()).then(() => put(request)),
    };
  },
});

/** The latest shape of the tables, and what a browser calls it, which is ten times as much. */
const VERSION = 7;
const IN_BROWSER = 10;

/**
 * The maker's data. Dexie owns it; Redux holds what can be rebuilt from it. A write is acknowledged when its
 * transaction completes, strictly durable, and nothing is read before it is, so that what shows as noted is on the
 * disk. Nothing is stored that its schema does not read; `raw` is a connection without that guard, for rows that are
 * put back exactly as they stood.
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
  before!: Table<Before, number>;
  aside!: Table<PutAside, number>;
  /** Every make that is over in one line, as this version of the app reckons it. */
  summaries!: Table<KeptSummary, AsLong>;
  /** The summaries once more, as they are read all at once. */
  packs!: Table<Pack, number>;
  /** What every make that is over teaches, as this version of the model reckons it. */
  taught!: Table<KeptTaught, AsLong>;
  /** What all of those come to, in one row; there is none while it is not known. */
  learned!: Table<KeptLearning, number>;
  #raw: Database | null = null;

  constructor(name = 'plump-pail', { guarded = true } = {}) {
    super(name, { chromeTransactionDurability: 'strict', cache: 'disabled' });
    this.version(1).stores({ makes: 'id', events: '[makeId+seq], makeId', milks: 'id', settings: 'key' });
    this.version(2).stores({ goods: 'id', methods: 'id' });
    this.version(3).stores({ photos: 'id, makeId' });
    this.version(4).stores({ before: '++n, gen', aside: '++n' });
    this.version(5).stores({ summaries: '[id+events]', taught: '[id+events]' });
    this.version(6).stores({ packs: 'n, [by+many]' });
    this.version(VERSION).stores({ learned: 'n' });
    this.use({ stack: 'dbcore', name: 'beside-log', level: 5, create: besideLog });
    if (guarded) this.use({ stack: 'dbcore', name: 'readable', create: readable });
  }

  /** Opens the store; throws VersionError where a newer version of the app has written it, which this one may not touch. */
  async openOwn(): Promise<void> {
    await this.open();
    if (this.backendDB().version <= VERSION * IN_BROWSER) return;
    this.close();
    throw new Dexie.VersionError();
  }

  get raw(): Database {
    this.#raw ??= new Database(this.name, { guarded: false });
    return this.#raw;
  }

  /** A setting; undefined where it was never kept or cannot be read. */
  async setting<T>(key: SettingKey): Promise<T | undefined> {
    const row = await this.settings.get(key);
    if (row === undefined) return undefined;
    const read = readSetting<T>(key, row.value);
    return read.ok ? read.value : undefined;
  }

  kitchen = (): Promise<Kitchen | undefined> => this.setting('kitchen');
  alarms = (): Promise<AlarmState | undefined> => this.setting('alarms');
  week = (): Promise<WeekWishes | undefined> => this.setting('week');
  saved = (): Promise<Saved | undefined> => this.setting('saved');
  reckoner = (): Promise<Reckoner | undefined> => this.setting('reckoner');

  /** The draft of one window, else of the one it was copied from, else the one written last. */
  async draft({ id, from }: WindowName): Promise<Draft | undefined> {
    for (const key of [`draft:${id}`, `draft:${from}`, 'draft'] as const) {
      const draft = await this.setting<Draft>(key);
      if (draft) return draft;
    }
    return undefined;
  }
}
