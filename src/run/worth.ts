import { scaledBy } from '../plan/larger';
import type { MakeState } from './makeState';
import { summaryOf } from './summary';

/** What a weighed kilogram took, and what it is worth against a shop's. */
export interface Worth {
  costPerKg: number | null;
  handsMinPerKg: number;
  /** A shop's price less the cost, per kilogram; null without either. */
  savedPerKg: number | null;
  /** What an hour of hands brings by that; null where nothing is saved. */
  savedPerHandsHour: number | null;
  /** The same for three times the milk, at the share of its plan that this one came to; null where no pot is that big. */
  larger: { litres: number; handsMinPerKg: number; costPerKg: number | null } | null;
}

/** So many times the milk is looked at. */
const TIMES = 3;

/**
 * Whether a make was worth it, by its weighed kilograms; null where it was not weighed. The price is of a kilogram in a shop, in the
 * currency of the milk's price.
 *
 * @example worthOf(state, 14)?.savedPerKg // 7.8 where a kilo cost 6.2
 */
export function worthOf(state: MakeState, shopPricePerKg: number | null): Worth | null {
  const { handsMinPerKg, costPerKg, yieldShare, litres } = summaryOf('', state);
  if (handsMinPerKg === null || yieldShare === null) return null;
  const savedPerKg = shopPricePerKg === null || costPerKg === null ? null : shopPricePerKg - costPerKg;
  const scaled = scaledBy(state, TIMES)?.plan.predictions ?? null;
  return {
    costPerKg,
    handsMinPerKg,
    savedPerKg,
    savedPerHandsHour:
      savedPerKg === null || savedPerKg <= 0 || handsMinPerKg <= 0 ? null : (60 * savedPerKg) / handsMinPerKg,
    larger: scaled && {
      litres: litres * TIMES,
      handsMinPerKg: scaled.handsOnMin / (scaled.yieldKg.likely * yieldShare),
      costPerKg: scaled.costPerKg === null ? null : scaled.costPerKg / yieldShare,
    },
  };
}
