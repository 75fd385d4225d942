/**
 * Acid coagulation: milk flocculates once its pH (as at 25 °C) falls below a threshold that rises with temperature.
 * Source: fitted to common practice.
 */
const CURVE: readonly (readonly [tempC: number, pH: number])[] = [
  [20, 4.7],
  [35, 5.1],
  [50, 5.4],
  [70, 5.65],
  [80, 5.75],
  [90, 5.85],
  [100, 5.95],
];

/** How far below the threshold the recommended dose aims, pH. */
const AIM_BELOW_PH = 0.05;
/** Share of the dose that goes in at once; the rest in small portions until the whey is clear. Common practice. */
export const FIRST_SHARE = 0.85;
/** Portions the held-back part is divided into. Common practice. */
export const HELD_BACK_PORTIONS = 3;

/** The pH below which milk at `tempC` flocculates; linear between the points, flat outside 20 to 100 °C. */
export function coagulationPH(tempC: number): number {
  const first = CURVE[0] as readonly [number, number];
  if (tempC <= first[0]) return first[1];
  for (let i = 1; i < CURVE.length; i++) {
    const [t1, p1] = CURVE[i] as readonly [number, number];
    const [t0, p0] = CURVE[i - 1] as readonly [number, number];
    if (tempC <= t1) return p0 + ((p1 - p0) * (tempC - t0)) / (t1 - t0);
  }
  return (CURVE[CURVE.length - 1] as readonly [number, number])[1];
}

/** The pH a dose aims at for a set at `tempC`. */
export const aimedPH = (tempC: number): number => coagulationPH(tempC) - AIM_BELOW_PH;
