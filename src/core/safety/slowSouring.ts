import { expOf } from '../numeric/elementary';
/** Curd at or below this pH has soured in time: staphylococci make no toxin there that matters. From memory. */
export const SOURED_PH = 5.6;
/** Cooler than this no toxin is to be feared in the hours a souring takes, °C. From memory (guidance of food authorities, 60 °F). */
export const RIPENS_WARM_C = 15.6;
/** Hours allowed at 30 °C, and how fast they shrink with warmth, 1/°C: 5 h at 37 °C, 15 h at 20 °C. From memory. */
const AT_30_H = 8;
const PER_C = 0.065;

/**
 * Hours a milk may take from its culture to pH 5.6 at `tempC`, °C: H(T) = 8 × exp(0.065 (30 − T)), without end below
 * 15.6 °C. Slower souring lets staphylococci make a toxin that heating does not remove. Source: guidance of food
 * authorities on ripening, from memory.
 *
 * @example allowedHours(30) // 8
 */
export const allowedHours = (tempC: number): number =>
  tempC < RIPENS_WARM_C ? Number.POSITIVE_INFINITY : AT_30_H * expOf(PER_C * (30 - tempC));

/** A souring that uses more than this of its hours has no margin left, share. */
export const SLOW_MARGIN = 0.85;

/** Steps into which each stretch of a course is cut, so that a curve is not counted as a straight line. */
const STEPS = 8;

/**
 * Share of the allowed hours that a course of [hour, °C] points uses up, straight between them: 1 is all of them. Added up
 * over a changing temperature.
 *
 * @example allowanceUsed([[0, 30], [4, 30]]) // 0.5
 */
export function allowanceUsed(points: readonly (readonly [hour: number, tempC: number])[]): number {
  let sum = 0;
  for (let i = 1; i < points.length; i++) {
    const [h0, c0] = points[i - 1] as readonly [number, number];
    const [h1, c1] = points[i] as readonly [number, number];
    for (let k = 0; k < STEPS; k++)
      sum += (h1 - h0) / STEPS / allowedHours(c0 + ((c1 - c0) * (k + 0.5)) / STEPS);
  }
  return sum;
}

/** A souring from its culture on, against the hours its warmth allows. */
export interface Souring {
  /** Share of the hours used until it came to pH 5.6, or so far; above 1 it was too slow. */
  share: number;
  /** Hours from the culture to pH 5.6; null while it is not there. */
  soursAfterH: number | null;
}

/**
 * How a batch stands against the rule of slow souring: `temps` [hour, °C] and `pHs` [hour, pH] from its culture on, straight
 * between. One rule for the plan, the pot, the mishap and the label.
 *
 * @example souringOf([[0, 30], [12, 30]], [[0, 6.6], [4, 5.6]]) // { share: 0.5, soursAfterH: 4 }
 */
export function souringOf(
  temps: readonly (readonly [hour: number, tempC: number])[],
  pHs: readonly (readonly [hour: number, pH: number])[],
): Souring {
  let soursAfterH: number | null = null;
  for (let i = 0; i < pHs.length && soursAfterH === null; i++) {
    const [h1, p1] = pHs[i] as readonly [number, number];
    if (p1 > SOURED_PH) continue;
    const [h0, p0] = pHs[i - 1] ?? [h1, p1];
    soursAfterH = p0 > p1 ? h0 + ((h1 - h0) * (p0 - SOURED_PH)) / (p0 - p1) : h1;
  }
  const end = soursAfterH ?? Number.POSITIVE_INFINITY;
  const points: (readonly [number, number])[] = [];
  for (const [hour, tempC] of temps) {
    if (hour <= end) {
      points.push([hour, tempC]);
      continue;
    }
    const [h0, c0] = points.at(-1) ?? [hour, tempC];
    if (hour > h0) points.push([end, c0 + ((tempC - c0) * (end - h0)) / (hour - h0)]);
    break;
  }
  return { share: allowanceUsed(points), soursAfterH };
}
