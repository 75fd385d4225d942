import { expOf, lnOf } from '../numeric/elementary';

/**
 * Time and temperature pairs that pasteurise: US Pasteurized Milk Ordinance, from memory. Between pairs the log of the
 * time is interpolated; nothing counts below 63 °C; legally it is one continuous hold.
 */
const PAIRS: readonly (readonly [tempC: number, seconds: number])[] = [
  [63, 1800],
  [72, 15],
  [89, 1],
  [90, 0.5],
  [94, 0.1],
  [96, 0.05],
  [100, 0.01],
];
/** Added to every temperature for rich or sweetened milk, °C. */
const RICHER_C = 3;

/** A milk that wants the hotter table: 10 % fat or more, 18 % total solids or more, or sugar added. */
export const wantsHotter = (fatPct: number, totalSolidsPct: number, sweetened: boolean): boolean =>
  fatPct >= 10 || totalSolidsPct >= 18 || sweetened;

/** Seconds that pasteurise at a temperature; Infinity below 63 °C (66 °C for rich milk). */
export function pasteurisingSeconds(tempC: number, hotter: boolean): number {
  const t = tempC - (hotter ? RICHER_C : 0);
  if (t < 63) return Number.POSITIVE_INFINITY;
  for (let i = 1; i < PAIRS.length; i++) {
    const [t1, s1] = PAIRS[i] as readonly [number, number];
    const [t0, s0] = PAIRS[i - 1] as readonly [number, number];
    if (t <= t1) return expOf(lnOf(s0) + ((lnOf(s1) - lnOf(s0)) * (t - t0)) / (t1 - t0));
  }
  return 0.01;
}

/**
 * Equivalent minutes at 63 °C over a course of [minute, °C] points, straight between them; 30 is enough.
 */
export function equivalentMinutesAt63(
  series: readonly (readonly [number, number])[],
  hotter: boolean,
): number {
  const STEP_MIN = 0.02;
  let share = 0;
  for (let i = 1; i < series.length; i++) {
    const [m0, c0] = series[i - 1] as readonly [number, number];
    const [m1, c1] = series[i] as readonly [number, number];
    const steps = Math.max(1, Math.min(20_000, Math.ceil((m1 - m0) / STEP_MIN)));
    const seconds = ((m1 - m0) * 60) / steps;
    for (let k = 0; k < steps; k++) {
      share += seconds / pasteurisingSeconds(c0 + ((c1 - c0) * (k + 0.5)) / steps, hotter);
    }
  }
  return share * 30;
}
