import type { Buffer } from '../acid/buffer';
import type { Inoculum } from './dose';
import { advance, lactatePace, startFerment } from './ferment';
import type { Souring } from './fitted';

/** Step of the integration, h: the pH stays within 1e-4 of an exact solution. */
const STEP_H = 0.25;

/** Temperature against time: [hour, °C] points, straight between, flat outside. */
export type TempCourse = readonly (readonly [hour: number, tempC: number])[];

export function tempAt(course: TempCourse, hour: number): number {
  const first = course[0] as readonly [number, number];
  if (hour <= first[0]) return first[1];
  for (let i = 1; i < course.length; i++) {
    const [h1, c1] = course[i] as readonly [number, number];
    if (hour <= h1) {
      const [h0, c0] = course[i - 1] as readonly [number, number];
      return h1 === h0 ? c1 : c0 + ((c1 - c0) * (hour - h0)) / (h1 - h0);
    }
  }
  return (course[course.length - 1] as readonly [number, number])[1];
}

export interface Acidification {
  milk: Buffer;
  cultures: readonly Inoculum[];
  temps: TempCourse;
  hours: number;
  /** Salt in the water phase, g/g. */
  saltPerWater?: number;
  /** Rates other than those fitted. */
  fitted?: Souring;
}

/** Lactate between two moments whose amounts and paces are known, mol/L: a cubic through both (Hermite). */
function between(l0: number, pace0: number, l1: number, pace1: number, h: number, share: number): number {
  const s2 = share * share;
  const s3 = s2 * share;
  return (
    (2 * s3 - 3 * s2 + 1) * l0 +
    (s3 - 2 * s2 + share) * h * pace0 +
    (3 * s2 - 2 * s3) * l1 +
    (s3 - s2) * h * pace1
  );
}

/**
 * pH against time as cultures grow and form lactic acid. Returns [hour, pH] every `everyHours`, the last hour included;
 * steps are of `stepH`, ended where the temperature bends, and the rows between them lie on a cubic.
 */
export function acidify(
  { milk, cultures, temps, hours, saltPerWater = 0, fitted }: Acidification,
  everyHours = 0.1,
  stepH = STEP_H,
): [number, number][] {
  const ferment = startFerment(milk, cultures, saltPerWater, undefined, fitted);
  const tempOf = (hour: number) => tempAt(temps, hour);
  const lactate = () => ferment.state[ferment.strains.length] as number;
  const bends = temps.map(([hour]) => hour).filter((hour) => hour > 0 && hour < hours);
  const series: [number, number][] = [[0, milk.pH0]];
  const rows = Math.max(1, Math.ceil(hours / everyHours - 1e-9));
  let row = 1;
  let hour = 0;
  while (hours - hour > 1e-9) {
    const bend = bends.find((at) => at > hour + 1e-9) ?? Number.POSITIVE_INFINITY;
    // While a strain still sleeps its waking bends the curve: row by row.
    const whole = ferment.lag.some((left) => left > 0) ? Math.min(stepH, everyHours) : stepH;
    const h = Math.min(whole, hours - hour, bend - hour);
    const l0 = lactate();
    const pace0 = lactatePace(ferment, tempOf(hour));
    advance(ferment, tempOf, hour, h, h);
    const l1 = lactate();
    const pace1 = lactatePace(ferment, tempOf(hour + h));
    for (; row <= rows; row++) {
      // Free of what binary fractions add up to: 0.3, not 0.30000000000000004.
      const at = row === rows ? hours : Math.round(row * everyHours * 1e9) / 1e9;
      if (at > hour + h + 1e-9) break;
      series.push([at, ferment.pHOf(between(l0, pace0, l1, pace1, h, Math.min(1, (at - hour) / h)))]);
    }
    hour += h;
  }
  return series;
}

/** Hours until a series first reaches `pH`, straight between its points; Infinity when it does not. */
export function hoursToPH(series: readonly (readonly [number, number])[], pH: number): number {
  for (let i = 0; i < series.length; i++) {
    const [h1, p1] = series[i] as readonly [number, number];
    if (p1 > pH) continue;
    if (i === 0) return h1;
    const [h0, p0] = series[i - 1] as readonly [number, number];
    return h0 + ((h1 - h0) * (p0 - pH)) / (p0 - p1);
  }
  return Number.POSITIVE_INFINITY;
}
