import { GRAVITY } from '../units/measures';

/** Pressure of `kg` resting on an area, kPa. */
export const pressureKPa = (kg: number, areaM2: number): number => (kg * GRAVITY) / areaM2 / 1000;
/** Weight that gives a pressure on an area, kg. */
export const weightKg = (kPa: number, areaM2: number): number => (kPa * 1000 * areaM2) / GRAVITY;
/** Area of a round mould, m². */
export const roundAreaM2 = (diameterCm: number): number => (Math.PI * (diameterCm / 100) ** 2) / 4;
/** Area of a square-cornered mould, m². */
export const boxAreaM2 = (widthCm: number, lengthCm: number): number => (widthCm * lengthCm) / 10_000;

/** Density of a young pressed cheese, kg/L. Source: from memory. */
export const CHEESE_DENSITY_KG_PER_L = 1.06;

/** Area on which `kg` of cheese stands `heightCm` high, m². */
export const standingAreaM2 = (kg: number, heightCm: number): number =>
  kg / (CHEESE_DENSITY_KG_PER_L * 1000) / (heightCm / 100);

/** Moisture points lost for each doubling of kPa·h. Source: from memory, ±50 %. */
const PER_DOUBLING = 1.0;
const MOST_POINTS = 8;

/** Moisture given up by pressing with `load` kPa·h against a style's usual `usualLoad`, percentage points, at most 8 either way. */
export const pressedPoints = (load: number, usualLoad: number): number =>
  Math.max(-MOST_POINTS, Math.min(MOST_POINTS, PER_DOUBLING * Math.log2(load / usualLoad)));
