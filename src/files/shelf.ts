import { z } from 'zod';
import { ACID_KINDS } from '../core/acid/acids';
import { CULTURE_GROUPS } from '../core/culture/fitted';
import { bounded, boundedBy, oneLine } from '../core/faults/bounds';
import { coagulantSchema } from '../plan/brief/schema';
import { named } from './named';

export const GOOD_KINDS = ['acid', 'coagulant', 'culture', 'calcium', 'salt', 'lipase'] as const;
export type GoodKind = (typeof GOOD_KINDS)[number];

/** How a good is counted: grams, millilitres, or by the piece. */
export const GOOD_MEASURES = ['g', 'mL', 'tablets', 'sachets'] as const;

/** The strain groups a culture may be of. */
export const STRAINS = [...CULTURE_GROUPS, 'mesophilic+thermophilic'] as const;

export const CONDITIONS = ['good', 'clumped', 'out of date'] as const;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** One thing on the shelf, as bought: what it is, how strong, how much, which lot, since when it is open. */
export const goodSchema = z.strictObject({
  ...named,
  kind: z.enum(GOOD_KINDS),
  lot: oneLine(60),
  /** A day as in a calendar, or null while it is closed. */
  opened: z.string().regex(DAY, 'give a day like 2026-11-27').nullable(),
  amount: boundedBy(0, 1_000_000).nullable(),
  measure: z.enum(GOOD_MEASURES),
  condition: z.enum(CONDITIONS),
  allergens: oneLine(200),
  /** For each kg, litre or piece. */
  price: bounded('price').nullable(),
  acid: z
    .strictObject({ kind: z.enum(ACID_KINDS), strengthPct: boundedBy(1, 90, 'g per 100 mL').nullable() })
    .optional(),
  coagulant: coagulantSchema.omit({ price: true, ageMonths: true }).optional(),
  /** Where a coagulant comes from, as a label has to say. */
  origin: z.enum(['animal', 'microbial', 'vegetable']).optional(),
  culture: z
    .strictObject({
      form: z.enum(['freeze-dried', 'liquid', 'saved']),
      /** Its strain groups, one or two joined by a plus; left out where nobody said. */
      strains: z.enum(STRAINS).optional(),
      labelLitresPerGram: boundedBy(0.1, 100_000, 'L/g').optional(),
      labelLitresPerSachet: boundedBy(0.1, 100_000, 'L').optional(),
      percent: boundedBy(0.05, 20, '%').optional(),
      generation: boundedBy(0, 200).optional(),
    })
    .optional(),
});
export type Good = z.infer<typeof goodSchema>;
