import { hypotOf, lnOf, powOf } from '../core/numeric/elementary';
import { type LearnedQuantity, STRAYS, Z90 } from './belief';
import type { Plan } from './schema';

/** From this model on a running make's readings are weighed against what was held before them; before it they are believed whole. */
export const SHARPENED_FROM_MODEL = 5;

/** What is held of the natural logarithm of a factor. */
export interface HeldLn {
  mean: number;
  sd: number;
}

/**
 * What a plan holds of a quantity in its own batch, against the plain model: what was learned of it, else what is held of any, and how far
 * one batch strays from that.
 */
export function heldIn({ learned }: Pick<Plan, 'learned'>, quantity: LearnedQuantity): HeldLn {
  const { own, group, batch } = STRAYS[quantity];
  const known = learned?.find((one) => one.quantity === quantity);
  return known
    ? { mean: lnOf(known.likely), sd: hypotOf(lnOf(known.high / known.low) / (2 * Z90), batch) }
    : { mean: 0, sd: hypotOf(own, group, batch) };
}

/**
 * What one reading makes of what was held before it: Gaussian conditioning, as makes that are over are learned from. A reading that
 * says little moves little.
 *
 * @example sharpened({ mean: 0, sd: 0.2 }, { ln: 0.1, sd: 0.2 }) // { mean: 0.05, sd: 0.141 }
 */
export function sharpened(before: HeldLn, reading: { ln: number; sd: number }): HeldLn {
  const [held, read] = [powOf(before.sd, -2), powOf(reading.sd, -2)];
  return {
    mean: (before.mean * held + reading.ln * read) / (held + read),
    sd: powOf(held + read, -0.5),
  };
}
