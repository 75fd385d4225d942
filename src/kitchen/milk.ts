import { z } from 'zod';
import { bounded, boundedBy, oneLine } from '../core/faults/bounds';
import { SPECIES, TREATMENTS } from '../core/milk/species';
import { named } from './named';

/**
 * A milk the kitchen knows by name: a lot that came on a day, or one that always comes. Protein is true protein, % by
 * mass; pH is null where nobody measured it.
 */
export const knownMilkSchema = z.strictObject({
  ...named,
  farm: oneLine(120).optional(),
  species: z.enum(SPECIES),
  fatPct: bounded('fatPct'),
  proteinPct: bounded('proteinPct'),
  treatment: z.enum(TREATMENTS),
  homogenised: z.boolean(),
  pH: bounded('milkPH').nullable(),
  startC: bounded('startC'),
  pricePerLitre: bounded('price').nullable(),
  /** How much of it came, and the day it did; left out where nobody counts. */
  litres: boundedBy(0, 100_000, 'L').nullable().optional(),
  day: oneLine(10).nullable().optional(),
  /** The last day on which it may go onto the heat; left out where nobody says. */
  useBy: z.iso.date('give a day').nullable().optional(),
});
export type KnownMilk = z.infer<typeof knownMilkSchema>;

/** Whether a milk's use-by has passed on a day, both as in a calendar. */
export const pastUseBy = ({ useBy }: Pick<KnownMilk, 'useBy'>, day: string): boolean =>
  useBy != null && day > useBy;

/** Wall times between which a milk may go onto the heat, as far as its days are known: from six on the day it comes. */
export const heatedWithin = ({ day, useBy }: Pick<KnownMilk, 'day' | 'useBy'>) => ({
  from: day ? `${day}T06:00` : null,
  until: useBy ? `${useBy}T23:59` : null,
});
