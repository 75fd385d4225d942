import type { Prior } from './quantities';

/** One piece of evidence: its day, its logarithm, how well it could be read, and whether it is of the very owner that is asked for. */
export interface Dated {
  /** Days since whenever. */
  day: number;
  ln: number;
  sd: number;
  /** Of another owner in the same kitchen: says only what they have in common. */
  other?: string;
}

/** What is held of a logarithm. */
export interface Posterior {
  mean: number;
  sd: number;
  makes: number;
}

/** Only the latest so many of an owner, and of the others in its kitchen, count: older ones are forgotten, or say nothing new. */
export const WINDOW = { own: 24, others: 24 } as const;
/** Degrees of freedom of the Student weights, and rounds of them. */
const FREEDOM = 4;
const ROUNDS = 12;
/** Weights that move less than this have settled. */
const SETTLED = 1e-4;
/** "Probably nothing": how likely there is no quirk, and how small it then is. Fitted on simulated kitchens. */
const NOTHING = { weight: 0.45, share: 1 / 20 } as const;
const LN2 = Math.LN2;

/** Lower triangle of a symmetric positive matrix, row by row, in place. */
function cholesky(a: number[][]): number[][] {
  const n = a.length;
  const l = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i]?.[j] ?? 0;
      for (let k = 0; k < j; k++) sum -= (l[i]?.[k] ?? 0) * (l[j]?.[k] ?? 0);
      const row = l[i] as number[];
      row[j] = i === j ? Math.sqrt(Math.max(sum, 1e-15)) : sum / (l[j]?.[j] ?? 1);
    }
  return l;
}

/** A x = b by the triangle of A. */
function solve(l: number[][], b: readonly number[]): number[] {
  const n = b.length;
  const y = new Array<number>(n).fill(0);
  for (let i = 0; i < n; i++) {
    let sum = b[i] ?? 0;
    for (let k = 0; k < i; k++) sum -= (l[i]?.[k] ?? 0) * (y[k] ?? 0);
    y[i] = sum / (l[i]?.[i] ?? 1);
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = y[i] ?? 0;
    for (let k = i + 1; k < n; k++) sum -= (l[k]?.[i] ?? 0) * (x[k] ?? 0);
    x[i] = sum / (l[i]?.[i] ?? 1);
  }
  return x;
}

interface Fit extends Posterior {
  logLikelihood: number;
}

/** How much of an owner's quirk two days have in common. */
const common = (days: number, forgets: Prior['forgets']): number =>
  forgets === null
    ? 1
    : forgets.stays + (1 - forgets.stays) * Math.exp((-LN2 * Math.abs(days)) / forgets.days);

/** How far an owner strays from its kind, and the kind from others. */
interface Strays {
  own: number;
  kitchen: number;
}

/** Gaussian conditioning with Student weights: the owner's logarithm on `now`. */
function condition(
  evidence: readonly Dated[],
  now: number,
  { own, kitchen }: Strays,
  { batch, forgets }: Pick<Prior, 'batch' | 'forgets'>,
): Fit {
  const n = evidence.length;
  const y = evidence.map(({ ln }) => ln);
  const shared = (a: Pick<Dated, 'day' | 'other'>, b: Pick<Dated, 'day' | 'other'>) =>
    kitchen ** 2 + (a.other === b.other ? own ** 2 * common(a.day - b.day, forgets) : 0);
  const plain = evidence.map(({ sd }) => batch ** 2 + sd ** 2);
  let weights = plain.map(() => 1);
  let l: number[][] = [];
  const build = () =>
    cholesky(
      evidence.map((a, i) =>
        evidence.map((b, j) => shared(a, b) + (i === j ? (plain[i] ?? 0) / (weights[i] ?? 1) : 0)),
      ),
    );
  for (let round = 0; round < ROUNDS; round++) {
    l = build();
    const alpha = solve(l, y);
    const next = evidence.map((_, i) => {
      const unit = new Array<number>(n).fill(0);
      unit[i] = 1;
      const inverse = solve(l, unit)[i] ?? 1;
      const left = (alpha[i] ?? 0) / inverse;
      // What the others say of this one, and how surely: its own noise as it would be without a weight.
      const variance = Math.max(1 / inverse - (plain[i] ?? 0) / (weights[i] ?? 1), 0) + (plain[i] ?? 0);
      return (FREEDOM + 1) / (FREEDOM + left ** 2 / variance);
    });
    const moved = Math.max(0, ...next.map((weight, i) => Math.abs(weight - (weights[i] ?? 1))));
    weights = next;
    if (moved < SETTLED) break;
  }
  l = build();
  const alpha = solve(l, y);
  const asked = { day: now };
  const cross = evidence.map((one) => shared(asked, one));
  const mean = cross.reduce((sum, one, i) => sum + one * (alpha[i] ?? 0), 0);
  const beta = solve(l, cross);
  const variance = shared(asked, asked) - cross.reduce((sum, one, i) => sum + one * (beta[i] ?? 0), 0);
  const logDet = l.reduce((sum, row, i) => sum + Math.log(row[i] ?? 1), 0);
  const fit = y.reduce((sum, one, i) => sum + one * (alpha[i] ?? 0), 0);
  return {
    mean,
    sd: Math.sqrt(Math.max(variance, 1e-12)),
    makes: n,
    logLikelihood: -logDet - fit / 2 - (n / 2) * Math.log(2 * Math.PI),
  };
}

const byDay = (a: Dated, b: Dated) => a.day - b.day || a.ln - b.ln;

/**
 * What an owner's makes say of it on a day, and those of its kind in the same kitchen: Gaussian conditioning, robust to outliers,
 * mixed with a fit in which there is probably nothing to learn, older makes forgotten. Without evidence of its own it is what the
 * kitchen's others have in common.
 *
 * @example posteriorOf([], 0, priorOf('power')) // { mean: 0, sd: 0.09, makes: 0 }
 */
export function posteriorOf(evidence: readonly Dated[], now: number, prior: Prior): Posterior {
  const mine = evidence.filter(({ other }) => other === undefined);
  const latest = [
    ...[...mine].sort(byDay).slice(-WINDOW.own),
    ...(prior.kitchen > 0
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
    { own: prior.own * NOTHING.share, kitchen: prior.kitchen * NOTHING.share },
    prior,
  );
  const odds = ((1 - NOTHING.weight) / NOTHING.weight) * Math.exp(some.logLikelihood - none.logLikelihood);
  const p = Number.isFinite(odds) ? odds / (1 + odds) : 1;
  const mean = p * some.mean + (1 - p) * none.mean;
  const variance =
    p * (some.sd ** 2 + (some.mean - mean) ** 2) + (1 - p) * (none.sd ** 2 + (none.mean - mean) ** 2);
  return { mean, sd: Math.sqrt(variance), makes: mine.length };
}
