import { type CultureGroup, GROUP_FACTS } from './groups';

/** Cells in the milk at the start, and how long they take to wake at their best temperature. */
export interface Inoculum {
  group: CultureGroup;
  cfuPerMl: number;
  lagHours: number;
}

/** 1 % of active liquid starter, CFU/mL of milk; its lag, h. From memory. */
const LIQUID_PER_PERCENT = 1e7;
const LIQUID_LAG_H = 0.3;
/** A freeze-dried dose at its label's rate, CFU/mL. From memory. */
const FREEZE_DRIED = 4e6;
/** A liquid starter loses half its cells in this many days in the fridge. Common practice. */
const LIQUID_HALF_LIFE_DAYS = 7;
/** Each generation of a saved batch counts for a little less; common practice is to renew after about ten. */
const PER_GENERATION = 0.97;

/** A freeze-dried dose; `share` of what its label says for this milk. */
export const freezeDried = (group: CultureGroup, share = 1): Inoculum => ({
  group,
  cfuPerMl: FREEZE_DRIED * share,
  lagHours: GROUP_FACTS[group].freezeDriedLagH,
});

/** Liquid starter, % of the milk, `ageDays` in the fridge. */
export const liquidStarter = (group: CultureGroup, percent: number, ageDays = 0): Inoculum => ({
  group,
  cfuPerMl: LIQUID_PER_PERCENT * percent * 2 ** (-ageDays / LIQUID_HALF_LIFE_DAYS),
  lagHours: LIQUID_LAG_H + ageDays / 14,
});

/** A spoon of an earlier live batch, % of the milk, of that age and generation. */
export function savedStarter(group: CultureGroup, percent: number, ageDays = 0, generation = 1): Inoculum {
  const fresh = liquidStarter(group, percent, ageDays);
  return { ...fresh, cfuPerMl: fresh.cfuPerMl * PER_GENERATION ** Math.max(0, generation - 1) };
}
