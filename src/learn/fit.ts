import { expOf, lnOf, squareOf } from '../core/numeric/elementary';
import type { Prior } from './quantities';

/** One piece of evidence: its day, its logarithm, how well it could be read, and whether it is of the very owner that is asked for. */
export interface Dated {
  /** Days since whenever. */
  day: number;
  ln: number;
  sd: number;
  /** Of another owner of the same group: says only what they have in common. */
  other?: string;
}

/** What is held of a logarithm. */
export interface Posterior {
  mean: number;
  sd: number;
  makes: number;
}

/** Only the latest so many of an owner, and of the others of its group, count: older ones are forgotten, or say nothing new. */
export const WINDOW = { own: 24, others: 24 } as const;
/** Degrees of freedom of the Student weights, and rounds of them. */
const FREEDOM = 4;
const ROUNDS = 12;
/** Weights that move less than this have settled. */
const SETTLED = 1e-4;
/** "Probably nothing": how likely there is no quirk, and how small it then is. Fitted on simulated kitchens. */
const NOTHING = { weight: 0.45, share: 1 / 20 } as const;
const LN2 = Math.LN2;

/** Lower triangle of a symmetric positive matrix of `n` rows, row by row, in its place. */
function cholesky(a: Float64Array, n: number): Float64Array {
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i * n + j] as number;
      for (let k = 0; k < j; k++) sum -= (a[i * n + k] as number) * (a[j * n + k] as number);
      a[i * n + j] = i === j ? Math.sqrt(Math.max(sum, 1e-15)) : sum / (a[j * n + j] as number);
    }
  return a;
}

/** A x = b by the triangle of A. */
function solve(l: Float64Array, n: number, b: ArrayLike<number>): Float64Array {
  const x = Float64Array.from(b);
  for (let i = 0; i < n; i++) {
    let sum = x[i] as number;
    for (let k = 0; k < i; k++) sum -= (l[i * n + k] as number) * (x[k] as number);
    x[i] = sum / (l[i * n + i] as number);
  }
  for (let i = n - 1; i >= 0; i--) {
    let sum = x[i] as number;
    for (let k = i + 1; k < n; k++) sum -= (l[k * n + i] as number) * (x[k] as number);
    x[i] = sum / (l[i * n + i] as number);
  }
  return x;
}

/** The diagonal of the inverse, by the triangle: sums of squares of the columns of the triangle's own inverse. */
function inverseDiagonal(l: Float64Array, n: number): Float64Array {
  const diagonal = new Float64Array(n);
  const column = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    let squares = 0;
    for (let k = i; k < n; k++) {
      let sum = k === i ? 1 : 0;
      for (let m = i; m < k; m++) sum -= (l[k * n + m] as number) * (column[m] as number);
      const value = sum / (l[k * n + k] as number);
      column[k] = value;
      squares += value * value;
    }
    diagonal[i] = squares;
  }
  return diagonal;
}

interface Fit extends Posterior {
  logLikelihood: number;
}

/** How much of an owner's quirk two days have in common. */
const common = (days: number, forgets: Prior['forgets']): number =>
  forgets === null ? 1 : forgets.stays + (1 - forgets.stays) * expOf((-LN2 * Math.abs(days)) / forgets.days);

/** How far an owner strays from its group, and the group from others. */
interface Strays {
  own: number;
  group: number;
}

