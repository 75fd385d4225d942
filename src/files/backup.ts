import { z } from 'zod';
import { bounded, boundedBy } from '../core/faults/bounds';
import { SPECIES, TREATMENTS } from '../core/milk/species';
import { methodSchema } from '../makes/method';
import { kitchenSchema, upcastKitchen } from './kitchen';
import { makeSchema } from './make';
import { goodSchema } from './shelf';

/** A milk the kitchen knows by name. Protein is true protein, % by mass; pH is null where nobody measured it. */
export const knownMilkSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().min(1).max(120),
  species: z.enum(SPECIES),
  fatPct: bounded('fatPct'),
  proteinPct: bounded('proteinPct'),
  treatment: z.enum(TREATMENTS),
  homogenised: z.boolean(),
  pH: bounded('milkPH').nullable(),
  startC: bounded('startC'),
  pricePerLitre: bounded('price').nullable(),
  /** What is left of it, and the day it came; left out where nobody counts. */
  litres: boundedBy(0, 100_000, 'L').nullable().optional(),
  day: z.string().max(10).nullable().optional(),
});
export type KnownMilk = z.infer<typeof knownMilkSchema>;

/** Larger than this no photo is kept, characters of its data URL. */
const MOST_PHOTO = 2_000_000;

/** A photo of a make, a JPEG as a data URL. */
export const photoSchema = z.strictObject({
  id: z.string().min(1).max(64),
  makeId: z.string().min(1).max(64),
  at: z.number(),
  jpeg: z
    .string()
    .startsWith('data:image/jpeg;base64,', 'give a JPEG')
    .max(MOST_PHOTO, 'give a smaller photo'),
});
export type Photo = z.infer<typeof photoSchema>;

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
    photos: z.array(photoSchema).optional(),
  })
  .superRefine((backup, context) => {
    for (const list of ['milks', 'makes', 'goods', 'photos'] as const) {
      const seen = new Set<string>();
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
