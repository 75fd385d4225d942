import type { Buffer } from '../acid/buffer';
import type { Inoculum } from './dose';
import { advance, fermentPH, startFerment } from './ferment';

/** Step of the integration, h; split where a lag ends or the temperature bends. */
const STEP_H = 0.1;

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
}

/**
 * pH against time as cultures grow and form lactic acid. Returns [hour, pH] every `everyHours`, the last hour included.
 */
export function acidify(
  { milk, cultures, temps, hours, saltPerWater = 0 }: Acidification,
  everyHours = 0.1,
  stepH = STEP_H,
): [number, number][] {
  const ferment = startFerment(milk, cultures, saltPerWater);
  const tempOf = (hour: number) => tempAt(temps, hour);
  const bends = temps.map(([hour]) => hour).filter((hour) => hour > 0 && hour < hours);
  const series: [number, number][] = [[0, milk.pH0]];
  let hour = 0;
  const rows = Math.max(1, Math.ceil(hours / everyHours - 1e-9));
  for (let row = 1; row <= rows; row++) {
    const end = row === rows ? hours : row * everyHours;
    while (end - hour > 1e-9) {
      const bend = bends.find((at) => at > hour + 1e-9) ?? Number.POSITIVE_INFINITY;
      const part = Math.min(end, bend) - hour;
      advance(ferment, tempOf, hour, part, stepH);
      hour += part;
    }
    series.push([end, fermentPH(ferment)]);
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
