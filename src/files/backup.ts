import { z } from 'zod';
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
      (backup[list] ?? []).forEach(({ id }, index) => {
        const params = { problem: `"${id}" stands twice`, remedy: 'keep one of them' };
        if (seen.has(id))
          context.addIssue({ code: 'custom', path: [list, index, 'id'], message: params.problem, params });
        seen.add(id);
      });
    }
  });
export type Backup = z.infer<typeof backupSchema>;

/** Reads a backup as an earlier version wrote it; any other value comes back as it is. */
export const upcastBackup = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'kitchen' in value
    ? { ...value, kitchen: upcastKitchen(value.kitchen) }
    : value;
