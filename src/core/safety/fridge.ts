import type { CurdStyleName } from '../curd/styles';
import type { Treatment } from '../milk/species';

/** Days at or below 4 °C from the day made. Source: from memory, cautious. */
const DAYS: Record<CurdStyleName, number> = { ricotta: 5, 'pot-cheese': 5, paneer: 5 };
const RAW_MOST_DAYS = 7;

/** Days to keep a cheese at or below 4 °C; raw milk that was never heated enough keeps half as long and at most 7. */
export function fridgeDays(style: CurdStyleName, treatment: Treatment, pasteurisedInPot: boolean): number {
  const days = DAYS[style];
  return treatment === 'raw' && !pasteurisedInPot ? Math.min(RAW_MOST_DAYS, Math.floor(days / 2)) : days;
}
