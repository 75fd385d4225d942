import { expOf, squareOf } from '../numeric/elementary';
import { GRAVITY } from '../units/measures';
import { coldSlows } from './bag';

/** Pressure of `kg` resting on an area, kPa. */
export const pressureKPa = (kg: number, areaM2: number): number => (kg * GRAVITY) / areaM2 / 1000;
/** Weight that gives a pressure on an area, kg. */
export const weightKg = (kPa: number, areaM2: number): number => (kPa * 1000 * areaM2) / GRAVITY;
/** Area of a round mould, m². */
export const roundAreaM2 = (diameterCm: number): number => (Math.PI * squareOf(diameterCm / 100)) / 4;
/** Area of a square-cornered mould, m². */
export const boxAreaM2 = (widthCm: number, lengthCm: number): number => (widthCm * lengthCm) / 10_000;

/** Density of a young pressed cheese, kg/L. Source: from memory. */
export const CHEESE_DENSITY_KG_PER_L = 1.06;

/** Area on which `kg` of cheese stands `heightCm` high, m². */
export const standingAreaM2 = (kg: number, heightCm: number): number =>
  kg / (CHEESE_DENSITY_KG_PER_L * 1000) / (heightCm / 100);

/** A load that is not set right again settles to this share of itself as the cheese sinks, with this time, h. Common practice. */
const SETTLES = { to: 0.6, hours: 0.5 } as const;

/**
 * kPa·h of a load over `hours`. Dead weight that rides on the cheese stays as it is; a screw or a spring falls as the
 * cheese settles: kPa × (to × t + (1 − to) τ (1 − exp(−t/τ))).
 */
export function kPaHoursOf(kPa: number, hours: number, falls: boolean): number {
  if (!falls) return kPa * hours;
  return kPa * (SETTLES.to * hours + (1 - SETTLES.to) * SETTLES.hours * (1 - expOf(-hours / SETTLES.hours)));
}

/** Share of a load that still presses after `hours`: all of a weight, less and less of a screw that is not set right again. */
export const stillPresses = (hours: number, falls: boolean): number =>
  falls ? SETTLES.to + (1 - SETTLES.to) * expOf(-hours / SETTLES.hours) : 1;

/** What a cheese presses itself with, kPa: half the weight of its own height. */
export const selfWeightKPa = (heightCm: number): number =>
  pressureKPa(CHEESE_DENSITY_KG_PER_L * 10 * heightCm, 1) / 2;

/**
 * What a pressing in a colder place than the room comes to, kPa·h: its whey leaves as much more slowly as it does in a bag there. From memory.
 *
 * @example pressedAt(30, 4) // 19.95
 */
export const pressedAt = (kPaHours: number, standsC: number | null): number =>
  standsC === null ? kPaHours : kPaHours / coldSlows(standsC);
