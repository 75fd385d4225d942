/** Between these a cheese is warm: germs grow. Source: food authorities' guidance, from memory. */
export const WARM_C = [5, 60] as const;
/** pH at or below which unheated cheese no longer counts as warm: Listeria grows down to about 4.4. From memory. */
export const SAFE_PH = 4.2;
/** Two hours warm in all are plenty for what no culture guards. Common practice. */
export const MOST_WARM_MIN = 120;

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

/** From 57 to 21 °C within 2 h, to 5 °C within 4 more. Source: food authorities' guidance, from memory. */
export function cooledInTime(minutesTo21: number, minutesTo5: number): boolean {
  return minutesTo21 <= 120 && minutesTo5 - minutesTo21 <= 240;
}
