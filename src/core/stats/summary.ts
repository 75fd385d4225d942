import { squareOf } from '../numeric/elementary';
/** Quantile of sorted numbers, 0 ≤ p ≤ 1, linear between order statistics (Hyndman and Fan 1996, type 7). */
export function quantile(sorted: ArrayLike<number>, p: number): number {
  const at = (sorted.length - 1) * p;
  const low = Math.floor(at);
  const a = sorted[low] as number;
  const b = sorted[Math.min(low + 1, sorted.length - 1)] as number;
  return a + (b - a) * (at - low);
}

function mean(values: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += values[i] as number;
  return sum / values.length;
}

/** Sample variance (n − 1). */
export function variance(values: ArrayLike<number>): number {
  const m = mean(values);
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += squareOf((values[i] as number) - m);
  return sum / (values.length - 1);
}

const BINS = 40;

/** The places of values from the least to the greatest. */
export const orderOf = (values: ArrayLike<number>): Uint32Array =>
  Uint32Array.from({ length: values.length }, (_, i) => i).sort(
    (a, b) => (values[a] as number) - (values[b] as number),
  );

/**
 * Share of the variance of `y` that `x` alone explains, whatever the shape of the dependence: the correlation ratio
 * (Pearson 1905) over forty bins of equal count, less what chance alone would show. 0 to 1.
 * The `order` of `x` may be given where it is known.
 */
export function explainedShare(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  order: ArrayLike<number> = orderOf(x),
): number {
  const n = x.length;
  const all = mean(y);
  const total = variance(y) * (n - 1);
  if (total === 0 || x[order[0] as number] === x[order[n - 1] as number]) return 0;
  let between = 0;
  for (let bin = 0; bin < BINS; bin++) {
    const from = Math.floor((bin * n) / BINS);
    const to = Math.floor(((bin + 1) * n) / BINS);
    let sum = 0;
    for (let i = from; i < to; i++) sum += y[order[i] as number] as number;
    between += (to - from) * squareOf(sum / (to - from) - all);
  }
  const byChance = (BINS - 1) / (n - 1);
  return Math.min(1, Math.max(0, (between / total - byChance) / (1 - byChance)));
}
