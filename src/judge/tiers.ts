import type { Camp } from './camp';
import type { CauseId, FindingId } from './ids';

/** Causes of a finding in tiers, the likeliest first: odds 25, 10 and 4 before the log is asked. */
export type Tiers = readonly (readonly CauseId[])[];

/** Odds of the tiers. Judgement, to be fitted to logs. */
export const TIER_ODDS = [25, 10, 4] as const;

/** Where these are found, only a camp's own causes count: those of all others have no part in it. */
export const ALONE: Readonly<Partial<Record<FindingId, readonly Camp[]>>> = {
  'late-set': ['acid', 'lactic', 'cottage'],
  'no-set': ['acid', 'lactic', 'cottage'],
};

/** What findings may come from: in every make, and beyond that in the makes of a camp. */
export type Priors = Readonly<Partial<Record<FindingId, Readonly<Partial<Record<Camp | 'all', Tiers>>>>>>;
