import { z } from 'zod';
import { boundedBy, oneLine } from '../core/faults/bounds';
import { LEARNED_QUANTITIES } from '../plan/belief';
import { LEARNED_OF } from './quantities';

const factor = boundedBy(0.05, 20);

export const learnedSchema = z.strictObject({
  format: z.literal('plump-pail/learned'),
  version: z.literal(1),
  /** Makes it was learned from. */
  makes: z.int().min(0),
  modelVersion: z.int().min(1).max(10_000),
  quirks: z
    .array(
      z.strictObject({
        of: z.enum(LEARNED_OF),
        id: oneLine(200),
        quantity: z.enum(LEARNED_QUANTITIES),
        /** A factor against the plain model, with its 10th and 90th percentiles. */
        likely: factor,
        low: factor,
        high: factor,
        makes: z.int().min(1),
        says: oneLine(400),
      }),
    )
    .max(5000),
});
export type Learned = z.infer<typeof learnedSchema>;
export type Quirk = Learned['quirks'][number];
