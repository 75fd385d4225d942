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
/** Cream inside a shaped curd. Common practice: two to three days. */
const CREAM_FILLED_DAYS = 3;
/** In a brine this strong it keeps longer. From memory, cautious. */
const BRINE = { pctWw: 10, days: 30 } as const;

/**
 * Days to keep a cheese at or below 4 °C; raw milk that was never heated enough keeps half as long and at most 7.
 * `brinePctWw` is the brine it is kept in; what is filled with cream keeps two to three days.
 */
export function fridgeDays(
  style: CurdStyleName,
  treatment: Treatment,
  pasteurisedInPot: boolean,
  { brinePctWw = 0, creamFilled = false }: { brinePctWw?: number; creamFilled?: boolean } = {},
): number {
  const days = brinePctWw >= BRINE.pctWw ? BRINE.days : creamFilled ? CREAM_FILLED_DAYS : DAYS[style];
  return treatment === 'raw' && !pasteurisedInPot ? Math.min(RAW_MOST_DAYS, Math.floor(days / 2)) : days;
}

/** Up to this a fridge keeps for the days above, °C; up to the second for half of them. From memory, cautious. */
const COLD_C = 4;
const COOL_C = 8;

/** Days out of `days` in a fridge of `fridgeC`: half above 4 °C, one above 8 °C; null is a fridge nobody has measured. */
export function daysInFridge(days: number, fridgeC: number | null): number {
  if (fridgeC === null || fridgeC <= COLD_C) return days;
  return fridgeC <= COOL_C ? Math.max(1, Math.floor(days / 2)) : 1;
}
