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
  tempC < RIPENS_WARM_C ? Number.POSITIVE_INFINITY : AT_30_H * Math.exp(PER_C * (30 - tempC));

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
