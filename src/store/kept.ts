import { z } from 'zod';
import { ACID_KINDS } from '../core/acid/acids';
import { bounded, idText, oneLine } from '../core/faults/bounds';
import { type Fault, faultLine, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { HEATED_BY } from '../core/heat/warming';
import { SPECIES, TREATMENTS } from '../core/milk/species';
import { SALT_KINDS } from '../core/salt/spoons';
import { GIVEN_UNITS } from '../core/units/given';
import { photoSchema } from '../files/photo';
import { weekWishesSchema } from '../files/weekWishes';
import { GOOD_KINDS, goodSchema } from '../kitchen/goods';
import { kitchenSchema, upcastKitchen } from '../kitchen/kitchen';
import { knownMilkSchema } from '../kitchen/milk';
import { briefSchema } from '../plan/brief/schema';
import { GIVEN_DOSES } from '../plan/givenDoses';
import { savedSchema } from './backupOffer';

const field = z.object({ value: z.number().nullable(), text: z.string().max(2000).nullable() });
const byGood = <T extends z.ZodType>(value: T) => z.partialRecord(z.enum(GOOD_KINDS), value.optional());

/** A draft as kept: each part may be missing, as in one of an earlier version. What it no longer knows is left behind. */
const draftSchema = z
  .object({
    method: oneLine(200),
    milkId: z.string().max(64).nullable(),
    poured: z.array(z.object({ id: z.string().max(64), share: z.number() })).max(50),
    potId: z.string().max(64).nullable(),
    wishId: z.string().max(64).nullable(),
    species: z.enum(SPECIES),
    treatment: z.enum(TREATMENTS),
    homogenised: z.boolean(),
    acid: z.enum(ACID_KINDS),
    goods: byGood(z.string().max(64)),
    prices: byGood(z.number()),
    against: briefSchema.nullable(),
    by: z.enum(['litres', 'wantKg']),
    cream: z.boolean(),
    calcium: z.boolean(),
    coagulantForm: z.enum(['liquid', 'tablet', 'powder']),
    coagulantBy: z.enum(['strength', 'soxhlet', 'label', 'nothing']),
    cultureForm: z.enum(['freeze-dried', 'liquid', 'saved']),
    cultureLabel: z.enum(['usual', 'gram', 'sachet']),
    saltKind: z.enum(SALT_KINDS),
    given: z.partialRecord(
      z.enum(GIVEN_DOSES),
      z.object({ text: z.string().max(40), unit: z.enum(GIVEN_UNITS) }).optional(),
    ),
    heatBy: z.enum(HEATED_BY),
    keepWarm: briefSchema.shape.keepWarm.unwrap().nullable(),
    byClock: z.boolean(),
    away: z.array(z.object({ from: z.string().max(40), to: z.string().max(40) })).max(60),
    when: z.enum(['now', 'start', 'readyBy']),
    moment: z.string().max(40),
    fields: z.record(z.string().max(40), field),
    options: z.record(z.string().max(200), z.record(z.string().max(60), field)),
    choices: z.record(
      z.string().max(200),
      z.record(z.string().max(60), z.union([z.string().max(200), z.boolean()])),
    ),
  })
  .partial();

const alarmsSchema = z.object({
  answered: z.array(z.string().max(400)).max(2000),
  snoozedUntil: z.record(z.string().max(400), bounded('wallMs')),
});

const reckonerSchema = z.record(z.string().max(100), z.record(z.string().max(200), z.unknown()));

const SETTINGS: Readonly<Record<string, z.ZodType>> = {
  kitchen: z.preprocess(upcastKitchen, kitchenSchema),
  draft: draftSchema,
  reckoner: reckonerSchema,
  alarms: alarmsSchema,
  week: weekWishesSchema,
  'demo-laid': bounded('wallMs'),
  saved: savedSchema,
  restored: z.string().max(64),
};

const settingRow = z.object({
  key: z.string().max(100),
  value: z.unknown(),
  at: bounded('wallMs').optional(),
  by: z.string().max(64).optional(),
});

const named = (key: string) => (key.startsWith('draft:') ? 'draft' : key);

/** A setting's value, read by what its key stands for. */
export function readSetting<T>(key: string, value: unknown): Result<T> {
  const schema = Object.hasOwn(SETTINGS, named(key)) ? SETTINGS[named(key)] : undefined;
  if (!schema) return { ok: false, faults: [{ path: 'key', problem: `is "${key}"`, remedy: 'take it out' }] };
  return parse<T>(schema as z.ZodType<T>, value);
}

function readSettingRow(row: unknown): Result<unknown> {
  const read = parse(settingRow, row);
  if (!read.ok) return read;
  const value = readSetting(read.value.key, read.value.value);
  return value.ok ? { ok: true, value: { ...read.value, value: value.value } } : value;
}

const makeRow = z.object({ id: idText() });

type Read = (row: unknown) => Result<unknown>;

let ofMakes: Readonly<Record<'events' | 'methods', Read>> | null = null;

/** Until entries of logs and own makes can be read too: what reads them is large, and wanted only where there are any. */
export async function makesCanBeRead(): Promise<void> {
  ofMakes ??= (await import('./keptMakes')).OF_MAKES;
}

/** Whether rows of that table can be read at once, or only when `makesCanBeRead`. */
export const readsNow = (table: TableName): boolean =>
  ofMakes !== null || !(table === 'events' || table === 'methods');

const ofMake =
  (table: 'events' | 'methods'): Read =>
  (row) => {
    if (!ofMakes) throw new Error(`rows of ${table} are read before they can be`);
    return ofMakes[table](row);
  };

/** What each table may hold; a table that is not named holds what was read already. */
const TABLES: Readonly<Record<TableName, Read>> = {
  makes: (row) => parse(makeRow, row),
  events: ofMake('events'),
  milks: (row) => parse(knownMilkSchema, row),
  goods: (row) => parse(goodSchema, row),
  methods: ofMake('methods'),
  photos: (row) => parse(photoSchema, row),
  settings: readSettingRow,
};
export type TableName = 'makes' | 'events' | 'milks' | 'goods' | 'methods' | 'photos' | 'settings';

/** A row of a table as it may stand there, or what is wrong with it. */
export function readRow<T>(table: TableName, row: unknown): Result<T> {
  return (TABLES[table] as (row: unknown) => Result<T>)(row);
}

/** Thrown where something is to be stored that could not be read back. */
export class Refused extends Error {
  readonly faults: readonly Fault[];
  constructor(faults: readonly Fault[]) {
    super(faults.slice(0, 3).map(faultLine).join('. '));
    this.name = 'Refused';
    this.faults = faults;
  }
}
