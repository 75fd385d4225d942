import { expOf, lnOf, squareOf } from '../numeric/elementary';
import type { Pot } from './pot';

/** What a pot's own readings say of it: heating while the pot is cold, and how fast it gives heat away. */
export interface LearnedPot {
  /** Rise without any loss, °C per minute: P η / (m c). */
  risePerMin: number;
  /** Loss per degree above the room, 1/min: U A / (m c). */
  lossPerMin: number;
}

/** Loss a pot of its size has as a rule, 1/min: U A / (m c). */
export const usualLoss = (pot: Pot): number => (pot.lossKwPerK / pot.capacity) * 60;

type Readings = readonly (readonly [minute: number, tempC: number])[];

/** A pot loses between these shares of its distance to the room per minute; from the loss table at 0.5 to 500 L. */
const LOSS_PER_MIN = [0, 0.02] as const;
/** How much a loss far from the usual has to be borne out by the readings: weak against four or more good ones. */
const PRIOR = 2000;

/**
 * Rise and loss of a pot on one setting from at least three readings while it warms: least squares of the lumped pot
 * T(t) = S + (T0 − S) exp(−k t), S = room + rise / k, over a row of k, leaning towards the usual loss
 * of a pot of its size (`usualLoss`). With fewer, or hardly any warming, null.
 */
export function learnPot(readings: Readings, roomC: number, usualLossPerMin: number): LearnedPot | null {
  const first = readings[0];
  const last = readings.at(-1);
  if (!first || !last || readings.length < 3 || last[1] - first[1] < 3) return null;
  let best: { k: number; rise: number; error: number } | null = null;
  const [low, high] = LOSS_PER_MIN;
  const STEPS = 80;
  const points = readings.map(([minute, tempC]) => {
    const t = minute - first[0];
    // exp(−k t) at the first k, and what takes it from one k to the next.
    return { t, y: tempC - roomC, a: expOf(-low * t), next: expOf((-(high - low) / STEPS) * t) };
  });
  const syy = points.reduce((sum, { y }) => sum + y * y, 0);
  for (let i = 0; i <= STEPS; i++) {
    const k = low + ((high - low) * i) / STEPS;
    // For a given k the course is linear in the start temperature and the rise: two unknowns by least squares.
    let saa = 0;
    let sab = 0;
    let sbb = 0;
    let say = 0;
    let sby = 0;
    for (const point of points) {
      const { t, y, a } = point;
      const b = k === 0 ? t : (1 - a) / k;
      saa += a * a;
      sab += a * b;
      sbb += b * b;
      say += a * y;
      sby += b * y;
      point.a = a * point.next;
    }
    const det = saa * sbb - sab * sab;
    if (Math.abs(det) < 1e-12) continue;
    const start = (say * sbb - sby * sab) / det;
    const rise = (saa * sby - sab * say) / det;
    // At the least squares the sum of squared errors is what of y neither of the two explains.
    const error = squareOf(k - usualLossPerMin) * PRIOR + syy - start * say - rise * sby;
    if (rise > 0 && (best === null || error < best.error)) best = { k, rise, error };
  }
  return best && { risePerMin: best.rise, lossPerMin: best.k };
}

/** Minutes for a learned pot from `fromC` to `toC`; Infinity where it never gets there. */
export function learnedMinutes(pot: LearnedPot, fromC: number, toC: number, roomC: number): number {
  if (toC <= fromC) return 0;
  if (pot.lossPerMin < 1e-9) return (toC - fromC) / pot.risePerMin;
  const settles = roomC + pot.risePerMin / pot.lossPerMin;
  if (settles <= toC) return Number.POSITIVE_INFINITY;
  return lnOf((settles - fromC) / (settles - toC)) / pot.lossPerMin;
}

/** Carry-over learned from finished warmings, °C: the median of how far each coasted, or the usual one until there is any. */
export function learnedCarryOverC(coasted: readonly number[], usualC: number): number {
  if (coasted.length === 0) return usualC;
  const sorted = [...coasted].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  return sorted.length % 2 === 1
    ? (sorted[Math.floor(middle)] as number)
    : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2;
}
