import { powOf } from '../numeric/elementary';
import { type CultureGroup, SOURING, type Souring } from './fitted';

/** Cells in the milk at the start, and how long they take to wake at their best temperature. */
export interface Inoculum {
  group: CultureGroup;
  cfuPerMl: number;
  lagHours: number;
}

/** A liquid starter loses half its cells in this many days in the fridge. Common practice. */
const LIQUID_HALF_LIFE_DAYS = 7;
/** Each generation of a saved batch counts for a little less; common practice is to renew after about ten. */
const PER_GENERATION = 0.97;

/** A freeze-dried dose; `share` of what its label says for this milk. */
export const freezeDried = (group: CultureGroup, share = 1, fitted: Souring = SOURING): Inoculum => ({
  group,
  cfuPerMl: fitted.freezeDried * share,
  lagHours: fitted.freezeDriedLagH[group],
});

/** Liquid starter, % of the milk, `ageDays` in the fridge. */
export const liquidStarter = (
  group: CultureGroup,
  percent: number,
  ageDays = 0,
  fitted: Souring = SOURING,
): Inoculum => ({
  group,
  cfuPerMl: fitted.liquidPerPercent * percent * powOf(2, -ageDays / LIQUID_HALF_LIFE_DAYS),
  lagHours: fitted.liquidLagH + ageDays / 14,
});

/** A spoon of an earlier live batch, % of the milk, of that age and generation. */
export function savedStarter(group: CultureGroup, percent: number, ageDays = 0, generation = 1): Inoculum {
  const fresh = liquidStarter(group, percent, ageDays);
  return { ...fresh, cfuPerMl: fresh.cfuPerMl * powOf(PER_GENERATION, Math.max(0, generation - 1)) };
}
