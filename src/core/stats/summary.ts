/** Quantile of sorted numbers, 0 ≤ p ≤ 1, linear between order statistics (Hyndman and Fan 1996, type 7). */
export function quantile(sorted: ArrayLike<number>, p: number): number {
  const at = (sorted.length - 1) * p;
  const low = Math.floor(at);
  const a = sorted[low] as number;
  const b = sorted[Math.min(low + 1, sorted.length - 1)] as number;
  return a + (b - a) * (at - low);
}

export function mean(values: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += values[i] as number;
  return sum / values.length;
}

/** Sample variance (n − 1). */
export function variance(values: ArrayLike<number>): number {
  const m = mean(values);
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += ((values[i] as number) - m) ** 2;
  return sum / (values.length - 1);
}

/** Share of the variance of `y` that a straight line in `x` explains: the squared correlation. */
export function explainedShare(x: ArrayLike<number>, y: ArrayLike<number>): number {
  const mx = mean(x);
  const my = mean(y);
  let xy = 0;
  let xx = 0;
  let yy = 0;
  for (let i = 0; i < x.length; i++) {
    const dx = (x[i] as number) - mx;
    const dy = (y[i] as number) - my;
    xy += dx * dy;
    xx += dx * dx;
    yy += dy * dy;
  }
  return xx === 0 || yy === 0 ? 0 : (xy * xy) / (xx * yy);
}