/** Gaussian conditioning with Student weights: the owner's logarithm on `now`. */
function condition(
  evidence: readonly Dated[],
  now: number,
  { own, group }: Strays,
  { batch, forgets }: Pick<Prior, 'batch' | 'forgets'>,
): Fit {
  const n = evidence.length;
  const y = Float64Array.from(evidence, ({ ln }) => ln);
  const shared = (a: Pick<Dated, 'day' | 'other'>, b: Pick<Dated, 'day' | 'other'>) =>
    squareOf(group) + (a.other === b.other ? squareOf(own) * common(a.day - b.day, forgets) : 0);
  const plain = evidence.map(({ sd }) => squareOf(batch) + squareOf(sd));
  const together = new Float64Array(n * n);
  evidence.forEach((a, i) => {
    evidence.forEach((b, j) => {
      together[i * n + j] = j > i ? 0 : shared(a, b);
    });
  });
  let weights = plain.map(() => 1);
  const build = () => {
    const a = together.slice();
    for (let i = 0; i < n; i++) a[i * n + i] = (a[i * n + i] as number) + (plain[i] ?? 0) / (weights[i] ?? 1);
    return cholesky(a, n);
  };
  for (let round = 0; round < ROUNDS; round++) {
    const l = build();
    const alpha = solve(l, n, y);
    const inverse = inverseDiagonal(l, n);
    const next = evidence.map((_, i) => {
      const own = inverse[i] as number;
      const left = (alpha[i] as number) / own;
      // What the others say of this one, and how surely: its own noise as it would be without a weight.
      const variance = Math.max(1 / own - (plain[i] ?? 0) / (weights[i] ?? 1), 0) + (plain[i] ?? 0);
      return (FREEDOM + 1) / (FREEDOM + squareOf(left) / variance);
    });
    const moved = Math.max(0, ...next.map((weight, i) => Math.abs(weight - (weights[i] ?? 1))));
    weights = next;
    if (moved < SETTLED) break;
  }
  const l = build();
  const alpha = solve(l, n, y);
  const asked = { day: now };
  const cross = evidence.map((one) => shared(asked, one));
  const mean = cross.reduce((sum, one, i) => sum + one * (alpha[i] as number), 0);
  const beta = solve(l, n, cross);
  const variance = shared(asked, asked) - cross.reduce((sum, one, i) => sum + one * (beta[i] as number), 0);
  let logDet = 0;
  for (let i = 0; i < n; i++) logDet += lnOf(l[i * n + i] as number);
  const fit = y.reduce((sum, one, i) => sum + one * (alpha[i] as number), 0);
  return {
    mean,
    sd: Math.sqrt(Math.max(variance, 1e-12)),
    makes: n,
    logLikelihood: -logDet - fit / 2 - (n / 2) * lnOf(2 * Math.PI),
  };
}

/** Older first; of one day, in an order of their own. */
export const byDay = (a: Dated, b: Dated) => a.day - b.day || a.ln - b.ln;

/**
 * What an owner's makes say of it on a day, and those of its group: Gaussian conditioning, robust to outliers,
 * mixed with a fit in which there is probably nothing to learn, older makes forgotten. Without evidence of its own it is what the
 * group's others have in common.
 *
 * @example posteriorOf([], 0, priorOf('power')) // { mean: 0, sd: 0.09, makes: 0 }
 */
export function posteriorOf(evidence: readonly Dated[], now: number, prior: Prior): Posterior {
  const mine = evidence.filter(({ other }) => other === undefined);
  const latest = [
    ...[...mine].sort(byDay).slice(-WINDOW.own),
    ...(prior.group > 0
      ? evidence
          .filter(({ other }) => other !== undefined)
          .sort(byDay)
          .slice(-WINDOW.others)
      : []),
  ];
  const some = condition(latest, now, prior, prior);
  const none = condition(
    latest,
    now,
    { own: prior.own * NOTHING.share, group: prior.group * NOTHING.share },
    prior,
  );
  const odds = ((1 - NOTHING.weight) / NOTHING.weight) * expOf(some.logLikelihood - none.logLikelihood);
  const p = Number.isFinite(odds) ? odds / (1 + odds) : 1;
  const mean = p * some.mean + (1 - p) * none.mean;
  const variance =
    p * (squareOf(some.sd) + squareOf(some.mean - mean)) +
    (1 - p) * (squareOf(none.sd) + squareOf(none.mean - mean));
  return { mean, sd: Math.sqrt(variance), makes: mine.length };
}
