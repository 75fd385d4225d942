/** Between these a cheese is warm: germs grow. Source: food authorities' guidance, from memory. */
export const WARM_C = [5, 60] as const;
/** Curd at or below this pH counts its warm hours against a day, not two hours; Listeria grows down to about 4.4, so the cold still matters. From memory. */
export const SOUR_PH = 4.6;
/** Two hours warm in all are plenty for what no acid guards; a day for soured curd. Common practice. */
export const MOST_WARM_MIN = 120;
export const MOST_SOUR_WARM_MIN = 24 * 60;

/** Minutes that curd of a pH may be warm in all. */
export const allowedWarmMin = (pH: number): number => (pH <= SOUR_PH ? MOST_SOUR_WARM_MIN : MOST_WARM_MIN);

/** Minutes a course of [minute, °C] points, straight between them, spends between 5 and 60 °C. */
export function warmMinutes(series: readonly (readonly [number, number])[]): number {
  let sum = 0;
  for (let i = 1; i < series.length; i++) {
    const [m0, c0] = series[i - 1] as readonly [number, number];
    const [m1, c1] = series[i] as readonly [number, number];
    const low = Math.min(c0, c1);
    const high = Math.max(c0, c1);
    const inside = Math.min(high, WARM_C[1]) - Math.max(low, WARM_C[0]);
    if (high === low) sum += high > WARM_C[0] && high < WARM_C[1] ? m1 - m0 : 0;
    else if (inside > 0) sum += ((m1 - m0) * inside) / (high - low);
  }
  return sum;
}
