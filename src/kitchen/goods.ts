import { differenceInDays, parseISO } from 'date-fns';
import { z } from 'zod';
import { ACID_KINDS } from '../core/acid/acids';
import { strengthLeft } from '../core/coagulant/strength';
import { CULTURE_GROUPS } from '../core/culture/fitted';
import { bounded, boundedBy, oneLine } from '../core/faults/bounds';
import { named } from './named';
import { coagulantProduct, cultureLabel } from './products';

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
  coagulant: coagulantProduct.optional(),
  /** Where a coagulant comes from, as a label has to say. */
  origin: z.enum(['animal', 'microbial', 'vegetable']).optional(),
  culture: z
    .strictObject({
      ...cultureLabel,
      /** Its strain groups, one or two joined by a plus; left out where nobody said. */
      strains: z.enum(STRAINS).optional(),
    })
    .optional(),
});
export type Good = z.infer<typeof goodSchema>;

const DAYS_PER_MONTH = 30.4;

/** Months since a good was opened, to a tenth; nought while it is closed. */
export const monthsOpen = ({ opened }: Good, now: number): number =>
  opened === null
    ? 0
    : Math.max(0, Math.round((differenceInDays(now, parseISO(opened)) / DAYS_PER_MONTH) * 10) / 10);

/** Share of a coagulant's strength that is left; null for anything else. */
export const strengthNow = (good: Good, now: number): number | null =>
  good.coagulant ? strengthLeft(good.coagulant.form, monthsOpen(good, now)) : null;

export const usable = (good: Good): boolean => good.condition === 'good';
