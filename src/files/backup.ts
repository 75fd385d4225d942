import { z } from 'zod';
import { bad, type Fault, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { goodSchema } from '../kitchen/goods';
import { kitchenSchema, upcastKitchen } from '../kitchen/kitchen';
import { knownMilkSchema } from '../kitchen/milk';
import { methodSchema } from '../makes/methodSchema';
import { unfinishedSchema } from '../makes/unfinished';
import { makeSchema } from './make';
import { photoSchema } from './photo';
import { weekWishesSchema } from './weekWishes';

/** Where something that cannot be read was found. */
export const ASIDE_OF = ['makes', 'events', 'milks', 'goods', 'methods', 'photos', 'settings'] as const;

/** What stands twice in a list, or stands in it and was seen before. */
const twiceIn = (list: string, rows: readonly { id: string }[], seen: Set<string>): Fault[] =>
  rows.flatMap(({ id }, index) => {
    const twice = seen.has(id);
    seen.add(id);
    return twice
      ? [{ path: `${list}.${index}.id`, problem: `"${id}" stands twice`, remedy: 'keep one of them' }]
      : [];
  });

/** Everything there is, as one file. */
export const backupSchema = z
  .strictObject({
    format: z.literal('plump-pail/backup'),
    version: z.literal(1),
    kitchen: kitchenSchema,
    milks: z.array(knownMilkSchema),
    makes: z.array(makeSchema),
    goods: z.array(goodSchema).optional(),
    methods: z.array(methodSchema).optional(),
    /** Makes of the maker's own that are still being written. */
    unfinished: z.array(unfinishedSchema).optional(),
    photos: z.array(photoSchema).optional(),
    /** What is wanted in the weeks. */
    week: weekWishesSchema.optional(),
    /** What was there and could not be read, exactly as it stood. */
    aside: z
      .array(z.strictObject({ table: z.enum(ASIDE_OF), row: z.unknown() }))
      .max(10_000)
      .optional(),
  })
  .superRefine((backup, context) => {
    const seenMethods = new Set<string>();
    for (const list of ['milks', 'makes', 'goods', 'photos', 'methods', 'unfinished'] as const) {
      const seen = list === 'unfinished' || list === 'methods' ? seenMethods : new Set<string>();
      for (const params of twiceIn(list, backup[list] ?? [], seen))
        context.addIssue({ code: 'custom', path: params.path.split('.'), message: params.problem, params });
    }
  });
export type Backup = z.infer<typeof backupSchema>;

/** How many entries the makes of a backup have, as far as that can be told before it is read. */
export const entriesIn = (value: unknown): number => {
  const { makes } = (value ?? {}) as { makes?: unknown };
  return Array.isArray(makes)
    ? makes.reduce(
        (sum: number, make) => sum + ((make as { events?: unknown[] } | null)?.events?.length ?? 0),
        0,
      )
    : 0;
};

/** A backup read make by make, so that somebody can be told how far it is: `checked` hears the entries of each that was. */
export function readBackup(given: unknown, checked: (entries: number) => void): Result<Backup> {
  const value = upcastBackup(given) as { makes?: unknown } | null;
  if (!Array.isArray(value?.makes)) return parse<Backup>(backupSchema, value);
  const makes: Backup['makes'] = [];
  const faults: Fault[] = [];
  value.makes.forEach((make: unknown, index) => {
    const read = parse<Backup['makes'][number]>(makeSchema, make);
    if (read.ok) {
      makes.push(read.value);
      checked(read.value.events.length);
    } else
      faults.push(
        ...read.faults.map((one) => ({
          ...one,
          path: ['makes', index, one.path].filter((part) => part !== '').join('.'),
        })),
      );
  });
  const rest = parse<Backup>(backupSchema, { ...value, makes: [] });
  if (!rest.ok) faults.push(...rest.faults);
  faults.push(...twiceIn('makes', makes, new Set()));
  return rest.ok && faults.length === 0 ? good({ ...rest.value, makes }) : bad(...faults);
}

/** Reads a backup as an earlier version wrote it; any other value comes back as it is. */
export const upcastBackup = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'kitchen' in value
    ? { ...value, kitchen: upcastKitchen(value.kitchen) }
    : value;
