import type { CurdStyleName } from '../curd/styles';
import type { Treatment } from '../milk/species';

/** Days at or below 4 °C from the day made. Source: from memory, cautious. */
const DAYS: Record<CurdStyleName, number> = {
  ricotta: 5,
  'pot-cheese': 5,
  paneer: 5,
  cottage: 5,
  quick: 7,
  'low-moisture': 7,
  pear: 7,
  squeaky: 7,
  grilling: 7,
  'daily-salted': 7,
  'fresh-pressed': 7,
  'goat-lactic': 10,
  'sour-basket': 10,
  skyr: 10,
  'cream-cheese': 10,
};
const RAW_MOST_DAYS = 7;
/** In a brine this strong it keeps longer. From memory, cautious. */
const BRINE = { pctWw: 10, days: 30 } as const;

/**
 * Days to keep a cheese at or below 4 °C; raw milk that was never heated enough keeps half as long and at most 7.
 * `brinePctWw` is the brine it is kept in, if any.
 */
export function fridgeDays(
  style: CurdStyleName,
  treatment: Treatment,
  pasteurisedInPot: boolean,
  brinePctWw = 0,
): number {
  const days = brinePctWw >= BRINE.pctWw ? BRINE.days : DAYS[style];
  return treatment === 'raw' && !pasteurisedInPot ? Math.min(RAW_MOST_DAYS, Math.floor(days / 2)) : days;
}
